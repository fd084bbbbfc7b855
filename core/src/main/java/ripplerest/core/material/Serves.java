package ripplerest.core.material;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.Table;

/**
 * Which materials that ship serve as which part: physics would let quill be wound as thread, no
 * tier does. Common practice, no source. A material of the tier's own serves wherever its form
 * fits.
 */
public final class Serves {
  private static final Map<String, List<String>> BY_PART = read();
  private static final Set<String> KNOWN = known();

  private Serves() {}

  /** Whether tiers use this material for this kind of part, as far as is known. */
  public static boolean as(String part, String material) {
    return !KNOWN.contains(material) || of(part).contains(material);
  }

  /** The materials that serve as a kind of part, the usual one first. */
  public static List<String> of(String part) {
    return BY_PART.getOrDefault(part, List.of());
  }

  private static Map<String, List<String>> read() {
    Map<String, List<String>> all = new LinkedHashMap<>();
    for (CSVRecord r : Table.rows(Serves.class, "/ripplerest/core/material/serves.csv")) {
      all.put(r.get("part"), List.of(r.get("materials").split(" ")));
    }
    return all;
  }

  private static Set<String> known() {
    Set<String> known = new HashSet<>();
    BY_PART.values().forEach(known::addAll);
    return Set.copyOf(known);
  }
}
