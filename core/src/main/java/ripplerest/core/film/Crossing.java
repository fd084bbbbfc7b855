package ripplerest.core.film;

/**
 * One barb crossing the film in its own dimple: finds the inclination at which the elastica of
 * {@link Elastica} reaches from the root to the local level. Mutable, kept as a warm start.
 */
final class Crossing {
  private static final double STEEPEST = Math.toRadians(89.9);

  /**
   * An upright barb bends like a column with a slight lean: exactly upright it has no side to go
   * to.
   */
  private static final double MOST_UPRIGHT = Math.toRadians(89.5);

  private static final int MAX_ITERATIONS = 60;

  /** Upward force on the fly, µN. */
  double force;

  /** Horizontal distance from root to crossing, mm. */
  double reach;

  /** Arc length from root to crossing, mm. */
  double arc;

  /** Inclination at the crossing, rad. */
  double beta;

  /** Depth of the barb's own dimple, mm. */
  double dimple;

  /** True if the barb cannot be held bent this far and springs out. */
  boolean springsOut;

  /** True if the root lies on the wrong side of the film. */
  boolean rootPassed;

  private double warm = -1;

  /**
   * @param inclination of the root toward the water, rad, above 0 to π/2
   * @param gap vertical distance from root to the level all else makes, mm, positive toward the tip
   * @param gamma pull along the barb, Γ = 2πrγ(-cos θ), µN; negative draws the drowned end down
   * @param stiffness B, µN·mm²
   * @param selfDepth depth of the own dimple a force, mm/µN
   * @param tipDown true if the tip is the drowned end, false if the root is
   */
  void solve(
      double inclination,
      double gap,
      double gamma,
      double stiffness,
      double selfDepth,
      boolean tipDown) {
    double alpha = Math.min(inclination, MOST_UPRIGHT);
    boolean flattens = gamma > 0 == tipDown;
    double scale = Math.sqrt(stiffness / Math.max(1e-6, Math.abs(gamma)));
    double sign = tipDown ? 1 : -1;
    double farthest = flattens ? FlatLimit.beta(alpha) : Math.max(alpha, STEEPEST);
    double most = Math.sqrt(Math.abs(farthest - alpha));
    springsOut = false;
    rootPassed = gap + sign * gamma / Math.sin(alpha) * selfDepth <= 0;
    double t = 0;
    if (!rootPassed) {
      double low = 0;
      double high = most;
      double atHigh = miss(high, alpha, gap, gamma, scale, selfDepth, sign, flattens);
      if (atHigh < 0) {
        springsOut = flattens;
        t = most;
      } else {
        t = warm > 0 && warm < most ? warm : most / 2;
        double atLow = miss(low, alpha, gap, gamma, scale, selfDepth, sign, flattens);
        for (int i = 0; i < MAX_ITERATIONS; i++) {
          double at = miss(t, alpha, gap, gamma, scale, selfDepth, sign, flattens);
          if (Math.abs(at) < 1e-9) {
            break;
          }
          if (at < 0) {
            low = t;
            atLow = at;
          } else {
            high = t;
            atHigh = at;
          }
          // Regula falsi with every third step a bisection: the end values stay a bracket.
          t = i % 3 == 2 ? (low + high) / 2 : low - atLow * (high - low) / (atHigh - atLow);
        }
        warm = t;
      }
    }
    beta = flattens ? alpha - t * t : alpha + t * t;
    Elastica.Shape shape = Elastica.shape(alpha, Math.max(beta, 1e-6));
    force = gamma / Math.sin(Math.max(beta, 1e-3));
    reach = scale * shape.reach();
    arc = scale * shape.arc();
    dimple = Math.abs(force) * selfDepth;
  }

  private static double miss(
      double t,
      double alpha,
      double gap,
      double gamma,
      double scale,
      double selfDepth,
      double sign,
      boolean flattens) {
    double beta = Math.max(1e-6, flattens ? alpha - t * t : alpha + t * t);
    double height = scale * Elastica.shape(alpha, beta).height();
    return height - gap - sign * gamma / Math.sin(beta) * selfDepth;
  }
}
