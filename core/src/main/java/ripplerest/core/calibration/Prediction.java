package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.calibration.Runs.Run;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.rest.Sitting;

/**
 * What a test of a fly will show, said before it is measured, by the whole model with all that is
 * only roughly known.
 *
 * @param ways how likely each way to sit is, the likeliest first
 * @param measures where it is if it rests; none if it never does
 * @param bearsMg weights hung from its bend that put it under one time in twenty, two in twenty and
 *     so on, mg; 19 of them
 * @param popsBack how likely it comes back up after it was pushed under, 0 to 1
 * @param minutes after which half of such flies are down in still water; empty: longer than they
 *     are followed
 * @param byTests how many tests it was learnt from
 */
public record Prediction(
    List<Way> ways,
    List<Range> measures,
    List<Double> bearsMg,
    double popsBack,
    Optional<Double> minutes,
    int byTests) {
  private static final int DRAWS = 100;

  /** Of something that nobody foretold. */
  static final Prediction NOTHING =
      new Prediction(List.of(), List.of(), List.of(), 0, Optional.empty(), 0);

  /** A way to sit, and how likely it is. */
  public record Way(Sitting sits, double share) {}

  /** The middle eight tenths of a number, and its middle; without the error of measuring. */
  public record Range(What what, double low, double middle, double high) {}

  public Prediction {
    ways = List.copyOf(ways);
    measures = List.copyOf(measures);
    bearsMg = List.copyOf(bearsMg);
  }

  /** Puts the fly on the water a hundred times. Same seed, same answer. */
  public static Prediction of(PreparedFly fly, long seed, Work work) {
    Runs runs = Runs.of(fly, DRAWS, true, seed, work);
    List<Run> all = runs.all();
    List<Way> ways = new ArrayList<>();
    for (Sitting s : Sitting.values()) {
      double share = (double) all.stream().filter(r -> r.sits() == s).count() / all.size();
      if (share > 0) {
        ways.add(new Way(s, share));
      }
    }
    ways.sort(java.util.Comparator.comparingDouble(Way::share).reversed());
    List<Range> measures = new ArrayList<>();
    for (What what : What.values()) {
      double[] values =
          all.stream()
              .filter(r -> !r.measures().isEmpty())
              .mapToDouble(r -> r.measures().get(what))
              .toArray();
      if (values.length > 0) {
        measures.add(
            new Range(
                what,
                StatUtils.percentile(values, 10),
                StatUtils.percentile(values, 50),
                StatUtils.percentile(values, 90)));
      }
    }
    double[] bears =
        all.stream().mapToDouble(r -> r.measures().isEmpty() ? 0 : r.bearsMg()).toArray();
    List<Double> bearsMg = new ArrayList<>();
    for (int twentieth = 1; twentieth < 20; twentieth++) {
      bearsMg.add(StatUtils.percentile(bears, 5.0 * twentieth));
    }
    double minutes = FloatMinutes.usual(fly, 0, seed, work);
    return new Prediction(
        ways,
        measures,
        bearsMg,
        (double) all.stream().filter(r -> r.popBackMg() > 0).count() / all.size(),
        minutes > FloatOverTime.LAST_MINUTE ? Optional.empty() : Optional.of(minutes),
        fly.materials().learnt().map(l -> l.tests()).orElse(0));
  }
}
