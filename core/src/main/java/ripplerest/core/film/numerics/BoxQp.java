package ripplerest.core.film.numerics;

import java.util.Arrays;

/**
 * The lying contact problem: minimise ½fᵀAf - gᵀf for 0 ≤ f ≤ m with A symmetric positive definite.
 *
 * <p>f are the film's forces on elements, g how deep each is pushed, A the depth that a force
 * makes; w = Af - g is the gap that is left. Optimal when f = 0 and w ≥ 0, or 0 &lt; f &lt; m and w
 * = 0, or f = m and w ≤ 0. Solved by block principal pivoting with a single-pivot safeguard (Júdice
 * and Pires, Investigação Operacional 12 (1992) 1; Kim and Park, SIAM J. Sci. Comput. 33 (2011)
 * 3261), which ends after finitely many Cholesky factorisations. One instance is a workspace and
 * not thread safe.
 */
public final class BoxQp {
  private static final byte FREE = 0;
  private static final byte AT_ZERO = 1;
  private static final byte AT_LIMIT = 2;
  private static final int PATIENCE = 3;

  private final int n;
  private final byte[] side;
  private final int[] free;
  private final double[] factor;
  private final double[] work;
  private int freeCount;

  /**
   * @param n number of elements
   */
  public BoxQp(int n) {
    this.n = n;
    this.side = new byte[n];
    this.free = new int[n];
    this.factor = new double[n * n];
    this.work = new double[n];
  }

  /**
   * Solves in place, starting from the active set of the {@code f} passed in.
   *
   * @param a n×n, row by row, mm/µN
   * @param g depths, mm
   * @param m upper bounds, µN
   * @param f in: a guess; out: the forces, µN
   */
  public void solve(double[] a, double[] g, double[] m, double[] f) {
    for (int i = 0; i < n; i++) {
      side[i] = f[i] <= 0 ? AT_ZERO : f[i] >= m[i] ? AT_LIMIT : FREE;
    }
    int fewest = n + 1;
    int patience = PATIENCE;
    for (int round = 0; round < 100 * n + 100; round++) {
      solveFree(a, g, m, f);
      int wrong = countWrong(a, g, m, f);
      if (wrong == 0) {
        return;
      }
      if (wrong < fewest) {
        fewest = wrong;
        patience = PATIENCE;
        flip(a, g, m, f, false);
      } else if (patience-- > 0) {
        flip(a, g, m, f, false);
      } else {
        flip(a, g, m, f, true);
      }
    }
    throw new IllegalStateException("contact problem of " + n + " elements did not end");
  }

  /** Number of elements strictly between their bounds after {@link #solve}. */
  public int freeCount() {
    return freeCount;
  }

  /** Index of the {@code k}th such element. */
  public int free(int k) {
    return free[k];
  }

  /** Overwrites {@code x} (one entry a free element) with the solution of A_free·y = x. */
  public void solveFreeSystem(double[] x) {
    Cholesky.solve(factor, freeCount, n, x);
  }

  private void solveFree(double[] a, double[] g, double[] m, double[] f) {
    freeCount = 0;
    for (int i = 0; i < n; i++) {
      if (side[i] == FREE) {
        free[freeCount++] = i;
      } else {
        f[i] = side[i] == AT_ZERO ? 0 : m[i];
      }
    }
    if (freeCount == 0) {
      return;
    }
    for (int i = 0; i < freeCount; i++) {
      int row = free[i] * n;
      double right = g[free[i]];
      for (int j = 0; j < n; j++) {
        if (side[j] == AT_LIMIT) {
          right -= a[row + j] * m[j];
        }
      }
      work[i] = right;
      for (int j = 0; j <= i; j++) {
        factor[i * n + j] = a[row + free[j]];
      }
    }
    if (!Cholesky.factor(factor, freeCount, n, 0)) {
      throw new IllegalStateException("the film's matrix is not positive definite");
    }
    solveFreeSystem(work);
    for (int i = 0; i < freeCount; i++) {
      f[free[i]] = work[i];
    }
  }

  private int countWrong(double[] a, double[] g, double[] m, double[] f) {
    int wrong = 0;
    for (int i = 0; i < n; i++) {
      if (isWrong(i, a, g, m, f)) {
        wrong++;
      }
    }
    return wrong;
  }

  private boolean isWrong(int i, double[] a, double[] g, double[] m, double[] f) {
    if (side[i] == FREE) {
      return f[i] < 0 || f[i] > m[i];
    }
    double w = gap(i, a, g, f);
    double slack = 1e-12 * (1 + Math.abs(g[i]));
    return side[i] == AT_ZERO ? w < -slack : w > slack;
  }

  private double gap(int i, double[] a, double[] g, double[] f) {
    double w = -g[i];
    for (int j = 0; j < n; j++) {
      w += a[i * n + j] * f[j];
    }
    return w;
  }

  private void flip(double[] a, double[] g, double[] m, double[] f, boolean lastOnly) {
    byte[] before = Arrays.copyOf(side, n);
    for (int i = n - 1; i >= 0; i--) {
      if (isWrong(i, a, g, m, f)) {
        side[i] = before[i] != FREE ? FREE : f[i] < 0 ? AT_ZERO : AT_LIMIT;
        if (lastOnly) {
          return;
        }
      }
    }
  }
}
