package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;

/** Words with gaps for a fly's numbers. */
final class StepWords {
  /** {@code {count}}, {@code {count:plume}} with its noun, {@code {count?it:them}} by number. */
  private static final Pattern GAP =
      Pattern.compile("\\{([a-z]+)(?::([a-z ]+))?(?:\\?([^:}]*):([^}]*))?}");

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
                  boolean one = value.text().equals("1");
                  if (m.group(3) != null) {
                    return Matcher.quoteReplacement(one ? m.group(3) : m.group(4));
                  }
                  gaps.add(value);
                  return m.group(2) == null ? "%s" : "%s " + Words.counted(one, m.group(2));
                });
    Sentence filled = Sentence.of(form, gaps.toArray());
    return new Sentence(filled.text().strip(), filled.quantities());
  }
}
