package ripplerest.core.steps;

import java.util.List;
import ripplerest.core.quantity.Table;

/**
 * What has to be done before what (common practice, no source).
 *
 * @param act operation and kind of what comes after, such as {@code wind rib}
 * @param first operation and kind of what has to be done already
 * @param why in a tier's words
 */
record Need(String act, String first, String why) {
  private static final List<Need> ALL =
      Table.rows(Need.class, "needs.csv").stream()
          .map(r -> new Need(r.get("act"), r.get("first"), r.get("why")))
          .toList();

  static List<Need> all() {
    return ALL;
  }

  boolean binds(Act then, Act before) {
    return act.equals(then.operation() + " " + then.kind())
        && first.equals(before.operation() + " " + before.kind());
  }
}
