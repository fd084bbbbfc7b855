package ripplerest.core.second;

import java.util.Arrays;
import ripplerest.core.assembly.FlyBody.Fibre;

/**
 * A barb as a chain of rigid links with springs between them, in its upright plane: least energy of
 * bending, of a film that it presses on, and of the water that wets it.
 */
final class Chain {
  private static final int LINKS = 12;

  /** Steps of Newton's a time; the film has moved little since the last. */
  private static final int STEPS = 25;

  /** Points on a link that meet the film. */
  private static final int POINTS = 3;

  /** How hard film and barb keep apart, µN/mm for a millimetre of barb. */
  private static final double KEEPS_OFF = 4000;

  /** Share of a change of load that is let through at a time; a barb is softer than the film. */
  private static final double FOLLOWS = 0.12;

  /** Height over which a barb passes the film, mm. */
  private static final double PASSES = 0.1;

  private final Fibre fibre;
  private final double step;
  private final double[] stiff = new double[LINKS];
  private final double[] angle = new double[LINKS];
  private final double rootAngle;
  private final double x;
  private final double y;
  private final double z;
  private final double outX;
  private final double outY;

  /** Cost of wetting a length at the root, µN, of a barb that crosses; empty for one that lies. */
  private final double wets;

  private final boolean lies;

  /** What each point presses, µN: brought toward what it would press by a share each time. */
  private final double[] pressed = new double[LINKS * POINTS];

  /** Of Newton's steps, kept from one time to the next. */
  private double damping;

  double force;
  double momentX;

  /** Root in space, direction of the unloaded barb in it, unit. */
  Chain(Fibre fibre, double[] root, double[] along, boolean lies, double wets) {
    this.fibre = fibre;
    this.lies = lies;
    this.wets = wets;
    this.step = fibre.lengthMm() / LINKS;
    double flat = Math.hypot(along[0], along[1]);
    this.rootAngle = Math.atan2(along[2], flat);
    this.outX = flat > 1e-9 ? along[0] / flat : 1;
    this.outY = flat > 1e-9 ? along[1] / flat : 0;
    this.x = root[0];
    this.y = root[1];
    this.z = root[2];
    this.damping = 1e-3 * fibre.bendingStiffness() / step;
    for (int k = 0; k < LINKS; k++) {
      angle[k] = rootAngle;
      double thick = 1 - fibre.taper() * k / LINKS;
      double half = k == 0 ? 0.5 : 1; // the first spring stands half a link from the clamp
      stiff[k] = fibre.bendingStiffness() * Math.pow(thick, 4) / (half * step);
    }
  }

  /** Bends as the film that is there now asks. */
  void settle(GridFilm film, double ownDepth) {
    double[] slope = new double[LINKS];
    double[][] curve = new double[LINKS][LINKS];
    double energy = energy(film, ownDepth, slope, curve);
    for (int n = 0; n < STEPS; n++) {
      double[] before = angle.clone();
      double[] move = solve(curve, slope, damping);
      double most = 0;
      for (int k = 0; k < LINKS; k++) {
        double by = Math.max(-0.1, Math.min(0.1, move[k]));
        most = Math.max(most, Math.abs(by));
        angle[k] -= by;
      }
      double now = energy(film, ownDepth, slope, curve);
      if (now > energy + 1e-9) {
        System.arraycopy(before, 0, angle, 0, LINKS);
        damping *= 8;
        energy(film, ownDepth, slope, curve);
      } else {
        damping = Math.max(1e-6 * stiff[0], damping / 4);
        energy = now;
        if (most < 1e-6) {
          break;
        }
      }
    }
  }

