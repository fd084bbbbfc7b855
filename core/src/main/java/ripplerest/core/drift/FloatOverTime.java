package ripplerest.core.drift;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;

/**
 * How long a fly floats: many of the same fly are fished side by side, wetted little by little, put
 * under at random, dried by false casts.
 *
 * @param minutes times at which flies were counted
 * @param up share still up at each, over all that is not known of the rates
 * @param low tenth percentile of that share over draws of the rates
 * @param high ninetieth percentile
 * @param casts false casts made by each time
 * @param medianMinutes when half of them were down; empty: later than the last time
 * @param dressAgainMinutes when one in five was down; empty: later than the last time
 * @param fish how many fish it stands, one every {@value #FISH_EVERY_MINUTES} minutes, before it no
 *     longer sits as it did up to {@link #SAFE} weights; at most {@link #MOST_FISH}
 * @param lostMinutes what dressing it again as often as that takes off two hours of fishing
 */
public record FloatOverTime(
    List<Double> minutes,
    List<Double> up,
    List<Double> low,
    List<Double> high,
    List<Double> casts,
    OptionalDouble medianMinutes,
    OptionalDouble dressAgainMinutes,
    int fish,
    double lostMinutes) {
  /** Fewer weights than this, and the next ripple has it. */
  public static final double SAFE = 1.25;

  public static final int MOST_FISH = 20;

  /** Flies are fished for so long, min. */
  public static final double LAST_MINUTE = 120;

  /** A good evening (assumption). */
  static final int FISH_EVERY_MINUTES = 10;

  /** How long a fish holds a fly under, in dunkings, and the false casts that dry it then. */
  private static final double FISH_IN_DUNKINGS = 4;

  private static final double CASTS_AFTER_A_FISH = 4;

  /** To rinse, dry and dress a fly again (assumption). */
  private static final double DRESSING_MINUTES = 3;

  private static final double STEP_MINUTES = 0.5;
  private static final int COUNT_EVERY = 4;
  private static final int DRAWS = 40;
  private static final int FLIES = 50;
  private static final double ONE_IN_FIVE = 0.8;

  private static final NormalDistribution NORMAL = new NormalDistribution();

  public FloatOverTime {
    minutes = List.copyOf(minutes);
    up = List.copyOf(up);
    low = List.copyOf(low);
    high = List.copyOf(high);
    casts = List.copyOf(casts);
  }

  /** How a pattern floats at every stage of wear; 45 estimates, so keep it for several waters. */
  public static Floats floats(PreparedFly fly, Work work) {
    AtomicInteger done = new AtomicInteger();
    Optional<Posture> fresh = posture(Estimator.estimate(fly, Options.poseOnly()));
    return Floats.of(
        wear -> {
          work.throwIfCancelled();
          Estimate e =
              Estimator.estimate(fly.with(fly.materials().worn(wear)), Options.withReserve());
          work.progress(done.incrementAndGet(), Floats.CORNERS);
          double sinks = e.reserve().map(FilmReserve::sinksAt).orElse(0.0);
          double keeps =
              e.reserve()
                  .filter(r -> posture(e).equals(fresh))
                  .map(FilmReserve::keepsPostureTo)
                  .orElse(0.0);
          return new Floats.Lift(sinks, keeps, e.popBackMg());
        });
  }

  private static Optional<Posture> posture(Estimate e) {
    return e.rest().map(Rest::posture);
  }

  /** Fishes the fly. Same seed, same answer. */
  public static FloatOverTime of(Floats floats, Rates rates, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    int counts = (int) (LAST_MINUTE / STEP_MINUTES / COUNT_EVERY) + 1;
    double[][] up = new double[counts][DRAWS];
    for (int draw = 0; draw < DRAWS; draw++) {
      SplittableRandom own = random.split();
      Rates drawn = rates.sampled(own);
      for (int fly = 0; fly < FLIES; fly++) {
        fish(floats, drawn, own.split(), up, draw);
      }
    }
    List<Double> minutes = new ArrayList<>();
    List<Double> mean = new ArrayList<>();
    List<Double> low = new ArrayList<>();
    List<Double> high = new ArrayList<>();
    List<Double> casts = new ArrayList<>();
    for (int i = 0; i < counts; i++) {
      minutes.add(i * COUNT_EVERY * STEP_MINUTES);
      casts.add(minutes.get(i) * rates.castsPerMinute());
      mean.add(StatUtils.mean(up[i]));
      low.add(StatUtils.percentile(up[i], 10));
      high.add(StatUtils.percentile(up[i], 90));
    }
    int fish = fishItStands(floats, rates);
    OptionalDouble dressAgain = falls(minutes, mean, ONE_IN_FIVE);
    return new FloatOverTime(
        minutes,
        mean,
        low,
        high,
        casts,
        falls(minutes, mean, 0.5),
        dressAgain,
        fish,
        lost(dressAgain, fish));
  }

  /** Dressed again when one in five would be down, or after as many fish as it stands. */
  private static double lost(OptionalDouble dressAgain, int fish) {
    double byFish =
        fish == MOST_FISH ? Double.POSITIVE_INFINITY : FISH_EVERY_MINUTES * Math.max(1, fish);
    double every = Math.min(dressAgain.orElse(Double.POSITIVE_INFINITY), byFish);
    return LAST_MINUTE * DRESSING_MINUTES / (Math.max(1, every) + DRESSING_MINUTES);
  }

  /** Follows one fly; counts it where it is up. */
  private static void fish(
      Floats floats, Rates r, SplittableRandom random, double[][] up, int draw) {
    Wetting wet = Wetting.DRY;
    boolean floating = floats.at(Wetting.DRY.wear()).sinksAt() > 1;
    for (int step = 0; step / COUNT_EVERY < up.length && floating; step++) {
      if (step % COUNT_EVERY == 0) {
        up[step / COUNT_EVERY][draw] += 1.0 / FLIES;
      }
      wet = wet.after(STEP_MINUTES / r.wettingMinutes());
      if (random.nextDouble() < r.castsPerMinute() * STEP_MINUTES) {
        wet = wet.dried(r, 1);
      }
      Floats.Lift lift = floats.at(wet.wear());
      floating = lift.sinksAt() > 1;
      if (floating && random.nextDouble() < 1 - Math.exp(-r.dunksPerMinute() * STEP_MINUTES)) {
        double strength =
            r.dunkStrength() * Math.exp(Rates.STRENGTH_SPREAD * random.nextGaussian());
        if (strength > lift.sinksAt()) {
          wet = wet.dunked(r, 1);
          Floats.Lift under = floats.at(wet.wear());
          floating = under.popBackMg() > 0 && under.sinksAt() > 1;
        }
      }
    }
  }

  private static OptionalDouble falls(List<Double> minutes, List<Double> up, double to) {
    for (int i = 0; i < up.size(); i++) {
      if (up.get(i) < to) {
        return OptionalDouble.of(minutes.get(i));
      }
    }
    return OptionalDouble.empty();
  }

  /**
   * Between fish it wets as it floats and is put under as often as what it bears allows; each fish
   * slimes it and holds it under, and it is cast dry after.
   */
  private static int fishItStands(Floats floats, Rates r) {
    Wetting wet = Wetting.DRY;
    for (int fish = 0; fish < MOST_FISH; fish++) {
      for (int minute = 0; minute < FISH_EVERY_MINUTES; minute++) {
        double under = r.dunksPerMinute() * stronger(r, floats.at(wet.wear()).sinksAt());
        wet = wet.after(1 / r.wettingMinutes()).dunked(r, under).dried(r, r.castsPerMinute());
      }
      if (floats.at(wet.wear()).keepsAt() < SAFE) {
        return fish;
      }
      wet = wet.dunked(r, FISH_IN_DUNKINGS).dried(r, CASTS_AFTER_A_FISH).slimed(r);
    }
    return MOST_FISH;
  }

  /** Share of dunkings that are stronger than what a fly bears; some are when it bears nothing. */
  private static double stronger(Rates r, double bears) {
    if (bears <= 0) {
      return 1;
    }
    double deviates = Math.log(bears / r.dunkStrength()) / Rates.STRENGTH_SPREAD;
    return 1 - NORMAL.cumulativeProbability(deviates);
  }
}
