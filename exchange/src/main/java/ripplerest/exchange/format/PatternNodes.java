package ripplerest.exchange.format;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;
import ripplerest.core.water.Tippet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Between the core's values and the nodes of the open format, both ways. */
public final class PatternNodes {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private PatternNodes() {}

  /**
   * Reads a document that the schema has passed.
   *
   * @param styles by id; what a part leaves open is as its style has it
   */
  static PatternFile read(JsonNode root, Carried carried, Function<String, Style> styles) {
    JsonNode p = root.get("pattern");
    JsonNode h = p.get("hook");
    HookSpec hook =
        new HookSpec(
            h.get("size").asInt(),
            HookSpec.Shape.valueOf(constant(h.get("shape"))),
            h.path("lengthSteps").asInt(0),
            h.path("wireSteps").asInt(0),
            h.path("barb").asBoolean(true),
            Optional.ofNullable(h.get("measured")).map(PatternNodes::measured));
    Style style = styles.apply(p.get("style").asString());
    List<Part> parts = new ArrayList<>();
    for (JsonNode part : p.get("parts")) {
      parts.add(part(part, style));
    }
    Pattern pattern =
        new Pattern(
            p.get("name").asString(),
            style.id(),
            hook,
            parts,
            p.path("notes").asString(""),
            p.path("natural").asString(""),
            MakingNodes.read(p));
    JsonNode c = root.get("conditions");
    return new PatternFile(pattern, c == null ? Conditions.DEFAULT : conditions(c), carried);
  }

  /** Writes the canonical document: every field, in a fixed order. */
  public static ObjectNode write(PatternFile file) {
    ObjectNode root = NODES.objectNode();
    root.put("format", "ripple-rest/pattern");
    root.put("version", PatternReader.VERSION);
    Pattern p = file.pattern();
    ObjectNode pattern = root.putObject("pattern");
    pattern.put("name", p.name());
    pattern.put("style", p.style());
    ObjectNode hook = pattern.putObject("hook");
    hook.put("size", p.hook().size());
    hook.put("shape", Words.id(p.hook().shape()));
    hook.put("lengthSteps", p.hook().lengthSteps());
    hook.put("wireSteps", p.hook().wireSteps());
    hook.put("barb", p.hook().barbed());
    p.hook().measured().ifPresent(m -> hook.set("measured", measured(m)));
    ArrayNode parts = pattern.putArray("parts");
    p.parts().forEach(part -> parts.add(part(part)));
    pattern.put("notes", p.notes());
    pattern.put("natural", p.natural());
    MakingNodes.write(p.making(), pattern);
    Conditions c = file.conditions();
    ObjectNode conditions = root.putObject("conditions");
    conditions.set("temperature", number(c.temperatureC()));
    conditions.set("filmFactor", number(c.filmFactor()));
    conditions.put("floatant", Words.id(c.floatant()));
    conditions.set("touchdownFactor", number(c.touchdownFactor()));
    conditions.set("falseCastsPerMinute", number(c.falseCastsPerMinute()));
    c.tippet()
        .ifPresent(
            t -> {
              ObjectNode tippet = conditions.putObject("tippet");
              tippet.set("diameterMm", number(t.diameterMm()));
              tippet.set("curlRadiusMm", number(t.curlRadiusMm()));
            });
    if (!file.carried().isNothing()) {
      root.set("carries", file.carried().write());
    }
    return root;
  }

  private static Part part(JsonNode n, Style style) {
    PartKind kind = PartKind.named(n.get("part").asString());
    Map<String, Object> values = new HashMap<>();
    for (PartKind.Field field : kind.fields()) {
      JsonNode value = n.get(field.name());
      values.put(
          field.name(),
          value == null ? DefaultParts.usual(style, kind, field) : value(value, field));
    }
    return kind.create(TieNodes.read(n, style.rule(kind.id(), "material").value()), values);
  }

  private static Object value(JsonNode n, PartKind.Field field) {
    return switch (field.type()) {
      case COUNT -> n.asInt();
      case NUMBER -> n.asDouble();
      case LENGTH -> length(n);
      case CHOICE -> n.asString();
    };
  }

  /** One part as it stands in a document. */
  public static ObjectNode part(Part part) {
    ObjectNode n = NODES.objectNode();
    n.put("part", part.kind());
    TieNodes.write(part.tie(), n);
    PartKind.of(part)
        .values(part)
        .forEach(
            (name, value) -> {
              if (value instanceof Length length) {
                n.set(name, length(length));
              } else if (value instanceof Number number) {
                n.set(name, number(number.doubleValue()));
              } else {
                n.put(name, value.toString());
              }
            });
    return n;
  }

  static Length length(JsonNode n) {
    if (n.has("rule")) {
      Length.Reference reference = Length.Reference.valueOf(constant(n.get("rule")));
      return new Length.Rule(reference, n.get("factor").asDouble());
    }
    return n.has("reach")
        ? new Length.Reach(TieNodes.place(n, "reach"))
        : new Length.Pinned(n.get("value").asDouble());
  }

  static ObjectNode length(Length length) {
    ObjectNode n = NODES.objectNode();
    if (length instanceof Length.Rule rule) {
      n.put("rule", Words.id(rule.reference()));
      n.set("factor", number(rule.factor()));
    } else if (length instanceof Length.Reach reach) {
      TieNodes.place(reach.to(), "reach", n);
    } else if (length instanceof Length.Pinned pinned) {
      n.set("value", number(pinned.mm()));
      n.put("unit", "mm");
    }
    return n;
  }

  private static HookSpec.Measured measured(JsonNode n) {
    return new HookSpec.Measured(
        n.get("name").asString(),
        n.get("shankMm").asDouble(),
        n.get("gapMm").asDouble(),
        n.get("wireMm").asDouble(),
        n.get("eyeMm").asDouble(),
        Optional.ofNullable(n.get("tenMg")).map(JsonNode::asDouble));
  }

  private static ObjectNode measured(HookSpec.Measured m) {
    ObjectNode n = NODES.objectNode();
    n.put("name", m.name());
    n.set("shankMm", number(m.shankMm()));
    n.set("gapMm", number(m.gapMm()));
    n.set("wireMm", number(m.wireMm()));
    n.set("eyeMm", number(m.eyeMm()));
    m.tenMg().ifPresent(mg -> n.set("tenMg", number(mg)));
    return n;
  }

  private static Conditions conditions(JsonNode n) {
    return new Conditions(
        n.get("temperature").asDouble(),
        n.get("filmFactor").asDouble(),
        Floatant.valueOf(constant(n.get("floatant"))),
        n.get("touchdownFactor").asDouble(),
        Optional.ofNullable(n.get("tippet")).map(PatternNodes::tippet),
        n.path("falseCastsPerMinute").asDouble(Conditions.USUAL_FALSE_CASTS));
  }

  private static Tippet tippet(JsonNode n) {
    return new Tippet(n.get("diameterMm").asDouble(), n.path("curlRadiusMm").asDouble(0));
  }

  /** A whole number is written without a fraction, so that 2 and 2.0 are one document. */
  static JsonNode number(double value) {
    boolean whole = value == Math.rint(value) && Math.abs(value) < 1e9;
    return whole ? NODES.numberNode((int) value) : NODES.numberNode(value);
  }

  static String constant(JsonNode word) {
    return Words.constant(word.asString());
  }
}
