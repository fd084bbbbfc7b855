package ripplerest.core.sizing;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * A style of the tier's own: a standard one and the rules that differ, so that it follows when
 * common practice is corrected.
 *
 * @param id by which patterns name it
 * @param label for people
 * @param copyOf id of the standard style
 * @param rules that differ, by {@code part/dimension}; at most {@value #MOST_RULES}
 */
public record HouseStyle(String id, String label, String copyOf, Map<String, Style.Rule> rules) {
  public static final int MOST_RULES = 400;

  public HouseStyle {
    Require.text("id", id, 60);
    Require.text("label", label, 60);
    Require.text("copyOf", copyOf, 60);
    Require.inRange("rules", rules.size(), 0, MOST_RULES);
    rules = Collections.unmodifiableMap(new LinkedHashMap<>(rules));
  }

  /** The style with its rules in force; refuses a rule that nothing follows. */
  public Style style() {
    Style style = Styles.standard().named(copyOf).copy(id, label);
    for (Map.Entry<String, Style.Rule> e : rules.entrySet()) {
      String[] key = e.getKey().split("/", -1);
      if (key.length != 2) {
        throw new OutOfRangeException(
            "rules", "\"" + e.getKey() + "\"", "part/dimension", "Name a rule in this way.");
      }
      style = style.with(key[0], key[1], e.getValue());
    }
    return style;
  }

  /** The same style under another id. */
  public HouseStyle named(String otherId) {
    return new HouseStyle(otherId, label, copyOf, rules);
  }
}
