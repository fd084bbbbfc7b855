package ripplerest.exchange.card;

import java.awt.Color;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Tint;
import ripplerest.core.quantity.Table;

/** In which inks each part of a fly is printed: by the words of its colour, or by its material. */
final class Inks {
  static final Color HOOK = Color.decode("#2a3038");

  private static final Color DARK = Color.decode("#2a2622");
  private static final Color PALE = Color.decode("#e6dfd0");

  /**
   * What a part is printed in.
   *
   * @param ink of all of it
   * @param mixed every other fibre's
   * @param bars across a fibre
   * @param stem along the stem of a feather
   * @param tip of each fibre
   * @param turnsMm how far apart turns are seen where it is wound; 0: not at all
   * @param fringeMm how far fibres stand out where it is wound; 0: it is smooth
   */
  record Look(
      Color ink,
      Optional<Color> mixed,
      Optional<Color> bars,
      Optional<Color> stem,
      Optional<Color> tip,
      double turnsMm,
      double fringeMm) {
    static Look plain(Color ink) {
      return new Look(ink, NONE, NONE, NONE, NONE, 0, 0);
    }

    private Look tinted(Tint tint) {
      Color base = tint.ink().isPresent() ? new Color(tint.ink().getAsInt()) : ink;
      Color dark = colour(tint.second()).orElse(DARK);
      return switch (tint.marking()) {
        case PLAIN -> in(base, NONE, bars, stem, tip);
        case BARRED, MOTTLED, SPECKLED -> in(base, NONE, Optional.of(dark), stem, tip);
        case DARK_CENTRE -> in(base, NONE, bars, Optional.of(dark), tip);
        case TIPPED -> {
          Color pale = colour(tint.second()).orElse(PALE);
          yield in(base, NONE, bars, stem, Optional.of(pale));
        }
        case MIXED -> in(base, colour(tint.second()), bars, stem, tip);
      };
    }

    private Look in(
        Color ofAll,
        Optional<Color> mixedIn,
        Optional<Color> across,
        Optional<Color> along,
        Optional<Color> atTip) {
      return new Look(ofAll, mixedIn, across, along, atTip, turnsMm, fringeMm);
    }
  }

  private static final Optional<Color> NONE = Optional.empty();
  private static final Look OTHER = Look.plain(Color.decode("#7d7360"));

  private static final Map<String, Look> MATERIALS =
      Table.rows(Inks.class, "inks.csv").stream()
          .collect(
              Collectors.toMap(
                  r -> r.get("material"),
                  r ->
                      new Look(
                          Color.decode(r.get("ink")),
                          NONE,
                          colour(r.get("bars")),
                          NONE,
                          colour(r.get("tip")),
                          Double.parseDouble(r.get("turns-mm")),
                          Double.parseDouble(r.get("fringe-mm")))));

  private final Map<String, Look> byPart = new HashMap<>();

  Inks(Pattern pattern) {
    List<String> names = pattern.names();
    for (int i = 0; i < names.size(); i++) {
      Part part = pattern.parts().get(i);
      Look material = MATERIALS.getOrDefault(part.material(), OTHER);
      byPart.put(names.get(i), Tint.of(part.tie()).map(material::tinted).orElse(material));
    }
  }

  Look of(String part) {
    Look other = part.equals("thread") ? Look.plain(Color.DARK_GRAY) : OTHER;
    return byPart.getOrDefault(part, other);
  }

  private static Optional<Color> colour(String code) {
    return code.isBlank() ? NONE : Optional.of(Color.decode(code));
  }

  private static Optional<Color> colour(OptionalInt ink) {
    return ink.isPresent() ? Optional.of(new Color(ink.getAsInt())) : NONE;
  }
}
