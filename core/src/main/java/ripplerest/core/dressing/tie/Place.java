package ripplerest.core.dressing.tie;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;

/**
 * A place on the shank: a landmark, and how far from it toward the bend.
 *
 * @param landmark one of {@link Landmark}, or an end of a part such as {@code hackle.front} or
 *     {@code body/2.rear}
 * @param offset toward the bend; below 0 toward the eye
 * @param unit of the offset
 */
public record Place(String landmark, double offset, Unit unit) {
  private static final java.util.regex.Pattern PART =
      java.util.regex.Pattern.compile("([a-z]+(?:-[a-z]+)*(?:-\\d+)?)(?:/([1-9]))?\\.(front|rear)");

  /** What every fly has to measure from. */
  public enum Landmark {
    /** The eye's rear edge. */
    EYE,
    /** Rear of the room that is kept for the head. */
    HEAD,
    /** Middle of the first wing's seat. */
    WING,
    /** Front of the thorax, or where one would begin. */
    THORAX,
    /** Half the shank. */
    MIDDLE,
    /** Above the hook's point. */
    POINT,
    /** Above the hook's barb, the end of the straight shank. */
    HOOK_BARB,
    /** The bend's outermost rear. */
    BEND,
    /** End of the tail. */
    TAIL_TIP;

    static Optional<Landmark> named(String word) {
      return Arrays.stream(values()).filter(l -> Words.id(l).equals(word)).findFirst();
    }
  }

  /** What an offset is counted in. */
  public enum Unit {
    MM(40),
    /** Outside lengths of the eye. */
    EYE(20),
    /** Shares of the shank. */
    SHARE(2);

    private final double most;

    Unit(double most) {
      this.most = most;
    }
  }

  /**
   * An end of a part.
   *
   * @param part its name
   * @param stretch which of its stretches, from 1; empty: all of it
   * @param front the end at the eye
   */
  public record End(String part, Optional<Integer> stretch, boolean front) {}

  public Place {
    Require.present("landmark", landmark);
    if (Landmark.named(landmark).isEmpty() && !PART.matcher(landmark).matches()) {
      throw new OutOfRangeException(
          "landmark",
          "\"" + landmark + "\"",
          "one of "
              + Arrays.stream(Landmark.values()).map(Words::id).toList()
              + ", or a part's end such as body.front",
          "Choose a place from this list.");
    }
    Require.present("unit", unit);
    Require.inRange("offset", offset, -unit.most, unit.most, Words.id(unit));
  }

  /** At a landmark itself. */
  public static Place at(Landmark landmark) {
    return new Place(Words.id(landmark), 0, Unit.MM);
  }

  /** The landmark as a tier calls it, such as {@code hook barb} or {@code front of the hackle}. */
  public String name() {
    return end()
        .map(e -> (e.front() ? "front" : "rear") + " of the " + Words.of(e.part()))
        .orElseGet(
            () -> mark().get() == Landmark.TAIL_TIP ? "end of the tail" : Words.of(landmark));
  }

  /** The offset without its direction, such as {@code 1.5 mm}. */
  public String distance() {
    return Words.number(Math.abs(offset))
        + switch (unit) {
          case MM -> " mm";
          case EYE -> " eye lengths";
          case SHARE -> " shanks";
        };
  }

  /** The place as a tier says it. */
  public String words() {
    return offset == 0
        ? "the " + name()
        : "%s %s the %s".formatted(distance(), offset > 0 ? "behind" : "in front of", name());
  }

  /** The landmark, unless it is a part's end. */
  public Optional<Landmark> mark() {
    return Landmark.named(landmark);
  }

  /** The part's end, unless it is a landmark. */
  public Optional<End> end() {
    Matcher m = PART.matcher(landmark);
    return mark().isPresent() || !m.matches()
        ? Optional.empty()
        : Optional.of(
            new End(
                m.group(1),
                Optional.ofNullable(m.group(2)).map(Integer::valueOf),
                m.group(3).equals("front")));
  }
}
