package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.RealVector;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.rest.Sitting;

/**
 * How likely tests as a whole were before anything was learnt from them: a wrong model can have all
 * tests agree with each other, about materials that nobody would have thought possible. The same
 * tests are made up many times, each time with materials drawn from what was known, and summed up
 * as the tier's are: how many of each fly's tests floated, and the mean of what was measured. The
 * distance of the tier's sums from the middle, in the measure of their covariance, has its rank
 * among the others (prior predictive check: Box, J. R. Stat. Soc. A 143 (1980) 383). Left out:
 * words, hung weights, minutes.
 */
final class BeforeTests {
  private static final int MADE_UP = 1000;

  /** Of the variance of each sum, so that few sums that always go together do not decide. */
  private static final double RIDGE = 0.05;

  private BeforeTests() {}

  /**
   * How likely sums as far out are.
   *
   * @param tests of the flies, by the emulator of each
   * @param causes of all of them
   * @return 0 to 1
   */
  static double asLikely(Map<Emulator, List<Seen>> tests, List<String> causes, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    double[][] sums = new double[MADE_UP + 1][];
    sums[MADE_UP] = sums(tests);
    for (int i = 0; i < MADE_UP; i++) {
      sums[i] = sums(madeUp(tests, causes, random.split()));
    }
    standardise(sums);
    double[] far = distances(sums);
    long farther = Arrays.stream(far, 0, MADE_UP).filter(d -> d >= far[MADE_UP]).count();
    return (1.0 + farther) / (MADE_UP + 1.0);
  }

  private static Map<Emulator, List<Seen>> madeUp(
      Map<Emulator, List<Seen>> tests, List<String> causes, SplittableRandom random) {
    Map<String, Double> known = new LinkedHashMap<>();
    causes.forEach(c -> known.put(c, random.nextGaussian()));
    Map<Emulator, List<Seen>> all = new LinkedHashMap<>();
    tests.forEach(
        (emulator, seen) -> {
          double[] z = emulator.causes().stream().mapToDouble(known::get).toArray();
          List<Seen> own = new ArrayList<>();
          EmulatedTests.of(emulator, new double[][] {z}, seen.size(), random.split()).all().stream()
              .map(one -> madeUp(one, seen.get(own.size()), random))
              .forEach(own::add);
          all.put(emulator, own);
        });
    return all;
  }

  /** What would have been seen, measured as it was. */
  private static Seen madeUp(EmulatedTests.One one, Seen as, SplittableRandom random) {
    List<Measure> measured = new ArrayList<>();
    for (What what : what(as)) {
      double error =
          as.measured().stream()
              .filter(m -> m.what() == what)
              .mapToDouble(Measure::error)
              .findFirst()
              .orElse(what.errorByEye());
      if (!one.measures().isEmpty()) {
        double value = one.measures().get(what) + error * random.nextGaussian();
        measured.add(new Measure(what, value, error, Seen.By.EYE));
      }
    }
    return new Seen(
        Optional.of(one.sits()), measured, List.of(), Optional.empty(), Optional.empty(), false);
  }

  /** What is measured of a fly that floats: what was, or all of one that went down. */
  private static List<What> what(Seen as) {
    return as.measured().isEmpty()
        ? List.of(What.values())
        : as.measured().stream().map(Measure::what).toList();
  }

  /** For each fly how many of its tests floated, and the mean of each number; NaN: not measured. */
  private static double[] sums(Map<Emulator, List<Seen>> tests) {
    int each = 1 + What.values().length;
    double[] sums = new double[tests.size() * each];
    Arrays.fill(sums, Double.NaN);
    int at = 0;
    for (List<Seen> own : tests.values()) {
      sums[at] =
          own.stream()
              .filter(s -> s.sits().isPresent())
              .mapToDouble(s -> s.sits().get() == Sitting.SUNK ? 0 : 1)
              .average()
              .orElse(Double.NaN);
      for (What what : What.values()) {
        sums[at + 1 + what.ordinal()] =
            own.stream()
                .flatMap(s -> s.measured().stream())
                .filter(m -> m.what() == what)
                .mapToDouble(Measure::value)
                .average()
                .orElse(Double.NaN);
      }
      at += each;
    }
    return sums;
  }

  /** By the mean and spread of those made up; what is missing is in the middle. */
  private static void standardise(double[][] sums) {
    for (int k = 0; k < sums[0].length; k++) {
      int column = k;
      double[] there =
          Arrays.stream(sums, 0, MADE_UP)
              .mapToDouble(s -> s[column])
              .filter(v -> !Double.isNaN(v))
              .toArray();
      double mean = Arrays.stream(there).average().orElse(0);
      double variance = Arrays.stream(there).map(v -> (v - mean) * (v - mean)).average().orElse(0);
      // a number that hardly ever could be measured says nothing by itself
      double spread = there.length > MADE_UP / 50 ? Math.sqrt(variance + 1e-4) : Double.MAX_VALUE;
      for (double[] s : sums) {
        s[k] = Double.isNaN(s[k]) ? 0 : (s[k] - mean) / spread;
      }
    }
  }

  private static double[] distances(double[][] sums) {
    int n = sums[0].length;
    double[][] covariance = new double[n][n];
    for (int i = 0; i < MADE_UP; i++) {
      for (int a = 0; a < n; a++) {
        for (int b = 0; b < n; b++) {
          covariance[a][b] += sums[i][a] * sums[i][b] / MADE_UP;
        }
      }
    }
    for (int a = 0; a < n; a++) {
      covariance[a][a] += RIDGE;
    }
    DecompositionSolver solver =
        new CholeskyDecomposition(new Array2DRowRealMatrix(covariance, false)).getSolver();
    return Arrays.stream(sums)
        .mapToDouble(
            s -> {
              RealVector x = new ArrayRealVector(s, false);
              return x.dotProduct(solver.solve(x));
            })
        .toArray();
  }
}
