package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import ripplerest.core.dressing.Hackle;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.Making.Preparation;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Wing;
import ripplerest.core.dressing.Wound;

/**
 * What hands do to a tied fly at the waterside before they tie another: a snip, a wet thumb, a
 * little floatant in one place only. Common practice, no source; the efforts are assumptions.
 */
final class Hands {
  private static final double WETTED = 0.05;
  private static final double DRESSED = 0.15;
  private static final double SNIPPED = 0.1;
  private static final double SOAKED = 0.12;

  private Hands() {}

  static List<Move> of(Pattern pattern) {
    List<Move> all = new ArrayList<>();
    if (has(pattern, Wound.class::isInstance)) {
      all.add(prepared("the abdomen wetted", WETTED, Wound.class::isInstance, Preparation.WETTED));
    }
    if (has(pattern, Wing.class::isInstance)) {
      all.add(
          prepared("the wing alone dressed", DRESSED, p -> !(p instanceof Wing), Preparation.BARE));
    }
    if (pattern.parts().stream().filter(Hands::isClipped).count() > 1) {
      all.add(
          new Move("hackles", Optional.of("every hackle clipped below"), Hands::clipped, SNIPPED));
    }
    all.add(prepared("all of it wetted", SOAKED, p -> true, Preparation.WETTED));
    return all;
  }

  private static boolean has(Pattern pattern, Predicate<Part> kind) {
    return pattern.parts().stream().anyMatch(kind);
  }

  private static boolean isClipped(Part part) {
    return part instanceof Hackle && part.uses("trim");
  }

  private static Pattern clipped(Pattern pattern) {
    Pattern clipped = pattern;
    for (int i = 0; i < pattern.parts().size(); i++) {
      Part part = pattern.parts().get(i);
      if (isClipped(part)) {
        clipped = clipped.withPart(i, part.with("trim", "below"));
      }
    }
    return clipped;
  }

  private static Move prepared(
      String words, double effort, Predicate<Part> parts, Preparation how) {
    return new Move(
        "preparation",
        Optional.of(words),
        pattern -> {
          Map<String, Preparation> said = new HashMap<>(pattern.making().preparation());
          List<String> names = pattern.names();
          for (int i = 0; i < names.size(); i++) {
            if (parts.test(pattern.parts().get(i))) {
              said.put(names.get(i), how);
            }
          }
          Making made = pattern.making();
          return pattern.with(
              new Making(made.steps(), said, made.colourings(), made.visitor(), made.asked()));
        },
        effort);
  }
}
