package ripplerest.core.outline;

import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.film.FilmSolution;

/**
 * The film round a fly as heights on a grid, to be looked at from any side: rows across the fly,
 * each along it.
 *
 * @param cellMm spacing of the grid, mm
 * @param fromXMm world place of its first column (along the fly), mm
 * @param fromYMm the same of its first row (across)
 * @param columns heights in a row
 * @param heightMm heights over the undisturbed level, mm, row after row
 */
public record Relief(
    double cellMm, double fromXMm, double fromYMm, int columns, double[] heightMm) {
  /** Fine enough for a picture, mm. */
  public static final double FINE_MM = 0.1;

  /** Fine enough for a moment of a film that moves, mm. */
  public static final double COARSE_MM = 0.5;

  /** It reaches so far beyond the fly, mm: two capillary lengths, where the film is level again. */
  private static final double MARGIN_MM = 6;

  /** More than any screen can show. */
  private static final int MOST_CELLS = 400_000;

  /** The film as it was solved, as far as {@code drawn} reaches and a margin more. */
  static Relief of(Outline drawn, FilmSolution film, double cellMm) {
    double left = drawn.wire().get(0).getX();
    double right = left;
    double aside = 0;
    for (Vector3D p : (Iterable<Vector3D>) points(drawn)::iterator) {
      left = Math.min(left, p.getX());
      right = Math.max(right, p.getX());
      aside = Math.max(aside, Math.abs(p.getY()));
    }
    double length = right - left + 2 * MARGIN_MM;
    double width = 2 * (aside + MARGIN_MM);
    double cell = Math.max(cellMm, Math.sqrt(length * width / MOST_CELLS));
    double fromX = cell * Math.floor((left - MARGIN_MM) / cell);
    double fromY = cell * Math.floor(-(aside + MARGIN_MM) / cell);
    int columns = (int) Math.ceil(length / cell) + 2;
    int rows = (int) Math.ceil(width / cell) + 2;
    double[] height = new double[rows * columns];
    for (int i = 0; i < height.length; i++) {
      height[i] = film.levelAt(fromX + i % columns * cell, fromY + i / columns * cell);
    }
    return new Relief(cell, fromX, fromY, columns, height);
  }

  private static Stream<Vector3D> points(Outline drawn) {
    return Stream.concat(
        drawn.wire().stream(),
        Stream.concat(
            drawn.members().stream().flatMap(m -> m.axis().stream()),
            drawn.fibres().stream().flatMap(f -> f.line().stream())));
  }

  /** Number of rows. */
  public int rows() {
    return heightMm.length / columns;
  }

  /** Height at a place of the grid's extent, straight between its points, mm. */
  public double at(double x, double y) {
    double u = (x - fromXMm) / cellMm;
    double v = (y - fromYMm) / cellMm;
    int i = Math.max(0, Math.min(columns - 2, (int) Math.floor(u)));
    int j = Math.max(0, Math.min(rows() - 2, (int) Math.floor(v)));
    double near = between(heightMm[j * columns + i], heightMm[j * columns + i + 1], u - i);
    double far =
        between(heightMm[(j + 1) * columns + i], heightMm[(j + 1) * columns + i + 1], u - i);
    return between(near, far, v - j);
  }

  private static double between(double a, double b, double share) {
    return a + share * (b - a);
  }
}
