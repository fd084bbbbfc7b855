package ripplerest.core.drawer;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import ripplerest.core.dressing.tie.Colour;

/**
 * What one fly takes of one material.
 *
 * @param part name of the part it is for; {@code hook} for the hook
 * @param partKind kind of that part
 * @param material name in the material table
 * @param colour that is wished
 * @param by in what it is counted
 * @param amount of it, with what is thrown away
 * @param barbMm how long barbs have to be, mm, where it is a feather
 * @param winding of a hackle
 * @param hookSize of a hook
 */
public record Need(
    String part,
    String partKind,
    String material,
    Colour colour,
    Kept.By by,
    double amount,
    OptionalDouble barbMm,
    Optional<Winding> winding,
    OptionalInt hookSize) {
  /**
   * How a hackle is wound.
   *
   * @param turns that are wished
   * @param turnMm length of feather that a turn uses
   * @param heldMm length that is bound down and held
   */
  public record Winding(double turns, double turnMm, double heldMm) {
    /** Length of feather that all its turns use, mm. */
    public double usedMm() {
      return turns * turnMm + heldMm;
    }

    /** Turns that a feather gives, in halves, no more than are wished. */
    public double turnsOf(double featherMm) {
      double reach = Math.max(0, (featherMm - heldMm) / turnMm);
      return Math.min(turns, Math.floor(2 * reach) / 2);
    }
  }

  /** The same part with another amount. */
  public Need with(double other) {
    return new Need(part, partKind, material, colour, by, other, barbMm, winding, hookSize);
  }
}
