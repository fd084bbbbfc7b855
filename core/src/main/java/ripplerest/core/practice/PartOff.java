package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.tied.Trend;

/** One part of a fly too long or short, thick or thin; the tier's own habits the way they go. */
final class PartOff implements Maker {
  private static final double LEAST = 0.02;
  private static final double MOST = 0.6;

  /** Of so few parts there is nothing to choose. */
  private static final int FEWEST = 3;

  /** Nobody sees less than this, mm. */
  private static final double SEEN_MM = 0.01;

  /** Of what lies toward the eye of whoever looks, so much has to be seen. */
  private static final double SEEN_SHARE = 0.6;

  /** How often a habit goes the way that it goes at the vise. */
  private static final double AS_AT_THE_VISE = 0.75;

  @Override
  public List<Skill> skills(Sources sources) {
    Set<Skill> all = new LinkedHashSet<>();
    for (PreparedFly fly : sources.flies()) {
      if (parts(fly).size() >= FEWEST) {
        Sizes.of(fly).forEach(s -> all.add(new Skill(Drill.PART_OFF, s.of())));
      }
    }
    return List.copyOf(all);
  }

  private static List<String> parts(PreparedFly fly) {
    return Sizes.of(fly).stream().map(s -> s.planned().part()).distinct().toList();
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    for (PreparedFly fly : Maker.shuffled(sources.flies(), random)) {
      List<String> parts = parts(fly);
      List<Sizes.Size> of = Sizes.of(fly).stream().filter(s -> s.of().equals(skill.of())).toList();
      if (parts.size() >= FEWEST && !of.isEmpty()) {
        Sizes.Size one = of.get(random.nextInt(of.size()));
        double share = level.next(LEAST, MOST, parts.size());
        boolean more = isMore(skill, sources.habits(), random);
        Optional<Exercise> made = off(skill, fly, one, share, more, parts);
        if (made.isPresent()) {
          return made;
        }
      }
    }
    return Optional.empty();
  }

  private static boolean isMore(Skill skill, List<Trend> habits, SplittableRandom random) {
    return EyeAndHands.trend(skill, habits)
        .filter(Trend::isHabit)
        .map(t -> random.nextDouble() < AS_AT_THE_VISE == t.share() > 0)
        .orElseGet(random::nextBoolean);
  }

  /** Longer by a share, or shorter by the same ratio. */
  private static Optional<Exercise> off(
      Skill skill,
      PreparedFly fly,
      Sizes.Size size,
      double share,
      boolean more,
      List<String> parts) {
    PreparedFly plan = Sizes.pinned(fly);
    double mm = size.planned().value();
    double made = more ? mm * (1 + share) : mm / (1 + share);
    if (made < size.planned().low() || made > size.planned().high()) {
      return Optional.empty();
    }
    Outline right = Outliner.inVise(plan);
    Outline wrong =
        Outliner.inVise(plan.with(size.planned().with(plan.sized(), made, plan.sizer())));
    String part = size.planned().part();
    if (!changed(right, wrong).equals(Set.of(part)) || !isSeen(right, size)) {
      return Optional.empty(); // it cannot be seen, or something else moved with it
    }
    Sentence truth =
        Sentence.of(
            "%s %s: %s instead of %s, %.0f %% too %s.",
            Words.title(part),
            size.planned().field(),
            Quantity.mm(made, 1),
            Quantity.mm(mm, 1),
            100 * Math.abs(made / mm - 1),
            way(size.planned().field(), more));
    List<Exercise.Choice> choices =
        parts.stream().map(p -> Exercise.Choice.of(Sentence.of(Words.title(p)))).toList();
    Key key = Key.chosen(skill, share, parts.size(), parts.indexOf(part), truth);
    return Optional.of(
        Exercise.choose(
                "One part is off. Which?", Sizes.plan(fly), Exercise.Shown.fly(wrong), choices, key)
            .then(right));
  }

  /** A wing that lies to both sides has no length from the side. */
  private static boolean isSeen(Outline outline, Sizes.Size size) {
    if (size.planned().field().equals(Sizes.THICKNESS)) {
      return true;
    }
    String part = size.planned().part();
    return Stream.concat(
            outline.fibres().stream().filter(f -> f.part().equals(part)).map(Outline.Thin::line),
            outline.members().stream().filter(m -> m.part().equals(part)).map(Outline.Thick::axis))
        .mapToDouble(PartOff::fromTheSide)
        .anyMatch(mm -> mm >= SEEN_SHARE * size.planned().value());
  }

  private static double fromTheSide(List<Vector3D> line) {
    Vector3D whole = line.get(line.size() - 1).subtract(line.get(0));
    return Math.hypot(whole.getX(), whole.getZ());
  }

  private static String way(String field, boolean more) {
    return field.equals(Sizes.THICKNESS) ? (more ? "thick" : "thin") : (more ? "long" : "short");
  }

  /** Parts that are drawn otherwise. */
  private static Set<String> changed(Outline one, Outline other) {
    Map<String, List<Long>> before = byPart(one);
    Map<String, List<Long>> after = byPart(other);
    Set<String> changed = new LinkedHashSet<>();
    after.forEach(
        (part, drawn) -> {
          if (!drawn.equals(before.get(part))) {
            changed.add(part);
          }
        });
    return changed;
  }

  /** All points of a part, seen from the eye of the hook; in hundredths of a millimetre. */
  private static Map<String, List<Long>> byPart(Outline outline) {
    Vector3D eye = outline.wire().get(0);
    Map<String, List<Long>> all = new LinkedHashMap<>();
    outline.fibres().forEach(f -> add(all, f.part(), eye, f.line()));
    for (Outline.Thick m : outline.members()) {
      add(all, m.part(), eye, m.axis());
      m.radiiMm().forEach(r -> all.get(m.part()).add(Math.round(r / SEEN_MM)));
    }
    return all;
  }

  private static void add(
      Map<String, List<Long>> all, String part, Vector3D eye, List<Vector3D> line) {
    List<Long> of = all.computeIfAbsent(part, p -> new ArrayList<>());
    for (Vector3D point : line) {
      Vector3D from = point.subtract(eye);
      for (double x : from.toArray()) {
        of.add(Math.round(x / SEEN_MM));
      }
    }
  }
}
