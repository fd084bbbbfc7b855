package ripplerest.core.estimate;

import java.util.Optional;
import java.util.function.Function;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;

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
public record RestSummary(
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
  public static RestSummary of(PreparedFly fly) {
    return of(LandedFly.of(fly));
  }

  /** Lands a fly upright and leaves it there: the numbers of its reserve are 0. */
  public static RestSummary posed(PreparedFly fly) {
    FilmReserve unasked = new FilmReserve(0, 0, false, FilmReserve.Path.NONE);
    return of(LandedFly.of(fly), r -> unasked);
  }

  /** The same of an estimate with its reserve. */
  public static RestSummary of(Estimate e) {
    return e.rest()
        .map(r -> of(r, e.massMg(), e.reserve().orElseThrow()))
        .orElse(nowhere(e.outcome(), e.massMg()));
  }

  static RestSummary of(LandedFly landed) {
    return of(landed, r -> FilmReserve.from(r, landed.finder()));
  }

  private static RestSummary of(LandedFly landed, Function<Rest, FilmReserve> reserves) {
    double mass = landed.fly().body().massMg();
    return landed
        .rest()
        .map(r -> of(r, mass, reserves.apply(r)))
        .orElse(nowhere(landed.landing().outcome(), mass));
  }

  private static RestSummary nowhere(Outcome outcome, double massMg) {
    return new RestSummary(outcome, Optional.empty(), 0, 0, 0, 0, 0, 0, massMg);
  }

  private static RestSummary of(Rest rest, double massMg, FilmReserve reserve) {
    return new RestSummary(
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

  /** How it sits, or why it has no posture. */
  public Sitting sits() {
    return Sitting.of(outcome, posture);
  }

  /** The load under which it still sits like {@code other}, mg; 0 if it does not even now. */
  double bearsMg(RestSummary other) {
    return posture.equals(other.posture) ? keepsPostureTo * massMg : 0;
  }

  /** The load that puts it under, mg; 0 unless it rests. */
  public double sinksAtMg() {
    return sinksAt * massMg;
  }

  /** Less than this is not told, mm. */
  private static final double TOLD_MM = 0.05;

  /** How it sits, told against another. */
  public Sentence sitsAgainst(RestSummary other) {
    Sentence sits = Sentence.of(Words.of(sits()));
    double up = eyeMm - other.eyeMm;
    boolean both = outcome == Outcome.RESTS && other.outcome == Outcome.RESTS;
    return both && Math.abs(up) >= TOLD_MM
        ? Sentence.of(
            "%s, eye %s %s", sits, Quantity.mm(Math.abs(up), 1), up > 0 ? "higher" : "lower")
        : sits;
  }

  /** Its film reserve, told against another's: {@code 2.5 → 1.6 ×}. */
  public String reserveAgainst(RestSummary other) {
    return "%.1f → %.1f ×".formatted(other.keepsPostureTo, keepsPostureTo);
  }
}
