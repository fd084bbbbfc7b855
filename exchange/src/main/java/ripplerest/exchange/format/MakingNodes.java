package ripplerest.exchange.format;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.quantity.Words;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a tier adds to a dressing, between the core's values and the nodes of the format. */
final class MakingNodes {
  private MakingNodes() {}

  static Making read(JsonNode pattern) {
    List<Making.OwnStep> steps = new ArrayList<>();
    for (JsonNode s : pattern.path("steps")) {
      steps.add(
          new Making.OwnStep(
              s.get("do").asString(), s.path("words").asString(""), s.path("note").asString("")));
    }
    Map<String, Making.Preparation> preparation = new LinkedHashMap<>();
    for (JsonNode p : pattern.path("preparation")) {
      preparation.put(
          p.get("part").asString(),
          Making.Preparation.valueOf(PatternNodes.constant(p.get("how"))));
    }
    List<Making.Colouring> colourings = new ArrayList<>();
    for (JsonNode c : pattern.path("colourings")) {
      Map<String, Colour> byPart = new LinkedHashMap<>();
      for (JsonNode one : c.path("parts")) {
        byPart.put(one.get("part").asString(), TieNodes.colour(one.path("colour")));
      }
      colourings.add(new Making.Colouring(c.get("name").asString(), byPart));
    }
    return new Making(
        steps,
        preparation,
        colourings,
        pattern.path("for").asString(""),
        pattern.path("asked").asString(""));
  }

  /** Writes what is said; nothing of a tier's own leaves no field. */
  static void write(Making making, ObjectNode pattern) {
    if (!making.steps().isEmpty()) {
      ArrayNode steps = pattern.putArray("steps");
      for (Making.OwnStep s : making.steps()) {
        ObjectNode step = steps.addObject().put("do", s.act());
        said(step, "words", s.words());
        said(step, "note", s.note());
      }
    }
    if (!making.preparation().isEmpty()) {
      ArrayNode all = pattern.putArray("preparation");
      making
          .preparation()
          .forEach((part, how) -> all.addObject().put("part", part).put("how", Words.id(how)));
    }
    if (!making.colourings().isEmpty()) {
      ArrayNode all = pattern.putArray("colourings");
      for (Making.Colouring c : making.colourings()) {
        ObjectNode colouring = all.addObject().put("name", c.name());
        ArrayNode parts = colouring.putArray("parts");
        c.byPart()
            .forEach(
                (part, colour) ->
                    TieNodes.colour(colour, "colour", parts.addObject().put("part", part)));
      }
    }
    said(pattern, "for", making.visitor());
    said(pattern, "asked", making.asked());
  }

  private static void said(ObjectNode n, String field, String words) {
    if (!words.isEmpty()) {
      n.put(field, words);
    }
  }
}
