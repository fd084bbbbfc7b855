package ripplerest.exchange.format;

import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;

/**
 * A whole book of patterns: as one file, {@code {"format": "ripple-rest/book", "version": 1,
 * "patterns": [ … ]}} with pattern documents in it, or as a folder of pattern files, zipped. Both
 * are read and written one pattern at a time.
 */
public final class BookFile {
  private static final String FORMAT = "ripple-rest/book";
  private static final int VERSION = 1;

  private BookFile() {}

  /** Patterns to be written, each with what it needs, and what could not be read. */
  public record Book(List<PatternFile> patterns, List<Skipped> skipped) {}

  /** Writes one file. */
  public static void write(Book book, OutputStream out) throws IOException {
    String skipped =
        book.skipped().isEmpty()
            ? ""
            : "\"skipped\": " + PatternReader.MAPPER.writeValueAsString(book.skipped()) + ", ";
    out.write(
        "{\"format\": \"%s\", \"version\": %d, %s\"patterns\": [\n"
            .formatted(FORMAT, VERSION, skipped)
            .getBytes(StandardCharsets.UTF_8));
    for (int i = 0; i < book.patterns().size(); i++) {
      out.write((i == 0 ? "" : ",\n").getBytes(StandardCharsets.UTF_8));
      String document = PatternWriter.write(book.patterns().get(i)).trim();
      out.write(document.getBytes(StandardCharsets.UTF_8));
    }
    out.write("\n]}\n".getBytes(StandardCharsets.UTF_8));
  }

  /** Writes a zipped folder, a file a pattern, named after it. */
  public static void writeFolder(Book book, OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    Set<String> taken = new HashSet<>();
    for (PatternFile file : book.patterns()) {
      zip.putNextEntry(new ZipEntry("patterns/" + free(fileName(file.pattern().name()), taken)));
      zip.write(PatternWriter.write(file).getBytes(StandardCharsets.UTF_8));
      zip.closeEntry();
    }
    if (!book.skipped().isEmpty()) {
      zip.putNextEntry(new ZipEntry("skipped.txt"));
      for (Skipped s : book.skipped()) {
        String line = "%s (%s): %s%n".formatted(s.name(), s.id(), s.why());
        zip.write(line.getBytes(StandardCharsets.UTF_8));
      }
      zip.closeEntry();
    }
    zip.finish();
  }

  /** A file name for a pattern: its name in letters, digits and hyphens. */
  public static String fileName(String pattern) {
    String name = pattern.replaceAll("[^\\p{Alnum} _-]", "").trim().replace(' ', '-');
    return name.isEmpty() ? "pattern" : name.toLowerCase(Locale.ROOT);
  }

  private static String free(String name, Set<String> taken) {
    String free = name;
    for (int n = 2; !taken.add(free); n++) {
      free = name + "-" + n;
    }
    return free + ".json";
  }

