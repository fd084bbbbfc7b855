package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import ripplerest.core.dressing.Part;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Rest;

/** Where the waterline of a fly in the vise will be, and at which angle; then it lies there. */
final class HowItSits implements Maker {
  /** Flies that are put on the water before it is given up. */
  private static final int TRIES = 12;

  private static final double STEEPEST_DEG = 90;
  private static final double FARTHEST_MM = 12;
  private static final double STEP_MM = 0.1;

  @Override
  public List<Skill> skills(Sources sources) {
    return sources.flies().isEmpty()
        ? List.of()
        : List.of(new Skill(Drill.HOW_IT_SITS, Skill.ANGLE));
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    return Maker.shuffled(sources.flies(), random).stream()
        .limit(TRIES)
        .flatMap(fly -> PlainRest.of(fly, work).stream())
        .filter(e -> e.rest().isPresent() && Math.abs(e.rest().get().eyeMm()) < FARTHEST_MM)
        .findFirst()
        .map(e -> exercise(skill, e, random));
  }

  private static Exercise exercise(Skill skill, Estimate estimate, SplittableRandom random) {
    Rest rest = estimate.rest().orElseThrow();
    double pitch = Math.toDegrees(rest.pose().pitchRad());
    double eye = rest.eyeMm();
    Sentence truth =
        Sentence.of(
            "It sits %s: %s, its eye %s.", Words.of(estimate.sits()), angle(pitch), height(eye));
    Key key =
        new Key(
            List.of(
                new Key.Question(skill, 0, 0, pitch, -STEEPEST_DEG, STEEPEST_DEG, 1, "°"),
                new Key.Question(
                    new Skill(skill.drill(), Skill.WATERLINE),
                    0,
                    0,
                    eye,
                    -FARTHEST_MM,
                    FARTHEST_MM,
                    1,
                    "mm")),
            truth);
    return new Exercise(
        Sentence.of("How will it sit? Lay the water to it."),
        dressing(estimate.fly()),
        Exercise.Shown.fly(Outliner.inVise(estimate.fly())),
        List.of(),
        List.of(
            new Exercise.Dial("Angle, tail down", -STEEPEST_DEG, STEEPEST_DEG, 1, 0, "°"),
            new Exercise.Dial("Eye over the water", -FARTHEST_MM, FARTHEST_MM, STEP_MM, 0, "mm")),
        key,
        Optional.of(Outliner.of(estimate)),
        Optional.of(estimate.fly()));
  }

  private static Sentence angle(double pitchDeg) {
    return switch (Judgement.tilt(pitchDeg)) {
      case LEVEL -> Sentence.of("level");
      case TAIL_DOWN -> Sentence.of("%.0f° tail down", pitchDeg);
      case HEAD_DOWN -> Sentence.of("%.0f° head down", -pitchDeg);
    };
  }

  private static Sentence height(double mm) {
    return switch (Judgement.side(mm)) {
      case AT_FILM -> Sentence.of("at the film");
      case CLEAR -> Sentence.of("%s over the film", Quantity.mm(mm, 1));
      case UNDER -> Sentence.of("%s under the film", Quantity.mm(-mm, 1));
    };
  }

  /** The fly in words, for whoever cannot see it. */
  static List<Sentence> dressing(PreparedFly fly) {
    List<Sentence> all = new ArrayList<>();
    all.add(
        Sentence.of(
            "A %d, %s, %s.",
            fly.pattern().hook().size(),
            Words.of(fly.pattern().hook().shape()),
            fly.sized().style().label().toLowerCase(Locale.ROOT)));
    fly.pattern()
        .names()
        .forEach(
            name ->
                all.add(
                    Sentence.of(
                        "%s: %s%s.",
                        Words.title(name),
                        fly.materials()
                            .get(fly.pattern().part(name).orElseThrow().material())
                            .label()
                            .toLowerCase(Locale.ROOT),
                        lengths(fly, name))));
    return all;
  }

  private static Sentence lengths(PreparedFly fly, String part) {
    Part of = fly.pattern().part(part).orElseThrow();
    return Sentence.join(
        "",
        fly.sized().dimensions().stream()
            .filter(d -> d.part().equals(part))
            .filter(d -> d.name().equals("thickness") || of.uses(d.name()))
            .map(d -> Sentence.of(", %s %s", d.name(), Quantity.mm(d.mm(), 1)))
            .toList());
  }
}
