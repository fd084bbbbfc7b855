package ripplerest.core.dressing;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * What a tier adds to a dressing: an order and words of their own, how its parts are prepared for
 * the water, in which colours else it is tied, and for whom.
 *
 * @param steps in the tier's order, only where it is theirs; what is not listed falls in between
 * @param preparation by the name of a part, where it is not as the style has it
 * @param colourings under names of their own
 * @param visitor for whom it is tied, at most 80 characters, may be empty
 * @param asked what they asked for, at most 400 characters, may be empty
 */
public record Making(
    List<OwnStep> steps,
    Map<String, Preparation> preparation,
    List<Colouring> colourings,
    String visitor,
    String asked) {
  /** Most steps of a tier's own order. */
  public static final int MOST_STEPS = 120;

  /** Most colourings of one pattern. */
  public static final int MOST_COLOURINGS = 12;

  /** Nothing of a tier's own. */
  public static final Making NONE = new Making(List.of(), Map.of(), List.of(), "", "");

  /** What is done to a part before the fly is fished. */
  public enum Preparation {
    /** Treated with floatant. */
    DRESSED,
    /** Kept free of floatant. */
    BARE,
    /** Free of floatant and soaked, so that it keeps no air. */
    WETTED
  }

  /**
   * A step as the tier has it.
   *
   * @param act what is done: a derived act such as {@code wind rib}, or {@code own:} and a number
   * @param words the tier's own, which stand for ours; may be empty, at most 600 characters
   * @param note that stands with it; may be empty, at most 600 characters
   */
  public record OwnStep(String act, String words, String note) {
    /** How a step begins that no part asks for. */
    public static final String OWN = "own:";

    public OwnStep {
      Require.text("do", act, 80);
      atMost("words", words, 600);
      atMost("note", note, 600);
      if (act.startsWith(OWN)) {
        Require.text("words", words, 600);
      }
    }
  }

  /**
   * The same dressing in other colours.
   *
   * @param name 1 to 60 characters
   * @param byPart by the name of a part
   */
  public record Colouring(String name, Map<String, Colour> byPart) {
    public Colouring {
      Require.text("colouring name", name, 60);
      byPart = Collections.unmodifiableMap(new LinkedHashMap<>(byPart));
    }
  }

  public Making {
    steps = Require.copy("steps", steps);
    Require.inRange("steps", steps.size(), 0, MOST_STEPS);
    preparation = Collections.unmodifiableMap(new LinkedHashMap<>(preparation));
    colourings = Require.copy("colourings", colourings);
    Require.inRange("colourings", colourings.size(), 0, MOST_COLOURINGS);
    atMost("for", visitor, 80);
    atMost("asked", asked, 400);
    long acts = steps.stream().map(OwnStep::act).distinct().count();
    if (acts < steps.size()) {
      throw new OutOfRangeException(
          "steps", "a step twice", "each step once", "Leave the second one out.");
    }
  }

  /** The same in another order. */
  public Making withSteps(List<OwnStep> others) {
    return new Making(others, preparation, colourings, visitor, asked);
  }

  private static void atMost(String field, String words, int most) {
    if (Require.present(field, words).length() > most) {
      throw new OutOfRangeException(
          field,
          words.length() + " characters",
          "at most %d characters".formatted(most),
          "Shorten it.");
    }
  }
}
