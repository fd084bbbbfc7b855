package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;

/**
 * Why a fly falls on its tail, or does not: where its weight acts and where the water holds it, as
 * a beam on its props, and what would change it.
 *
 * @param pitchDeg tail down is positive, °
 * @param way which end is down
 * @param levers what holds it or pulls it down, from the head to the tail; shares add up to one and
 *     their moments about the weight cancel, but for what is too small to name
 * @param changes how it would lean with something otherwise
 */
public record PitchBalance(double pitchDeg, Way way, List<Lever> levers, List<Change> changes) {
  private static final double LONGER = 1.25;
  private static final int MORE_FIBRES = 4;

  /** What holds less than this share has no place worth telling. */
  private static final double LEAST_SHARE = 0.02;

  public PitchBalance {
    levers = List.copyOf(levers);
    changes = List.copyOf(changes);
  }

  /** Which end is down. */
  public enum Way {
    HANGING,
    TAIL_DOWN,
    LEVEL,
    HEAD_DOWN
  }

  /**
   * What one part holds, and where.
   *
   * @param share of the weight; negative where the film pulls it down
   * @param behindMm how far behind the place where the weight acts, mm along the water; negative
   *     ahead of it
   */
  public record Lever(String part, double share, double behindMm) {}

  /**
   * The same fly with one thing otherwise.
   *
   * @param words what, in a tier's words
   * @param outcome whether it would rest
   * @param pitchDeg empty unless it would
   */
  public record Change(String words, Outcome outcome, Optional<Double> pitchDeg) {}

  static PitchBalance of(PreparedFly fly, Rest rest) {
    double weight = rest.support().stream().mapToDouble(Rest.Support::totalUn).sum();
    List<Lever> levers =
        rest.support().stream()
            .filter(s -> Math.abs(s.totalUn()) > LEAST_SHARE * weight)
            .map(s -> new Lever(s.part(), s.totalUn() / weight, s.turnsUnMm() / s.totalUn()))
            .sorted(Comparator.comparingDouble(Lever::behindMm))
            .toList();
    double pitch = Math.toDegrees(rest.pose().pitchRad());
    Way way = way(rest.posture(), pitch);
    List<Change> changes = new ArrayList<>();
    others(fly.pattern()).forEach((words, other) -> changes.add(change(words, fly.with(other))));
    return new PitchBalance(pitch, way, levers, changes);
  }

  private static Way way(Posture posture, double pitchDeg) {
    if (posture == Posture.HANGING) {
      return Way.HANGING;
    }
    return switch (Judgement.tilt(pitchDeg)) {
      case LEVEL -> Way.LEVEL;
      case TAIL_DOWN -> Way.TAIL_DOWN;
      case HEAD_DOWN -> Way.HEAD_DOWN;
    };
  }

  private static Change change(String words, PreparedFly fly) {
    Landing upright = LandedFly.of(fly).landing();
    return new Change(
        words, upright.outcome(), upright.rest().map(r -> Math.toDegrees(r.pose().pitchRad())));
  }

  /** What a tier would try first. */
  private static Map<String, Pattern> others(Pattern p) {
    Map<String, Pattern> others = new LinkedHashMap<>();
    p.part(Part.Tail.class)
        .ifPresent(
            tail -> {
              longer(tail.length())
                  .ifPresent(
                      l -> others.put("tail a quarter longer", p.withPart(tail.with("length", l))));
              int more = Math.min(Part.MOST_FIBRES, tail.count() + MORE_FIBRES);
              if (more > tail.count()) {
                others.put(
                    (more - tail.count()) + " more tail fibres",
                    p.withPart(tail.with("count", more)));
              }
            });
    p.part(Part.CollarHackle.class)
        .filter(h -> h.turns() >= 2)
        .ifPresent(
            h -> others.put("one turn of hackle less", p.withPart(h.with("turns", h.turns() - 1))));
    int finer = p.hook().wireSteps() - 1;
    if (finer >= HookSpec.FINEST) {
      others.put("hook one wire finer", p.withHook(p.hook().withWire(finer)));
    }
    return others;
  }

  private static Optional<Length> longer(Length length) {
    if (length instanceof Length.Rule rule) {
      double factor = LONGER * rule.factor();
      return factor <= Length.MOST_FACTOR
          ? Optional.of(new Length.Rule(rule.reference(), factor))
          : Optional.empty();
    }
    if (length instanceof Length.Reach) {
      return Optional.empty(); // it ends where it has to
    }
    double mm = LONGER * ((Length.Pinned) length).mm();
    return mm <= Length.MOST_MM ? Optional.of(new Length.Pinned(mm)) : Optional.empty();
  }

  /** The answer in a sentence; the levers are its proof. */
  public String words() {
    return switch (way) {
      case LEVEL -> "It does not fall on its tail: it is held where its weight acts.";
      case HEAD_DOWN -> "It does not fall on its tail: its head end is down.";
      case HANGING -> "All that holds it is at its head end, so the rest hangs below that.";
      case TAIL_DOWN ->
          "Its weight acts behind what holds its head end up, so the tail end goes down until the water holds enough of it there.";
    };
  }
}
