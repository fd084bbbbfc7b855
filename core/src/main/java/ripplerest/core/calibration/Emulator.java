package ripplerest.core.calibration;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.stat.correlation.Covariance;
import ripplerest.core.calibration.Runs.Run;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.rest.Sitting;

/**
 * What one fly does, by what its materials are off by, learnt from runs of the whole model and
 * millions of times quicker: how likely each way to sit is, and where it is then. What it misses is
 * known from the runs themselves, each foretold by the others, and with it all that a hand and a
 * landing bring.
 */
final class Emulator {
  /** A way that was seen less often has no quadratic of its own. */
  private static final int LEAST_RUNS = 25;

  /** What is under this bears nothing, mg. */
  private static final double NOTHING_MG = 0.2;

  private static final List<What> MEASURES = List.of(What.values());

  private final List<String> causes;
  private final Map<Sitting, Way> ways;
  private final Optional<Number> bears;
  private final Number popsBack;
  private final double followedMg;

  /**
   * One way to sit.
   *
   * @param chance how likely
   * @param measures where it is, in the order of {@link What}; none for one that sinks
   * @param spread covariance of what the measures miss
   */
  private record Way(Chance chance, List<Response> measures, double[][] spread) {}

  /** A number, and the standard deviation of what the runs differ from it. */
  record Number(Response response, double spread) {}

  private Emulator(
      List<String> causes,
      Map<Sitting, Way> ways,
      Optional<Number> bears,
      Number popsBack,
      double followedMg) {
    this.followedMg = followedMg;
    this.causes = causes;
    this.ways = ways;
    this.bears = bears;
    this.popsBack = popsBack;
  }

  /**
   * @param hung whether the runs tell what the fly bears
   */
  static Emulator of(Runs runs, boolean hung) {
    List<Run> settled = runs.all().stream().filter(r -> r.sits() != Sitting.UNSETTLED).toList();
    double[][] z = settled.stream().map(Run::deviates).toArray(double[][]::new);
    List<Run> resting = settled.stream().filter(r -> !r.measures().isEmpty()).toList();
    double[][] wide = resting.size() < 2 ? new double[4][4] : covariance(values(resting));
    Map<Sitting, Way> ways = new EnumMap<>(Sitting.class);
    for (Sitting sits : Sitting.values()) {
      List<Run> so = settled.stream().filter(r -> r.sits() == sits).toList();
      if (!so.isEmpty()) {
        boolean[] is = new boolean[settled.size()];
        for (int i = 0; i < is.length; i++) {
          is[i] = settled.get(i).sits() == sits;
        }
        ways.put(sits, way(Chance.fit(z, is), so, sits == Sitting.SUNK, wide));
      }
    }
    double[] pops = settled.stream().mapToDouble(Run::popBackMg).toArray();
    Optional<Number> bears =
        hung && resting.size() >= LEAST_RUNS
            ? Optional.of(
                number(deviates(resting), resting.stream().mapToDouble(r -> log(r)).toArray()))
            : Optional.empty();
    return new Emulator(runs.causes(), ways, bears, number(z, pops), runs.followedMg());
  }

  private static double log(Run run) {
    return Math.log(Math.max(NOTHING_MG, run.bearsMg()));
  }

  private static Number number(double[][] z, double[] values) {
    Response response = Response.fit(z, values);
    return new Number(response, Math.sqrt(response.error()));
  }

  private static Way way(Chance chance, List<Run> so, boolean under, double[][] wide) {
    if (under) {
      return new Way(chance, List.of(), new double[0][]);
    }
    double[][] z = deviates(so);
    double[][] values = values(so);
    if (so.size() < LEAST_RUNS) {
      double[] none = new double[z[0].length];
      double[][] centre = {none, none};
      List<Response> means =
          MEASURES.stream()
              .map(w -> Arrays.stream(column(values, w.ordinal())).average().orElseThrow())
              .map(mean -> Response.fit(centre, new double[] {mean, mean}))
              .toList();
      return new Way(chance, means, wide);
    }
    List<Response> measures =
        MEASURES.stream().map(w -> Response.fit(z, column(values, w.ordinal()))).toList();
    double[][] missed = new double[so.size()][];
    for (int i = 0; i < missed.length; i++) {
      int run = i;
      missed[i] = measures.stream().mapToDouble(m -> m.leftOut()[run]).toArray();
    }
    return new Way(chance, measures, covariance(missed));
  }

  private static double[][] deviates(List<Run> runs) {
    return runs.stream().map(Run::deviates).toArray(double[][]::new);
  }

  /** A row a run, a column a measure. */
  private static double[][] values(List<Run> runs) {
    return runs.stream()
        .map(r -> MEASURES.stream().mapToDouble(w -> r.measures().get(w)).toArray())
        .toArray(double[][]::new);
  }

  private static double[] column(double[][] rows, int k) {
    return Arrays.stream(rows).mapToDouble(r -> r[k]).toArray();
  }

  private static double[][] covariance(double[][] rows) {
    return new Covariance(rows).getCovarianceMatrix().getData();
  }

  /** What the fly's materials may be off by, in the order of all deviates here. */
  List<String> causes() {
    return causes;
  }

  /** The ways it was seen to sit. */
  List<Sitting> ways() {
    return List.copyOf(ways.keySet());
  }

  /** How likely each of {@link #ways()} is; they add up to 1. */
  double[] shares(double[] z) {
    double[] shares = new double[ways.size()];
    double sum = 0;
    int i = 0;
    for (Way way : ways.values()) {
      shares[i] = way.chance().at(z);
      sum += shares[i++];
    }
    for (int k = 0; k < shares.length; k++) {
      shares[k] /= sum;
    }
    return shares;
  }

  /** One measure of the fly where it sits so. */
  double measure(Sitting sits, What what, double[] z) {
    return ways.get(sits).measures().get(what.ordinal()).at(z);
  }

  /** Covariance of what two measures miss where it sits so. */
  double spread(Sitting sits, What one, What other) {
    return ways.get(sits).spread()[one.ordinal()][other.ordinal()];
  }

  /** Weights that tell something: the others are heavier than what is followed. */
  List<Hung> telling(List<Hung> hung) {
    return bears.isEmpty() ? List.of() : hung.stream().filter(h -> h.mg() <= followedMg).toList();
  }

  /** Logarithm of the mg that it bears at its bend; empty if the runs did not ask. */
  Optional<Number> bears() {
    return bears;
  }

  /** Pop-back, mg. */
  Number popsBack() {
    return popsBack;
  }
}
