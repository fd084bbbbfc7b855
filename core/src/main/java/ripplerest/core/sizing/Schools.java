package ripplerest.core.sizing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ripplerest.core.quantity.OutOfRangeException;

/** The schools there are, as a value: those that ship with the program and the tier's own. */
public final class Schools {
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

  private static final Schools STANDARD = readAll();

  private final Map<String, School> byId;

  /** Known, because a document follows them, but no longer to choose from. */
  private final Set<String> retired;

  private Schools(Map<String, School> byId, Set<String> retired) {
    this.byId = byId;
    this.retired = retired;
  }

  /** The schools that ship with the program. */
  public static Schools standard() {
    return STANDARD;
  }

  /** These and one more; one of the same id is replaced. */
  public Schools with(School house) {
    Map<String, School> more = new LinkedHashMap<>(byId);
    more.put(house.id(), house);
    return new Schools(more, retired);
  }

  public boolean knows(String id) {
    return byId.containsKey(id);
  }

  /** The school of this id; refuses an unknown one and lists those there are. */
  public School named(String id) {
    School school = byId.get(id);
    if (school == null) {
      throw new OutOfRangeException(
          "school",
          "\"" + id + "\"",
          "one of " + List.copyOf(byId.keySet()),
          "Choose a style from this list, or add your own first.");
    }
    return school;
  }

  /** The same schools, of which these are no longer offered; what follows them can be read. */
  public Schools retiring(Set<String> ids) {
    return new Schools(byId, Set.copyOf(ids));
  }

  /** The schools to choose from, those that ship first. */
  public List<School> offered() {
    return byId.values().stream().filter(s -> !retired.contains(s.id())).toList();
  }

  private static Schools readAll() {
    Map<String, School> all = new LinkedHashMap<>();
    for (String id : STANDARD_IDS) {
      all.put(id, School.read(id));
    }
    return new Schools(all, Set.of());
  }
}
