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

  /** Cells of the light a cell of the film, and rays a cell of the light, each way. */
  private static final int FINER = 2;

  private static final int RAYS = 4;

  /** An even ray field leaves the outermost cell 7/8 of its light each way (RAYS even). */
  private static final double EDGE = 1 - 1.0 / 8;

  /**
   * Traces a film.
   *
   * @param heightMm heights by row and column of a square grid, at least 3 by 3
   * @param cellMm its spacing
   * @param fromMm place of its first row and column
   * @param depthMm of the plane under the undisturbed level, more than 0
   */
  static LightPattern of(double[][] heightMm, double cellMm, double fromMm, double depthMm) {
    int cells = (heightMm.length - 1) * FINER;
    double[][] light = new double[cells][cells];
    double fine = cellMm / FINER;
    double share = 1.0 / (RAYS * RAYS);
    int sides = cells * RAYS;
    for (int r = 0; r < sides; r++) {
      for (int c = 0; c < sides; c++) {
        double y = (r + 0.5) / RAYS;
        double x = (c + 0.5) / RAYS;
        double row = y / FINER;
        double column = x / FINER;
        double slopeX =
            (at(heightMm, row, column + 0.5) - at(heightMm, row, column - 0.5)) / cellMm;
        double slopeY =
            (at(heightMm, row + 0.5, column) - at(heightMm, row - 0.5, column)) / cellMm;
        double[] shift = shift(slopeX, slopeY);
        double fall = (depthMm + at(heightMm, row, column)) / fine;
        splat(light, y + shift[1] * fall - 0.5, x + shift[0] * fall - 0.5, share);
      }
    }
    for (int i = 0; i < cells; i++) {
      for (int j = 0; j < cells; j++) {
        light[i][j] /= seen(i, cells) * seen(j, cells);
      }
    }
    return new LightPattern(fine, fromMm + fine / 2, light);
  }

  /** Share of its rays that a cell at the edge of the map gets from inside it. */
  private static double seen(int i, int cells) {
    return i == 0 || i == cells - 1 ? EDGE : 1;
  }

  /**
   * How far a ray from straight above goes sideways a millimetre it falls, after a film of this
   * slope: toward where the film rises, since the ray turns toward the film's normal.
   */
  static double[] shift(double slopeX, double slopeY) {
    double slope = Math.hypot(slopeX, slopeY);
    if (slope < 1e-12) {
      return new double[] {0, 0};
    }
    double in = Math.atan(slope);
    double bent = in - Math.asin(Math.sin(in) / INDEX);
    double aside = Math.tan(bent) / slope;
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
    int i = (int) Math.floor(row);
    int j = (int) Math.floor(column);
    double v = row - i;
    double u = column - j;
    add(light, i, j, share * (1 - v) * (1 - u), last);
    add(light, i, j + 1, share * (1 - v) * u, last);
    add(light, i + 1, j, share * v * (1 - u), last);
    add(light, i + 1, j + 1, share * v * u, last);
  }

  private static void add(double[][] light, int i, int j, double share, int last) {
    if (i >= 0 && j >= 0 && i <= last && j <= last) {
      light[i][j] += share;
    }
  }
}
