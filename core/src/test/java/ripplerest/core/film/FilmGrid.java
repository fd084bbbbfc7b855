package ripplerest.core.film;

import java.util.Arrays;
import ripplerest.core.water.Water;

/**
 * The film as a square grid: ∇²h = h/ℓ² by finite differences, pressed down by rigid straight
 * fibres as obstacles it may not rise through, solved by projected over-relaxation. A second,
 * slower way to the same numbers; numerical, not a source.
 */
final class FilmGrid {
  private static final double REACH_MM = 14;
  private static final double OVER = 1.96;
  private static final int SWEEPS = 700;

  private final int n;
  private final double dx;
  private final Water water;
  private final double[][] top;

  FilmGrid(double cellMm, Water water) {
    this.dx = cellMm;
    this.water = water;
    this.n = 2 * (int) Math.round(REACH_MM / cellMm) + 1;
    this.top = new double[n][n];
    for (double[] row : top) {
      Arrays.fill(row, Double.POSITIVE_INFINITY);
    }
  }

  /**
   * Lays a straight fibre: root at (x, y, z), direction in the plane, inclination down, mm and rad.
   */
  void lay(double x, double y, double z, double towards, double down, double length) {
    int steps = (int) Math.ceil(length * Math.cos(down) / (dx / 2)) + 1;
    for (int k = 0; k <= steps; k++) {
      double s = length * k / steps;
      double px = x + s * Math.cos(down) * Math.cos(towards);
      double py = y + s * Math.cos(down) * Math.sin(towards);
      int i = (int) Math.round(px / dx) + n / 2;
      int j = (int) Math.round(py / dx) + n / 2;
      top[i][j] = Math.min(top[i][j], z - s * Math.sin(down));
    }
  }

  /**
   * Lays a level round rod along x, its middle over the middle of the grid, its axis at a height.
   */
  void layRod(double length, double radius, double axis) {
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        double x = (i - n / 2) * dx;
        double y = (j - n / 2) * dx;
        if (Math.abs(x) <= length / 2 + 1e-9 && Math.abs(y) <= radius) {
          top[i][j] = Math.min(top[i][j], axis - Math.sqrt(radius * radius - y * y));
        }
      }
    }
  }

  /** Force of the film on all fibres together, µN, upward. */
  double force() {
    double ell = water.capillaryLength();
    double weight = 1 / (4 + dx * dx / (ell * ell));
    double[][] h = new double[n][n];
    for (int sweep = 0; sweep < SWEEPS; sweep++) {
      for (int i = 1; i < n - 1; i++) {
        for (int j = 1; j < n - 1; j++) {
          double free = weight * (h[i - 1][j] + h[i + 1][j] + h[i][j - 1] + h[i][j + 1]);
          h[i][j] = Math.min(top[i][j], h[i][j] + OVER * (free - h[i][j]));
        }
      }
    }
    double sum = 0;
    for (int i = 1; i < n - 1; i++) {
      for (int j = 1; j < n - 1; j++) {
        if (top[i][j] < Double.POSITIVE_INFINITY) {
          double pull = h[i - 1][j] + h[i + 1][j] + h[i][j - 1] + h[i][j + 1] - h[i][j] / weight;
          sum += water.tension() * pull;
        }
      }
    }
    return sum;
  }
}
