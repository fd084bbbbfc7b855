package ripplerest.core.dressing;

import ripplerest.core.dressing.tie.Place;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;

/**
 * How long a part is: a rule that follows the hook, a reach that ends at a place whatever the hook,
 * or pinned millimetres that follow nothing.
 */
public sealed interface Length {
  /** Largest factor of a rule. */
  double MOST_FACTOR = 5;

  /** Shortest pinned length. */
  double LEAST_MM = 0.5;

  /** Longest pinned length. */
  double MOST_MM = 60;

  /** As a tier says it. */
  String words();

  /** What a rule is measured against. */
  enum Reference {
    /** Shank to point. */
    GAP,
    /** Rear edge of the eye to the start of the bend. */
    SHANK,
    /** Rear edge of the eye to the outside of the bend. */
    HOOK_LENGTH,
    /** What is wound as body, front to rear. */
    BODY
  }

  /**
   * A factor on a dimension of the hook.
   *
   * @param reference the dimension
   * @param factor 0.05 to 5
   */
  record Rule(Reference reference, double factor) implements Length {
    public Rule {
      Require.present("rule", reference);
      Require.inRange("factor", factor, 0.05, MOST_FACTOR, "times " + reference);
    }

    @Override
    public String words() {
      return Words.number(factor) + " × " + Words.of(reference);
    }
  }

  /**
   * A measured length.
   *
   * @param mm 0.5 to 60
   */
  record Pinned(double mm) implements Length {
    public Pinned {
      Require.inRange("length", mm, LEAST_MM, MOST_MM, "mm");
    }

    @Override
    public String words() {
      return "pinned";
    }
  }

  /**
   * As far as a place, from where the part is bound in.
   *
   * @param to the place; its offset toward the bend is how far past it
   */
  record Reach(Place to) implements Length {
    public Reach {
      Require.present("reach", to);
    }

    @Override
    public String words() {
      return to.offset() == 0
          ? "to the " + to.name()
          : "%s %s the %s"
              .formatted(to.distance(), to.offset() > 0 ? "past" : "short of", to.name());
    }
  }
}
