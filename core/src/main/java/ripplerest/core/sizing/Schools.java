package ripplerest.core.sizing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

  private Schools(Map<String, School> byId) {
    this.byId = byId;
  }

  /** The schools that ship with the program. */
  public static Schools standard() {
    return STANDARD;
  }

  /** These and one more; one of the same id is replaced. */
  public Schools with(School house) {
    Map<String, School> more = new LinkedHashMap<>(byId);
    more.put(house.id(), house);
    return new Schools(more);
  }

  /** The school of this id; refuses an unknown one and lists those there are. */
  public School named(String id) {
    School school = byId.get(id);
    if (school == null) {
      throw new OutOfRangeException(
          "school",
          "\"" + id + "\"",
          "one of " + List.copyOf(byId.keySet()),
          "Choose a school from this list, or add the house school first.");
    }
    return school;
  }

  public List<School> all() {
    return List.copyOf(byId.values());
  }

  private static Schools readAll() {
    Map<String, School> all = new LinkedHashMap<>();
    for (String id : STANDARD_IDS) {
      all.put(id, School.read(id));
    }
    return new Schools(all);
  }
}
