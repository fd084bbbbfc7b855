package ripplerest.exchange.view;

import java.util.Arrays;
import java.util.List;
import ripplerest.core.outline.LightPattern;
import ripplerest.core.outline.Surface;
import ripplerest.core.quantity.Words;

/**
 * The film from above and from below: heights (mm, to a thousandth) and light (1: undented film, to
 * a hundredth) by row (across) and column (along), the first middle at {@code fromMm} both ways, or
 * {@code lightFromMm} with cells of its own; the light falls on a plane {@code bottomMm} down;
 * Snell's window is {@code windowPerDepth} times as wide as the eye is deep, from its middle.
 */
public record SurfaceView(
    double cellMm,
    double fromMm,
    List<double[]> heightMm,
    List<double[]> light,
    double lightCellMm,
    double lightFromMm,
    double bottomMm,
    double windowPerDepth) {

  /** A film as it is sent. */
  static SurfaceView of(Surface s) {
    return new SurfaceView(
        s.cellMm(),
        s.fromMm(),
        rows(s.heightMm(), 3),
        rows(s.light().light(), 2),
        s.light().cellMm(),
        s.light().fromMm(),
        Surface.BOTTOM_MM,
        LightPattern.WINDOW_PER_DEPTH);
  }

  private static List<double[]> rows(double[][] grid, int decimals) {
    return Arrays.stream(grid)
        .map(row -> Arrays.stream(row).map(v -> Words.rounded(v, decimals)).toArray())
        .toList();
  }
}
