package ripplerest.core.film.laws;

/**
 * The closed form for an even barb, against which the tables for tapered ones are checked.
 *
 * <p>A uniform barb that crosses the film: an elastica clamped at its root and loaded by one
 * vertical force where the film meets it; beyond that point it is straight.
 *
 * <p>With the root inclined α and the barb inclined β where it crosses, the film pulls along it by
 * Γ = 2πrγ(-cos θ) a length, so the force on the fly is F = Γ/sin β, straight up (virtual work: a
 * lowering dz wets dz/sin β more of it). Bending moment balance, integrated once, gives
 *
 * <pre>
 *   s = √(B/2F)·∫ dφ/√(|sin φ - sin β|) between β and α,
 * </pre>
 *
 * the elastica of Euler (Methodus inveniendi lineas curvas, 1744, additamentum 1; Love, A Treatise
 * on the Mathematical Theory of Elasticity, 4th ed. 1927, §262). The height and reach of the
 * crossing follow with sin φ and cos φ under the integral. All are scaled by √(B/|Γ|). The end
 * point's root singularity is taken out by φ = β ± t², and 16 Gauss points do the rest.
 *
 * <p>A force that lifts the drowned end flattens the barb (β below α); one that draws it down, or
 * lifts a barb whose root is the drowned end, steepens it (β above α).
 */
public final class Elastica {
  private static final double[] NODE = {
    0.0950125098376374, 0.2816035507792589, 0.4580167776572274, 0.6178762444026438,
    0.7554044083550030, 0.8656312023878318, 0.9445750230732326, 0.9894009349916499
  };
  private static final double[] WEIGHT = {
    0.1894506104550685, 0.1826034150449236, 0.1691565193950025, 0.1495959888165767,
    0.1246289712555339, 0.0951585116824928, 0.0622535239386479, 0.0271524594117541
  };

  private Elastica() {}

  /** Height of the root over the crossing, reach and arc length between them, in √(B/|Γ|). */
  record Shape(double height, double reach, double arc) {}

  /**
   * The barb between root and crossing.
   *
   * @param alpha inclination at the root, rad, above 0 to π/2
   * @param beta inclination at the crossing, rad, above 0 to π/2
   */
  static Shape shape(double alpha, double beta) {
    double range = Math.sqrt(Math.abs(alpha - beta));
    double sign = alpha >= beta ? 1 : -1;
    double sinBeta = Math.sin(beta);
    double height = 0;
    double reach = 0;
    double arc = 0;
    for (int i = 0; i < 2 * NODE.length; i++) {
      double x = i < NODE.length ? NODE[i] : -NODE[i - NODE.length];
      double t = range * (1 + x) / 2;
      double phi = beta + sign * t * t;
      // sin φ - sin β without cancellation
      double rise = 2 * Math.cos((phi + beta) / 2) * Math.sin(t * t / 2);
      double w = WEIGHT[i % NODE.length] * range * t / Math.sqrt(Math.max(rise, 1e-300));
      height += w * Math.sin(phi);
      reach += w * Math.cos(phi);
      arc += w;
    }
    double scale = Math.sqrt(sinBeta / 2);
    return new Shape(scale * height, scale * reach, scale * arc);
  }

  /**
   * The most that a clamped uniform barb, its root inclined α, can bring to bear along its own tip:
   * c(α) = max of F·sin β·L²/B over tip loads. It can pierce only if Γ·L²/B is below that. At α =
   * 90° it is Euler's column, π²/4.
   */
  public static double piercingLimit(double alpha) {
    double beta = arcMaximum(alpha);
    // Γ = F sin β and L = s, so Γ·L²/B is the square of the scaled arc.
    double arc = shape(alpha, beta).arc();
    return arc * arc;
  }

  private static double arcMaximum(double alpha) {
    double best = alpha;
    double most = 0;
    for (int i = 1; i < 2000; i++) {
      double beta = alpha * i / 2000;
      double arc = shape(alpha, beta).arc();
      if (arc > most) {
        most = arc;
        best = beta;
      }
    }
    return best;
  }
}
