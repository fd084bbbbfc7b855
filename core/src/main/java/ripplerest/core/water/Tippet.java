package ripplerest.core.water;

import ripplerest.core.quantity.Require;

/**
 * The end of the leader, tied to the eye.
 *
 * @param diameterMm 0.05 to 0.4 mm
 * @param curlRadiusMm radius of its resting curl, 5 to 500 mm in size: positive where it curls up
 *     off the water ahead of the fly, negative where it curls down, 0 for straight
 */
public record Tippet(double diameterMm, double curlRadiusMm) {
  /** Young's modulus of wet nylon, µN/mm²: about 2 GPa, from memory. */
  private static final double YOUNGS = 2e9;

  private static final double TIGHTEST_MM = 5;

  public Tippet {
    Require.inRange("tippet diameter", diameterMm, 0.05, 0.4, "mm");
    Require.inRange("tippet curl radius", curlRadiusMm, -500, 500, "mm");
    if (curlRadiusMm != 0) {
      Require.inRange("tippet curl radius", Math.abs(curlRadiusMm), TIGHTEST_MM, 500, "mm");
    }
  }

  /** B = E·πr⁴/4, µN·mm². */
  public double bendingStiffness() {
    return YOUNGS * Math.PI * Math.pow(diameterMm / 2, 4) / 4;
  }

  /** Resting curvature, 1/mm. */
  public double curvature() {
    return curlRadiusMm == 0 ? 0 : 1 / curlRadiusMm;
  }
}
