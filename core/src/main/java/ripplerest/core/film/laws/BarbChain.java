package ripplerest.core.film.laws;

import java.util.Arrays;
import ripplerest.core.film.numerics.BoxQp;
import ripplerest.core.film.numerics.Cholesky;

/**
 * A barb that lies on the film: a planar chain of straight segments with elastic hinges, pushed up
 * by the film at its root and at the far end of each segment, so that a tip's load acts at the tip.
 *
 * <p>For a given root and a given level of the film (set by everything else on it) the chain's
 * inclinations minimise bending + film, where the film's part is the largest of fᵀ(h - z) - ½fᵀAf
 * over 0 ≤ f ≤ m: Newton with the contact problem of {@link BoxQp} inside and a backtracking line
 * search. The discrete hinge is exact for a uniform beam as segments are halved (Bergou et al., ACM
 * Trans. Graph. 27 (2008) 63, for the planar case). Rotation may be large. Left out: bending
 * sideways.
 */
public final class BarbChain {
  /** Torque that may be left, as a share of the root's stiffness. */
  private static final double TORQUE_SHARE = 1e-6;

  private static final int MAX_ITERATIONS = 40;
  private static final int MAX_SHIFTS = 40;
  private static final int MAX_HALVINGS = 12;

  final int n;
  final double ds;
  private final double tolerance;
  private final int contacts;

  /** Inclination of each segment, rad, positive downward; kept between solves as a warm start. */
  final double[] phi;

  /** Film force at the root and at each segment's far end, µN. */
  final double[] force;

  /** Height of the root and of each segment's far end over the undisturbed level, mm. */
  public final double[] z;

  /** Horizontal distance of the root and of each segment's far end from the root, mm. */
  public final double[] reach;

  private final FilmKernel kernel;
  private final double[] hinge;
  private final double[] a;
  private final double[] limit;
  private final double[] level;
  private final BoxQp contact;
  private final double[] torque;
  private final double[] hessian;
  private final double[] step;
  private final double[] trial;
  private final double[] column;
  private final double[] factor;
  private boolean isSettled = true;

  /**
   * @param segments number of segments
   * @param length of the barb, mm
   * @param stiffness B = E·πr⁴/4 at the root, µN·mm²
   * @param taper share of the radius that is lost from root to tip, 0 to 0.9
   * @param kernel of the film
   */
  public BarbChain(int segments, double length, double stiffness, double taper, FilmKernel kernel) {
    this.n = segments;
    this.ds = length / segments;
    this.tolerance = TORQUE_SHARE * stiffness / length;
    this.phi = new double[n];
    this.contacts = n + 1;
    this.force = new double[contacts];
    this.z = new double[contacts];
    this.reach = new double[contacts];
    this.hinge = new double[n + 1];
    for (int i = 1; i < n; i++) {
      hinge[i] = stiffness * Math.pow(1 - taper * i / n, 4) / ds;
    }
    // half a segment between clamp and first middle
    hinge[0] = 2 * stiffness * Math.pow(1 - taper / (4 * n), 4) / ds;
    this.a = new double[contacts * contacts];
    this.kernel = kernel;
    for (int i = 0; i < contacts; i++) {
      for (int j = 0; j < contacts; j++) {
        a[i * contacts + j] = kernel.depression(square((i - j) * ds));
      }
    }
    this.limit = new double[contacts];
    hold(n);
    this.level = new double[contacts];
    this.contact = new BoxQp(contacts);
    this.torque = new double[n];
    this.hessian = new double[n * n];
    this.step = new double[n];
    this.trial = new double[n];
    this.column = new double[contacts];
    this.factor = new double[n * n];
  }

  /** Length of barb that one contact stands for, mm; half a segment at root and tip. */
  double share(int i) {
    return i == 0 || i == n ? ds / 2 : ds;
  }

  /** Forgets the last solution: straight and unloaded at inclination {@code alpha}. */
  public void straighten(double alpha, double rootZ) {
    Arrays.fill(phi, alpha);
    Arrays.fill(force, 0);
    shape(phi, rootZ);
  }

  /** Total film force, µN. */
  double load() {
    double sum = 0;
    for (double f : force) {
      sum += f;
    }
    return sum;
  }

  /** Inclination of the tip, rad, positive downward. */
  double tipInclination() {
    return phi[n - 1];
  }

  /**
   * Energy once the last segments have pierced, so that the film does not push there; the last
   * contact then stands for half a segment, as that of a tip does. Lets the film push everywhere
   * again afterwards.
   */
  double settlePierced(int segments, double alpha, double rootZ, double[] levels) {
    hold(n - segments);
    double energy = settle(alpha, rootZ, levels);
    hold(n);
    return energy;
  }

  private void hold(int lying) {
    Arrays.fill(limit, Double.POSITIVE_INFINITY);
    Arrays.fill(limit, lying + 1, contacts, 0);
    for (int i = 0; i < contacts; i++) {
      double share = i == lying ? ds / 2 : share(i);
      a[i * contacts + i] = kernel.depression(square(FilmKernel.SELF_OF_SEGMENT * share));
    }
  }

  private static double square(double x) {
    return x * x;
  }

  /**
   * What the film bears on a horizontal length, over all that lies on it but no less than an eighth
   * of the chain: a tip alone is not flooded but pierces.
   */
  double lineForce() {
    double sum = 0;
    double length = 0;
    for (int i = 0; i <= n; i++) {
      if (force[i] > 0) {
        sum += force[i];
        length += share(i) * Math.max(0.05, Math.cos(phi[Math.max(0, i - 1)]));
      }
    }
    return sum / Math.max(length, ds * n / 8);
  }

