package ripplerest.core.box;

import ripplerest.core.quantity.Require;

/**
 * Flies that are alike, so that one will do for another.
 *
 * @param pattern id of the pattern they were tied to
 * @param name of it, as it was when they were tied
 * @param size of the hook
 * @param colouring its name; empty for the pattern's own colours
 */
public record Flies(String pattern, String name, int size, String colouring) {
  public Flies {
    Require.text("pattern", pattern, 60);
    Require.text("name", name, 80);
    Require.inRange("size", size, 1, 32);
    Require.present("colouring", colouring);
  }
}
