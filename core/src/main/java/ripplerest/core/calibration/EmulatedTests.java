package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.SemiDefinitePositiveCholeskyDecomposition;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.rest.Sitting;

/**
 * What a next test of a fly would show, by its emulator: draws with the hand, the landing and what
 * the model is off by in them, but without the error of measuring.
 *
 * @param all draws
 */
record EmulatedTests(List<One> all) {
  /** One draw; measures are empty for one that sinks, {@code bearsMg} is NaN if not known. */
  record One(Sitting sits, Map<What, Double> measures, double bearsMg, double popBackMg) {}

  /**
   * @param deviates a row a draw, of the fly's own causes
   */
  static EmulatedTests of(
      Emulator emulator, double[][] deviates, int draws, SplittableRandom random) {
    Map<Sitting, double[][]> roots = new EnumMap<>(Sitting.class);
    List<One> all = new ArrayList<>();
    for (int i = 0; i < draws; i++) {
      double[] z = deviates[i % deviates.length];
      Sitting sits = drawn(emulator, z, random.nextDouble());
      Map<What, Double> measures = new EnumMap<>(What.class);
      if (sits != Sitting.SUNK) {
        double[][] root = roots.computeIfAbsent(sits, s -> root(emulator, s));
        double[] normal = {
          random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), random.nextGaussian()
        };
        for (What what : What.values()) {
          double value = emulator.measure(sits, what, z);
          for (int k = 0; k < root[0].length; k++) {
            value += root[what.ordinal()][k] * normal[k];
          }
          measures.put(what, value);
        }
      }
      double bears =
          emulator
              .bears()
              .map(b -> Math.exp(b.response().at(z) + b.spread() * random.nextGaussian()))
              .orElse(Double.NaN);
      Emulator.Number pops = emulator.popsBack();
      double popBack = pops.response().at(z) + pops.spread() * random.nextGaussian();
      all.add(new One(sits, measures, sits == Sitting.SUNK ? 0 : bears, popBack));
    }
    return new EmulatedTests(all);
  }

  private static Sitting drawn(Emulator emulator, double[] z, double at) {
    double[] shares = emulator.shares(z);
    double sum = 0;
    for (int k = 0; k < shares.length - 1; k++) {
      sum += shares[k];
      if (at < sum) {
        return emulator.ways().get(k);
      }
    }
    return emulator.ways().get(shares.length - 1);
  }

  private static double[][] root(Emulator emulator, Sitting sits) {
    int n = What.values().length;
    double[][] spread = new double[n][n];
    for (What a : What.values()) {
      for (What b : What.values()) {
        spread[a.ordinal()][b.ordinal()] = emulator.spread(sits, a, b);
      }
    }
    return new SemiDefinitePositiveCholeskyDecomposition(
            new Array2DRowRealMatrix(spread, false), 1e-12)
        .getL()
        .getData();
  }

  /** How often it sits so. */
  double share(Sitting sits) {
    return (double) all.stream().filter(o -> o.sits() == sits).count() / all.size();
  }

  /** How likely it is that some word is told that is no likelier than this one. */
  double asLikelyAs(Sitting word) {
    double own = told(word);
    double sum = 0;
    for (Sitting s : Sitting.values()) {
      double told = told(s);
      sum += told <= own ? told : 0;
    }
    return Math.min(1, sum);
  }

  /** How often it is told so: words are told wrongly now and then, as the likelihood has it. */
  private double told(Sitting word) {
    double share = share(word);
    if (word == Sitting.SUNK) {
      return Evidence.LAPSE + (1 - 2 * Evidence.LAPSE) * share;
    }
    double up = 1 - share(Sitting.SUNK);
    return (1 - Evidence.WORD_LAPSE) * share
        + Evidence.WORD_LAPSE * (up - share) / Evidence.OTHER_WORDS;
  }

  /** How likely a number as far out as this is, on either side. */
  double tail(Measure m) {
    SplittableRandom random = new SplittableRandom(m.what().ordinal());
    int below = 0;
    int n = 0;
    for (One o : all) {
      if (!o.measures().isEmpty()) {
        n++;
        double seen = o.measures().get(m.what()) + m.error() * random.nextGaussian();
        below += seen < m.value() ? 1 : 0;
      }
    }
    double share = (below + 0.5) / (n + 1.0);
    return Math.min(1, 2 * Math.min(share, 1 - share));
  }

  /** How likely weights that contradict what is foretold by so much are. */
  double tail(List<Hung> hung) {
    double least = 1;
    for (Hung h : hung) {
      double floats = all.stream().filter(o -> o.bearsMg() >= h.mg()).count() / (double) all.size();
      least = Math.min(least, Evidence.LAPSE + (h.floats() ? floats : 1 - floats));
    }
    return Math.min(1, least);
  }

  /** How likely it is that it comes back up, or does not. */
  double popsBack(boolean up) {
    double share = all.stream().filter(o -> o.popBackMg() > 0).count() / (double) all.size();
    return Math.min(1, Evidence.LAPSE + (up ? share : 1 - share));
  }
}
