package ripplerest.core.dressing.tie;

import java.util.Optional;
import java.util.OptionalInt;
import ripplerest.core.dressing.tie.Colour.Marking;

/**
 * What a part looks like where its colour is said: inks are red, green and blue of a byte each.
 *
 * @param ink empty where its words name no known colour: then it looks like its material
 * @param marking how it is marked
 * @param second ink of the marking, or of what is mixed in
 */
public record Tint(OptionalInt ink, Marking marking, OptionalInt second) {
  /** Of a part as it is bound in; empty where nothing that shows is said. */
  public static Optional<Tint> of(Tie tie) {
    Colour colour = tie.colour();
    OptionalInt ink = Shade.of(colour.name());
    OptionalInt second = Shade.of(colour.second());
    Marking marking = colour.marking();
    if (marking == Marking.PLAIN && !tie.with().isEmpty()) {
      OptionalInt further = Shade.of(tie.with().get(0).colour().name());
      if (further.isPresent()) {
        return Optional.of(new Tint(ink, Marking.MIXED, further));
      }
    }
    if (marking == Marking.PLAIN && second.isPresent()) {
      marking = Marking.MIXED; // two colours and no marking are mixed
    }
    return ink.isEmpty() && marking == Marking.PLAIN
        ? Optional.empty()
        : Optional.of(new Tint(ink, marking, second));
  }
}
