package ripplerest.core.second;

import java.util.Arrays;

/**
 * The film as a square grid of heights under full curvature, γ·div(∇h/√(1 + |∇h|²)) = ρg·h + load,
 * relaxed cell by cell. Loads are forces on cells; a load that answers to its cell's height gives
 * its stiffness too, so that both are found together.
 */
final class GridFilm {
  private static final double OVER = 1.9;
  private static final int CURVED_EVERY = 25;

  /** Distance from a cell at which a point's own dimple is that of the lattice, in cells. */
  private static final double LATTICE = Math.exp(-0.57721566 - 1.5 * Math.log(2));

  final double dx;
  private final int n;
  private final double tension;
  private final double specificWeight;
  final double[] h;
  private final double[] load;
  private final double[] stiffness;
  private final double[] overX;
  private final double[] overY;

  /** A film over a square of half side {@code reach}, mm; units µN and mm. */
  GridFilm(double dx, double reach, double tension, double specificWeight) {
    this.dx = dx;
    this.n = 2 * (int) Math.ceil(reach / dx) + 1;
    this.tension = tension;
    this.specificWeight = specificWeight;
    this.h = new double[n * n];
    this.load = new double[n * n];
    this.stiffness = new double[n * n];
    this.overX = new double[n * n];
    this.overY = new double[n * n];
    Arrays.fill(overX, 1);
    Arrays.fill(overY, 1);
  }

  /** The cell at a place. */
  int cell(double x, double y) {
    int i = Math.max(2, Math.min(n - 3, (int) Math.round(x / dx) + n / 2));
    int j = Math.max(2, Math.min(n - 3, (int) Math.round(y / dx) + n / 2));
    return i * n + j;
  }

  /** Height between cells. */
  double height(double x, double y) {
    double u = Math.max(2, Math.min(n - 3.001, x / dx + n / 2));
    double v = Math.max(2, Math.min(n - 3.001, y / dx + n / 2));
    int i = (int) u;
    int j = (int) v;
    double s = u - i;
    double t = v - j;
    return (1 - s) * ((1 - t) * h[i * n + j] + t * h[i * n + j + 1])
        + s * ((1 - t) * h[(i + 1) * n + j] + t * h[(i + 1) * n + j + 1]);
  }

  /** How much deeper a point load dents the film at its own radius than at its cell, mm/µN. */
  double pointDepth(double radius) {
    return Math.log(LATTICE * dx / radius) / (2 * Math.PI * tension);
  }

  void clearLoads() {
    Arrays.fill(load, 0);
    Arrays.fill(stiffness, 0);
  }

  /** A force down on a cell at its present height, and by how much it grows as the cell rises. */
  void press(int cell, double force, double perMm) {
    load[cell] += force;
    stiffness[cell] += perMm;
  }

  /** Relaxes the film; a load follows its cell by its stiffness within a sweep. */
  void relax(int sweeps) {
    double[] at = h.clone();
    double water = specificWeight * dx * dx / tension;
    for (int sweep = 0; sweep < sweeps; sweep++) {
      if (sweep % CURVED_EVERY == 0) {
        curve();
      }
      for (int i = 1; i < n - 1; i++) {
        for (int k = i * n + 1; k < i * n + n - 1; k++) {
          double down = overX[k - n];
          double up = overX[k];
          double left = overY[k - 1];
          double right = overY[k];
          double all = down + up + left + right + water + stiffness[k] / tension;
          double pull =
              down * h[k - n]
                  + up * h[k + n]
                  + left * h[k - 1]
                  + right * h[k + 1]
                  - (load[k] - stiffness[k] * at[k]) / tension;
          h[k] += OVER * (pull / all - h[k]);
        }
      }
    }
  }

  /** 1/√(1 + |∇h|²) between neighbours. */
  private void curve() {
    for (int i = 1; i < n - 2; i++) {
      for (int j = 1; j < n - 2; j++) {
        int k = i * n + j;
        double x = (h[k + n] - h[k]) / dx;
        double acrossX = (h[k + 1] - h[k - 1] + h[k + n + 1] - h[k + n - 1]) / (4 * dx);
        overX[k] = 1 / Math.sqrt(1 + x * x + acrossX * acrossX);
        double y = (h[k + 1] - h[k]) / dx;
        double acrossY = (h[k + n] - h[k - n] + h[k + n + 1] - h[k - n + 1]) / (4 * dx);
        overY[k] = 1 / Math.sqrt(1 + y * y + acrossY * acrossY);
      }
    }
  }
}
