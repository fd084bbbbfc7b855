package ripplerest.core.film.laws;

/**
 * What a tapered barb that crosses the film bears, for all inclinations of its root and all places
 * of the crossing, in the barb's own units: length L, force B/L².
 *
 * <p>The film pulls along the barb by Γ(s) = 2πr(s)γ(-cos θ), so the force at a crossing inclined β
 * is F = Γ/sin β, straight up (virtual work: a lowering dz wets dz/sin β more of it). Between
 * crossing and root the barb is an elastica of varying stiffness,
 *
 * <pre>  B(s)·dφ/dl = F·x,  dx/dl = cos φ,  dz/dl = sin φ,  φ = β at the crossing, α at the root
 * </pre>
 *
 * (Euler, Methodus inveniendi lineas curvas, 1744, additamentum 1; Love, A Treatise on the
 * Mathematical Theory of Elasticity, 4th ed. 1927, §262, with B left under the integral),
 * integrated by the classical Runge–Kutta rule. One number makes the table beside the taper: κ =
 * ΓL²/B with Γ and B at the root. κ &lt; 0 is a wetting barb that is pulled down, or a root that is
 * the drowned end.
 *
 * <p>As more of the barb is dry its root stands higher, until the elastica can be held no further:
 * there, at {@link #farthest}, it springs out.
 */
final class CrossingTable {
  /** Inclinations of the root toward the water, rad. */
  static final double[] ALPHA =
      radians(2, 4, 6, 8, 10.5, 13.5, 17, 21, 26, 32, 38, 45, 53, 62, 70, 77, 83, 87, 89.5);

  /** Steps of the crossing from root to {@link #farthest}. */
  static final int PLACES = 14;

  static final int HEIGHT = 0;
  static final int FORCE_OVER_PULL = 1;
  static final int REACH = 2;
  static final int SINE = 3;
  static final int PINNED = 4;
  static final int OUTPUTS = 5;

  private static final int MARCH = 48;
  private static final int STEPS = 16;
  private static final double LEAST_BETA = 1e-4;

  /** Entries of one inclination, by place and output. */
  static final int ROW = (PLACES + 1) * OUTPUTS;

  /** Rows that somebody has asked for. */
  private final Row[] rows = new Row[ALPHA.length];

  /**
   * One inclination of the root.
   *
   * @param farthest arc length from root to the farthest crossing there can be, L
   * @param entry by place and output
   */
  record Row(double farthest, double[] entry) {}

  private final double kappa;
  private final double taper;

  // The elastica last integrated, at its root.
  private double phi;
  private double x;
  private double z;

  /**
   * @param kappa ΓL²/B at the root, -1000 to 1000
   * @param taper share of the radius lost from root to tip, 0 to 0.9
   */
  CrossingTable(double kappa, double taper) {
    this.kappa = kappa;
    this.taper = taper;
  }

  /** The row of an inclination; made when it is first asked for. */
  synchronized Row row(int a) {
    if (rows[a] == null) {
      double farthest = march(ALPHA[a]);
      double[] entry = new double[ROW];
      double beta = ALPHA[a];
      for (int k = 0; k <= PLACES; k++) {
        beta = store(entry, a, farthest * k / PLACES, k, beta);
      }
      rows[a] = new Row(farthest, entry);
    }
    return rows[a];
  }

  /** Largest arc at which the barb can be held, where its root stands highest. */
  private double march(double alpha) {
    double beta = alpha;
    double height = 0;
    double s = 0;
    double step = 1.0 / MARCH;
    while (s < 1 && step > 1e-5) {
      double next = Math.min(1, s + step);
      double there = crossing(alpha, next, beta);
      if (Double.isNaN(there) || z <= height) {
        step /= 4;
        continue;
      }
      s = next;
      beta = there;
      height = z;
    }
    return s;
  }