  /** Energy, its slope by each angle and the part of its curvature that is never negative. */
  private double energy(GridFilm film, double ownDepth, double[] slope, double[][] curve) {
    for (double[] row : curve) {
      Arrays.fill(row, 0);
    }
    double sum = 0;
    double[] lift = new double[LINKS];
    double reach = 0;
    double up = z;
    double[] along = new double[LINKS];
    for (int k = 0; k < LINKS; k++) {
      double bend = angle[k] - (k == 0 ? rootAngle : angle[k - 1]);
      sum += stiff[k] / 2 * bend * bend;
      double part = step / POINTS;
      double cosine = Math.cos(angle[k]);
      double sine = Math.sin(angle[k]);
      along[k] = step * cosine;
      for (int p = 0; p < POINTS; p++) {
        double s = (p + 0.5) * part;
        double px = reach + s * cosine;
        double pz = up + s * sine;
        double level = film.height(x + outX * px, y + outY * px);
        double[] at = meets(level - (lies ? 0 : ownDepth) - pz, (k + s / step) / LINKS, part);
        sum += at[0];
        if (at[1] == 0 && at[2] == 0) {
          continue; // clear of the water
        }
        // The point is lifted by its own link and by all before it.
        for (int i = 0; i <= k; i++) {
          double arm = i == k ? s * cosine : along[i];
          lift[i] += at[1] * arm;
          for (int j = 0; j <= k; j++) {
            curve[i][j] += at[2] * arm * (j == k ? s * cosine : along[j]);
          }
        }
      }
      reach += along[k];
      up += step * sine;
    }
    for (int k = 0; k < LINKS; k++) {
      double bend = angle[k] - (k == 0 ? rootAngle : angle[k - 1]);
      slope[k] = stiff[k] * bend - lift[k];
      if (k + 1 < LINKS) {
        slope[k] -= stiff[k + 1] * (angle[k + 1] - angle[k]);
        curve[k][k] += stiff[k + 1];
        curve[k][k + 1] -= stiff[k + 1];
        curve[k + 1][k] -= stiff[k + 1];
      }
      curve[k][k] += stiff[k];
    }
    return sum;
  }

  /** Energy of a short part so far under the film, the force that lifts it, and its growth. */
  private double[] meets(double under, double share, double part) {
    if (lies) {
      double deep = Math.max(0, under);
      double keeps = KEEPS_OFF * part;
      return new double[] {keeps / 2 * deep * deep, keeps * deep, deep > 0 ? keeps : 0};
    }
    double cost = wets * (1 - fibre.taper() * share) * part;
    double t = Math.max(0, Math.min(1, 0.5 + under / (2 * PASSES)));
    boolean passing = t > 0 && t < 1;
    double bends = passing ? cost * 6 * (1 - 2 * t) / (4 * PASSES * PASSES) : 0;
    return new double[] {
      cost * t * t * (3 - 2 * t),
      passing ? cost * 6 * t * (1 - t) / (2 * PASSES) : 0,
      Math.max(0, bends)
    };
  }

  /** Presses on the film as it is bent now; leaves its force and moments behind. */
  double press(GridFilm film, double ownDepth) {
    force = momentX = 0;
    double reach = 0;
    double up = z;
    for (int k = 0; k < LINKS; k++) {
      double part = step / POINTS;
      double cosine = Math.cos(angle[k]);
      double sine = Math.sin(angle[k]);
      for (int p = 0; p < POINTS; p++) {
        double s = (p + 0.5) * part;
        double px = reach + s * cosine;
        double pz = up + s * sine;
        double wx = x + outX * px;
        double wy = y + outY * px;
        double under = film.height(wx, wy) - (lies ? 0 : ownDepth) - pz;
        double f = meets(under, (k + s / step) / LINKS, part)[1];
        int point = k * POINTS + p;
        pressed[point] += FOLLOWS * (f - pressed[point]);
        film.press(film.cell(wx, wy), pressed[point], 0);
        force += pressed[point];
        momentX += pressed[point] * wx;
      }
      reach += step * cosine;
      up += step * sine;
    }
    return force;
  }

  private static double[] solve(double[][] matrix, double[] right, double damping) {
    int n = right.length;
    double[][] a = new double[n][n + 1];
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        a[i][j] = matrix[i][j] + (i == j ? damping : 0);
      }
      a[i][n] = right[i];
    }
    for (int c = 0; c < n; c++) {
      int best = c;
      for (int r = c + 1; r < n; r++) {
        best = Math.abs(a[r][c]) > Math.abs(a[best][c]) ? r : best;
      }
      double[] swap = a[c];
      a[c] = a[best];
      a[best] = swap;
      for (int r = c + 1; r < n; r++) {
        double f = a[r][c] / a[c][c];
        for (int j = c; j <= n; j++) {
          a[r][j] -= f * a[c][j];
        }
      }
    }
    double[] x = new double[n];
    for (int i = n - 1; i >= 0; i--) {
      double sum = a[i][n];
      for (int j = i + 1; j < n; j++) {
        sum -= a[i][j] * x[j];
      }
      x[i] = sum / a[i][i];
    }
    return x;
  }
}
