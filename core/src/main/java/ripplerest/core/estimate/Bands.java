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
import ripplerest.core.quantity.Together;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.water.Water;

/**
 * How far the numbers may be off: everything that is only roughly known is drawn from its prior,
 * the fly comes out of a {@link Hand} and lands as hard as it happens to, again and again, and is
 * estimated anew each time; the model's own {@link Discrepancy} comes on top.
 */
final class Bands {
  private Bands() {}

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
        Together.map(
            sources,
            own -> {
              Draw draw = draw(landed.fly(), own, work);
              work.progress(done.incrementAndGet(), samples);
              return draw;
            });
    Optional<Posture> nominal = posture(landed.rest());
    List<Draw> floated = draws.stream().filter(d -> d.rest().isPresent()).toList();
    return new Band(
        draws.size(),
        floated.size(),
        (int) floated.stream().filter(d -> nominal.equals(posture(d.rest()))).count(),
        interval(floated, Draw::eyeMm),
        interval(floated, Draw::bendMm),
        interval(floated, Draw::pointMm),
        interval(floated, Draw::pitchDeg),
        interval(draws, Draw::keeps),
        interval(draws, Draw::sinksAt),
        interval(draws, Draw::popBackMg).get(),
        interval(draws, Draw::massMg).get(),
        support(floated));
  }

  private static Draw draw(PreparedFly fly, SplittableRandom random, Work work) {
    work.throwIfCancelled();
    return Draw.of(fly, random);
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
