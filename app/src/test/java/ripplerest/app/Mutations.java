package ripplerest.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Demo files, each broken in one way that no reader may let pass, from a seeded generator. */
final class Mutations {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final List<String> REQUIRED = List.of("name", "style", "hook", "parts");

  private final List<String> demo = new ArrayList<>();
  private final SplittableRandom random;

  Mutations(long seed) {
    random = new SplittableRandom(seed);
    try (var files = Files.list(Path.of("src/main/resources/demo"))) {
      for (Path file : files.sorted().toList()) {
        demo.add(Files.readString(file));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A demo file as it is. */
  String sound() {
    return demo.get(random.nextInt(demo.size()));
  }

  /** A demo file that was broken. */
  String broken() {
    ObjectNode root = (ObjectNode) MAPPER.readTree(sound());
    ObjectNode pattern = (ObjectNode) root.get("pattern");
    ArrayNode parts = (ArrayNode) pattern.get("parts");
    ObjectNode part = (ObjectNode) parts.get(random.nextInt(parts.size()));
    switch (random.nextInt(13)) {
      case 0 -> pattern.remove(any(REQUIRED));
      case 1 -> root.remove(any(List.of("format", "version", "pattern")));
      case 2 -> part.remove("part");
      case 3 -> part.put(any(List.of("material", "part")), "no such " + random.nextInt());
      case 4 -> somewhere(root).put("field-" + random.nextInt(99), 1);
      case 5 -> root.put("version", any(List.of(-1, 0, 4, 99)));
      case 6 ->
          pattern.put("name", any(List.of("", "   ", "x".repeat(81), "a\u0000b", "bell\u0007")));
      case 7 -> ((ObjectNode) pattern.get("hook")).put("size", any(List.of(-14, 0, 33, 400)));
      case 8 -> outOfRange(part);
      case 9 -> wrongType(root);
      case 10 -> {
        return cut(root.toPrettyString());
      }
      case 11 -> {
        return root.toString().replaceFirst("\"pattern\":", "\"pattern\":{},\"pattern\":");
      }
      default -> {
        return noise(root.toString());
      }
    }
    return root.toString();
  }

  private static void outOfRange(ObjectNode part) {
    for (String field : List.of("count", "turns", "wires", "denier", "diameter", "fullness")) {
      if (part.has(field)) {
        part.put(field, 1e9);
        return;
      }
    }
    part.putObject("length").put("rule", "gap").put("factor", -3);
    part.put("unknown", true);
  }

  private void wrongType(ObjectNode root) {
    ObjectNode object = somewhere(root);
    List<String> names = new ArrayList<>(object.propertyNames());
    String name = any(names);
    JsonNode value = object.get(name);
    if (value.isArray()) {
      object.put(name, "x");
    } else {
      object.putArray(name).add(value);
    }
  }

  private ObjectNode somewhere(ObjectNode root) {
    ObjectNode pattern = (ObjectNode) root.get("pattern");
    ArrayNode parts = (ArrayNode) pattern.get("parts");
    return any(
        List.of(
            root,
            pattern,
            (ObjectNode) pattern.get("hook"),
            (ObjectNode) parts.get(random.nextInt(parts.size()))));
  }

  private String cut(String text) {
    return text.substring(0, random.nextInt(text.trim().length() - 1));
  }

  /** A brace, bracket or quote that closes nothing. */
  private String noise(String text) {
    int at = text.indexOf(',', random.nextInt(text.length() / 2));
    return text.substring(0, at)
        + any(List.of("}", "]", "\"", ",,", "\u0001"))
        + text.substring(at);
  }

  private <T> T any(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  /** A book with these documents in it. */
  static byte[] book(List<String> documents) {
    String all = String.join(",\n", documents);
    return ("{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":[" + all + "]}")
        .getBytes(StandardCharsets.UTF_8);
  }
}
