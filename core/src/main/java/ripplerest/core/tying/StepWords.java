package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import ripplerest.core.quantity.Sentence;

/** Words with gaps for a fly's numbers. */
final class StepWords {
  private static final Pattern GAP = Pattern.compile("\\{([a-z]+)}");

  private StepWords() {}

  /** Words with their gaps filled; a gap that nothing fills is a mistake of ours. */
  static Sentence filled(String words, Map<String, Sentence> values) {
    List<Object> gaps = new ArrayList<>();
    String form =
        GAP.matcher(words.replace("%", "%%"))
            .replaceAll(
                m -> {
                  Sentence value = values.get(m.group(1));
                  if (value == null) {
                    throw new IllegalStateException(
                        "nothing fills {" + m.group(1) + "} in: " + words);
                  }
                  gaps.add(value);
                  return "%s";
                });
    Sentence filled = Sentence.of(form, gaps.toArray());
    return new Sentence(filled.text().strip(), filled.quantities());
  }
}
