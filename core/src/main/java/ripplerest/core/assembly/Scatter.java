package ripplerest.core.assembly;

/**
 * Even, repeatable scatter: the fractional parts of multiples of an irrational number (additive
 * recurrence; Niederreiter, Random Number Generation and Quasi-Monte Carlo Methods, SIAM 1992, ch.
 * 3). A hackle is not random, and a fly must come out the same each time.
 */
enum Scatter {
  GOLDEN(0.6180339887498949),
  PLASTIC(0.7548776662466927),
  PLASTIC_SQUARE(0.5698402909980532);

  /** How far a barb leans fore or aft of its plane at most, rad (assumption). */
  static final double LEAN_RAD = Math.toRadians(14);

  /** How far a barb's length strays from the mean at most, as a share (assumption). */
  static final double LENGTH_SHARE = 0.05;

  private final double step;

  Scatter(double step) {
    this.step = step;
  }

  /** The term of index {@code i}, 0 to 1. */
  double at(int i) {
    double x = 0.5 + i * step;
    return x - Math.floor(x);
  }

  /** The same, -1 to 1. */
  double centred(int i) {
    return 2 * at(i) - 1;
  }
}
