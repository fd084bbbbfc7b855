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

  /** Of every strand so much is held, bound down and cut off, mm (common practice, no source). */
  static final double WASTE_MM = 100;

  /** So much of it the shortest strand is held by, mm (common practice, no source). */
  private static final double HELD_MM = 20;

  /** How many offcuts or prepared pieces do the same. */
  public double pieces() {
    boolean counted = by == Kept.By.FEATHERS || by == Kept.By.PIECES;
    return counted ? Math.ceil(amount - 1e-9) : 1;
  }

  /** How long a piece of a strand has to be, mm; empty where it is none. */
  public OptionalDouble strandMm() {
    return by == Kept.By.SPOOL
        ? OptionalDouble.of(1000 * amount - WASTE_MM + HELD_MM)
        : OptionalDouble.empty();
  }

  /** The same part with another amount. */
  public Need with(double other) {
    return new Need(part, partKind, material, colour, by, other, barbMm, winding, hookSize);
  }
}
