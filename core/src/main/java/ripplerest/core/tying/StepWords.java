package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Table;

/**
 * What is said at each kind of part, with gaps for this fly's numbers (all of it common practice,
 * no source).
 */
record StepWords(
    String prepare,
    String how,
    String check,
    String mistake,
    String remedy,
    String caution,
    String way,
    String taken) {
  private static final Map<String, StepWords> ALL = read();
  private static final Pattern GAP = Pattern.compile("\\{([a-z]+)}");

  /** The words for a kind of part. */
  static StepWords of(String kind) {
    return ALL.get(kind);
  }

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

  private static Map<String, StepWords> read() {
    Map<String, StepWords> all = new HashMap<>();
    for (CSVRecord r : Table.rows(StepWords.class, "steps.csv")) {
      all.put(
          r.get("part"),
          new StepWords(
              r.get("prepare"),
              r.get("how"),
              r.get("check"),
              r.get("mistake"),
              r.get("remedy"),
              r.get("caution"),
              r.get("way"),
              r.get("taken")));
    }
    return Map.copyOf(all);
  }
}
