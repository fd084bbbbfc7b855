package ripplerest.core.rest;

import java.util.List;
import java.util.SplittableRandom;
import ripplerest.core.quantity.Require;

/**
 * How a fly comes down over many casts: attitudes and weights of touchdown about the usual ones,
 * normally spread. The spreads are assumptions; nobody has measured them for us.
 *
 * @param pitchSpreadDeg of the pitch about level, 0 to 90°
 * @param rollSpreadDeg of the roll about upright, 0 to 180°
 * @param touchdownFactor median of the weights with which the water pushes back, 1 to 8
 * @param touchdownSpread of its logarithm, 0 to 1
 */
public record Casts(
    double pitchSpreadDeg, double rollSpreadDeg, double touchdownFactor, double touchdownSpread) {
  private static final double LIGHTEST = 1;
  private static final double HARDEST = 8;

  public Casts {
    Require.inRange("pitch spread", pitchSpreadDeg, 0, 90, "°");
    Require.inRange("roll spread", rollSpreadDeg, 0, 180, "°");
    Require.inRange("touchdown factor", touchdownFactor, LIGHTEST, HARDEST, "weights");
    Require.inRange("touchdown spread", touchdownSpread, 0, 1, "");
  }

  /** The usual spreads: a fly turns over in the air by a third of a right angle or so. */
  public static Casts usual(double touchdownFactor) {
    return new Casts(25, 35, touchdownFactor, 0.35);
  }

  /**
   * How a fly came down once.
   *
   * @param pitchRad tail down is positive, −π/2 to π/2
   * @param rollRad about upright, −π to π
   * @param touchdownFactor weights with which the water pushed back
   */
  public record Cast(double pitchRad, double rollRad, double touchdownFactor) {
    /** Follows it to where it ends. */
    Landing land(RestFinder finder, List<Rest> known) {
      return finder.land(new Attitude("a cast", pitchRad, rollRad), touchdownFactor, known);
    }
  }

  /** A touchdown factor of one cast. */
  public double drawFactor(SplittableRandom random) {
    double cast = touchdownFactor * Math.exp(touchdownSpread * random.nextGaussian());
    return Math.max(LIGHTEST, Math.min(HARDEST, cast));
  }

  /** Draws one cast. */
  Cast draw(SplittableRandom random) {
    double pitch = Math.toRadians(pitchSpreadDeg * random.nextGaussian());
    double roll = Math.toRadians(rollSpreadDeg * random.nextGaussian());
    double held = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, pitch));
    return new Cast(held, Math.IEEEremainder(roll, 2 * Math.PI), drawFactor(random));
  }
}
