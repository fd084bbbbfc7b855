package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Part;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/**
 * Which of the things that are only roughly known matter most: the share that each prior has of the
 * variance of an output, moved by one spread to either side, the others at their means. Left out:
 * what two of them do together.
 */
public final class Sensitivity {
  private static final double TOUCHDOWN_STEP = Math.exp(0.35);

  /** What an estimate is asked for. */
  public enum Output {
    /** Height of the eye, mm. */
    EYE,
    /** Pitch, degrees. */
    PITCH,
    /** Mean height of both ends of the shank, mm. */
    HEIGHT,
    /** Factor on the weight up to which it sits as it does. */
    RESERVE,
    /** Drowned buoyancy less weight, mg. */
    POP_BACK
  }

  /**
   * One prior's part in one output.
   *
   * @param prior material and property, or the touchdown
   * @param change half the difference between one spread up and one down
   * @param share of the variance of the output over all priors, 0 to 1
   */
  public record Influence(String prior, double change, double share) {}

  private Sensitivity() {}

  /** Influences on each output, the largest first; none where the fly sinks either way. */
  public static Map<Output, List<Influence>> of(PreparedFly fly) {
    Map<String, Estimate[]> moved = new LinkedHashMap<>();
    for (String id : used(fly.sized())) {
      for (Property p : fly.materials().get(id).uncertain()) {
        moved.put(
            id + " " + name(p),
            new Estimate[] {
              pose(fly.with(fly.materials().moved(id, p, 1))),
              pose(fly.with(fly.materials().moved(id, p, -1)))
            });
      }
    }
    Conditions water = fly.conditions();
    double n = water.touchdownFactor();
    moved.put(
        "touchdown",
        new Estimate[] {
          pose(fly.with(water.withTouchdown(Math.min(8, n * TOUCHDOWN_STEP)))),
          pose(fly.with(water.withTouchdown(Math.max(1, n / TOUCHDOWN_STEP))))
        });
    Map<Output, List<Influence>> all = new LinkedHashMap<>();
    for (Output output : Output.values()) {
      all.put(output, influences(output, moved));
    }
    return all;
  }

  private static List<Influence> influences(Output output, Map<String, Estimate[]> moved) {
    List<Influence> raw = new ArrayList<>();
    double variance = 0;
    for (Map.Entry<String, Estimate[]> e : moved.entrySet()) {
      Optional<Double> up = value(output, e.getValue()[0]);
      Optional<Double> down = value(output, e.getValue()[1]);
      if (up.isPresent() && down.isPresent()) {
        double change = (up.get() - down.get()) / 2;
        variance += change * change;
        raw.add(new Influence(e.getKey(), change, 0));
      }
    }
    double whole = Math.max(variance, 1e-12);
    return raw.stream()
        .map(i -> new Influence(i.prior(), i.change(), i.change() * i.change() / whole))
        .sorted(Comparator.comparingDouble(Influence::share).reversed())
        .toList();
  }

  private static Optional<Double> value(Output output, Estimate e) {
    if (output == Output.POP_BACK) {
      return Optional.of(e.popBackMg());
    }
    if (output == Output.RESERVE) {
      return e.reserve().map(FilmReserve::keepsPostureTo);
    }
    return e.rest().map(r -> value(output, r));
  }

  private static double value(Output output, Rest r) {
    return switch (output) {
      case EYE -> r.eyeMm();
      case PITCH -> Math.toDegrees(r.pose().pitchRad());
      case HEIGHT, RESERVE, POP_BACK -> (r.eyeMm() + r.bendMm()) / 2;
    };
  }

  private static Estimate pose(PreparedFly fly) {
    return Estimator.estimate(fly, Options.withReserve());
  }

  private static Set<String> used(SizedPattern sized) {
    Set<String> ids = new LinkedHashSet<>(List.of("hook-steel", "thread"));
    sized.pattern().parts().stream().map(Part::material).forEach(ids::add);
    return ids;
  }

  private static String name(Property p) {
    boolean angle = p.name().startsWith("ADVANCING") || p.name().startsWith("RECEDING");
    return angle ? "contact angles" : Words.of(p);
  }
}
