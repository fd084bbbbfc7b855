package ripplerest.core.drift;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Wear;
import ripplerest.core.rest.FilmReserve;

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
 * @param fish how many fish it stands before it no longer bears {@link #SAFE} weights; at most
 *     {@link #MOST_FISH}
 */
public record FloatOverTime(
    List<Double> minutes,
    List<Double> up,
    List<Double> low,
    List<Double> high,
    List<Double> casts,
    OptionalDouble medianMinutes,
    OptionalDouble dressAgainMinutes,
    int fish) {
  /** Fewer weights than this, and the next ripple has it. */
  public static final double SAFE = 1.25;

  public static final int MOST_FISH = 20;

  /** Flies are fished for so long, min. */
  public static final double LAST_MINUTE = 120;

  private static final double STEP_MINUTES = 0.5;
  private static final int COUNT_EVERY = 4;
  private static final int DRAWS = 40;
  private static final int FLIES = 50;
  private static final double ONE_IN_FIVE = 0.8;

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
    return Floats.of(
        wear -> {
          work.throwIfCancelled();
          Estimate e =
              Estimator.estimate(fly.with(fly.materials().worn(wear)), Options.withReserve());
          work.progress(done.incrementAndGet(), Floats.CORNERS);
          double sinks = e.reserve().map(FilmReserve::sinksAt).orElse(0.0);
          return new Floats.Lift(sinks, e.popBackMg());
        });
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
    return new FloatOverTime(
        minutes,
        mean,
        low,
        high,
        casts,
        falls(minutes, mean, 0.5),
        falls(minutes, mean, ONE_IN_FIVE),
        fishItStands(floats, rates));
  }

  /** Follows one fly; counts it where it is up. */
  private static void fish(
      Floats floats, Rates r, SplittableRandom random, double[][] up, int draw) {
    double dryness = 1;
    double air = 1;
    double fade = Math.exp(-STEP_MINUTES / r.wettingMinutes());
    boolean floating = floats.at(Wear.FRESH).sinksAt() > 1;
    for (int step = 0; step / COUNT_EVERY < up.length && floating; step++) {
      if (step % COUNT_EVERY == 0) {
        up[step / COUNT_EVERY][draw] += 1.0 / FLIES;
      }
      dryness *= fade;
      if (random.nextDouble() < r.castsPerMinute() * STEP_MINUTES) {
        dryness += r.castDries() * (1 - dryness);
        air += r.castDries() * (1 - air);
      }
      Floats.Lift lift = floats.at(new Wear(dryness, air, 0));
      floating = lift.sinksAt() > 1;
      if (floating && random.nextDouble() < 1 - Math.exp(-r.dunksPerMinute() * STEP_MINUTES)) {
        double strength =
            r.dunkStrength() * Math.exp(Rates.STRENGTH_SPREAD * random.nextGaussian());
        if (strength > lift.sinksAt()) {
          dryness *= 1 - r.dunkWets();
          air *= 1 - r.dunkDrowns();
          Floats.Lift under = floats.at(new Wear(dryness, air, 0));
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

  /** Each fish slimes it and soaks it as a dunking does; it is blown dry in between. */
  private static int fishItStands(Floats floats, Rates r) {
    double slime = 0;
    for (int fish = 0; fish < MOST_FISH; fish++) {
      if (floats.at(new Wear(1 - r.dunkWets(), 1 - r.dunkDrowns(), slime)).sinksAt() < SAFE) {
        return Math.max(0, fish - 1);
      }
      slime += r.slimeOfAFish() * (1 - slime);
    }
    return MOST_FISH;
  }
}
