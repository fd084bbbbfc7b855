package ripplerest.core.water;

import ripplerest.core.quantity.Require;

/**
 * Fresh water and its film at one temperature.
 *
 * @param temperatureC °C, 0 to 40
 * @param tension surface tension γ, µN/mm (the same number in mN/m)
 * @param density mg/mm³ (the same number in g/cm³)
 */
public record Water(double temperatureC, double tension, double density) {
  /** Standard acceleration of gravity, mm/s² in µN/mg: 1 mg weighs 9.80665 µN (ISO 80000-3). */
  public static final double GRAVITY = 9.80665;

  public Water {
    Require.inRange("temperatureC", temperatureC, 0, 40, "°C");
    Require.inRange("tension", tension, 10, 80, "µN/mm");
    Require.inRange("density", density, 0.9, 1.1, "mg/mm³");
  }

  /**
   * Clean or scummed fresh water.
   *
   * @param temperatureC °C, 0 to 40
   * @param filmFactor 1 for a clean film, less for scum or oil; 0.4 to 1
   */
  public static Water at(double temperatureC, double filmFactor) {
    Require.inRange("filmFactor", filmFactor, 0.4, 1, "");
    return new Water(
        temperatureC, filmFactor * cleanTension(temperatureC), densityOf(temperatureC));
  }

  /**
   * Surface tension of pure water, mN/m. IAPWS R1-76(2014), "Revised Release on Surface Tension of
   * Ordinary Water Substance"; valid from the triple point to the critical point.
   */
  static double cleanTension(double temperatureC) {
    double tau = 1 - (temperatureC + 273.15) / 647.096;
    return 235.8 * Math.pow(tau, 1.256) * (1 - 0.625 * tau);
  }

  /**
   * Density of air-free water, g/cm³. Tanaka, Girard, Davis, Peuto and Bignell, Metrologia 38
   * (2001) 301; valid from 0 to 40 °C.
   */
  static double densityOf(double temperatureC) {
    double t = temperatureC;
    double kgPerM3 =
        999.974950
            * (1 - (t - 3.983035) * (t - 3.983035) * (t + 301.797) / (522528.9 * (t + 69.34881)));
    return kgPerM3 / 1000;
  }

  /** Weight of water, µN/mm³. */
  public double specificWeight() {
    return density * GRAVITY;
  }

  /** ℓ = √(γ/ρg), mm: the distance over which a dimple in the film dies away. */
  public double capillaryLength() {
    return Math.sqrt(tension / specificWeight());
  }
}
