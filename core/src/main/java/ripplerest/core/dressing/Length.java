package ripplerest.core.dressing;

import ripplerest.core.quantity.Require;

/** How long a part is: a rule that follows the hook, or pinned millimetres that do not. */
public sealed interface Length {
  /** Largest factor of a rule. */
  double MOST_FACTOR = 5;

  /** Longest pinned length. */
  double MOST_MM = 60;

  /** What a rule is measured against. */
  enum Reference {
    /** Shank to point. */
    GAP,
    /** Rear edge of the eye to the start of the bend. */
    SHANK,
    /** Rear edge of the eye to the outside of the bend. */
    HOOK_LENGTH
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
  }

  /**
   * A measured length.
   *
   * @param mm 0.5 to 60
   */
  record Pinned(double mm) implements Length {
    public Pinned {
      Require.inRange("length", mm, 0.5, MOST_MM, "mm");
    }
  }
}
