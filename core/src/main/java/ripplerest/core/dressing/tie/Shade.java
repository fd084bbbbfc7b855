package ripplerest.core.dressing.tie;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import ripplerest.core.quantity.Table;

/**
 * What colour words look like, roughly (common practice, no source): the last word that is known
 * says which, and {@code pale}, {@code light} and {@code dark} before it how light.
 */
public final class Shade {
  private static final Map<String, Integer> INKS =
      Table.rows(Shade.class, "shades.csv").stream()
          .collect(
              Collectors.toMap(
                  r -> r.get("name"),
                  r -> Integer.decode(r.get("ink")),
                  (first, second) -> first,
                  LinkedHashMap::new));

  private static final double LIGHTER = 0.45;
  private static final double DARKER = 0.6;

  private Shade() {}

  /**
   * A colour that has a name.
   *
   * @param ink red, green and blue of a byte each
   */
  public record Named(String name, int ink) {}

  /**
   * Every colour that is known by one word, in the order of the table: like beside like; of two
   * spellings the first.
   */
  public static List<Named> all() {
    Set<Integer> seen = new HashSet<>();
    return INKS.entrySet().stream()
        .filter(e -> seen.add(e.getValue()))
        .map(e -> new Named(e.getKey(), e.getValue()))
        .toList();
  }

  /** As it is written on a page, such as {@code #6b4a2f}. */
  public static String hex(int ink) {
    return String.format(Locale.ROOT, "#%06x", ink & 0xffffff);
  }

  /** The named colours that look most like one, nearest first. */
  public static List<Named> nearest(int ink, int most) {
    Lab looked = Lab.of(ink);
    return all().stream()
        .sorted(Comparator.comparingDouble(n -> Lab.of(n.ink()).difference(looked)))
        .limit(most)
        .toList();
  }

  /** The colour that words name as red, green and blue of a byte each; empty if none is known. */
  public static OptionalInt of(String words) {
    OptionalInt found = OptionalInt.empty();
    double lighter = 0;
    double darker = 1;
    for (String word : words.toLowerCase(Locale.ROOT).split("[^a-z]+")) {
      if (word.equals("pale") || word.equals("light")) {
        lighter = LIGHTER;
      } else if (word.equals("dark") || word.equals("deep")) {
        darker = DARKER;
      } else if (INKS.containsKey(word)) {
        found = OptionalInt.of(INKS.get(word));
      }
    }
    return found.isEmpty() ? found : OptionalInt.of(mixed(found.getAsInt(), lighter, darker));
  }

  private static int mixed(int rgb, double lighter, double darker) {
    int mixed = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int value = rgb >> shift & 0xff;
      mixed |= (int) Math.round((value + lighter * (255 - value)) * darker) << shift;
    }
    return mixed;
  }
}
