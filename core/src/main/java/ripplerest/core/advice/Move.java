package ripplerest.core.advice;

import java.util.Optional;
import java.util.function.UnaryOperator;
import ripplerest.core.dressing.Pattern;

/**
 * One change that a tier could make to a fly.
 *
 * @param what is changed; two moves of one thing are not made together
 * @param words of a move that is more than one number or word; empty: told by what it changes
 * @param change of the pattern
 * @param effort of it; 1 goes through all that the style ties
 */
record Move(String what, Optional<String> words, UnaryOperator<Pattern> change, double effort) {
  /** Another value of one field of a part. */
  static Move of(int index, String field, Object value, double effort) {
    return new Move(
        index + " " + field,
        Optional.empty(),
        p -> p.withPart(index, p.parts().get(index).with(field, value)),
        effort);
  }

  /** Another wire. */
  static Move wire(int steps, double effort) {
    return new Move("wire", Optional.empty(), p -> p.withHook(p.hook().withWire(steps)), effort);
  }

  Pattern on(Pattern pattern) {
    return change.apply(pattern);
  }

  /** Whether both change the same thing. */
  boolean meets(Move other) {
    return what.equals(other.what);
  }
}
