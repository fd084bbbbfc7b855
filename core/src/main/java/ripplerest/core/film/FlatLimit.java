package ripplerest.core.film;

/**
 * {@link Elastica#flattest} tabulated over the root's inclination, with the height it belongs to.
 */
final class FlatLimit {
  private static final int STEPS = 180;
  private static final double STEP = Math.PI / 2 / STEPS;
  private static final double[] BETA = new double[STEPS + 1];

  static {
    for (int i = 1; i <= STEPS; i++) {
      BETA[i] = Elastica.flattest(i * STEP);
    }
  }

  private FlatLimit() {}

  /** Inclination at the crossing, rad, at which a barb rooted at {@code alpha} springs out. */
  static double beta(double alpha) {
    double t = Math.min(STEPS - 1e-9, Math.max(0, alpha / STEP));
    int i = (int) t;
    return BETA[i] + (t - i) * (BETA[i + 1] - BETA[i]);
  }
}
