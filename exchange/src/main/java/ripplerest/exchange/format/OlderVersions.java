package ripplerest.exchange.format;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Documents of versions 1 and 2, brought up to date.
 *
 * <p>Version 1 knew hackle clipped below or not at all. Version 2 called the style a school, had a
 * second feather as a part of its own, and measured wings that are said to end at the bend by the
 * hook's whole length, from wherever they were bound in: those that stood at that default end at
 * the bend now; what a tier had typed stays as it was.
 */
final class OlderVersions {
  private static final String CLIPPED = "clippedBelow";

  /** Defaults of version 2 that overshot, in hook lengths, and where they meant to end, mm. */
  private record Overshot(double factor, double pastBendMm) {}

  private static final Map<String, Overshot> OVERSHOT =
      Map.of(
          "hair-wing", new Overshot(0.95, 0),
          "tent-wing", new Overshot(1.05, 1),
          "flat-wing", new Overshot(0.9, 0));

  private OlderVersions() {}

  /** Rewrites a document in place if it is an older one. */
  static void upgrade(ObjectNode root) {
    if (version(root) == 1) {
      fromOne(root);
    }
    if (version(root) == 2) {
      fromTwo(root);
    }
  }

  private static int version(JsonNode root) {
    return root.path("version").isIntegralNumber() ? root.path("version").asInt() : 0;
  }

  private static void fromOne(ObjectNode root) {
    root.put("version", 2);
    for (JsonNode part : root.path("pattern").path("parts")) {
      if (part instanceof ObjectNode hackle && hackle.path(CLIPPED).isBoolean()) {
        hackle.put("trim", hackle.get(CLIPPED).asBoolean() ? "below" : "full");
        hackle.remove(CLIPPED);
      }
    }
  }

  private static void fromTwo(ObjectNode root) {
    root.put("version", 3);
    if (!(root.path("pattern") instanceof ObjectNode pattern)) {
      return;
    }
    JsonNode style = pattern.remove("school");
    if (style != null) {
      pattern.set("style", style);
    }
    if (pattern.path("parts") instanceof ArrayNode parts) {
      parts.forEach(OlderVersions::reachTheBend);
      takeInSecondFeathers(parts);
    }
  }

  private static void reachTheBend(JsonNode part) {
    Overshot old = OVERSHOT.get(part.path("part").asString(""));
    JsonNode length = part.path("length");
    if (old != null
        && part instanceof ObjectNode wing
        && length.path("rule").asString("").equals("hook-length")
        && length.path("factor").asDouble(0) == old.factor()) {
      wing.putObject("length")
          .put("reach", "bend")
          .put("offset", old.pastBendMm())
          .put("unit", "mm");
    }
  }

  /** A second feather goes to the collar before it, or to the first there is. */
  private static void takeInSecondFeathers(ArrayNode parts) {
    ObjectNode collar = null;
    for (JsonNode part : parts) {
      if (collar == null && is(part, "collar-hackle")) {
        collar = (ObjectNode) part;
      }
    }
    for (int i = 0; collar != null && i < parts.size(); i++) {
      JsonNode part = parts.get(i);
      if (is(part, "collar-hackle")) {
        collar = (ObjectNode) part;
      } else if (is(part, "mixed-hackle")) {
        ObjectNode feather = collar.withArray("with").addObject();
        for (String field : new String[] {"material", "turns", "barb"}) {
          if (part.has(field)) {
            feather.set(field, part.get(field));
          }
        }
        collar.put("wound", "through");
        parts.remove(i--);
      }
    }
  }

  private static boolean is(JsonNode part, String kind) {
    return part instanceof ObjectNode && part.path("part").asString("").equals(kind);
  }
}
