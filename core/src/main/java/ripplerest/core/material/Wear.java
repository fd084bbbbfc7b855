package ripplerest.core.material;

import ripplerest.core.quantity.Require;

/**
 * What fishing has done to a fly, the same all over it.
 *
 * @param dryness 1 as it was dressed, 0 soaked: contact angles fall from their dressed values to
 *     those of a soaked surface, and what takes up water has taken it up
 * @param air share of the air that its bulk holds under water when fresh, 0 to 1
 * @param slime 0 clean, 1 slimed all over; materials mind it differently
 */
public record Wear(double dryness, double air, double slime) {
  public static final Wear FRESH = new Wear(1, 1, 0);

  /** Wet through, its air gone. */
  public static final Wear SOAKED = new Wear(0, 0, 0);

  public Wear {
    Require.inRange("dryness", dryness, 0, 1, "");
    Require.inRange("air", air, 0, 1, "");
    Require.inRange("slime", slime, 0, 1, "");
  }
}
