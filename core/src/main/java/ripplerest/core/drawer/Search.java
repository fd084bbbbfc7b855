package ripplerest.core.drawer;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ripplerest.core.dressing.tie.Lab;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.Require;

/**
 * What is looked for in a drawer.
 *
 * @param words beginnings of words in label, kind, colour, place or note; all have to be there
 * @param kind name in the material table; blank for any
 * @param colour whose likes come first; blank for none
 * @param hookSize that it serves: hooks of it, and feathers with barbs for it; 0 for any
 * @param lowOnly only what is low
 */
public record Search(String words, String kind, String colour, int hookSize, boolean lowOnly) {
  /** Barbs that serve a hook, in gaps (common practice, no source). */
  private static final double SHORTEST = 1.4;

  private static final double LONGEST = 2.1;

  public Search {
    Require.inRange("hookSize", hookSize, 0, 32);
  }

  /**
   * Places of what is found, by label as they are, or the most alike in colour first.
   *
   * @param labels of the kinds, as people read them, item by item
   */
  public List<Integer> in(List<Item> drawer, List<String> labels) {
    OptionalInt wanted = Shade.of(colour);
    IntStream found =
        IntStream.range(0, drawer.size()).filter(i -> finds(drawer.get(i), labels.get(i)));
    if (wanted.isEmpty()) {
      return found.boxed().toList();
    }
    Lab wish = Lab.of(wanted.getAsInt());
    return found
        .boxed()
        .filter(i -> drawer.get(i).looks().isPresent())
        .sorted(
            Comparator.comparingDouble(
                i -> wish.difference(Lab.of(drawer.get(i).looks().getAsInt()))))
        .toList();
  }

  private boolean finds(Item item, String kindLabel) {
    return (kind.isBlank() || item.kind().equals(kind))
        && (!lowOnly || item.isLow())
        && (hookSize == 0 || serves(item))
        && says(item, kindLabel);
  }

  private boolean says(Item item, String kindLabel) {
    String all =
        String.join(
                " ",
                item.label(),
                kindLabel,
                item.colour().name(),
                item.colour().second(),
                item.place(),
                item.note())
            .toLowerCase(Locale.ROOT);
    for (String word : words.toLowerCase(Locale.ROOT).strip().split("\\s+")) {
      if (!all.startsWith(word) && !all.contains(" " + word)) {
        return false;
      }
    }
    return true;
  }

  private boolean serves(Item item) {
    if (item.hookSize().isPresent()) {
      return item.hookSize().getAsInt() == hookSize;
    }
    double gap = Hook.of(new HookSpec(hookSize, HookSpec.Shape.STRAIGHT, 0, 0)).gapMm();
    return item.barbs()
        .filter(b -> b.between(SHORTEST * gap, LONGEST * gap, item.amount()).feathers() >= 1)
        .isPresent();
  }
}
