package ripplerest.core.assembly;

import ripplerest.core.material.Material;
import ripplerest.core.material.Property;

/**
 * Fibres side by side stick together in bundles where water has been between them, so that fewer of
 * them meet the film one by one (Bico, Roman, Moulin and Boudaoud, Nature 432 (2004) 690; Duprat,
 * Protière, Beebe and Stone, Nature 482 (2012) 510; both from memory).
 *
 * <p>How many stay by themselves is known only within a wide prior. What is known is when none can
 * stick: two clamped fibres of stiffness B and radius r, d apart, that touch beyond a length s are
 * bent with 3Bd²/s³, and where they touch the water saves (2π - 4)γr a length, the difference of
 * two wetted circles and one wetted outline; so they part altogether when 9Bd² exceeds (2π -
 * 4)γrL⁴.
 *
 * @param count bundles
 * @param fibres in each, on average
 */
record Bundling(int count, double fibres) {
  /** Of clean water, µN/mm; a bound needs it no better. */
  private static final double TENSION = 73;

  private static final double SAVED = (2 * Math.PI - 4) * TENSION;

  /**
   * @param fibres how many there are
   * @param apartMm mean distance to the nearest other half way along
   */
  static Bundling of(Material material, int fibres, double lengthMm, double apartMm) {
    double radius = material.get(Property.FIBRE_RADIUS);
    double stiffness =
        material.get(Property.YOUNGS_MODULUS)
            * Math.PI
            * Math.pow(radius, 4)
            / 4
            * (1 - material.get(Property.TAPER)); // as stiff to a load on its tip
    double parts = 9 * stiffness * apartMm * apartMm / (SAVED * radius * Math.pow(lengthMm, 4));
    double alone =
        material.has(Property.INDEPENDENT_FIBRES) ? material.get(Property.INDEPENDENT_FIBRES) : 1;
    double share = alone + (1 - alone) * Math.min(1, parts);
    int count = (int) Math.max(1, Math.round(share * fibres));
    return new Bundling(count, (double) fibres / count);
  }

  /**
   * Mean distance to the nearest of fibres scattered over an area, mm (Clark and Evans, Ecology 35
   * (1954) 445).
   */
  static double apart(double areaMm2, int fibres) {
    return Math.sqrt(areaMm2 / fibres) / 2;
  }
}
