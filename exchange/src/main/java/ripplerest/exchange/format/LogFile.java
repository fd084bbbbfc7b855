package ripplerest.exchange.format;

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
 * The log of tied flies as one file: {@code {"format": "ripple-rest/log", "version": 1, "flies": [
 * … ]}}, or, to count with, as CSV with a line for each thing that was measured.
 */
public final class LogFile {
  /** Some eight thousand flies, in bytes; read whole, which takes several times that. */
  public static final int MOST_BYTES = 20_000_000;

  private static final String FORMAT = "ripple-rest/log";
  private static final int VERSION = 1;
  private static final int MOST_FLIES = 20_000;
  private static final int MOST_NODES = 2_000_000;
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private LogFile() {}

  /** A fly that came in with its plan, checked against it. */
  public record Taken(LoggedFly fly, PatternFile plan) {}

  /** The whole log, and the names of what is not in it. */
  public static String write(List<LoggedFly> flies, List<Skipped> skipped) {
    ObjectNode file = MAPPER.createObjectNode();
    file.put("format", FORMAT);
    file.put("version", VERSION);
    if (!skipped.isEmpty()) {
      file.set("skipped", MAPPER.valueToTree(skipped));
    }
    file.set("flies", MAPPER.valueToTree(flies));
    return MAPPER.writeValueAsString(file) + "\n";
  }

  /**
   * Reads a log, all of it or none: every plan is checked as a pattern, every measure against its
   * plan.
   */
  public static List<Taken> read(InputStream in, PatternReader reader, Sizer sizer)
      throws IOException {
    byte[] bytes = in.readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw new OutOfRangeException(
          "file", "more than 20 MB", "at most 20 MB", "Choose a log of this program.");
    }
    JsonNode root;
    try {
      try (JsonParser parser = PatternReader.MAPPER.createParser(bytes)) {
        parser.nextToken();
        root = BoundedTree.read(parser, MOST_NODES);
      }
    } catch (JacksonException e) {
      throw notALog("not JSON");
    }
    if (!root.path("format").asString("").equals(FORMAT) || !root.path("flies").isArray()) {
      throw notALog("no flies of " + FORMAT);
    }
    if (root.path("version").asInt(0) != VERSION) {
      throw new OutOfRangeException(
          "version", root.path("version").toString(), "" + VERSION, "Use a newer program.");
    }
    Require.inRange("flies", root.path("flies").size(), 0, MOST_FLIES);
    List<Taken> flies = new ArrayList<>();
    Set<UUID> ids = new HashSet<>();
    for (JsonNode node : root.path("flies")) {
      String at = "flies/" + flies.size();
      Taken taken = read(node, at, reader, sizer);
      if (!ids.add(taken.fly().id())) {
        throw new OutOfRangeException(
            at + "/id", taken.fly().id(), "an id of its own", "Remove one of the two.");
      }
      flies.add(taken);
    }
    return flies;
  }

  private static Taken read(JsonNode node, String at, PatternReader reader, Sizer sizer) {
    try {
      LoggedFly fly = MAPPER.treeToValue(node, LoggedFly.class);
      if (fly == null || fly.id() == null || fly.document() == null) {
        throw new OutOfRangeException(at, "without id or document", "both", "Add what is missing.");
      }
      PatternFile plan = reader.read(fly.document().deepCopy());
      return new Taken(fly.heldAgainst(plan, sizer), plan);
    } catch (OutOfRangeException e) {
      throw e.field().startsWith("flies/") ? e : under(at, e);
    } catch (InvalidDocumentException e) {
      throw e.under("/" + at + "/document");
    } catch (JacksonException e) {
      OutOfRangeException cause = e.getCause() instanceof OutOfRangeException o ? o : null;
      throw cause != null
          ? under(at, cause)
          : new OutOfRangeException(at, "not a fly", "a fly of the log", "Check its fields.");
    }
  }

  private static OutOfRangeException under(String at, OutOfRangeException e) {
    return new OutOfRangeException(at + "/" + e.field(), e.value(), e.bound(), e.remedy());
  }

  private static OutOfRangeException notALog(String what) {
    return new OutOfRangeException(
        "file", what, "a log, format " + FORMAT, "Choose a file that this program wrote.");
  }
}
