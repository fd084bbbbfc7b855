package ripplerest.exchange.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Stretch;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.dressing.tie.Winding;
import ripplerest.core.quantity.Words;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How a part is tied, between the core's values and the nodes of the format. */
final class TieNodes {
  private TieNodes() {}

  /**
   * @param usual material by the style, where the part names none
   */
  static Tie read(JsonNode n, String usual) {
    List<FurtherFeather> with = new ArrayList<>();
    for (JsonNode f : n.path("with")) {
      with.add(
          new FurtherFeather(
              f.get("material").asString(),
              colour(f.path("colour")),
              f.get("turns").asDouble(),
              Optional.ofNullable(f.get("barb")).map(PatternNodes::length)));
    }
    List<Stretch> stretches = new ArrayList<>();
    for (JsonNode s : n.path("stretches")) {
      stretches.add(
          new Stretch(
              place(s.get("from"), "landmark"),
              place(s.get("to"), "landmark"),
              Optional.ofNullable(s.get("wires")).map(JsonNode::asDouble)));
    }
    return new Tie(
        n.path("material").asString(usual),
        colour(n.path("colour")),
        with,
        word(n, "wound").map(Winding::valueOf).orElse(Winding.IN_TURN),
        Optional.ofNullable(n.get("seat")).map(s -> place(s, "landmark")),
        stretches,
        Optional.ofNullable(n.get("cutFrom")).map(JsonNode::asString),
        word(n, "tiedInBy").map(Tie.By::valueOf),
        word(n, "brightSide").map(Tie.Bright::valueOf),
        also(n));
  }

  private static List<Tie.Also> also(JsonNode n) {
    List<Tie.Also> also = new ArrayList<>();
    n.path("also").forEach(a -> also.add(Tie.Also.valueOf(PatternNodes.constant(a))));
    return also;
  }

  private static Optional<String> word(JsonNode n, String field) {
    return Optional.ofNullable(n.get(field)).map(PatternNodes::constant);
  }

  static Colour colour(JsonNode n) {
    return new Colour(
        n.path("name").asString(""),
        word(n, "marking").map(Colour.Marking::valueOf).orElse(Colour.Marking.PLAIN),
        n.path("second").asString(""));
  }

  /**
   * @param field in which the landmark stands
   */
  static Place place(JsonNode n, String field) {
    return new Place(
        n.get(field).asString(),
        n.path("offset").asDouble(0),
        word(n, "unit").map(Place.Unit::valueOf).orElse(Place.Unit.MM));
  }

  static void place(Place place, String field, ObjectNode n) {
    n.put(field, place.landmark());
    if (place.offset() != 0) {
      n.set("offset", PatternNodes.number(place.offset()));
      n.put("unit", Words.id(place.unit()));
    }
  }

  /** Writes what is said; what is left to the style is left out. */
  static void write(Tie tie, ObjectNode n) {
    n.put("material", tie.material());
    colour(tie.colour(), "colour", n);
    if (!tie.with().isEmpty()) {
      ArrayNode with = n.putArray("with");
      for (FurtherFeather f : tie.with()) {
        ObjectNode feather = with.addObject().put("material", f.material());
        colour(f.colour(), "colour", feather);
        feather.set("turns", PatternNodes.number(f.turns()));
        f.barb().ifPresent(barb -> feather.set("barb", PatternNodes.length(barb)));
      }
      n.put("wound", Words.id(tie.wound()));
    }
    tie.seat().ifPresent(seat -> place(seat, "landmark", n.putObject("seat")));
    if (!tie.stretches().isEmpty()) {
      ArrayNode stretches = n.putArray("stretches");
      for (Stretch s : tie.stretches()) {
        ObjectNode stretch = stretches.addObject();
        place(s.from(), "landmark", stretch.putObject("from"));
        place(s.to(), "landmark", stretch.putObject("to"));
        s.wires().ifPresent(w -> stretch.set("wires", PatternNodes.number(w)));
      }
    }
    tie.cutFrom().ifPresent(part -> n.put("cutFrom", part));
    tie.by().ifPresent(by -> n.put("tiedInBy", Words.id(by)));
    tie.bright().ifPresent(side -> n.put("brightSide", Words.id(side)));
    if (!tie.also().isEmpty()) {
      ArrayNode also = n.putArray("also");
      tie.also().forEach(a -> also.add(Words.id(a)));
    }
  }

  static void colour(Colour colour, String field, ObjectNode n) {
    if (!colour.isNone()) {
      ObjectNode c = n.putObject(field).put("name", colour.name());
      if (colour.marking() != Colour.Marking.PLAIN) {
        c.put("marking", Words.id(colour.marking()));
      }
      if (!colour.second().isEmpty()) {
        c.put("second", colour.second());
      }
    }
  }
}
