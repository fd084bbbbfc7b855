package ripplerest.exchange.format;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import ripplerest.core.calibration.Prediction;
import ripplerest.core.calibration.Seen;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.Sizer;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Tests in a glass of water as one file, with the flies they were made with: {@code {"format":
 * "ripple-rest/tests", "version": 1, "log": { … }, "tests": [ … ]}}; or, to count with, as CSV with
 * a line for each thing that was seen.
 */
public final class TestFile {
  private static final String FORMAT = "ripple-rest/tests";
  private static final int VERSION = 1;
  private static final int MOST_TESTS = 10_000;
  private static final int MOST_NODES = 2_000_000;
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
  private static final List<String> COLUMNS =
      List.of(
          "test",
          "made-at",
          "fly",
          "name",
          "temperature-c",
          "floatant",
          "laid",
          "what",
          "unit",
          "foretold-low",
          "foretold",
          "foretold-high",
          "seen",
          "error",
          "by",
          "left-out",
          "notes");

  private TestFile() {}

  /** Tests that came in, and the flies they were made with. */
  public record Taken(List<LogFile.Taken> flies, List<LoggedTest> tests) {}

  /** All tests with their flies. */
  public static String write(List<LoggedTest> tests, List<LoggedFly> flies) {
    ObjectNode file = MAPPER.createObjectNode();
    file.put("format", FORMAT);
    file.put("version", VERSION);
    file.set("log", MAPPER.readTree(LogFile.write(flies, List.of())));
    file.set("tests", MAPPER.valueToTree(tests));
    return MAPPER.writeValueAsString(file) + "\n";
  }

  /** Reads tests, all of them or none. */
  public static Taken read(InputStream in, PatternReader reader, Sizer sizer) throws IOException {
    byte[] bytes = in.readNBytes(LogFile.MOST_BYTES + 1);
    if (bytes.length > LogFile.MOST_BYTES) {
      throw new OutOfRangeException(
          "file", "more than 20 MB", "at most 20 MB", "Choose a file of tests of this program.");
    }
    JsonNode root;
    try (JsonParser parser = PatternReader.MAPPER.createParser(bytes)) {
      parser.nextToken();
      root = BoundedTree.read(parser, MOST_NODES);
    } catch (JacksonException e) {
      throw notTests("not JSON");
    }
    if (!root.path("format").asString("").equals(FORMAT) || !root.path("tests").isArray()) {
      throw notTests("no tests of " + FORMAT);
    }
    if (root.path("version").asInt(0) != VERSION) {
      throw new OutOfRangeException(
          "version", root.path("version").toString(), "" + VERSION, "Use a newer program.");
    }
    List<LogFile.Taken> flies =
        LogFile.read(
            new ByteArrayInputStream(MAPPER.writeValueAsBytes(root.path("log"))), reader, sizer);
    Set<UUID> known = new HashSet<>();
    flies.forEach(f -> known.add(f.fly().id()));
    Require.inRange("tests", root.path("tests").size(), 0, MOST_TESTS);
    List<LoggedTest> tests = new ArrayList<>();
    Set<UUID> ids = new HashSet<>();
    for (JsonNode node : root.path("tests")) {
      String at = "tests/" + tests.size();
      LoggedTest test = read(node, at);
      if (!ids.add(test.id())) {
        throw new OutOfRangeException(
            at + "/id", test.id(), "an id of its own", "Remove one of the two.");
      }
      if (!known.contains(test.fly())) {
        throw new OutOfRangeException(
            at + "/fly", test.fly(), "a fly of the log in this file", "Add the fly as well.");
      }
      tests.add(test);
    }
    return new Taken(flies, tests);
  }

  private static LoggedTest read(JsonNode node, String at) {
    try {
      LoggedTest test = MAPPER.treeToValue(node, LoggedTest.class);
      if (test == null) {
        throw new OutOfRangeException(at, "nothing", "a test", "Remove it.");
      }
      return test;
    } catch (OutOfRangeException e) {
      throw under(at, e);
    } catch (JacksonException e) {
      throw e.getCause() instanceof OutOfRangeException o
          ? under(at, o)
          : new OutOfRangeException(at, "not a test", "a test in a glass", "Check its fields.");
    }
  }

