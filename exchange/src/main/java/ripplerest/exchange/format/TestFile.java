package ripplerest.exchange.format;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
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
 * "ripple-rest/tests", "version": 1, "log": { … }, "tests": [ … ]}}.
 */
public final class TestFile {
  private static final String FORMAT = "ripple-rest/tests";
  private static final int VERSION = 1;
  private static final int MOST_TESTS = 10_000;
  private static final int MOST_NODES = 2_000_000;
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

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
}
