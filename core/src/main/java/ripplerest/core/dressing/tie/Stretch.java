package ripplerest.core.dressing.tie;

import java.util.Optional;
import ripplerest.core.quantity.Require;

/**
 * A stretch of the shank that a part is wound over, an act of its own.
 *
 * @param from where winding begins
 * @param to where it ends
 * @param wires thickness there in diameters of the wire, 1 to 10; empty: as the rest of the part
 */
public record Stretch(Place from, Place to, Optional<Double> wires) {
  public Stretch {
    Require.present("from", from);
    Require.present("to", to);
    wires.ifPresent(w -> Require.inRange("wires", w, 1, 10, "wire diameters"));
  }

  public Stretch(Place from, Place to) {
    this(from, to, Optional.empty());
  }
}
