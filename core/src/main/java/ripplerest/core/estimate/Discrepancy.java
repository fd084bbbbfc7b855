package ripplerest.core.estimate;

import java.util.random.RandomGenerator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.rest.Rest;

/**
 * How far the model itself may be off, whatever is put into it: one draw of the lift and the moment
 * by which it and a second solver of another kind differ on whole flies (docs/model.md), as what
 * they move a fly that stands as stiffly as this one.
 *
 * @param heaveMm by which it rests higher
 * @param pitchRad by which its tail rests lower
 * @param reserve factor on the load at which it gives way
 */
public record Discrepancy(double heaveMm, double pitchRad, double reserve) {
  /** Spread of the lift, as a share of the weight. */
  private static final double LIFT = 0.05;

  /** Spread of the moment, weight times mm. */
  private static final double MOMENT_MM = 0.25;

  /** A fly that hardly stands has a rest of its own elsewhere before it moves so far. */
  private static final double MOST_MM = 0.5;

  private static final double MOST_RAD = Math.toRadians(8);

  static Discrepancy drawn(Rest rest, double weight, RandomGenerator random) {
    double lift = LIFT * random.nextGaussian();
    double heave = lift * weight / rest.sliding().heave();
    double pitch = MOMENT_MM * random.nextGaussian() * weight / rest.sliding().pitch();
    return new Discrepancy(
        Math.max(-MOST_MM, Math.min(MOST_MM, heave)),
        Math.max(-MOST_RAD, Math.min(MOST_RAD, pitch)),
        Math.exp(LIFT * random.nextGaussian()));
  }

  /** By how much a place of the fly, body frame, rests higher, mm. */
  double raises(FilmSolution film, Vector3D place) {
    Vector3D at = film.place(place);
    return heaveMm - at.getX() * pitchRad; // the centre of mass is at x = 0
  }
}
