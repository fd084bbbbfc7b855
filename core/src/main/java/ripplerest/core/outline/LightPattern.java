package ripplerest.core.outline;

/**
 * The light that a dented film throws on a level plane below it: rays straight from above, bent at
 * the film by Snell's law and counted where they land. A dimple spreads them, so it throws a dark
 * disc with a bright rim. Left out: the shadow of the fly itself, scatter, a sun that stands low.
 *
 * @param cellMm width of a cell
 * @param fromMm middle of the first column, and of the first row
 * @param light by row (across) and column (along); 1 is what an undented film gives
 */
public record LightPattern(double cellMm, double fromMm, double[][] light) {
  /**
   * Refractive index of water for yellow light at 20 °C: 1.333 (IAPWS R9-97, value from memory).
   */
  public static final double INDEX = 1.333;

  /** Radius of Snell's window a depth of the eye: the tangent of the critical angle. */
  public static final double WINDOW_PER_DEPTH = 1 / Math.sqrt(INDEX * INDEX - 1);

  private static final int RAYS = 6;

  /**
   * Traces a film.
   *
   * @param heightMm heights by row and column of a square grid, at least 3 by 3
   * @param cellMm its spacing
   * @param fromMm place of its first row and column
   * @param depthMm of the plane under the undisturbed level, more than 0
   */
  static LightPattern of(double[][] heightMm, double cellMm, double fromMm, double depthMm) {
    int n = heightMm.length;
    int sides = (n - 1) * RAYS;
    double[][] light = new double[n][n];
    double share = 1.0 / (RAYS * RAYS);
    for (int r = 0; r < sides; r++) {
      for (int c = 0; c < sides; c++) {
        double row = (r + 0.5) / RAYS;
        double column = (c + 0.5) / RAYS;
        double h = at(heightMm, row, column);
        double e = 0.5;
        double slopeX = (at(heightMm, row, column + e) - at(heightMm, row, column - e)) / cellMm;
        double slopeY = (at(heightMm, row + e, column) - at(heightMm, row - e, column)) / cellMm;
        double[] shift = shift(slopeX, slopeY);
        double fall = (depthMm + h) / cellMm;
        splat(light, row + shift[1] * fall, column + shift[0] * fall, share);
      }
    }
    return new LightPattern(cellMm, fromMm, light);
  }

  /**
   * How far a ray from straight above goes sideways a millimetre it falls, after a film of this
   * slope; away from where the film rises.
   */
  static double[] shift(double slopeX, double slopeY) {
    double slope = Math.hypot(slopeX, slopeY);
    if (slope < 1e-12) {
      return new double[] {0, 0};
    }
    double in = Math.atan(slope);
    double bent = in - Math.asin(Math.sin(in) / INDEX);
    double aside = -Math.tan(bent) / slope;
    return new double[] {aside * slopeX, aside * slopeY};
  }

  private static double at(double[][] grid, double row, double column) {
    int last = grid.length - 1;
    double y = Math.max(0, Math.min(last - 1e-9, row));
    double x = Math.max(0, Math.min(last - 1e-9, column));
    int i = (int) y;
    int j = (int) x;
    double v = y - i;
    double u = x - j;
    return (1 - v) * ((1 - u) * grid[i][j] + u * grid[i][j + 1])
        + v * ((1 - u) * grid[i + 1][j] + u * grid[i + 1][j + 1]);
  }

  /** Shares a ray out among the four middles round where it lands. */
  private static void splat(double[][] light, double row, double column, double share) {
    int last = light.length - 1;
    if (row < 0 || column < 0 || row >= last || column >= last) {
      return;
    }
    int i = (int) row;
    int j = (int) column;
    double v = row - i;
    double u = column - j;
    light[i][j] += share * (1 - v) * (1 - u);
    light[i][j + 1] += share * (1 - v) * u;
    light[i + 1][j] += share * v * (1 - u);
    light[i + 1][j + 1] += share * v * u;
  }
}
