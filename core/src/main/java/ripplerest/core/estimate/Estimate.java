package ripplerest.core.estimate;

import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Footprint;
import ripplerest.core.rest.NoRest;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/**
 * What the core has to say of one fly under given conditions.
 *
 * @param fly what was put on the water
 * @param weight mass by part
 * @param outcome whether it rests after landing upright, sinks, or neither was found
 * @param rest where it rests; empty unless it does
 * @param noRest why it does not rest, empty if it does
 * @param headline how most casts end; empty if only less was asked for
 * @param others other rests found, from other landings; none if only the pose was asked for
 * @param reserve how much heavier it could be; empty unless it rests and more than the pose was
 *     asked for
 * @param footprint what it presses into the film; empty as {@code reserve}
 * @param band middle 80 % over the priors; empty if it was not asked for
 * @param verdict one sentence for people
 * @param warnings what a tier should know, sizing's and the model's
 * @param leftOut what this model does not reckon with yet
 */
public record Estimate(
    PreparedFly fly,
    List<PartWeight> weight,
    Outcome outcome,
    Optional<Rest> rest,
    Optional<NoRest> noRest,
    Optional<Headline> headline,
    List<Rest> others,
    Optional<FilmReserve> reserve,
    Optional<Footprint> footprint,
    Optional<Band> band,
    Sentence verdict,
    List<Warning> warnings,
    List<String> leftOut) {
  /** The fly in millimetres. */
  public SizedPattern sized() {
    return fly.sized();
  }

  /** Water and dressing. */
  public Conditions conditions() {
    return fly.conditions();
  }

  /** Whole mass, mg. */
  public double massMg() {
    return fly.body().massMg();
  }

  /** Buoyancy fully drowned minus weight, mg; positive: it comes back up by itself. */
  public double popBackMg() {
    return fly.popBackMg();
  }

  /** How it sits, or why it has no posture. */
  public Sitting sits() {
    return Sitting.of(outcome, rest.map(Rest::posture));
  }

  /**
   * Mass of one part.
   *
   * @param part kind of part
   * @param massMg mg
   */
  public record PartWeight(String part, double massMg) {}

  /**
   * A range of one number.
   *
   * @param low tenth percentile
   * @param high ninetieth percentile
   */
  public record Interval(double low, double high) {
    private static final int MOST_DECIMALS = 3;

    /**
     * Decimals that a number with this band deserves: its last digit counts what half of the band
     * counts. Negative for tens and hundreds; at most {@value #MOST_DECIMALS}.
     */
    public int decimals() {
      double half = (high - low) / 2;
      return half < 1e-9
          ? MOST_DECIMALS
          : Math.min(MOST_DECIMALS, (int) -Math.floor(Math.log10(half) + 1e-9));
    }
  }

  /** A range of what one part holds, as a share of the weight. */
  public record PartInterval(String part, Interval share) {}

  /**
   * How far the numbers may be off, from draws of the priors.
   *
   * @param samples how many draws
   * @param floated how many of them came to rest
   * @param samePosture how many of them sit as the nominal fly does
   * @param eyeMm eye height, over those that came to rest
   * @param bendMm start of the bend
   * @param pointMm hook point
   * @param pitchDeg pitch
   * @param reserve factor at which posture is lost, over all; 0 for one that sank
   * @param sinksAt factor at which it goes under, over all
   * @param popBackMg pop-back, over all
   * @param massMg mass, over all
   * @param support what each part holds, over those that came to rest
   */
  public record Band(
      int samples,
      int floated,
      int samePosture,
      Optional<Interval> eyeMm,
      Optional<Interval> bendMm,
      Optional<Interval> pointMm,
      Optional<Interval> pitchDeg,
      Optional<Interval> reserve,
      Optional<Interval> sinksAt,
      Interval popBackMg,
      Interval massMg,
      List<PartInterval> support) {}
}
