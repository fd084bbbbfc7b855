package ripplerest.exchange.card;

import java.awt.Color;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Tint;
import ripplerest.core.quantity.Table;

/** In which ink each part of a fly is printed: by the words of its colour, or by its material. */
final class Inks {
  static final Color HOOK = Color.decode("#2a3038");

  private static final Color OTHER = Color.decode("#7d7360");

  private static final Map<String, Color> MATERIALS =
      Table.rows(Inks.class, "inks.csv").stream()
          .collect(Collectors.toMap(r -> r.get("material"), r -> Color.decode(r.get("ink"))));

  private final Map<String, Color> byPart = new HashMap<>();

  Inks(Pattern pattern) {
    List<String> names = pattern.names();
    for (int i = 0; i < names.size(); i++) {
      Part part = pattern.parts().get(i);
      Color material = MATERIALS.getOrDefault(part.material(), OTHER);
      OptionalInt ink = Tint.of(part.tie()).map(Tint::ink).orElse(OptionalInt.empty());
      byPart.put(names.get(i), new Color(ink.orElse(material.getRGB())));
    }
  }

  Color of(String part) {
    return byPart.getOrDefault(part, part.equals("thread") ? Color.DARK_GRAY : OTHER);
  }
}
