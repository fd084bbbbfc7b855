package ripplerest.core.outline;

import ripplerest.core.film.FilmSolution;
import ripplerest.core.sizing.SizedPattern;

/**
 * The film under a fly at rest as seen from above and from below.
 *
 * @param cellMm spacing of the map
 * @param fromMm world place of its first row (across) and column (along)
 * @param heightMm height of the film by row and column, over the undisturbed level
 * @param light what it throws on a plane {@link #BOTTOM_MM} below, on the same grid
 */
public record Surface(double cellMm, double fromMm, double[][] heightMm, LightPattern light) {
  /** Depth of the plane that the light falls on, mm (our choice: a fish a hand under the fly). */
  public static final double BOTTOM_MM = 80;

  private static final double CELL_MM = 0.5;

  /** The map reaches so far beyond the fly, mm: three capillary lengths. */
  private static final double MARGIN_MM = 8;

  /** Maps the film as it was solved. */
  public static Surface of(SizedPattern sized, FilmSolution film) {
    Outline drawn = Outliner.of(sized, film);
    double reach = MARGIN_MM;
    for (Outline.Thin fibre : drawn.fibres()) {
      reach = Math.max(reach, MARGIN_MM + far(fibre.line().get(fibre.line().size() - 1)));
    }
    for (var point : drawn.wire()) {
      reach = Math.max(reach, MARGIN_MM + far(point));
    }
    int half = (int) Math.ceil(reach / CELL_MM);
    int n = 2 * half + 1;
    double from = -half * CELL_MM;
    double[][] height = new double[n][n];
    for (int row = 0; row < n; row++) {
      for (int column = 0; column < n; column++) {
        height[row][column] = film.levelAt(from + column * CELL_MM, from + row * CELL_MM);
      }
    }
    return new Surface(CELL_MM, from, height, LightPattern.of(height, CELL_MM, from, BOTTOM_MM));
  }

  private static double far(org.hipparchus.geometry.euclidean.threed.Vector3D p) {
    return Math.max(Math.abs(p.getX()), Math.abs(p.getY()));
  }
}
