package ripplerest.core.tied;

import java.util.List;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.quantity.Table;

/**
 * What can be done about something that came out otherwise (common practice, no source).
 *
 * @param now whether scissors mend the finished fly; else it is for the next one
 * @param words what to do
 */
record Correction(boolean now, String words) {
  private static final String ANY = "*";
  private static final List<Row> ROWS = read();

  private record Row(String kind, String field, String way, Correction correction) {
    boolean fits(String kind, String field, String way) {
      return (this.kind.equals(ANY) || this.kind.equals(kind))
          && (this.field.equals(ANY) || this.field.equals(field))
          && this.way.equals(way);
    }
  }

  /** For what was made; the first row of the table that fits. */
  static Correction of(Made made) {
    String kind = Pattern.kindOf(made.planned().part());
    String way = made.off() > 0 ? "more" : "less";
    return ROWS.stream()
        .filter(r -> r.fits(kind, made.planned().field(), way))
        .findFirst()
        .map(Row::correction)
        .orElseThrow();
  }

  private static List<Row> read() {
    return Table.rows(Correction.class, "corrections.csv").stream()
        .map(
            r ->
                new Row(
                    r.get("part"),
                    r.get("field"),
                    r.get("way"),
                    new Correction(r.get("when").equals("now"), r.get("words"))))
        .toList();
  }
}
