package ripplerest.core.film.numerics;

/**
 * Piecewise cubic interpolation that is smooth but for stated corners: between the inner two of
 * four values, with the tangents of parabolas through three neighbours.
 */
public final class Cubic {
  private static final int MOST_STEPS = 30;
  private static final Cubic NEITHER = new Cubic(0, 0);
  private static final Cubic BEFORE = new Cubic(1, 0);
  private static final Cubic AFTER = new Cubic(0, 1);
  private static final Cubic BOTH = new Cubic(1, 1);

  /** Tangents at the inner two, by value. */
  private final double[] first;

  private final double[] second;

  /**
   * @param before distance to the value before the inner two, in the inner distance; 0 if there is
   *     a corner
   * @param after distance to the value after them; 0 if there is a corner
   */
  public Cubic(double before, double after) {
    double[] chord = {0, -1, 1, 0};
    double[] toward = {
      before == 0 ? 0 : -1 / (before * (1 + before)),
      (1 - before) / before,
      before / (1 + before),
      0
    };
    double[] from = {
      0, -after / (1 + after), (after - 1) / after, after == 0 ? 0 : 1 / (after * (1 + after))
    };
    first = before > 0 ? toward : after > 0 ? otherEnd(from) : chord;
    second = after > 0 ? from : before > 0 ? otherEnd(toward) : chord;
  }

  /** The tangent at the other end of the chord of the same parabola. */
  private static double[] otherEnd(double[] tangent) {
    double[] other = {0, -2, 2, 0};
    for (int i = 0; i < other.length; i++) {
      other[i] -= tangent[i];
    }
    return other;
  }

  /** Of evenly spaced values, by whether the curve goes on smoothly on either side. */
  public static Cubic even(boolean before, boolean after) {
    return before ? after ? BOTH : BEFORE : after ? AFTER : NEITHER;
  }

  /**
   * Of the values between two neighbours of a row of places.
   *
   * @param corner a place where the curve bends
   * @return one for each space between two
   */
  public static Cubic[] between(double[] x, double corner) {
    Cubic[] all = new Cubic[x.length - 1];
    for (int i = 0; i < all.length; i++) {
      double h = x[i + 1] - x[i];
      all[i] =
          new Cubic(
              i > 0 && x[i] != corner ? (x[i] - x[i - 1]) / h : 0,
              i + 2 < x.length && x[i + 1] != corner ? (x[i + 2] - x[i + 1]) / h : 0);
    }
    return all;
  }

  /**
   * Weights of the four values.
   *
   * @param u place between the inner two, 0 to 1
   */
  public void weights(double u, double[] w) {
    double p = u * u * (3 - 2 * u);
    double m = u * (1 - u) * (1 - u);
    double q = -u * u * (1 - u);
    w[0] = m * first[0] + q * second[0];
    w[1] = 1 - p + m * first[1] + q * second[1];
    w[2] = p + m * first[2] + q * second[2];
    w[3] = m * first[3] + q * second[3];
  }

  /**
   * Where the curve crosses nought, from below at the first of the inner two to above at the
   * second: Newton's steps, halved where they leave the bracket. Where they run out, the last
   * place.
   *
   * @param c four values
   * @param within how near to nought is near enough
   * @return place between the inner two, 0 to 1
   */
  public double root(double[] c, double within) {
    double t = 0;
    double s = 0;
    for (int i = 0; i < 4; i++) {
      t += first[i] * c[i];
      s += second[i] * c[i];
    }
    double rise = c[2] - c[1];
    double square = 3 * rise - 2 * t - s;
    double cube = t + s - 2 * rise;
    double low = 0;
    double high = 1;
    double u = -c[1] / rise;
    for (int i = 0; i < MOST_STEPS; i++) {
      double at = c[1] + u * (t + u * (square + u * cube));
      if (Math.abs(at) < within) {
        break;
      }
      if (at < 0) {
        low = u;
      } else {
        high = u;
      }
      double next = u - at / (t + u * (2 * square + u * 3 * cube));
      u = next > low && next < high ? next : (low + high) / 2;
    }
    return u;
  }
}
