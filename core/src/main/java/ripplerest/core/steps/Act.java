package ripplerest.core.steps;

import java.util.Map;
import java.util.Optional;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.quantity.Words;

/**
 * One thing that hands do to a fly.
 *
 * @param operation what is done, such as {@code bind-in}
 * @param part name of the part it is done to
 * @param stretch which of the part's stretches, from 1; empty: all of it
 */
public record Act(String operation, String part, Optional<Integer> stretch) {
  Act(String operation, String part) {
    this(operation, part, Optional.empty());
  }

  /** By which a pattern names it, such as {@code bind-in rib} or {@code wind body/2}. */
  public String key() {
    return operation + " " + part + stretch.map(n -> "/" + n).orElse("");
  }

  /** As a tier says it, such as {@code bind in the rib}. */
  public String words() {
    String phrase = PHRASES.getOrDefault(operation, Words.of(operation) + " the %s");
    return phrase.formatted(Words.of(part)) + stretch.map(n -> ", part " + n).orElse("");
  }

  private static final Map<String, String> PHRASES =
      Map.of(
          "start-thread", "start the thread",
          "press-barb", "press the hook barb",
          "clear-eye", "clear the eye",
          "press-level", "press the %s level",
          "post", "stiffen the foot of the %s",
          "tug", "test the %s",
          "glue", "wet the thread",
          "break-off", "break off the %s",
          "slide-on", "slide on the %s",
          "whip", "whip the head");

  String kind() {
    return Pattern.kindOf(part);
  }
}
