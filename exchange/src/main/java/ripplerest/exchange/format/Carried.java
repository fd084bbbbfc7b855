package ripplerest.exchange.format;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;
import ripplerest.core.sizing.HouseStyle;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a document needs beside itself and takes along: the house style that its pattern follows and
 * materials of the tier's own. Hooks that were measured stand in the pattern anyway.
 *
 * @param styles that are not standard
 * @param materials rows of materials that do not ship
 */
public record Carried(List<HouseStyle> styles, List<MaterialRow> materials) {
  /** Nothing but what ships. */
  public static final Carried NOTHING = new Carried(List.of(), List.of());

  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  public Carried {
    styles = List.copyOf(styles);
    materials = List.copyOf(materials);
  }

  public boolean isNothing() {
    return styles.isEmpty() && materials.isEmpty();
  }

  /** A sizer that knows these too; what it knows already stays as it knows it. */
  public Sizer onto(Sizer sizer) {
    return isNothing() ? sizer : sizer.knowing(styles, materials);
  }

  /** Names of the materials, in order. */
  public Set<String> materialIds() {
    return materials.stream()
        .map(MaterialRow::material)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** Rows of one material. */
  public List<MaterialRow> rows(String material) {
    return materials.stream().filter(r -> r.material().equals(material)).toList();
  }

  /** Reads the field of a document that the schema has passed. */
  static Carried read(JsonNode node) {
    if (node == null) {
      return NOTHING;
    }
    List<HouseStyle> styles = new ArrayList<>();
    for (JsonNode s : node.path("styles")) {
      styles.add(style(s));
    }
    List<MaterialRow> rows = new ArrayList<>();
    for (JsonNode m : node.path("materials")) {
      for (JsonNode v : m.get("values")) {
        String label = v == m.get("values").get(0) ? text(m, "label") : "";
        rows.add(
            new MaterialRow(
                text(m, "material"),
                label,
                Property.named(text(v, "property")),
                v.get("value").asDouble(),
                v.get("spread").asDouble(),
                kind(text(v, "kind")),
                text(v, "source")));
      }
    }
    return new Carried(styles, rows);
  }

  private static HouseStyle style(JsonNode s) {
    Map<String, Style.Rule> rules = new LinkedHashMap<>();
    for (JsonNode r : s.path("rules")) {
      rules.put(
          text(r, "part") + "/" + text(r, "dimension"),
          new Style.Rule(
              text(r, "reference"),
              text(r, "default"),
              text(r, "low"),
              text(r, "high"),
              text(r, "words")));
    }
    return new HouseStyle(text(s, "id"), text(s, "label"), text(s, "copyOf"), rules);
  }

  private static Prior.Kind kind(String word) {
    for (Prior.Kind kind : Prior.Kind.values()) {
      if (kind.name().equals(word)) {
        return kind;
      }
    }
    throw new OutOfRangeException(
        "kind", "\"" + word + "\"", "how well a value is founded", "Use a word of the table.");
  }

  private static String text(JsonNode n, String field) {
    return n.path(field).asString("");
  }

  /** As it stands in a document. */
  ObjectNode write() {
    ObjectNode node = NODES.objectNode();
    if (!styles.isEmpty()) {
      ArrayNode all = node.putArray("styles");
      for (HouseStyle s : styles) {
        ObjectNode style = all.addObject();
        style.put("id", s.id()).put("label", s.label()).put("copyOf", s.copyOf());
        ArrayNode rules = style.putArray("rules");
        s.rules()
            .forEach(
                (key, r) -> {
                  String[] place = key.split("/");
                  rules
                      .addObject()
                      .put("part", place[0])
                      .put("dimension", place[1])
                      .put("reference", r.reference())
                      .put("default", r.value())
                      .put("low", r.low())
                      .put("high", r.high())
                      .put("words", r.words());
                });
      }
    }
    if (!materials.isEmpty()) {
      ArrayNode all = node.putArray("materials");
      for (String id : materialIds()) {
        ObjectNode material = all.addObject();
        material.put("material", id).put("label", rows(id).get(0).label());
        ArrayNode values = material.putArray("values");
        for (MaterialRow r : rows(id)) {
          values
              .addObject()
              .put("property", r.property().fileName())
              .put("value", r.value())
              .put("spread", r.spread())
              .put("unit", r.property().fileUnit())
              .put("kind", r.kind().name())
              .put("source", r.source());
        }
      }
    }
    return node;
  }
}
