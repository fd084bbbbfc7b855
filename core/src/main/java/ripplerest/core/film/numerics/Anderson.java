package ripplerest.core.film.numerics;

/**
 * Anderson's acceleration of a fixed-point sweep x ← G(x) (Walker and Ni, SIAM J. Numer. Anal. 49
 * (2011) 1715, type II), with a short memory. The film's sweeps converge slowly where many stiff
 * barbs share one dimple; this finds that collective motion from the sweeps themselves. Forgets its
 * memory when the residual grows, since contacts that open and close make G only piecewise smooth.
 */
public final class Anderson {
  private static final int MEMORY = 5;
  private static final double GROWTH = 1.5;

  private int n;
  private final double[][] images = new double[MEMORY][];
  private final double[][] residuals = new double[MEMORY][];
  private final double[] image;
  private final double[] residual;
  private int kept;
  private int next;
  private double lastNorm;
  private boolean started;

  /**
   * @param capacity most numbers that are mixed at once
   */
  public Anderson(int capacity) {
    int n = capacity;
    this.image = new double[n];
    this.residual = new double[n];
    for (int i = 0; i < MEMORY; i++) {
      images[i] = new double[n];
      residuals[i] = new double[n];
    }
  }

  /** Begins afresh with another number of unknowns. */
  public void begin(int unknowns) {
    n = unknowns;
    kept = 0;
    next = 0;
    started = false;
  }

  /**
   * Mixes in place.
   *
   * @param before what went into the sweep
   * @param after what came out; overwritten with the better guess
   */
  public void mix(double[] before, double[] after) {
    double norm = 0;
    for (int i = 0; i < n; i++) {
      double r = after[i] - before[i];
      norm += r * r;
      if (started) {
        images[next][i] = after[i] - image[i];
        residuals[next][i] = r - residual[i];
      }
      image[i] = after[i];
      residual[i] = r;
    }
    if (started && norm > GROWTH * GROWTH * lastNorm) {
      kept = 0;
      next = 0;
    } else if (started) {
      kept = Math.min(MEMORY, kept + 1);
      next = (next + 1) % MEMORY;
    }
    started = true;
    lastNorm = norm;
    if (kept > 0) {
      subtractCombination(after);
    }
  }

  private void subtractCombination(double[] after) {
    double[] normal = new double[kept * kept];
    double[] right = new double[kept];
    for (int a = 0; a < kept; a++) {
      right[a] = dot(residuals[a], residual);
      for (int b = 0; b <= a; b++) {
        normal[a * kept + b] = dot(residuals[a], residuals[b]);
      }
      normal[a * kept + a] *= 1 + 1e-9;
    }
    if (!Cholesky.factor(normal, kept, kept, 0)) {
      return; // the columns are as good as dependent
    }
    Cholesky.solve(normal, kept, kept, right);
    for (int a = 0; a < kept; a++) {
      double c = right[a];
      double[] change = images[a];
      for (int i = 0; i < n; i++) {
        after[i] -= c * change[i];
      }
    }
  }

  private double dot(double[] a, double[] b) {
    double sum = 0;
    for (int i = 0; i < n; i++) {
      sum += a[i] * b[i];
    }
    return sum;
  }
}
