package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;

/** The parts of a school's own fly, each at its default, in tying order. */
final class DefaultParts {
  private DefaultParts() {}

  static List<Part> of(School school) {
    List<Part> parts = new ArrayList<>();
    if (has(school, "tail")) {
      parts.add(
          new Part.Tail(
              material(school, "tail"), count(school, "tail"), length(school, "tail", "length")));
    }
    parts.add(new Part.Body(material(school, "body"), school.rule("body", "wires").number()));
    if (has(school, "upright-wing")) {
      parts.add(
          new Part.UprightWing(
              material(school, "upright-wing"), length(school, "upright-wing", "length")));
    }
    if (has(school, "collar-hackle")) {
      parts.add(
          new Part.CollarHackle(
              material(school, "collar-hackle"),
              school.rule("collar-hackle", "turns").number(),
              length(school, "collar-hackle", "barb"),
              false));
    }
    if (has(school, "post")) {
      parts.add(new Part.Post(material(school, "post"), length(school, "post", "length")));
    }
    if (has(school, "parachute-hackle")) {
      parts.add(
          new Part.ParachuteHackle(
              material(school, "parachute-hackle"),
              school.rule("parachute-hackle", "turns").number(),
              length(school, "parachute-hackle", "barb")));
    }
    if (has(school, "forward-plume")) {
      parts.add(
          new Part.ForwardPlume(
              material(school, "forward-plume"),
              count(school, "forward-plume"),
              length(school, "forward-plume", "length")));
    }
    return parts;
  }

  private static boolean has(School school, String part) {
    return school.find(part, "material").isPresent();
  }

  private static String material(School school, String part) {
    return school.rule(part, "material").value();
  }

  private static int count(School school, String part) {
    return (int) school.rule(part, "count").number();
  }

  private static Length length(School school, String part, String dimension) {
    School.Rule rule = school.rule(part, dimension);
    String reference = rule.reference().toUpperCase(Locale.ROOT).replace('-', '_');
    return new Length.Rule(Length.Reference.valueOf(reference), rule.number());
  }
}
