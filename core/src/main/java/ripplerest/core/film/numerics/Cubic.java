package ripplerest.core.film.numerics;

/** Piecewise cubic interpolation that is smooth but for stated corners. */
public final class Cubic {
  private Cubic() {}

  /**
   * Weights of four values for a cubic between the inner two whose tangents are those of parabolas
   * through three neighbours.
   *
   * @param u place between the inner two, 0 to 1
   * @param before distance to the value before, in the inner distance; 0 if there is a corner
   * @param after distance to the value after; 0 if there is a corner
   */
  public static void weights(double u, double before, double after, double[] w) {
    double p = u * u * (3 - 2 * u);
    double m = u * (1 - u) * (1 - u);
    double q = -u * u * (1 - u);
    if (before == 1 && after == 1) {
      w[0] = -m / 2;
      w[1] = 1 - p - q / 2;
      w[2] = p + m / 2;
      w[3] = q / 2;
      return;
    }
    w[0] = 0;
    w[1] = 1 - p;
    w[2] = p;
    w[3] = 0;
    if (before > 0) {
      w[0] -= m / (before * (1 + before));
      w[1] += m * (1 - before) / before;
      w[2] += m * before / (1 + before);
    } else if (after > 0) {
      w[1] -= m * (2 + after) / (1 + after);
      w[2] += m * (1 + after) / after;
      w[3] -= m / (after * (1 + after));
    } else {
      w[1] -= m;
      w[2] += m;
    }
    if (after > 0) {
      w[1] -= q * after / (1 + after);
      w[2] += q * (after - 1) / after;
      w[3] += q / (after * (1 + after));
    } else if (before > 0) {
      w[0] += q / (before * (1 + before));
      w[1] -= q * (1 + before) / before;
      w[2] += q * (2 + before) / (1 + before);
    } else {
      w[1] -= q;
      w[2] += q;
    }
  }
}
