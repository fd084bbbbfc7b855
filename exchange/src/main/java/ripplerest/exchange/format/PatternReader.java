package ripplerest.exchange.format;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.Sizer;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads the open format, refusing with every reason at once whatever does not fit it. */
public final class PatternReader {
  /** Larger than any pattern can be, in bytes. */
  public static final int MOST_BYTES = 1_000_000;

  /** The version this program writes. */
  public static final int VERSION = 3;

  private static final String FORMAT = "ripple-rest/pattern";

  /** Control characters but tab and line ends, and halves of a surrogate pair. */
  private static final Pattern UNPRINTABLE = Pattern.compile("[\\p{Cc}\\p{Cs}&&[^\\t\\n\\r]]");

  private static final Schema SCHEMA = schema();

  /** Things in a document, more than any pattern has. */
  static final int MOST_NODES = 20_000;

  /** Problems that are told of at once; a person reads no more. */
  private static final int MOST_PROBLEMS = 50;

  static final JsonMapper MAPPER =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder()
                          .maxNestingDepth(60)
                          .maxStringLength(100_000)
                          .maxNumberLength(100)
                          .build())
                  .build())
          .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .build();

  private static final Map<String, String> REMEDIES =
      Map.of(
          "required", "Add the missing field.",
          "additionalProperties", "Remove the field; this format does not know it.",
          "enum", "Use one of the listed words.",
          "const", "Write exactly this value.",
          "type", "Write a value of this type.");

  private final Sizer sizer;

  /** A reader that also proves with {@code sizer} that every part can be sized. */
  public PatternReader(Sizer sizer) {
    this.sizer = sizer;
  }

  /** Reads a stream, giving up past {@link #MOST_BYTES} without reading the rest. */
  public PatternFile read(InputStream in) throws IOException {
    return read(in.readNBytes(MOST_BYTES + 1));
  }

  /** Reads one document in UTF-8. */
  public PatternFile read(byte[] bytes) {
    if (bytes.length > MOST_BYTES) {
      throw refusal(
          "The file is too large to be a pattern.",
          new FieldProblem(
              "",
              "more than " + MOST_BYTES + " bytes",
              "at most " + MOST_BYTES + " bytes",
              "Choose a pattern file."));
    }
    return read(parse(new String(bytes, StandardCharsets.UTF_8), MOST_NODES));
  }

  /**
   * Reads an array of documents; a problem's pointer begins with the number of its document.
   *
   * @param most documents that may be in it
   */
  public List<PatternFile> readSeveral(InputStream in, int most) throws IOException {
    JsonNode root =
        parse(
            new String(in.readNBytes(most * MOST_BYTES), StandardCharsets.UTF_8),
            most * MOST_NODES);
    if (!root.isArray() || root.isEmpty() || root.size() > most) {
      throw refusal(
          "These are not patterns to read together.",
          new FieldProblem(
              "",
              root.isArray() ? root.size() + " documents" : "not an array",
              "an array of 1 to " + most + " pattern documents",
              "Send 1 to " + most + " of them."));
    }
    List<PatternFile> files = new ArrayList<>();
    for (int i = 0; i < root.size(); i++) {
      try {
        files.add(read(root.get(i)));
      } catch (InvalidDocumentException e) {
        throw e.under("/" + i);
      }
    }
    return files;
  }

  /** Reads one document that is JSON already. */
  PatternFile read(JsonNode root) {
    if (!root.isObject()) {
      throw notAPattern();
    }
    checkVersion(root);
    checkParts(root);
    upgrade(root);
    List<FieldProblem> problems = new ArrayList<>();
    for (Error e : SCHEMA.validate(root)) {
      if (problems.size() < MOST_PROBLEMS) {
        problems.add(problem(e, root));
      }
    }
    if (problems.isEmpty()) {
      unprintable("", root, problems);
    }
    if (!problems.isEmpty()) {
      throw new InvalidDocumentException(
          problems.size() == 1
              ? "One field does not fit the format."
              : problems.size() + " fields do not fit the format.",
          problems);
    }
    try {
      Carried carried = Carried.read(root.get("carries"));
      Sizer knowing = carried.onto(sizer);
      PatternFile file = PatternNodes.read(root, carried, knowing::style);
      knowing.size(file.pattern());
      return file;
    } catch (OutOfRangeException e) {
      throw refusal(
          e.getMessage(),
          new FieldProblem(
              "/pattern/" + e.field().replace('[', '/').replace("]", ""),
              e.value(),
              e.bound(),
              e.remedy()));
    }
  }

  /** Rewrites a document of an older version in place; what is none stays as it is. */
  public static void upgrade(JsonNode root) {
    if (root instanceof ObjectNode document) {
      OlderVersions.upgrade(document);
    }
  }

  /** Characters that no text is made of could not be stored. */
  private static void unprintable(String pointer, JsonNode node, List<FieldProblem> problems) {
    if (node.isString() && UNPRINTABLE.matcher(node.asString()).find()) {
      problems.add(
          new FieldProblem(
              pointer, "a character that is no text", "plain text", "Remove that character."));
    }
    node.propertyStream()
        .forEach(e -> unprintable(pointer + "/" + e.getKey(), e.getValue(), problems));
    for (int i = 0; node.isArray() && i < node.size(); i++) {
      unprintable(pointer + "/" + i, node.get(i), problems);
    }
  }

  /** Refuses words with characters in them that no text is made of. */
  static void checkText(String field, String words) {
    if (UNPRINTABLE.matcher(words).find()) {
      throw new OutOfRangeException(
          field, "a character that is no text", "plain text", "Remove that character.");
    }
  }

  private static JsonNode parse(String text, int most) {
    try {
      JsonNode root;
      try (JsonParser parser = MAPPER.createParser(text)) {
        parser.nextToken();
        root = BoundedTree.read(parser, most);
        if (parser.nextToken() != null) {
          throw notJson("");
        }
      }
      if (!root.isContainer()) {
        throw notAPattern();
      }
      return root;
    } catch (JacksonException e) {
      throw notJson(e.getLocation() == null ? "" : " near line " + e.getLocation().getLineNr());
    }
  }

  private static InvalidDocumentException notJson(String where) {
    return refusal(
        "The file is not JSON" + where + ".",
        new FieldProblem(
            "", "text that is not JSON" + where, "a JSON document", "Choose a pattern file."));
  }

  private static InvalidDocumentException notAPattern() {
    return refusal(
        "The file is not a pattern.",
        new FieldProblem("", "not an object", "a JSON object", "Choose a pattern file."));
  }

  /** Before the schema, which tries every part as every kind there is. */
  private static void checkParts(JsonNode root) {
    int parts = root.path("pattern").path("parts").size();
    if (parts > ripplerest.core.dressing.Pattern.MOST_PARTS) {
      throw refusal(
          "The pattern has too many parts.",
          new FieldProblem(
              "/pattern/parts",
              parts + " parts",
              "at most " + ripplerest.core.dressing.Pattern.MOST_PARTS,
              "Leave some out."));
    }
  }

  private static void checkVersion(JsonNode root) {
    JsonNode version = root.get("version");
    if (FORMAT.equals(root.path("format").asString(""))
        && version != null
        && version.isIntegralNumber()
        && version.asLong() > VERSION) {
      throw refusal(
          "The file was written by a newer Ripple Rest.",
          new FieldProblem(
              "/version",
              version.toString(),
              "at most " + VERSION,
              "Update the program, or export the file again from the older one."));
    }
  }

  private static FieldProblem problem(Error e, JsonNode root) {
    String pointer = e.getInstanceLocation().toString();
    String property = e.getProperty();
    if (property != null
        && ("required".equals(e.getKeyword()) || "additionalProperties".equals(e.getKeyword()))) {
      pointer = pointer + "/" + property;
    }
    JsonNode at =
        root.at(
            pointer.isEmpty()
                ? tools.jackson.core.JsonPointer.empty()
                : tools.jackson.core.JsonPointer.compile(pointer));
    String value = at.isMissingNode() ? "missing" : shortened(at.toString());
    String remedy = REMEDIES.getOrDefault(e.getKeyword(), "Choose a value inside the bound.");
    return new FieldProblem(pointer, value, e.getMessage(), remedy);
  }

  private static String shortened(String text) {
    return text.length() <= 80 ? text : text.substring(0, 77) + "...";
  }

  static InvalidDocumentException refusal(String detail, FieldProblem problem) {
    return new InvalidDocumentException(detail, List.of(problem));
  }

  private static Schema schema() {
    try (InputStream in = PatternReader.class.getResourceAsStream("/format/pattern.schema.json")) {
      return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
          .getSchema(in, InputFormat.JSON);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
