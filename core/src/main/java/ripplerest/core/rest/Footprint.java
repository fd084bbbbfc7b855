package ripplerest.core.rest;

import java.util.ArrayDeque;
import java.util.Deque;

/**
 * What a fly at rest presses into the film: seen from below, its light pattern.
 *
 * @param lengthMm along the fly, of all that is pressed deeper than {@link #SEEN_MM}
 * @param widthMm across the fly
 * @param dimples number of separate places that are
 * @param deepestMm deepest place under the undisturbed level
 * @param cellMm width of a cell of the map
 * @param fromXMm world x of the first column's middle; x points to the tail
 * @param fromYMm world y of the first row's middle
 * @param depthMm depth by row (y) and column (x), mm; negative where the film is drawn up
 */
public record Footprint(
    double lengthMm,
    double widthMm,
    int dimples,
    double deepestMm,
    double cellMm,
    double fromXMm,
    double fromYMm,
    double[][] depthMm) {
  /** A dimple shallower than this is not counted, mm (assumption). */
  public static final double SEEN_MM = 0.05;

  private static final double CELL_MM = 0.5;

  /**
   * The footprint of a rest.
   *
   * @param reachMm how far from the middle there may be anything to see
   */
  public static Footprint of(Rest rest, double reachMm) {
    int half = (int) Math.ceil(reachMm / CELL_MM);
    int n = 2 * half + 1;
    double from = -half * CELL_MM;
    double[][] depth = new double[n][n];
    for (int row = 0; row < n; row++) {
      for (int column = 0; column < n; column++) {
        depth[row][column] = -rest.film().levelAt(from + column * CELL_MM, from + row * CELL_MM);
      }
    }
    return measured(depth, from);
  }

  private static Footprint measured(double[][] depth, double from) {
    int n = depth.length;
    boolean[][] seen = new boolean[n][n];
    int[] columns = {n, -1};
    int[] rows = {n, -1};
    int dimples = 0;
    double deepest = 0;
    for (int row = 0; row < n; row++) {
      for (int column = 0; column < n; column++) {
        deepest = Math.max(deepest, depth[row][column]);
        if (depth[row][column] > SEEN_MM && !seen[row][column]) {
          dimples++;
          flood(depth, seen, row, column, rows, columns);
        }
      }
    }
    double length = Math.max(0, columns[1] - columns[0] + 1) * CELL_MM;
    double width = Math.max(0, rows[1] - rows[0] + 1) * CELL_MM;
    return new Footprint(
        dimples == 0 ? 0 : length,
        dimples == 0 ? 0 : width,
        dimples,
        deepest,
        CELL_MM,
        from,
        from,
        depth);
  }

  /** Marks one dimple and widens the span of rows and columns by it. */
  private static void flood(
      double[][] depth, boolean[][] seen, int row, int column, int[] rows, int[] columns) {
    Deque<int[]> next = new ArrayDeque<>();
    next.add(new int[] {row, column});
    seen[row][column] = true;
    while (!next.isEmpty()) {
      int[] at = next.poll();
      rows[0] = Math.min(rows[0], at[0]);
      rows[1] = Math.max(rows[1], at[0]);
      columns[0] = Math.min(columns[0], at[1]);
      columns[1] = Math.max(columns[1], at[1]);
      for (int[] step : new int[][] {{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
        int r = at[0] + step[0];
        int c = at[1] + step[1];
        boolean inside = r >= 0 && c >= 0 && r < depth.length && c < depth.length;
        if (inside && !seen[r][c] && depth[r][c] > SEEN_MM) {
          seen[r][c] = true;
          next.add(new int[] {r, c});
        }
      }
    }
  }
}
