package ripplerest.core.box;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.hook.Natural;
import ripplerest.core.quantity.Table;

/**
 * What a time of the year brings on many rivers of the northern temperate zone: small and dark
 * early, large and pale late (common practice, no source). It only fills an outing; the tier knows
 * better.
 *
 * @param id of it
 * @param label in words
 * @param firstMonth 1 to 12
 * @param lastMonth 1 to 12, not before the first
 * @param naturals expected
 */
public record Season(
    String id, String label, int firstMonth, int lastMonth, List<Outing.Expected> naturals) {
  private static final List<Season> ALL = read();

  public Season {
    naturals = List.copyOf(naturals);
  }

  /** All there are, by month. */
  public static List<Season> all() {
    return ALL;
  }

  private static List<Season> read() {
    Map<String, Season> seasons = new LinkedHashMap<>();
    for (CSVRecord r : Table.rows(Season.class, "seasons.csv")) {
      Outing.Expected natural =
          new Outing.Expected(
              Natural.Order.valueOf(r.get("order").toUpperCase(Locale.ROOT)),
              Natural.Stage.valueOf(r.get("stage").toUpperCase(Locale.ROOT)),
              Table.number(r, "body_mm"),
              r.get("shade"),
              r.get("words"));
      Season before = seasons.get(r.get("season"));
      List<Outing.Expected> naturals = new ArrayList<>();
      if (before != null) {
        naturals.addAll(before.naturals());
      }
      naturals.add(natural);
      seasons.put(
          r.get("season"),
          new Season(
              r.get("season"),
              r.get("label"),
              Integer.parseInt(r.get("first")),
              Integer.parseInt(r.get("last")),
              naturals));
    }
    return List.copyOf(seasons.values());
  }
}
