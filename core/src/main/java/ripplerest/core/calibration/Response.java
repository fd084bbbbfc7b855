package ripplerest.core.calibration;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.stat.StatUtils;

/**
 * One number of a fly as a quadratic of what its materials are off by: straight in all deviates,
 * curved in the few that matter most. Fitted by ridge regression (Hoerl & Kennard, Technometrics 12
 * (1970) 55), its penalty the one whose runs, each left out in turn, are predicted best (Allen's
 * PRESS, Technometrics 16 (1974) 125; Golub, Heath & Wahba, Technometrics 21 (1979) 215).
 */
final class Response {
  /** Deviates in which it is curved. */
  private static final int CURVED = 6;

  private static final double[] PENALTIES = {1, 3, 10, 30, 100, 300, 1000, 3000};

  private final int[] curved;
  private final double middle;
  private final double[] slopes;

  /** By how much each run differs from what the others say of it. */
  private final double[] leftOut;

  private Response(int[] curved, double middle, double[] slopes, double[] leftOut) {
    this.curved = curved;
    this.middle = middle;
    this.slopes = slopes;
    this.leftOut = leftOut;
  }

  /**
   * @param deviates a row a run, 2 or more
   * @param values one a run
   */
  static Response fit(double[][] deviates, double[] values) {
    int n = values.length;
    int[] none = {};
    Response straight = fit(deviates, values, none);
    if (n < 4 * CURVED * CURVED) {
      return straight;
    }
    int[] most =
        IntStream.range(0, deviates[0].length)
            .boxed()
            .sorted(Comparator.comparingDouble((Integer k) -> -Math.abs(straight.slopes[k])))
            .limit(CURVED)
            .mapToInt(k -> k)
            .toArray();
    Response bent = fit(deviates, values, most);
    return bent.error() < straight.error() ? bent : straight;
  }

  private static Response fit(double[][] deviates, double[] values, int[] curved) {
    int n = values.length;
    double[][] x = Arrays.stream(deviates).map(d -> terms(d, curved)).toArray(double[][]::new);
    int p = x[0].length;
    double[] means = new double[p];
    for (int k = 0; k < p; k++) {
      for (double[] row : x) {
        means[k] += row[k] / n;
      }
    }
    for (double[] row : x) {
      for (int k = 0; k < p; k++) {
        row[k] -= means[k];
      }
    }
    double mean = StatUtils.mean(values);
    double[] y = Arrays.stream(values).map(v -> v - mean).toArray();
    RealMatrix design = new Array2DRowRealMatrix(x, false);
    EigenDecompositionSymmetric eigen =
        new EigenDecompositionSymmetric(design.transposeMultiply(design));
    double[] strengths = eigen.getEigenvalues();
    RealMatrix turned = design.multiply(eigen.getV()); // a row a run, a column a direction
    double[] along = turned.preMultiply(y);
    double least = Double.POSITIVE_INFINITY;
    double[] best = null;
    double[] bestLeftOut = null;
    for (double penalty : PENALTIES) {
      double[] slopes = new double[p];
      for (int j = 0; j < p; j++) {
        slopes[j] = along[j] / (Math.max(0, strengths[j]) + penalty);
      }
      double[] fitted = turned.operate(slopes);
      double[] leftOut = new double[n];
      double error = 0;
      for (int i = 0; i < n; i++) {
        double own = 1.0 / n;
        for (int j = 0; j < p; j++) {
          double t = turned.getEntry(i, j);
          own += t * t / (Math.max(0, strengths[j]) + penalty);
        }
        leftOut[i] = (y[i] - fitted[i]) / (1 - Math.min(own, 0.99));
        error += leftOut[i] * leftOut[i];
      }
      if (error < least) {
        least = error;
        best = eigen.getV().operate(slopes);
        bestLeftOut = leftOut;
      }
    }
    double middle = mean;
    for (int k = 0; k < p; k++) {
      middle -= best[k] * means[k];
    }
    return new Response(curved, middle, best, bestLeftOut);
  }

  private static double[] terms(double[] z, int[] curved) {
    int p = z.length;
    double[] terms = Arrays.copyOf(z, p + curved.length * (curved.length + 1) / 2);
    for (int a = 0; a < curved.length; a++) {
      for (int b = a; b < curved.length; b++) {
        terms[p++] = z[curved[a]] * z[curved[b]];
      }
    }
    return terms;
  }

  /** The number where the materials are off by this. */
  double at(double[] z) {
    double value = middle;
    for (int k = 0; k < z.length; k++) {
      value += slopes[k] * z[k];
    }
    int p = z.length;
    for (int a = 0; a < curved.length; a++) {
      double of = z[curved[a]];
      for (int b = a; b < curved.length; b++) {
        value += slopes[p++] * of * z[curved[b]];
      }
    }
    return value;
  }

  /** By how much each run differs from what the others say of it; do not change it. */
  double[] leftOut() {
    return leftOut;
  }

  /** Mean square of that. */
  double error() {
    return StatUtils.mean(Arrays.stream(leftOut).map(e -> e * e).toArray());
  }
}
