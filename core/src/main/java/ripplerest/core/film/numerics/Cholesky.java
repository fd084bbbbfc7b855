package ripplerest.core.film.numerics;

/** Small dense symmetric systems in place, row by row, without allocating; the inner loops' own. */
public final class Cholesky {
  private Cholesky() {}

  /**
   * Overwrites the lower half of {@code a} with its factor.
   *
   * @param n order of the system
   * @param stride length of a row of {@code a}
   * @param least smallest square of a pivot that still counts as positive
   * @return false if the matrix is not positive definite; {@code a} is then spoilt
   */
  public static boolean factor(double[] a, int n, int stride, double least) {
    for (int i = 0; i < n; i++) {
      for (int j = 0; j <= i; j++) {
        double sum = a[i * stride + j];
        for (int k = 0; k < j; k++) {
          sum -= a[i * stride + k] * a[j * stride + k];
        }
        if (i == j) {
          if (!(sum > least)) {
            return false;
          }
          a[i * stride + i] = Math.sqrt(sum);
        } else {
          a[i * stride + j] = sum / a[j * stride + j];
        }
      }
    }
    return true;
  }

  /** Overwrites {@code x} with the solution for the factor that {@link #factor} left. */
  public static void solve(double[] l, int n, int stride, double[] x) {
    for (int i = 0; i < n; i++) {
      double sum = x[i];
      for (int k = 0; k < i; k++) {
        sum -= l[i * stride + k] * x[k];
      }
      x[i] = sum / l[i * stride + i];
    }
    for (int i = n - 1; i >= 0; i--) {
      double sum = x[i];
      for (int k = i + 1; k < n; k++) {
        sum -= l[k * stride + i] * x[k];
      }
      x[i] = sum / l[i * stride + i];
    }
  }
}
