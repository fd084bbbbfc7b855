package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.ToDoubleFunction;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.estimate.Estimate.Band;
import ripplerest.core.estimate.Estimate.Interval;
import ripplerest.core.estimate.Estimate.PartInterval;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Water;

/**
 * How far the numbers may be off: everything that is only roughly known is drawn from its prior,
 * again and again, and the fly is estimated anew each time.
 */
final class Bands {
  private Bands() {}

  /** One draw of everything that is only roughly known. */
  private record Draw(
      Optional<Rest> rest, Optional<FilmReserve> reserve, double popBackMg, double massMg) {
    double reserveOrNone() {
      return reserve.map(FilmReserve::keepsPostureTo).orElse(0.0);
    }

    double sinksAtOrNone() {
      return reserve.map(FilmReserve::sinksAt).orElse(0.0);
    }
  }

  /**
   * The middle 80 % of each number. Same seed, same answer, however many cores there are.
   *
   * @param samples draws, 1 to 256
   */
  static Band of(LandedFly landed, int samples, long seed, Work work) {
    SplittableRandom random = new SplittableRandom(seed);
    List<SplittableRandom> sources = new ArrayList<>();
    for (int i = 0; i < samples; i++) {
      sources.add(random.split());
    }
    AtomicInteger done = new AtomicInteger();
    List<Draw> draws =
        sources.parallelStream()
            .map(
                own -> {
                  Draw draw = draw(landed.fly(), own, work);
                  work.progress(done.incrementAndGet(), samples);
                  return draw;
                })
            .toList();
    Optional<Posture> nominal = posture(landed.rest());
    List<Draw> floated = draws.stream().filter(d -> d.rest().isPresent()).toList();
    return new Band(
        draws.size(),
        floated.size(),
        (int) floated.stream().filter(d -> nominal.equals(posture(d.rest()))).count(),
        interval(floated, d -> d.rest().get().eyeMm()),
        interval(floated, d -> d.rest().get().bendMm()),
        interval(floated, d -> d.rest().get().pointMm()),
        interval(floated, d -> Math.toDegrees(d.rest().get().pose().pitchRad())),
        interval(draws, Draw::reserveOrNone),
        interval(draws, Draw::sinksAtOrNone),
        interval(draws, Draw::popBackMg).get(),
        interval(draws, Draw::massMg).get(),
        support(floated));
  }

  private static Draw draw(PreparedFly fly, SplittableRandom random, Work work) {
    work.throwIfCancelled();
    Materials drawn = fly.materials().sampled(random);
    Conditions water = fly.conditions();
    double factor = Casts.usual(water.touchdownFactor()).drawFactor(random);
    LandedFly landed = LandedFly.of(fly.with(drawn).with(water.withTouchdown(factor)));
    work.throwIfCancelled();
    return new Draw(
        landed.rest(), landed.reserve(), landed.fly().popBackMg(), landed.fly().body().massMg());
  }

  private static Optional<Posture> posture(Optional<Rest> rest) {
    return rest.map(Rest::posture);
  }

  private static List<PartInterval> support(List<Draw> floated) {
    Map<String, List<Double>> shares = new TreeMap<>();
    for (Draw d : floated) {
      double weight = d.massMg() * Water.GRAVITY;
      for (Rest.Support s : d.rest().get().support()) {
        shares.computeIfAbsent(s.part(), p -> new ArrayList<>()).add(s.totalUn() / weight);
      }
    }
    return shares.entrySet().stream()
        .map(
            e ->
                new PartInterval(
                    e.getKey(), middle(e.getValue().stream().mapToDouble(v -> v).toArray())))
        .toList();
  }

  private static Optional<Interval> interval(List<Draw> draws, ToDoubleFunction<Draw> value) {
    return draws.isEmpty()
        ? Optional.empty()
        : Optional.of(middle(draws.stream().mapToDouble(value).toArray()));
  }

  private static Interval middle(double[] values) {
    return new Interval(StatUtils.percentile(values, 10), StatUtils.percentile(values, 90));
  }
}
