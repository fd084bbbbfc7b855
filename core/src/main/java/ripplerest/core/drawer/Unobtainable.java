package ripplerest.core.drawer;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import ripplerest.core.quantity.Table;

/**
 * A material of old recipes that may not be had, or cannot be got, any more, and what serves
 * instead. Common practice and memory, no source: what may be owned is for local rules.
 *
 * @param name as recipes have it
 * @param words by which it is found, small letters
 * @param why it is not to be had
 * @param instead names in the material table, the nearest first
 * @param because what makes them serve
 */
public record Unobtainable(
    String name, List<String> words, String why, List<String> instead, String because) {
  private static final List<Unobtainable> ALL =
      Table.rows(Unobtainable.class, "/ripplerest/core/drawer/unobtainable.csv").stream()
          .map(
              r ->
                  new Unobtainable(
                      r.get("name"),
                      List.of(r.get("words").split(" ")),
                      r.get("why"),
                      List.of(r.get("instead").split(" ")),
                      r.get("because")))
          .toList();

  /** All that is known. */
  public static List<Unobtainable> all() {
    return ALL;
  }

  /** Those that some word of a text names, whole or by its beginning of three letters or more. */
  public static List<Unobtainable> named(String text) {
    List<String> said =
        Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
            .filter(w -> w.length() > 2)
            .toList();
    return ALL.stream()
        .filter(u -> u.words().stream().anyMatch(w -> said.stream().anyMatch(w::startsWith)))
        .toList();
  }
}
