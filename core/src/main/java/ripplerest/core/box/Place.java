package ripplerest.core.box;

import ripplerest.core.quantity.Require;

/** Where a fly can be. */
public sealed interface Place {
  /** Where every fly comes from. */
  record Vise() implements Place {}

  /** In a box, by its id. */
  record In(String box) implements Place {
    public In {
      Require.text("box", box, 60);
    }
  }

  /** With somebody who brings it back, or what is left of it. */
  record Lent(String to) implements Place {
    public Lent {
      Require.text("lent to", to, 80);
    }
  }

  /** With somebody who keeps it, for a trip of theirs. */
  record Given(String to) implements Place {
    public Given {
      Require.text("given to", to, 80);
    }
  }

  /** In a tree, a fish or the river. */
  record Lost() implements Place {}

  /** Worn out. */
  record Chewed() implements Place {}

  /** Whether a fly can come back from there. */
  default boolean holds() {
    return this instanceof In || this instanceof Lent;
  }

  /** Whether it is used up there: neither a tier's any more nor anybody's. */
  default boolean isUsedUp() {
    return this instanceof Lost || this instanceof Chewed;
  }
}