  private static OutOfRangeException under(String at, OutOfRangeException e) {
    return e.field().startsWith("tests/")
        ? e
        : new OutOfRangeException(at + "/" + e.field(), e.value(), e.bound(), e.remedy());
  }

  private static OutOfRangeException notTests(String what) {
    return new OutOfRangeException(
        "file", what, "tests, format " + FORMAT, "Choose a file that this program wrote.");
  }

  /**
   * A line for each thing that was seen; one for a test of which nothing was.
   *
   * @param names of flies
   */
  public static String csv(List<LoggedTest> tests, Map<UUID, String> names) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(COLUMNS);
      for (LoggedTest t : tests) {
        List<List<Object>> lines = lines(t);
        for (List<Object> line :
            lines.isEmpty() ? List.of(line("", "", "", "", "", "", "", "")) : lines) {
          csv.printRecord(whole(t, names.getOrDefault(t.fly(), ""), line));
        }
      }
    }
    return out.toString();
  }

  private static List<Object> whole(LoggedTest t, String name, List<Object> line) {
    List<Object> whole =
        new ArrayList<>(
            List.of(
                t.id(),
                t.madeAt(),
                t.fly(),
                Spreadsheet.harmless(name),
                t.temperatureC(),
                t.floatant(),
                t.laid()));
    whole.addAll(line);
    whole.add(t.leftOut());
    whole.add(Spreadsheet.harmless(t.notes()));
    return whole;
  }

  private static List<Object> line(Object... of) {
    return List.of(of);
  }

  private static List<List<Object>> lines(LoggedTest t) {
    List<List<Object>> lines = new ArrayList<>();
    LoggedTest.Noted seen = t.seen();
    if (t.foretold() == null) {
      return lines;
    }
    if (seen.sits() != null) {
      double share =
          t.foretold().ways().stream()
              .filter(w -> w.sits() == seen.sits())
              .mapToDouble(Prediction.Way::share)
              .sum();
      lines.add(line("posture", "", "", hundredths(share), "", seen.sits(), "", "EYE"));
    }
    for (Seen.Measure m : seen.measured()) {
      Object[] foretold =
          t.foretold().measures().stream()
              .filter(r -> r.what() == m.what())
              .findFirst()
              .map(
                  r ->
                      new Object[] {
                        hundredths(r.low()), hundredths(r.middle()), hundredths(r.high())
                      })
              .orElse(new Object[] {"", "", ""});
      lines.add(
          line(
              m.what(),
              m.what().unit(),
              foretold[0],
              foretold[1],
              foretold[2],
              hundredths(m.value()),
              hundredths(m.error()),
              m.by()));
    }
    for (Seen.Hung h : seen.hung()) {
      lines.add(
          line("hung", "mg", "", "", "", hundredths(h.mg()), "", h.floats() ? "floats" : "sinks"));
    }
    if (seen.popsBack() != null) {
      lines.add(
          line(
              "push-under",
              "",
              "",
              hundredths(t.foretold().popsBack()),
              "",
              seen.popsBack(),
              "",
              "EYE"));
    }
    if (seen.lasted() != null) {
      Seen.Lasted l = seen.lasted();
      Double minutes = t.foretold().minutes();
      lines.add(
          line(
              l.down() ? "down after" : "still up after",
              "min",
              "",
              minutes == null ? "" : hundredths(minutes),
              "",
              hundredths(l.minutes()),
              "",
              l.dunkings() + " dunkings, " + l.fish() + " fish"));
    }
    if (seen.unlike()) {
      lines.add(line("like none of these", "", "", "", "", "", "", "EYE"));
    }
    return lines;
  }

  private static String hundredths(double v) {
    return String.format(Locale.ROOT, "%.2f", v);
  }
}
