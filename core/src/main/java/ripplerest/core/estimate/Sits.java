package ripplerest.core.estimate;

import java.util.Optional;
import java.util.function.Function;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/**
 * How a fly sits, in the few numbers by which two flies are compared.
 *
 * @param outcome whether it rests, sinks, or neither was found
 * @param posture empty unless it rests
 * @param pitchDeg tail down is positive, °; 0 unless it rests
 * @param eyeMm height of the eye, mm; 0 unless it rests
 * @param bendMm height of the start of the bend, mm; 0 unless it rests
 * @param pointMm height of the hook point, mm; 0 unless it rests
 * @param keepsPostureTo in its own weight; 0 unless it rests
 * @param sinksAt in its own weight; 0 unless it rests
 * @param massMg mg
 */
public record Sits(
    Outcome outcome,
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
    return of(trial, trial.land(Attitude.UPRIGHT));
  }

  /** Lands a fly upright and leaves it there: the numbers of its reserve are 0. */
  public static Sits posed(SizedPattern sized, Materials materials, Conditions conditions) {
    Trial trial = new Trial(sized, materials, conditions, Mesh.WORKING);
    FilmReserve unasked = new FilmReserve(0, 0, false, FilmReserve.Path.NONE);
    return of(trial, trial.land(Attitude.UPRIGHT), r -> unasked);
  }

  static Sits of(Trial trial, Landing landing) {
    return of(trial, landing, r -> FilmReserve.from(r, trial.finder));
  }

  private static Sits of(Trial trial, Landing landing, Function<Rest, FilmReserve> reserves) {
    double mass = trial.body.massMg();
    return landing
        .rest()
        .map(r -> of(r, mass, reserves.apply(r)))
        .orElse(new Sits(landing.outcome(), Optional.empty(), 0, 0, 0, 0, 0, 0, mass));
  }

  private static Sits of(Rest rest, double massMg, FilmReserve reserve) {
    return new Sits(
        Outcome.RESTS,
        Optional.of(rest.posture()),
        Math.toDegrees(rest.pose().pitchRad()),
        rest.eyeMm(),
        rest.bendMm(),
        rest.pointMm(),
        reserve.keepsPostureTo(),
        reserve.sinksAt(),
        massMg);
  }

  /** How it sits in one word: its posture, {@code sunk} or {@code unsettled}. */
  public String word() {
    return Posture.word(outcome, posture);
  }

  /** The load under which it still sits like {@code other}, mg; 0 if it does not even now. */
  double bearsMg(Sits other) {
    return posture.equals(other.posture) ? keepsPostureTo * massMg : 0;
  }
}
