package ripplerest.core.practice;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.dressing.Feathered;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Hook;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;

/** A bar set to a length by the bare hook, or a mark to a place on its shank. */
final class SetByEye implements Maker {
  private static final String SEAT = "seat";
  private static final double LONGEST = 2.2;
  private static final double STEP_MM = 0.05;
  private static final List<Seat> SEATS =
      List.of(
          new Seat("a quarter of the shank behind the eye", 1.0 / 4),
          new Seat("a third of the shank behind the eye", 1.0 / 3),
          new Seat("half of the shank behind the eye", 1.0 / 2),
          new Seat("two thirds of the shank behind the eye", 2.0 / 3));

  private record Seat(String words, double share) {}

  @Override
  public List<Skill> skills(Sources sources) {
    Set<Skill> all = new LinkedHashSet<>();
    for (PreparedFly fly : sources.flies()) {
      ruled(fly).forEach(s -> all.add(new Skill(Drill.SET_BY_EYE, s.of())));
    }
    if (!sources.flies().isEmpty()) {
      all.add(new Skill(Drill.SET_BY_EYE, SEAT));
    }
    return List.copyOf(all);
  }

  /** Sizes that are told as so many gaps, shanks or hook lengths. */
  private static List<Sizes.Size> ruled(PreparedFly fly) {
    return Sizes.of(fly).stream().filter(s -> rule(fly, s).isPresent()).toList();
  }

  private static Optional<Length.Rule> rule(PreparedFly fly, Sizes.Size size) {
    Part part = fly.pattern().part(size.planned().part()).orElseThrow();
    Object value = PartKind.of(part).values(part).get(size.planned().field());
    return value instanceof Length.Rule r && r.reference() != Length.Reference.BODY
        ? Optional.of(r)
        : Optional.empty();
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    for (PreparedFly fly : Maker.shuffled(sources.flies(), random)) {
      if (skill.of().equals(SEAT)) {
        return Optional.of(seat(skill, fly, random));
      }
      List<Sizes.Size> of = ruled(fly).stream().filter(s -> s.of().equals(skill.of())).toList();
      if (!of.isEmpty()) {
        return Optional.of(length(skill, fly, of.get(0), random));
      }
    }
    return Optional.empty();
  }

  private static Exercise length(
      Skill skill, PreparedFly fly, Sizes.Size size, SplittableRandom random) {
    String part = size.planned().part();
    Length.Rule rule = rule(fly, size).orElseThrow();
    double mm = size.planned().value();
    String name = Words.of(size.of());
    Sentence truth = Sentence.of("%s on this hook is %s.", rule.words(), Quantity.mm(mm, 1));
    return exercise(
        skill,
        Sentence.of("Set the %s: %s.", name, rule.words()),
        fly,
        bar(fly, part),
        mm,
        LONGEST * mm,
        0,
        truth,
        random);
  }

  /** Barbs and upright wings stand where they are bound, all else lies back from there. */
  private static Exercise.Bar bar(PreparedFly fly, String name) {
    Hook hook = fly.sized().hook();
    Part part = fly.pattern().part(name).orElseThrow();
    boolean stands =
        part instanceof Feathered || part instanceof Part.UprightWing || part instanceof Part.Post;
    double at =
        fly.sized().spans().stream()
            .filter(s -> s.part().equals(name))
            .mapToDouble(SizedPattern.Span::middleMm)
            .average()
            .orElseGet(() -> fly.sized().seats().getOrDefault(name, hook.shankMm()));
    Vector3D along = stands ? new Vector3D(0, 0, 1) : new Vector3D(1, 0, 0);
    Vector3D from = hook.onShank(Math.min(at, hook.shankMm()));
    Vector3D clear = stands ? from : from.add(new Vector3D(0, 0, 3 * hook.wireMm()));
    return new Exercise.Bar(clear, along, false);
  }

  private static Exercise seat(Skill skill, PreparedFly fly, SplittableRandom random) {
    Hook hook = fly.sized().hook();
    Seat seat = SEATS.get(random.nextInt(SEATS.size()));
    double shank = hook.shankMm();
    Exercise.Bar bar = new Exercise.Bar(Vector3D.ZERO, new Vector3D(1, 0, 0), true);
    Sentence truth =
        Sentence.of("That is %s behind the eye.", Quantity.mm(seat.share() * shank, 1));
    return exercise(
        skill,
        Sentence.of("Mark the place: %s.", seat.words()),
        fly,
        bar,
        seat.share() * shank,
        shank,
        shank,
        truth,
        random);
  }

  private static Exercise exercise(
      Skill skill,
      Sentence question,
      PreparedFly fly,
      Exercise.Bar bar,
      double mm,
      double most,
      double scale,
      Sentence truth,
      SplittableRandom random) {
    double high = STEP_MM * Math.rint(most * (0.8 + 0.2 * random.nextDouble()) / STEP_MM);
    Exercise.Dial dial =
        Exercise.Dial.anywhere(
            bar.place() ? "Place" : "Length",
            STEP_MM,
            bar.place() ? most : high,
            STEP_MM,
            "mm",
            random.nextDouble());
    Key key =
        new Key(
            List.of(new Key.Question(skill, 0, 0, mm, dial.low(), dial.high(), scale, "mm")),
            truth);
    return new Exercise(
        question,
        List.of(),
        new Exercise.Shown(
            Optional.of(Outliner.bare(fly.sized().hook())),
            Set.of(),
            false,
            false,
            Optional.of(bar),
            Optional.empty(),
            List.of()),
        List.of(),
        List.of(dial),
        key,
        Optional.empty(),
        Optional.empty());
  }
}
