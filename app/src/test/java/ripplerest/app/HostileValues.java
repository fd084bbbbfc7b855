package ripplerest.app;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Values that nobody should send, and documents with such a value somewhere in them. */
final class HostileValues {
  static final List<String> WORDS =
      List.of(
          "",
          " ",
          "null",
          "-1",
          "0",
          "1e309",
          "NaN",
          "99999999999999999999",
          "'; drop table x;--",
          "\u0000",
          "\ud83e\udd97",
          "../../etc/passwd",
          "a".repeat(3000),
          "{}",
          "[]",
          "true",
          "%00",
          "LANTERN",
          "0.0000001",
          "-0");

  private static final JsonMapper MAPPER = JsonMapper.shared();

  private final SplittableRandom random;

  HostileValues(SplittableRandom random) {
    this.random = random;
  }

  /** Changes one value somewhere below a node: to another of its kind, or to anything. */
  void touch(JsonNode node, boolean sameKind) {
    List<JsonNode> containers = new ArrayList<>();
    collect(node, containers);
    JsonNode at = any(containers);
    if (at instanceof ObjectNode object && !object.isEmpty()) {
      String name = any(new ArrayList<>(object.propertyNames()));
      object.set(name, sameKind ? alike(object.get(name)) : anything(object.get(name)));
    } else if (at instanceof ArrayNode array && !array.isEmpty()) {
      int i = random.nextInt(array.size());
      array.set(i, sameKind ? alike(array.get(i)) : anything(array.get(i)));
    }
  }

  private void collect(JsonNode node, List<JsonNode> into) {
    if (node.isContainer()) {
      into.add(node);
      node.forEach(child -> collect(child, into));
    }
  }

  private JsonNode alike(JsonNode value) {
    if (value.isNumber()) {
      return MAPPER
          .getNodeFactory()
          .numberNode(Math.rint(1e3 * value.asDouble() * random.nextDouble(0.8, 1.2)) / 1e3);
    }
    return value.isString() && value.asString().contains(" ")
        ? MAPPER.getNodeFactory().stringNode("Fuzz " + random.nextInt(1000))
        : value;
  }

  private JsonNode anything(JsonNode value) {
    var nodes = MAPPER.getNodeFactory();
    return switch (random.nextInt(9)) {
      case 0 -> nodes.nullNode();
      case 1 -> nodes.numberNode(any(List.of(-1.0, 0.0, 1e308, 1e-300, -1e18, 2147483648.0)));
      case 2 -> nodes.stringNode(any(WORDS));
      case 3 -> nodes.arrayNode().add(value);
      case 4 -> nodes.objectNode().set("x", value);
      case 5 -> nodes.booleanNode(random.nextBoolean());
      case 6 -> nodes.numberNode(new java.math.BigInteger("9".repeat(60)));
      case 7 -> nodes.arrayNode();
      default -> nodes.stringNode(value.asString("") + "\u0000");
    };
  }

  <T> T any(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }
}
