package ripplerest.core.rest;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Load;
import ripplerest.core.film.Pose;
import ripplerest.core.water.Water;

/**
 * What is left of weight and water in a pose, in three coordinates of one unit: heave, and pitch
 * and roll times the shank (mm). Residuals are forces and moments over the shank (µN).
 */
final class Balance {
  private final FilmSolver film;
  private final double shank;
  private double weight;
  private double hungShare;
  private Vector3D hungFrom = Vector3D.ZERO;
  private PoseListener listener = PoseListener.UNSEEN;

  Balance(FilmSolver film, double shankMm) {
    this.film = film;
    this.shank = shankMm;
    this.weight = film.weight();
  }

  /** Of the fly and what hangs from it, µN. */
  double weight() {
    return weight;
  }

  FilmSolver film() {
    return film;
  }

  /** Who is told the poses on the way. */
  void watch(PoseListener watcher) {
    listener = watcher;
  }

  /** Tells whoever watches that the fly has come to a pose. */
  void pass(Pose pose, FilmState state) {
    listener.passes(pose, () -> film.solution(pose, state));
  }

  /**
   * Hangs a weight from a place on the fly by a thin line that pulls straight down.
   *
   * @param mg in water; 0 takes it off
   * @param from body frame, mm
   */
  void hang(double mg, Vector3D from) {
    double own = film.weight();
    weight = own + mg * Water.GRAVITY;
    hungShare = 1 - own / weight;
    hungFrom = from.subtract(film.centreOfMass());
  }

  /**
   * Residual in µN: lift less {@code load} weights, and both moments over the shank. What hangs
   * from the fly pulls with its share of the load, or, with no load given, of what is lifted.
   */
  double[] residual(Pose pose, FilmState state, ContactLine line, double load) {
    Load l = film.evaluate(pose, state, line);
    double pitch = l.pitch();
    double roll = l.roll();
    if (hungShare > 0) {
      double pull = hungShare * (load == 0 ? l.lift() : load * weight);
      Vector3D at = pose.turn(hungFrom);
      pitch += pull * at.getX();
      roll -= pull * at.getY() * Math.cos(pose.pitchRad());
    }
    return new double[] {l.lift() - load * weight, pitch / shank, roll / shank};
  }

  Pose moved(Pose pose, double[] step) {
    return pose.moved(step[0], step[1] / shank, step[2] / shank);
  }

  /**
   * Stiffness matrix, µN/mm, minus the derivative of the residual, made symmetric; by central
   * differences of the analytic forces, film coupling included.
   *
   * @param heaveMm step in heave, mm
   * @param turnRad step in pitch and roll, rad
   */
  RealMatrix stiffness(
      Pose pose, FilmState state, ContactLine line, double heaveMm, double turnRad) {
    double[] sizes = {heaveMm, turnRad * shank, turnRad * shank};
    RealMatrix k = MatrixUtils.createRealMatrix(3, 3);
    for (int j = 0; j < 3; j++) {
      double[] step = new double[3];
      step[j] = sizes[j];
      double[] plus = residual(moved(pose, step), state, line, 1);
      step[j] = -sizes[j];
      double[] minus = residual(moved(pose, step), state, line, 1);
      for (int i = 0; i < 3; i++) {
        k.setEntry(i, j, (minus[i] - plus[i]) / (2 * sizes[j]));
      }
    }
    return symmetric(k);
  }

  /** One-sided stiffness from a residual already known; half the cost, for following a path. */
  RealMatrix roughStiffness(
      Pose pose, FilmState state, ContactLine line, double load, double[] here) {
    double step = 0.01;
    RealMatrix k = MatrixUtils.createRealMatrix(3, 3);
    for (int j = 0; j < 3; j++) {
      double[] move = new double[3];
      move[j] = -step;
      double[] there = residual(moved(pose, move), state, line, load);
      for (int i = 0; i < 3; i++) {
        k.setEntry(i, j, (there[i] - here[i]) / step);
      }
    }
    return symmetric(k);
  }

  private static RealMatrix symmetric(RealMatrix k) {
    return k.add(k.transpose()).scalarMultiply(0.5);
  }

  /** Eigenvalues of a stiffness, µN/mm, largest first. */
  static double[] eigenvalues(RealMatrix stiffness) {
    return new EigenDecompositionSymmetric(stiffness).getEigenvalues();
  }

  /**
   * Step downhill, (|K| + μ)⁻¹·g with the smallest μ that keeps it within {@code radius} mm:
   * Newton's step near a rest, and far from one the way an overdamped fly would go.
   *
   * @param held whether the height is kept
   */
  double[] step(RealMatrix stiffness, double[] residual, double radius, boolean held) {
    RealMatrix k = stiffness;
    double[] g = residual;
    if (held) {
      k = MatrixUtils.createRealMatrix(3, 3);
      k.setEntry(0, 0, weight);
      k.setSubMatrix(stiffness.getSubMatrix(1, 2, 1, 2).getData(), 1, 1);
      g = new double[] {0, residual[1], residual[2]};
    }
    return step(new EigenDecompositionSymmetric(k), g, radius);
  }

  private double[] step(EigenDecompositionSymmetric eigen, double[] residual, double radius) {
    double[] step = new double[3];
    double[] size = new double[3];
    double[] stiff = new double[3];
    for (int e = 0; e < 3; e++) {
      RealVector v = eigen.getEigenvector(e);
      double along = 0;
      for (int i = 0; i < 3; i++) {
        along += v.getEntry(i) * residual[i];
      }
      size[e] = along;
      stiff[e] = Math.max(Math.abs(eigen.getEigenvalue(e)), 1e-3 * weight);
    }
    double damping = damping(size, stiff, radius);
    for (int e = 0; e < 3; e++) {
      RealVector v = eigen.getEigenvector(e);
      for (int i = 0; i < 3; i++) {
        step[i] += size[e] / (stiff[e] + damping) * v.getEntry(i);
      }
    }
    return step;
  }

  private static double damping(double[] size, double[] stiff, double radius) {
    if (length(size, stiff, 0) <= radius) {
      return 0;
    }
    double low = 0;
    double high = Math.sqrt(dot(size, size)) / radius;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (length(size, stiff, middle) > radius) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return high;
  }

  private static double length(double[] size, double[] stiff, double damping) {
    double sum = 0;
    for (int e = 0; e < 3; e++) {
      double s = size[e] / (stiff[e] + damping);
      sum += s * s;
    }
    return Math.sqrt(sum);
  }

  static double dot(double[] a, double[] b) {
    return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  }
}
