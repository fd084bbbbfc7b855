package ripplerest.core.dressing.tie;

import java.util.Optional;
import ripplerest.core.dressing.Length;
import ripplerest.core.quantity.Require;

/**
 * A feather wound with the one that a hackle is begun with.
 *
 * @param material name in the material table, 1 to 60 characters
 * @param colour as a tier names it
 * @param turns 1 to 12
 * @param barb length of its barbs; empty: as the first feather's
 */
public record FurtherFeather(String material, Colour colour, double turns, Optional<Length> barb) {
  /** Most feathers beside the first. */
  public static final int MOST = 3;

  public FurtherFeather {
    Require.text("with material", material, 60);
    Require.present("with colour", colour);
    Require.inRange("with turns", turns, 1, 12, "turns");
    Require.present("with barb", barb);
  }
}
