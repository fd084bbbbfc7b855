package ripplerest.core.steps;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Tie;
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
      Map.ofEntries(
          Map.entry("start-thread", "start the thread"),
          Map.entry("press-barb", "press the hook barb"),
          Map.entry("clear-eye", "clear the eye"),
          Map.entry("press-level", "press the %s level"),
          Map.entry("post", "stiffen the foot of the %s"),
          Map.entry("tug", "test the %s"),
          Map.entry("glue", "wet the thread"),
          Map.entry("break-off", "break off the %s"),
          Map.entry("slide-on", "slide on the %s"),
          Map.entry("whip", "whip the head"),
          Map.entry("lay-strand", "lay the strand for the %s"),
          Map.entry("make-loop", "make a loop for the %s"),
          Map.entry("wax", "wax the thread for the %s"),
          Map.entry("flatten", "flatten the thread for the %s"),
          Map.entry("figure-of-eight", "cross the %s with thread"),
          Map.entry("brush-out", "brush out the %s"),
          Map.entry("pick-out", "pick out the %s"),
          Map.entry("clip-stray", "cut stray fibres of the %s"),
          Map.entry("turn-over", "look at the %s from below"),
          Map.entry("half-hitch", "hold the %s with a half hitch"));

  /** Whether it is something that some do to a part and others leave. */
  boolean isAlso() {
    return also().isPresent();
  }

  /** Whether it is such a thing, done before the part is tied. */
  boolean isBefore() {
    return also().filter(Tie.Also::isBefore).isPresent();
  }

  private Optional<Tie.Also> also() {
    return Arrays.stream(Tie.Also.values()).filter(a -> Words.id(a).equals(operation)).findFirst();
  }

  String kind() {
    return Pattern.kindOf(part);
  }
}
