package ripplerest.core.tying;

import java.util.HashMap;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.quantity.Table;

/**
 * How long a practised tier takes, part by part: so many seconds a part and so many more a turn or
 * fibre. All of it is assumption, until a tier's own times are known.
 */
public final class TyingTime {
  private static final Map<String, Row> ROWS = read();

  private TyingTime() {}

  private record Row(double seconds, String field, double each) {}

  /** Seconds for one part. */
  public static double seconds(Part part) {
    Row row = ROWS.get(part.kind());
    Object number = PartKind.of(part).values(part).get(row.field());
    return row.seconds() + (number instanceof Number n ? row.each() * n.doubleValue() : 0);
  }

  /** Seconds to put a hook into the vise and take the fly out. */
  static double hook() {
    return ROWS.get("hook").seconds();
  }

  /** Seconds for the whole fly, the hook into the vise and out of it. */
  public static double seconds(Pattern pattern) {
    return hook() + pattern.parts().stream().mapToDouble(TyingTime::seconds).sum();
  }

  private static Map<String, Row> read() {
    Map<String, Row> rows = new HashMap<>();
    for (CSVRecord r : Table.rows(TyingTime.class, "times.csv")) {
      rows.put(
          r.get("part"),
          new Row(
              Double.parseDouble(r.get("seconds")),
              r.get("field"),
              Double.parseDouble(r.get("each"))));
    }
    return Map.copyOf(rows);
  }
}