  private double store(double[] entry, int a, double s, int k, double guess) {
    int at = k * OUTPUTS;
    double beta = k == 0 ? ALPHA[a] : crossing(ALPHA[a], s, guess);
    if (Double.isNaN(beta)) {
      beta = guess; // the very fold, missed by a rounding
      integrate(s, beta, pull(s) / Math.sin(beta));
    }
    double force = pull(s) / Math.sin(beta);
    entry[at + HEIGHT] = k == 0 ? 0 : z;
    entry[at + FORCE_OVER_PULL] = force / kappa;
    entry[at + REACH] = k == 0 ? 0 : x;
    entry[at + SINE] = Math.sin(beta);
    entry[at + PINNED] = k == 0 ? 0 : yielding(ALPHA[a], s, beta, force);
    return beta;
  }

  private double pull(double s) {
    return kappa * (1 - taper * s);
  }

  /**
   * How far the root sinks a force with the crossing pinned to one place of the barb, L³/B; the
   * inverse of the stiffness of a pinned contact line.
   */
  private double yielding(double alpha, double s, double beta, double force) {
    double height = z;
    double more = force + 1e-3 * Math.copySign(1 + Math.abs(force), kappa);
    double other = beta;
    for (int i = 0; i < 30; i++) {
      integrate(s, other, more);
      double miss = phi - alpha;
      if (Math.abs(miss) < 1e-10) {
        break;
      }
      double here = phi;
      integrate(s, other + 1e-6, more);
      other -= miss * 1e-6 / (phi - here);
    }
    integrate(s, other, more);
    return (height - z) / (more - force);
  }

  /**
   * Inclination at a crossing {@code s} from the root, next to a guess; leaves the root's height
   * and reach behind. NaN if the barb cannot be held there.
   */
  private double crossing(double alpha, double s, double guess) {
    double beta = guess;
    for (int i = 0; i < 40; i++) {
      double miss = shoot(s, beta) - alpha;
      if (Math.abs(miss) < 1e-9) {
        return beta;
      }
      double h = 1e-6 * beta;
      double slope = (shoot(s, beta + h) - alpha - miss) / h;
      if (slope <= 1e-4) {
        return Double.NaN;
      }
      double next = beta - miss / slope;
      if (next <= LEAST_BETA) {
        next = beta / 2;
      }
      if (next < LEAST_BETA || next >= Math.PI) {
        return Double.NaN;
      }
      beta = next;
    }
    return Double.NaN;
  }

  private double shoot(double s, double beta) {
    integrate(s, beta, pull(s) / Math.sin(beta));
    return phi;
  }

  /** From the crossing up to the root. */
  private void integrate(double s, double beta, double force) {
    double h = s / STEPS;
    phi = beta;
    x = 0;
    z = 0;
    for (int i = 0; i < STEPS; i++) {
      double l = i * h;
      double k0 = force / stiffness(s - l);
      double k1 = force / stiffness(s - l - h / 2);
      double k2 = force / stiffness(s - l - h);
      double p1 = k0 * x;
      double x1 = Math.cos(phi);
      double z1 = Math.sin(phi);
      double p2 = k1 * (x + h / 2 * x1);
      double a2 = phi + h / 2 * p1;
      double x2 = Math.cos(a2);
      double z2 = Math.sin(a2);
      double p3 = k1 * (x + h / 2 * x2);
      double a3 = phi + h / 2 * p2;
      double x3 = Math.cos(a3);
      double z3 = Math.sin(a3);
      double p4 = k2 * (x + h * x3);
      double a4 = phi + h * p3;
      phi += h / 6 * (p1 + 2 * p2 + 2 * p3 + p4);
      x += h / 6 * (x1 + 2 * x2 + 2 * x3 + Math.cos(a4));
      z += h / 6 * (z1 + 2 * z2 + 2 * z3 + Math.sin(a4));
    }
  }

  private double stiffness(double s) {
    double r = 1 - taper * s;
    return r * r * r * r;
  }

  private static double[] radians(double... degrees) {
    double[] r = new double[degrees.length];
    for (int i = 0; i < r.length; i++) {
      r[i] = Math.toRadians(degrees[i]);
    }
    return r;
  }
}
