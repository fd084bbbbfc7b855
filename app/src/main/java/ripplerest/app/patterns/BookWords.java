package ripplerest.app.patterns;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import ripplerest.app.library.StyleStore;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Words;

/**
 * The words by which a pattern is found: its own, and those of its style, parts, materials and
 * colours.
 */
@Component
public class BookWords {
  private final StyleStore styles;
  private final Materials shipped = Materials.standard();

  BookWords(StyleStore styles) {
    this.styles = styles;
  }

  /** All of them, the name first. */
  String of(Pattern pattern) {
    List<String> words = new ArrayList<>();
    words.add(pattern.name());
    words.add(pattern.natural());
    words.add(styles.styles().named(pattern.style()).label());
    pattern.hook().measured().ifPresent(m -> words.add(m.name()));
    for (Part part : pattern.parts()) {
      words.add(PartKind.of(part).label());
      words.add(Words.of(part.material()));
      words.add(part.tie().colour().words());
      part.tie().with().forEach(feather -> words.add(feather.colour().words()));
      if (shipped.knows(part.material())) {
        words.add(shipped.get(part.material()).label());
      }
    }
    words.add(pattern.notes());
    return String.join("\n", words);
  }
}
