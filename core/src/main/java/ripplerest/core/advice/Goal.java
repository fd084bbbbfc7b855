package ripplerest.core.advice;

import ripplerest.core.quantity.Require;

/**
 * What a tier would have of a fly.
 *
 * @param wanted the kind of outcome
 * @param amount how much of it, in the outcome's unit
 */
public record Goal(Wanted wanted, double amount) {
  /** Outcomes, each with its unit, bounds and what is usually asked. */
  public enum Wanted {
    /** Body in the film. */
    FLUSH("", 0, 0, 0),
    /** The middle of its hook so much higher, sitting as it does. */
    HIGHER("mm", 0.1, 5, 0.5),
    /** Hanging so far tail down, within {@value #ANGLE_WITHIN}°. */
    HANG("°", 20, 90, 60),
    /** A weight in water below it. */
    CARRY("mg", 1, 2000, 200),
    /** So many of ten casts come to rest as an upright landing does. */
    LAND_UPRIGHT("of 10", 1, 10, 9),
    /** Under the water, as a dropper or to be swung. */
    UNDER("", 0, 0, 0),
    /** Wings and tufts above the film so many times as large to somebody who looks along it. */
    SEEN("times as large", 1.05, 5, 1.5),
    /** Half of them still up in a riffle so many times as long. */
    LAST("times as long", 1.05, 10, 1.25);

    private final String unit;
    private final double low;
    private final double high;
    private final double usual;

    Wanted(String unit, double low, double high, double usual) {
      this.unit = unit;
      this.low = low;
      this.high = high;
      this.usual = usual;
    }

    public String unit() {
      return unit;
    }

    public double low() {
      return low;
    }

    public double high() {
      return high;
    }

    /** What is asked if nothing else is said. */
    public double usual() {
      return usual;
    }
  }

  /** How near an angle has to come. */
  static final int ANGLE_WITHIN = 5;

  public Goal {
    Require.present("goal", wanted);
    Require.inRange("amount", amount, wanted.low, wanted.high, wanted.unit);
  }
}
