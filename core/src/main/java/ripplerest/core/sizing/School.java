package ripplerest.core.sizing;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * A way of dressing flies, kept as data: each part's rule with a default, a range and the words a
 * tier would use. All of it is common practice with no source.
 */
public final class School {
  private static final List<String> IDS = List.of("upright-collar", "parachute", "forward-plume");
  private static final Map<String, School> STANDARD = readAll();

  private final String id;
  private final Map<String, Rule> rules;

  private School(String id, Map<String, Rule> rules) {
    this.id = id;
    this.rules = rules;
  }

  /**
   * One rule.
   *
   * @param reference what the numbers are multiples of ({@code gap}, {@code shank}, {@code
   *     hook-length}, {@code eye}, {@code wire}) or their unit; empty for a plain count
   * @param value the default, a number or a material's name
   * @param low lowest usual value, as written in the file
   * @param high highest usual value, as written in the file
   * @param words how a tier says it
   */
  public record Rule(String reference, String value, String low, String high, String words) {
    public double number() {
      return Double.parseDouble(value);
    }

    /** Whether {@code x} lies in the usual range; true where there is none. */
    public boolean isUsual(double x) {
      return low.isEmpty()
          || (x >= Double.parseDouble(low) - 1e-9 && x <= Double.parseDouble(high) + 1e-9);
    }
  }

  /** The schools that ship with the program. */
  public static List<School> standard() {
    return List.copyOf(STANDARD.values());
  }

  /** The school of this name; refuses an unknown one and lists those there are. */
  public static School named(String id) {
    School school = STANDARD.get(id);
    if (school == null) {
      throw new OutOfRangeException(
          "school", "\"" + id + "\"", "one of " + IDS, "Choose a school from this list.");
    }
    return school;
  }

  public String id() {
    return id;
  }

  public String label() {
    return rule("school", "label").words();
  }

  /** A rule that must be there. */
  public Rule rule(String part, String dimension) {
    return find(part, dimension)
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "parts",
                    part,
                    "a part that the school " + id + " has a rule for",
                    "Remove it or choose another school."));
  }

  /** A rule that may be missing. */
  public Optional<Rule> find(String part, String dimension) {
    return Optional.ofNullable(rules.get(part + "/" + dimension));
  }

  /** All rules in file order, by {@code part/dimension}. */
  public Map<String, Rule> rules() {
    return java.util.Collections.unmodifiableMap(rules);
  }

  private static Map<String, School> readAll() {
    Map<String, School> all = new LinkedHashMap<>();
    IDS.forEach(id -> all.put(id, read(id)));
    return all;
  }

  private static School read(String id) {
    Map<String, Rule> rules = new LinkedHashMap<>();
    InputStream in = School.class.getResourceAsStream("/ripplerest/core/sizing/" + id + ".csv");
    try (Reader reader = new InputStreamReader(in, StandardCharsets.UTF_8);
        var rows =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader)) {
      for (CSVRecord r : rows) {
        rules.put(
            r.get("part") + "/" + r.get("dimension"),
            new Rule(
                r.get("reference"), r.get("default"), r.get("low"), r.get("high"), r.get("words")));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new School(id, rules);
  }
}
