package ripplerest.exchange.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Documents of version 1, brought up to date: hackle was clipped below or not at all. */
final class VersionOne {
  private static final String CLIPPED = "clippedBelow";

  private VersionOne() {}

  static boolean is(JsonNode root) {
    return root.path("version").isIntegralNumber() && root.path("version").asInt() == 1;
  }

  static void upgrade(ObjectNode root) {
    root.put("version", PatternReader.VERSION);
    for (JsonNode part : root.path("pattern").path("parts")) {
      if (part instanceof ObjectNode hackle && hackle.path(CLIPPED).isBoolean()) {
        hackle.put("trim", hackle.get(CLIPPED).asBoolean() ? "below" : "full");
        hackle.remove(CLIPPED);
      }
    }
  }
}
