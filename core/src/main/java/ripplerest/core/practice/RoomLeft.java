package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Property;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.SizedPattern.Span.Role;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

/**
 * All is bound but the collar and the head: how much room will the head have? The plan of the shank
 * knows.
 */
final class RoomLeft implements Maker {
  private static final double FEWEST_TURNS = 2;
  private static final double MOST_TURNS = 9;

  /** Room from so little to so much can be answered, eye lengths; less than none: short of it. */
  private static final double LOW = -2;

  private static final double HIGH = 4;
  private static final double STEP = 0.1;
  private static final int TRIES = 8;

  @Override
  public List<Skill> skills(Sources sources) {
    return sources.flies().stream().anyMatch(RoomLeft::isCollared)
        ? List.of(new Skill(Drill.ROOM_LEFT, Skill.ROOM))
        : List.of();
  }

  /** Whether turns of a collar take room from the head. */
  private static boolean isCollared(PreparedFly fly) {
    Pattern pattern = fly.pattern();
    return fly.sized().spans().stream().anyMatch(s -> s.role() == Role.WING_SEAT)
        && pattern.part(Part.CollarHackle.class).filter(c -> c.tie().with().isEmpty()).isPresent()
        && pattern.parts().stream().filter(Part.CollarHackle.class::isInstance).count() == 1
        && pattern.part(Part.Thorax.class).isEmpty()
        && pattern.part(Part.Bead.class).isEmpty();
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    List<PreparedFly> flies = sources.flies().stream().filter(RoomLeft::isCollared).toList();
    for (PreparedFly fly : Maker.shuffled(flies, random)) {
      for (int i = 0; i < TRIES; i++) {
        PreparedFly bound = boundIn(fly, random);
        double turns = FEWEST_TURNS + random.nextInt((int) (MOST_TURNS - FEWEST_TURNS) + 1);
        Part collar = fly.pattern().part(Part.CollarHackle.class).orElseThrow();
        PreparedFly other = bound.with(fly.pattern().withPart(collar.with("turns", turns)));
        double room = roomMm(other.sized()) / other.sized().hook().eyeMm();
        if (room >= LOW && room <= HIGH) {
          return Optional.of(exercise(skill, other, room, random));
        }
      }
    }
    return Optional.empty();
  }

  /** The fly with its wing bound somewhere else. */
  private static PreparedFly boundIn(PreparedFly fly, SplittableRandom random) {
    Style style = fly.sized().style();
    Style.Rule rule = style.rule("school", "wing-seat");
    double low = Double.parseDouble(rule.low());
    double high = Double.parseDouble(rule.high());
    String seat = Words.number(low + random.nextDouble() * (high - low));
    Style.Rule other =
        new Style.Rule(rule.reference(), seat, rule.low(), rule.high(), rule.words());
    Style elsewhere = style.with("school", "wing-seat", other);
    Sizer sizer = new Sizer(fly.materials(), Styles.standard().with(elsewhere));
    return fly.with(sizer.size(fly.pattern()));
  }

  /** Room for the head by the plan of the shank, mm; what it is crowded by goes below none. */
  private static double roomMm(SizedPattern sized) {
    double head =
        sized.spans().stream().filter(s -> s.role() == Role.HEAD).mapToDouble(Span::lengthMm).sum();
    return sized.warnings().stream()
        .filter(w -> w.code().equals("head-crowded"))
        .findFirst()
        .map(w -> wantedMm(sized) - w.amount())
        .orElse(head);
  }

  private static double wantedMm(SizedPattern sized) {
    return Double.parseDouble(sized.style().rule("school", "head").low()) * sized.hook().eyeMm();
  }

  private static Exercise exercise(
      Skill skill, PreparedFly fly, double room, SplittableRandom random) {
    SizedPattern sized = fly.sized();
    Set<String> parts =
        sized.pattern().names().stream()
            .filter(n -> !Pattern.kindOf(n).equals("collar-hackle") && !n.equals("head"))
            .collect(Collectors.toSet());
    double wanted = wantedMm(sized) / sized.hook().eyeMm();
    String crowds = room < wanted ? "The head will be crowded." : "The head has what it wants.";
    Sentence truth = Sentence.of("%.1f eye lengths will be left. %s", room, crowds);
    Exercise.Dial dial =
        Exercise.Dial.anywhere(
            "Room for the head", LOW, HIGH, STEP, "eye lengths", random.nextDouble());
    return new Exercise(
        Sentence.of("How much room will the head have?"),
        told(fly, wanted),
        Exercise.Shown.only(Outliner.inVise(fly), parts),
        List.of(),
        List.of(dial),
        new Key(List.of(new Key.Question(skill, 0, 0, room, LOW, HIGH, 1, "eye lengths")), truth),
        Optional.of(Outliner.inVise(fly)),
        Optional.empty());
  }

  private static List<Sentence> told(PreparedFly fly, double wanted) {
    Part.CollarHackle collar = fly.pattern().part(Part.CollarHackle.class).orElseThrow();
    double stem = fly.materials().get(collar.material()).get(Property.STEM_DIAMETER);
    double wire = fly.sized().hook().wireMm();
    List<Sentence> told = new ArrayList<>();
    told.add(
        Sentence.of(
            "Still to come: %s turns of hackle, its stem %.1f times as thick as the wire.",
            Words.tenths(collar.turns()), stem / wire));
    front(fly, stem)
        .ifPresent(n -> told.add(Sentence.of("%s of them in front of the wing.", Words.tenths(n))));
    told.add(Sentence.of("The head wants %s or more of the eye's length.", Words.number(wanted)));
    return told;
  }

  /** Turns that go between wing and head. */
  private static Optional<Double> front(PreparedFly fly, double stemMm) {
    List<Span> spans = fly.sized().spans();
    List<Span> turns = spans.stream().filter(s -> s.role() == Role.HACKLE).toList();
    Optional<Span> seat = spans.stream().filter(s -> s.role() == Role.WING_SEAT).findFirst();
    return seat.map(
        w ->
            turns.stream()
                    .filter(t -> t.middleMm() < w.middleMm())
                    .mapToDouble(Span::lengthMm)
                    .sum()
                / stemMm);
  }
}
