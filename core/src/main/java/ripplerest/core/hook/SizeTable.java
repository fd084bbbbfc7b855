package ripplerest.core.hook;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Table;

/**
 * Dimensions of a standard dry-fly hook by size, all from memory (common practice, no source).
 *
 * <p>Between the rows a dimension lies on a straight line of its logarithm against the size number;
 * beyond them, to -3 and 34 (X steps counted in), on the nearest line prolonged.
 */
final class SizeTable {
  static final int LARGEST = -3;
  static final int SMALLEST = 34;

  /** One row, mm. */
  record Row(double shank, double gap, double wire) {}

  private static final TreeMap<Integer, Row> ROWS = read();

  private SizeTable() {}

  /** A dimension in mm at a size number from -3 to 34. */
  static double at(int size, ToDoubleFunction<Row> dimension) {
    Require.inRange("size after X steps", size, LARGEST, SMALLEST);
    Map.Entry<Integer, Row> low = ROWS.floorEntry(Math.min(size, ROWS.lastKey() - 1));
    if (low == null) {
      low = ROWS.firstEntry();
    }
    Map.Entry<Integer, Row> high = ROWS.higherEntry(low.getKey());
    double t = (size - low.getKey()) / (double) (high.getKey() - low.getKey());
    double a = Math.log(dimension.applyAsDouble(low.getValue()));
    double b = Math.log(dimension.applyAsDouble(high.getValue()));
    return Math.exp(a + t * (b - a));
  }

  /** Whether a size lies outside the rows of the table. */
  static boolean isExtended(int size) {
    return size < ROWS.firstKey() || size > ROWS.lastKey();
  }

  private static TreeMap<Integer, Row> read() {
    TreeMap<Integer, Row> rows = new TreeMap<>();
    for (CSVRecord r : Table.rows(SizeTable.class, "/ripplerest/core/hook/standard-dry-mm.csv")) {
      rows.put(
          Integer.valueOf(r.get("size")),
          new Row(
              Double.parseDouble(r.get("shank")),
              Double.parseDouble(r.get("gap")),
              Double.parseDouble(r.get("wire"))));
    }
    return rows;
  }
}
