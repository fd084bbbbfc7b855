package ripplerest.exchange.format;

import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads one JSON value into memory, and stops where it has more in it than anything of ours. */
final class BoundedTree {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final JsonParser parser;
  private final int most;
  private int count;

  private BoundedTree(JsonParser parser, int most) {
    this.parser = parser;
    this.most = most;
  }

  /** The value that begins at the parser's current token; refused past so many things in it. */
  static JsonNode read(JsonParser parser, int most) {
    return new BoundedTree(parser, most).value();
  }

  private JsonNode value() {
    if (++count > most) {
      throw PatternReader.refusal(
          "The document has far more in it than anything of this format.",
          new FieldProblem(
              "", "more than " + most + " values", "at most " + most, "Choose another file."));
    }
    JsonToken token = parser.currentToken();
    if (token == null) {
      return NODES.missingNode();
    }
    return switch (token) {
      case START_OBJECT -> object();
      case START_ARRAY -> array();
      case VALUE_STRING -> NODES.stringNode(parser.getString());
      case VALUE_TRUE -> NODES.booleanNode(true);
      case VALUE_FALSE -> NODES.booleanNode(false);
      case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> parser.readValueAsTree();
      default -> NODES.nullNode();
    };
  }

  private ObjectNode object() {
    ObjectNode object = NODES.objectNode();
    while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
      String name = parser.currentName();
      parser.nextToken();
      object.set(name, value());
    }
    return object;
  }

  private ArrayNode array() {
    ArrayNode array = NODES.arrayNode();
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      array.add(value());
    }
    return array;
  }
}