  /**
   * Settles the chain.
   *
   * @param alpha inclination of the clamped root, rad, positive downward
   * @param rootZ height of the root, mm
   * @param levels film level under each contact that all else makes, mm
   * @return energy of bending and film, µN·mm
   */
  public double settle(double alpha, double rootZ, double[] levels) {
    System.arraycopy(levels, 0, level, 0, contacts);
    double energy = energy(phi, alpha, rootZ);
    for (int it = 0; it < MAX_ITERATIONS; it++) {
      if (gradient(alpha) < tolerance) {
        isSettled = true;
        return energy;
      }
      newtonStep();
      double slope = 0;
      for (int i = 0; i < n; i++) {
        slope += torque[i] * step[i];
      }
      double scale = 1;
      double after = energy;
      for (int halving = 0; halving < MAX_HALVINGS; halving++) {
        for (int i = 0; i < n; i++) {
          trial[i] = phi[i] + scale * step[i];
        }
        after = energy(trial, alpha, rootZ);
        if (after <= energy + 1e-4 * scale * slope + 1e-13 * Math.abs(energy)) {
          break;
        }
        scale /= 2;
      }
      System.arraycopy(trial, 0, phi, 0, n);
      energy = after;
    }
    isSettled = gradient(alpha) < tolerance;
    return energy;
  }

  /** Whether the last solution left no torque, or its steps ran out before. */
  boolean isSettled() {
    return isSettled;
  }

  /** Energy of a shape, µN·mm; leaves z, reach and force of that shape behind. */
  private double energy(double[] angles, double alpha, double rootZ) {
    shape(angles, rootZ);
    double energy = 0;
    double before = alpha;
    for (int i = 0; i < n; i++) {
      double bend = angles[i] - before;
      energy += hinge[i] * bend * bend / 2;
      before = angles[i];
    }
    boolean touches = false;
    for (int i = 0; i < contacts; i++) {
      column[i] = level[i] - z[i];
      touches |= column[i] > 0;
    }
    if (!touches) {
      Arrays.fill(force, 0);
      contact.solve(a, column, limit, force);
      return energy;
    }
    contact.solve(a, column, limit, force);
    for (int i = 0; i < contacts; i++) {
      if (force[i] != 0) {
        double depth = 0;
        for (int j = 0; j < contacts; j++) {
          depth += a[i * contacts + j] * force[j];
        }
        energy += force[i] * (column[i] - depth / 2);
      }
    }
    return energy;
  }

  private void shape(double[] angles, double rootZ) {
    double x = 0;
    double height = rootZ;
    z[0] = rootZ;
    for (int i = 0; i < n; i++) {
      double dx = ds * Math.cos(angles[i]);
      double dz = ds * Math.sin(angles[i]);
      height -= dz;
      x += dx;
      z[i + 1] = height;
      reach[i + 1] = x;
    }
  }

  /** Torque left on each segment; returns the largest. */
  private double gradient(double alpha) {
    double beyond = 0;
    double worst = 0;
    for (int i = n - 1; i >= 0; i--) {
      double before = i == 0 ? alpha : phi[i - 1];
      double t = hinge[i] * (phi[i] - before);
      if (i + 1 < n) {
        t -= hinge[i + 1] * (phi[i + 1] - phi[i]);
      }
      beyond += force[i + 1];
      t += ds * Math.cos(phi[i]) * beyond;
      torque[i] = t;
      worst = Math.max(worst, Math.abs(t));
    }
    return worst;
  }

  private void newtonStep() {
    Arrays.fill(hessian, 0);
    double beyond = 0;
    for (int i = n - 1; i >= 0; i--) {
      double stiff = hinge[i] + (i + 1 < n ? hinge[i + 1] : 0);
      beyond += force[i + 1];
      hessian[i * n + i] = stiff - ds * Math.sin(phi[i]) * beyond;
      if (i > 0) {
        hessian[i * n + i - 1] = -hinge[i];
      }
    }
    addFilmStiffness();
    double shift = 0;
    for (int i = 0; i < MAX_SHIFTS && !solve(shift); i++) {
      shift = shift == 0 ? 1e-3 * hinge[0] : shift * 8;
    }
  }

  /** Adds JᵀA⁻¹J over the free elements, J the change of an end's height with each inclination. */
  private void addFilmStiffness() {
    int free = contact.freeCount();
    if (free == 0) {
      return;
    }
    int reachOfLast = contact.free(free - 1); // contact j moves with segments 0 to j - 1
    for (int k = 0; k < reachOfLast; k++) {
      double c = ds * Math.cos(phi[k]);
      for (int q = 0; q < free; q++) {
        int j = contact.free(q);
        column[q] = k < j ? -c : 0;
      }
      contact.solveFreeSystem(column);
      for (int i = k; i < reachOfLast; i++) {
        double ci = ds * Math.cos(phi[i]);
        double sum = 0;
        for (int q = 0; q < free; q++) {
          int j = contact.free(q);
          if (i < j) {
            sum -= ci * column[q];
          }
        }
        hessian[i * n + k] += sum;
      }
    }
  }

  /**
   * Cholesky of the lower half of the Hessian plus a shift; false if it is not positive definite.
   */
  private boolean solve(double shift) {
    for (int i = 0; i < n; i++) {
      System.arraycopy(hessian, i * n, factor, i * n, i + 1);
      factor[i * n + i] += shift;
      step[i] = -torque[i];
    }
    if (!Cholesky.factor(factor, n, n, 1e-9 * hinge[0])) {
      return false;
    }
    Cholesky.solve(factor, n, n, step);
    return true;
  }
}
