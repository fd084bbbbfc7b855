package ripplerest.core.water;

import java.util.Optional;
import ripplerest.core.quantity.Require;

/**
 * Everything about the day that is not the fly.
 *
 * @param temperatureC water temperature, °C, 0 to 40
 * @param filmFactor 1 for a clean film, less for scum; 0.4 to 1
 * @param floatant dressing on the fly
 * @param touchdownFactor how many times its weight the fly presses on the film as it lands: 1 laid
 *     down, 2 gentle, 4 ordinary, 8 hard (an assumption: it decides what drowns)
 * @param tippet what is tied to the eye; empty: cut off
 * @param falseCastsPerMinute how often it is dried in the air, 0 to 20
 */
public record Conditions(
    double temperatureC,
    double filmFactor,
    Floatant floatant,
    double touchdownFactor,
    Optional<Tippet> tippet,
    double falseCastsPerMinute) {
  /** A false cast or two with every drift (common practice, no source). */
  public static final double USUAL_FALSE_CASTS = 0.7;

  /** A dressed fly, gently cast on clean water at 12 °C. */
  public static final Conditions DEFAULT =
      new Conditions(12, 1, Floatant.GEL, 2, Optional.empty(), USUAL_FALSE_CASTS);

  public Conditions {
    Require.inRange("temperatureC", temperatureC, 0, 40, "°C");
    Require.inRange("filmFactor", filmFactor, 0.4, 1, "");
    Require.present("floatant", floatant);
    Require.inRange("touchdownFactor", touchdownFactor, 1, 8, "times the weight");
    Require.present("tippet", tippet);
    Require.inRange("falseCastsPerMinute", falseCastsPerMinute, 0, 20, "a minute");
  }

  public Conditions with(Floatant other) {
    return new Conditions(
        temperatureC, filmFactor, other, touchdownFactor, tippet, falseCastsPerMinute);
  }

  public Conditions withTouchdown(double factor) {
    return new Conditions(temperatureC, filmFactor, floatant, factor, tippet, falseCastsPerMinute);
  }

  public Conditions withTippet(Tippet other) {
    return new Conditions(
        temperatureC,
        filmFactor,
        floatant,
        touchdownFactor,
        Optional.of(other),
        falseCastsPerMinute);
  }

  public Water water() {
    return Water.at(temperatureC, filmFactor);
  }
}
