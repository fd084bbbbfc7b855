package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Table;
import ripplerest.core.quantity.Words;

/**
 * A way of dressing flies, kept as data: the parts it ties, in tying order, each part's rule with a
 * default, a range and the words a tier would use. What it leaves open is common practice. None of
 * it has a source.
 */
public final class Style {
  private static final String WHOLE_FLY = "school";

  /** How the reference of a reach begins. */
  private static final String REACH = "to-";

  /** What stands in the files but is no rule: the name, and what the tier has at hand. */
  private static final Set<String> NO_RULES = Set.of("label", "feather");

  private static final Set<String> EVERYWHERE = Set.of("thread", "head");
  private static final Map<String, Rule> COMMON = rules("common-practice");

  private final String id;
  private final String label;
  private final Map<String, Rule> own;

  private Style(String id, String label, Map<String, Rule> own) {
    this.id = id;
    this.label = label;
    this.own = own;
  }

  /**
   * One rule.
   *
   * @param reference what the numbers are multiples of ({@code gap}, {@code shank}, {@code
   *     hook-length}, {@code eye}, {@code wire}) or their unit; empty for a word
   * @param value the default, a number or a word
   * @param low lowest usual value, as written in the file
   * @param high highest usual value, as written in the file
   * @param words how a tier says it
   */
  public record Rule(String reference, String value, String low, String high, String words) {
    public double number() {
      return Double.parseDouble(value);
    }

    /** Whether a length reaches for the same place, in the same unit. */
    public boolean reaches(Length.Reach length) {
      return reference.equals(REACH + length.to().landmark())
          && length.to().unit() == Place.Unit.MM;
    }

    /** Whether it ends at a place. */
    boolean isReach() {
      return reference.startsWith(REACH);
    }

    /**
     * A length by this rule: a multiple of what it refers to, or, of a reach such as {@code
     * to-bend}, so many mm past that place.
     */
    public Length length(String number) {
      double x = Double.parseDouble(number);
      if (isReach()) {
        return new Length.Reach(new Place(reference.substring(REACH.length()), x, Place.Unit.MM));
      }
      return reference.equals("mm")
          ? new Length.Pinned(x)
          : new Length.Rule(Length.Reference.valueOf(Words.constant(reference)), x);
    }

    /** Whether {@code x} lies in the usual range; true where there is none. */
    public boolean isUsual(double x) {
      return low.isEmpty()
          || (x >= Double.parseDouble(low) - 1e-9 && x <= Double.parseDouble(high) + 1e-9);
    }
  }

  /** A style that ships with the program; refuses an unknown id and lists those there are. */
  public static Style named(String id) {
    return Styles.standard().named(id);
  }

  /** A house style: a copy under a name of its own. */
  public Style copy(String otherId, String otherLabel) {
    Require.text("id", otherId, 60);
    Require.text("label", otherLabel, 60);
    return new Style(otherId, otherLabel, own);
  }

  /**
   * The same style with one rule otherwise; refuses numbers that are none, a default outside its
   * range, and a rule that nothing follows.
   */
  public Style with(String part, String dimension, Rule rule) {
    String field = part + " " + dimension;
    Rule before = rule(part, dimension);
    if (isNumber(before.value())) {
      double value = number(field, rule.value());
      boolean bounded = !rule.low().isEmpty() || !rule.high().isEmpty();
      if (bounded) {
        double low = number(field + " low", rule.low());
        double high = number(field + " high", rule.high());
        Require.inRange(field, value, low, high, rule.reference());
      }
    } else {
      Require.text(field, rule.value(), 60);
    }
    Map<String, Rule> changed = new LinkedHashMap<>(own);
    changed.put(part + "/" + dimension, rule);
    return new Style(id, label, changed);
  }

  public String id() {
    return id;
  }

  public String label() {
    return label;
  }

  /** Kinds of part it ties, in tying order. */
  public List<PartKind> parts() {
    Set<String> kinds = new LinkedHashSet<>();
    own.keySet().forEach(key -> kinds.add(key.substring(0, key.indexOf('/'))));
    kinds.remove(WHOLE_FLY);
    return kinds.stream().filter(this::ties).map(PartKind::named).toList();
  }

  /** Whether it ties a kind of part; thread and head are on every fly. */
  public boolean ties(String kind) {
    return own.containsKey(kind + "/material") || EVERYWHERE.contains(kind);
  }

  /** What is done where no style says otherwise. */
  static Rule commonPractice(String part, String dimension) {
    return COMMON.get(part + "/" + dimension);
  }

  /** A rule that must be there. */
  public Rule rule(String part, String dimension) {
    return find(part, dimension)
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    part,
                    dimension,
                    "a dimension that there is a rule for",
                    "Choose another dimension."));
  }

  /** The style's own rule or common practice. */
  public Optional<Rule> find(String part, String dimension) {
    String key = part + "/" + dimension;
    return Optional.ofNullable(own.getOrDefault(key, COMMON.get(key)));
  }

  /** Rules of the style's own parts, common ones included, by {@code part/dimension}. */
  public Map<String, Rule> rules() {
    Map<String, Rule> all = new LinkedHashMap<>();
    List<String> parts = new ArrayList<>(List.of(WHOLE_FLY));
    parts().forEach(k -> parts.add(k.id()));
    for (String part : parts) {
      COMMON.keySet().stream()
          .filter(key -> key.startsWith(part + "/"))
          .forEach(key -> all.put(key, own.getOrDefault(key, COMMON.get(key))));
      own.keySet().stream()
          .filter(key -> key.startsWith(part + "/"))
          .forEach(key -> all.put(key, own.get(key)));
    }
    all.keySet().removeIf(key -> NO_RULES.contains(key.substring(key.indexOf('/') + 1)));
    return Collections.unmodifiableMap(all);
  }

  private static boolean isNumber(String text) {
    return text.matches("-?\\d+(\\.\\d+)?");
  }

  private static double number(String field, String text) {
    if (!isNumber(text)) {
      throw new OutOfRangeException(field, "\"" + text + "\"", "a number", "Write a number.");
    }
    return Double.parseDouble(text);
  }

  static Style read(String id) {
    Map<String, Rule> rules = rules("styles/" + id);
    return new Style(id, rules.get("school/label").words(), rules);
  }

  private static Map<String, Rule> rules(String file) {
    Map<String, Rule> rules = new LinkedHashMap<>();
    for (CSVRecord r : Table.rows(Style.class, "/ripplerest/core/sizing/" + file + ".csv")) {
      rules.put(
          r.get("part") + "/" + r.get("dimension"),
          new Rule(
              r.get("reference"), r.get("default"), r.get("low"), r.get("high"), r.get("words")));
    }
    return rules;
  }
}
