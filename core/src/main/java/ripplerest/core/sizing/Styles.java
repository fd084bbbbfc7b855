package ripplerest.core.sizing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ripplerest.core.quantity.OutOfRangeException;

/** The styles there are, as a value: those that ship with the program and the tier's own. */
public final class Styles {
  private static final List<String> STANDARD_IDS =
      List.of(
          "upright-collar",
          "thorax",
          "parachute",
          "flat-plume",
          "forward-plume",
          "looped-wing",
          "folded-shuttle",
          "tent-wing",
          "hair-wing-sedge",
          "palmered-stone",
          "high-floating-hopper",
          "spent-drake");

  private static final Styles STANDARD = readAll();

  private final Map<String, Style> byId;

  /** Known, because a document follows them, but no longer to choose from. */
  private final Set<String> retired;

  private Styles(Map<String, Style> byId, Set<String> retired) {
    this.byId = byId;
    this.retired = retired;
  }

  /** The styles that ship with the program. */
  public static Styles standard() {
    return STANDARD;
  }

  /** These and one more; one of the same id is replaced. */
  public Styles with(Style house) {
    Map<String, Style> more = new LinkedHashMap<>(byId);
    more.put(house.id(), house);
    return new Styles(more, retired);
  }

  public boolean knows(String id) {
    return byId.containsKey(id);
  }

  /** The style of this id; refuses an unknown one and lists those there are. */
  public Style named(String id) {
    Style style = byId.get(id);
    if (style == null) {
      throw new OutOfRangeException(
          "school",
          "\"" + id + "\"",
          "one of " + List.copyOf(byId.keySet()),
          "Choose a style from this list, or add your own first.");
    }
    return style;
  }

  /** The same styles, of which these are no longer offered; what follows them can be read. */
  public Styles retiring(Set<String> ids) {
    return new Styles(byId, Set.copyOf(ids));
  }

  /** The styles to choose from, those that ship first. */
  public List<Style> offered() {
    return byId.values().stream().filter(s -> !retired.contains(s.id())).toList();
  }

  private static Styles readAll() {
    Map<String, Style> all = new LinkedHashMap<>();
    for (String id : STANDARD_IDS) {
      all.put(id, Style.read(id));
    }
    return new Styles(all, Set.of());
  }
}
