package ripplerest.core.estimate;

import java.util.Optional;
import java.util.function.Function;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/**
 * How a fly sits, in the few numbers by which two flies are compared.
 *
 * @param posture empty: it sinks
 * @param pitchDeg tail down is positive, °; 0 if it sinks
 * @param eyeMm height of the eye, mm; 0 if it sinks
 * @param bendMm height of the start of the bend, mm; 0 if it sinks
 * @param pointMm height of the hook point, mm; 0 if it sinks
 * @param keepsPostureTo in its own weight; 0 if it sinks
 * @param sinksAt in its own weight; 0 if it sinks
 * @param massMg mg
 */
public record Sits(
    Optional<Posture> posture,
    double pitchDeg,
    double eyeMm,
    double bendMm,
    double pointMm,
    double keepsPostureTo,
    double sinksAt,
    double massMg) {

  /** Lands a fly upright and presses it down. */
  public static Sits of(SizedPattern sized, Materials materials, Conditions conditions) {
    Trial trial = new Trial(sized, materials, conditions, Mesh.WORKING);
    return of(trial, trial.land(Attitude.UPRIGHT).rest());
  }

  /** Lands a fly upright and leaves it there: the numbers of its reserve are 0. */
  public static Sits posed(SizedPattern sized, Materials materials, Conditions conditions) {
    Trial trial = new Trial(sized, materials, conditions, Mesh.WORKING);
    FilmReserve unasked = new FilmReserve(0, 0, false);
    return of(trial, trial.land(Attitude.UPRIGHT).rest(), r -> unasked);
  }

  static Sits of(Trial trial, Optional<Rest> rest) {
    return of(trial, rest, r -> FilmReserve.from(r, trial.finder));
  }

  private static Sits of(Trial trial, Optional<Rest> rest, Function<Rest, FilmReserve> reserves) {
    double mass = trial.body.massMg();
    return rest.map(r -> of(r, mass, reserves.apply(r)))
        .orElse(new Sits(Optional.empty(), 0, 0, 0, 0, 0, 0, mass));
  }

  private static Sits of(Rest rest, double massMg, FilmReserve reserve) {
    return new Sits(
        Optional.of(rest.posture()),
        Math.toDegrees(rest.pose().pitchRad()),
        rest.eyeMm(),
        rest.bendMm(),
        rest.pointMm(),
        reserve.keepsPostureTo(),
        reserve.sinksAt(),
        massMg);
  }

  /** The load under which it still sits like {@code other}, mg; 0 if it does not even now. */
  double bearsMg(Sits other) {
    return posture.equals(other.posture) ? keepsPostureTo * massMg : 0;
  }
}
