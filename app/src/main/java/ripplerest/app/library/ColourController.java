package ripplerest.app.library;

import java.util.List;
import java.util.regex.Pattern;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.quantity.OutOfRangeException;

/** Colours that have a name. */
@RestController
class ColourController {
  private static final Pattern INK = Pattern.compile("#[0-9a-fA-F]{6}");
  private static final int NEAREST = 5;

  /** A name and what it looks like, {@code #rrggbb}. */
  record NamedColour(String name, String ink) {
    static NamedColour of(Shade.Named named) {
      return new NamedColour(named.name(), Shade.hex(named.ink()));
    }
  }

  /** Every name, like beside like. */
  @GetMapping("/api/colours")
  List<NamedColour> colours() {
    return Shade.all().stream().map(NamedColour::of).toList();
  }

  /** The names that look most like an ink, nearest first. */
  @GetMapping("/api/colours/nearest")
  List<NamedColour> nearest(@RequestParam String ink) {
    if (!INK.matcher(ink).matches()) {
      throw new OutOfRangeException(
          "ink", ink, "# and six hexadecimal digits", "Send a colour such as #6b4a2f.");
    }
    return Shade.nearest(Integer.decode(ink), NEAREST).stream().map(NamedColour::of).toList();
  }
}
