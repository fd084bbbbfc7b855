package ripplerest.core.box;

import java.util.List;
import java.util.Locale;
import ripplerest.core.hook.Natural;
import ripplerest.core.quantity.Table;

/** Which styles are fished for which insect (common practice, no source). */
public final class Imitates {
  private record Row(String style, Natural.Order order, Natural.Stage stage) {}

  private static final List<Row> ROWS =
      Table.rows(Imitates.class, "imitates.csv").stream()
          .map(
              r ->
                  new Row(
                      r.get("style"),
                      Natural.Order.valueOf(r.get("order").toUpperCase(Locale.ROOT)),
                      Natural.Stage.valueOf(r.get("stage").toUpperCase(Locale.ROOT))))
          .toList();

  private Imitates() {}

  /** Ids of the standard styles for an insect. */
  public static List<String> styles(Natural.Order order, Natural.Stage stage) {
    return ROWS.stream()
        .filter(r -> r.order() == order && r.stage() == stage)
        .map(Row::style)
        .toList();
  }
}
