package ripplerest.core.film.laws;

import ripplerest.core.water.Water;

/**
 * How far a point force depresses the film: the small-slope Young–Laplace sheet ∇²h = h/ℓ² answers
 * a downward force F with h(r) = -F·K₀(r/ℓ)/(2πγ). Slopes are taken as small; what that leaves out
 * is bounded in the tests against the exact two-dimensional meniscus.
 *
 * <p>K₀ is the modified Bessel function (Abramowitz and Stegun, Handbook of Mathematical Functions,
 * 1964, 9.8.5 and 9.8.6, error below 2·10⁻⁷). It is looked up by the exponent and leading bits of
 * the squared distance, so that no square root or logarithm stands in the inner loop.
 */
public final class FilmKernel {
  /** Segment's own collocation potential: the mean of ln|x| over a segment is ln(L/2) - 1. */
  public static final double SELF_OF_SEGMENT = 1 / (2 * Math.E);

  private static final int BITS = 6;
  private static final int SHIFT = 52 - BITS;
  private static final long BELOW = (1L << SHIFT) - 1;
  private static final double STEP = 1.0 / (1L << SHIFT);
  private static final double SMALLEST = 0x1p-30;
  private static final double LARGEST = 256;
  private static final long BASE = Double.doubleToRawLongBits(SMALLEST) >>> SHIFT;
  private static final double[] TABLE = table();

  private final double perForce;
  private final double inverseSquare;

  public FilmKernel(Water water) {
    this(water.tension(), water.capillaryLength());
  }

  /** A film of tension γ and capillary length ℓ, in any consistent units. */
  FilmKernel(double tension, double capillaryLength) {
    this.perForce = 1 / (2 * Math.PI * tension);
    this.inverseSquare = 1 / (capillaryLength * capillaryLength);
  }

  /**
   * Depression of the film per force, mm/µN.
   *
   * @param squareMm squared distance, mm²; the square of the source's own size has to be in it
   */
  public double depression(double squareMm) {
    double x2 = squareMm * inverseSquare;
    if (x2 >= LARGEST) {
      return 0;
    }
    long bits = Double.doubleToRawLongBits(Math.max(x2, SMALLEST));
    int bin = (int) ((bits >>> SHIFT) - BASE);
    double t = (bits & BELOW) * STEP; // a double is linear in its trailing bits
    return perForce * (TABLE[bin] + t * (TABLE[bin + 1] - TABLE[bin]));
  }

  /** The modified Bessel function K₀ of a positive argument. */
  public static double besselK0(double x) {
    if (x <= 2) {
      double t = x * x / 4;
      return -Math.log(x / 2) * besselI0(x)
          + polynomial(
              t,
              -0.57721566,
              0.42278420,
              0.23069756,
              0.03488590,
              0.00262698,
              0.00010750,
              0.00000740);
    }
    double t = 2 / x;
    return Math.exp(-x)
        / Math.sqrt(x)
        * polynomial(
            t,
            1.25331414,
            -0.07832358,
            0.02189568,
            -0.01062446,
            0.00587872,
            -0.00251540,
            0.00053208);
  }

  /** I₀ for |x| up to 3.75 (Abramowitz and Stegun 9.8.1). */
  private static double besselI0(double x) {
    double t = x / 3.75;
    return polynomial(t * t, 1, 3.5156229, 3.0899424, 1.2067492, 0.2659732, 0.0360768, 0.0045813);
  }

  private static double polynomial(double t, double... c) {
    double sum = 0;
    for (int i = c.length - 1; i >= 0; i--) {
      sum = sum * t + c[i];
    }
    return sum;
  }

  private static double[] table() {
    int bins = (int) ((Double.doubleToRawLongBits(LARGEST) >>> SHIFT) - BASE);
    double[] k0 = new double[bins + 2];
    for (int i = 0; i < k0.length; i++) {
      k0[i] = besselK0(Math.sqrt(Double.longBitsToDouble((BASE + i) << SHIFT)));
    }
    return k0;
  }
}
