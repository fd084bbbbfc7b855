package ripplerest.exchange.format;

import java.util.List;
import java.util.Locale;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Turned;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The part of the format's JSON Schema that follows from the kinds of part there are. */
final class PatternSchema {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  /** How any part may be tied; defined in the schema that ships. */
  private static final List<String> EVERY_PART =
      List.of("colour", "seat", "stretches", "cutFrom", "tiedInBy", "brightSide", "also");

  /** What a part that is wound in turns may say beside. */
  private static final List<String> EVERY_HACKLE = List.of("with", "wound");

  private PatternSchema() {}

  /** Definitions of {@code part} and of every kind, for {@code $defs}. */
  static ObjectNode parts() {
    ObjectNode definitions = NODES.objectNode();
    ObjectNode part = definitions.putObject("part");
    part.put("type", "object");
    part.putArray("required").add("part");
    part.put("description", "What is left out is as the pattern's style has it.");
    ObjectNode properties = part.putObject("properties");
    ArrayNode names = properties.putObject("part").putArray("enum");
    properties
        .putObject("material")
        .put("type", "string")
        .put("minLength", 1)
        .put("maxLength", 60)
        .put("description", "Name in the material table.");
    ArrayNode all = part.putArray("allOf");
    for (PartKind kind : PartKind.all()) {
      names.add(kind.id());
      ObjectNode one = all.addObject();
      ObjectNode is = one.putObject("if").putObject("properties");
      is.putObject("part").put("const", kind.id());
      one.putObject("then").put("$ref", "#/$defs/" + kind.id());
      definitions.set(kind.id(), kind(kind));
    }
    return definitions;
  }

  private static ObjectNode kind(PartKind kind) {
    ObjectNode definition = NODES.objectNode();
    definition.put("additionalProperties", false);
    ObjectNode properties = definition.putObject("properties");
    properties.put("part", true);
    properties.put("material", true);
    for (String common : EVERY_PART) {
      properties.putObject(common).put("$ref", "#/$defs/" + common);
    }
    if (kind.can(Turned.class)) {
      for (String common : EVERY_HACKLE) {
        properties.putObject(common).put("$ref", "#/$defs/" + common);
      }
    }
    for (PartKind.Field field : kind.fields()) {
      field(properties.putObject(field.name()), field);
    }
    return definition;
  }

  private static void field(ObjectNode property, PartKind.Field field) {
    switch (field.type()) {
      case LENGTH -> {
        property.put("$ref", "#/$defs/length");
        property.put("description", "A rule with its factor, a reach, or pinned millimetres.");
      }
      case CHOICE -> {
        ArrayNode options = property.putArray("enum");
        field.options().forEach(options::add);
      }
      case COUNT -> {
        property.put("type", "integer");
        property.put("minimum", (int) field.low());
        property.put("maximum", (int) field.high());
      }
      case NUMBER -> {
        property.put("type", "number");
        property.put("minimum", field.low());
        property.put("maximum", field.high());
      }
    }
    if (!field.unit().isEmpty()) {
      String unit = field.unit();
      property.put(
          "description", unit.substring(0, 1).toUpperCase(Locale.ROOT) + unit.substring(1) + ".");
    }
  }
}