  /**
   * Reads a book, a zipped folder or a single pattern, whichever it is; refuses the first pattern
   * that does not fit, pointing into the book.
   *
   * @param each told every pattern as it is read
   * @param bytes told how far into the file it has come
   */
  public static void read(
      Path file, PatternReader reader, Consumer<PatternFile> each, LongConsumer bytes)
      throws IOException {
    if (isZip(file)) {
      readFolder(file, reader, each, bytes);
      return;
    }
    try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
      readJson(in, reader, each, bytes);
    } catch (JacksonException e) {
      String where = e.getLocation() == null ? "" : " near line " + e.getLocation().getLineNr();
      throw refusal("", "text that is not JSON" + where, "a JSON document");
    }
  }

  private static boolean isZip(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return in.read() == 'P' && in.read() == 'K';
    }
  }

  /** By its directory at the end, so that a file that was cut off anywhere is refused. */
  private static void readFolder(
      Path file, PatternReader reader, Consumer<PatternFile> each, LongConsumer bytes)
      throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
      long read = 0;
      int found = 0;
      for (ZipEntry e : Collections.list(zip.entries())) {
        if (!e.isDirectory() && e.getName().endsWith(".json")) {
          try (InputStream in = zip.getInputStream(e)) {
            each.accept(reader.read(in));
          } catch (InvalidDocumentException refused) {
            throw under("/" + e.getName(), refused);
          }
          found++;
        }
        read += Math.max(1, e.getCompressedSize());
        bytes.accept(read);
      }
      if (found == 0) {
        throw refusal("", "no pattern file", "a folder with pattern files");
      }
    } catch (ZipException | EOFException | IllegalArgumentException e) {
      throw refusal("", "a broken zip file", "a zipped folder");
    }
  }

  private static void readJson(
      InputStream in, PatternReader reader, Consumer<PatternFile> each, LongConsumer bytes) {
    try (JsonParser parser = PatternReader.MAPPER.createParser(in)) {
      if (parser.nextToken() != JsonToken.START_OBJECT) {
        throw refusal("", "not an object", "a JSON object");
      }
      Heading heading = new Heading();
      while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
        String field = parser.currentName();
        parser.nextToken();
        if (heading.isBook() && field.equals("patterns")) {
          patterns(parser, reader, each, bytes);
        } else {
          heading.put(field, BoundedTree.read(parser, PatternReader.MOST_NODES));
        }
      }
      if (!heading.isBook()) {
        each.accept(reader.read(heading.node));
      } else {
        heading.check();
      }
      if (parser.nextToken() != null) {
        throw refusal("", "more after the end", "one JSON document");
      }
    }
  }

  private static void patterns(
      JsonParser parser, PatternReader reader, Consumer<PatternFile> each, LongConsumer bytes) {
    if (parser.currentToken() != JsonToken.START_ARRAY) {
      throw refusal("/patterns", "not a list", "a list of patterns");
    }
    for (int i = 0; parser.nextToken() != JsonToken.END_ARRAY; i++) {
      JsonNode node = BoundedTree.read(parser, PatternReader.MOST_NODES);
      try {
        each.accept(reader.read(node));
      } catch (InvalidDocumentException e) {
        throw under("/patterns/" + i, e);
      }
      bytes.accept(parser.currentLocation().getByteOffset());
    }
  }

  /** What stands in the file beside its patterns; a single pattern stands here whole. */
  private static final class Heading {
    private final tools.jackson.databind.node.ObjectNode node =
        PatternReader.MAPPER.createObjectNode();

    void put(String field, JsonNode value) {
      if (isBook() && !Set.of("format", "version", "skipped").contains(field)) {
        throw refusal("/" + field, "unknown", "format, version, skipped and patterns");
      }
      node.set(field, value);
      if (isBook() && field.equals("version") && !value.equals(version())) {
        throw refusal("/version", value.toString(), "exactly " + VERSION);
      }
    }

    boolean isBook() {
      return FORMAT.equals(node.path("format").asString(""));
    }

    void check() {
      if (!version().equals(node.get("version"))) {
        throw refusal("/version", "missing", "exactly " + VERSION);
      }
    }

    private static JsonNode version() {
      return PatternReader.MAPPER.getNodeFactory().numberNode(VERSION);
    }
  }

  private static InvalidDocumentException under(String place, InvalidDocumentException e) {
    List<FieldProblem> moved =
        e.problems().stream()
            .map(p -> new FieldProblem(place + p.pointer(), p.value(), p.bound(), p.remedy()))
            .toList();
    return new InvalidDocumentException(
        "Pattern " + place + " does not fit: " + e.getMessage() + " Nothing was added.", moved);
  }

  private static InvalidDocumentException refusal(String pointer, String value, String bound) {
    return new InvalidDocumentException(
        "The file is not a book of patterns. Nothing was added.",
        List.of(new FieldProblem(pointer, value, bound, "Choose a book or a pattern file.")));
  }
}
