package ripplerest.core.calibration;

import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.estimate.Work;

/**
 * Draws of standard normal deviates, each as likely as the others in the light of what was seen: an
 * elliptical slice sampler (Murray, Adams & MacKay, Proc. Machine Learning Research 9 (2010) 541),
 * which has nothing to tune.
 *
 * @param draws a row a draw
 * @param effective how many independent draws they are worth, of the worst deviate (Geyer,
 *     Statistical Science 7 (1992) 473)
 */
record Sampler(double[][] draws, double effective) {
  /** Steps between two draws that are kept; twice as many where they are too much alike. */
  private static final int THIN = 10;

  private static final int MOST_THIN = 80;

  /** The same of draws that are only looked at. */
  private static final int ROUGH_THIN = 20;

  /** Share of the draws that are to be independent. */
  private static final double ENOUGH = 0.2;

  /** First steps, which still know where they began. */
  private static final int BURN = 2000;

  /** A bracket that has shrunk so often is a point. */
  private static final int MOST_SHRINKS = 200;

  /** Draws that are shorter lag behind one another by at most this many. */
  private static final int MOST_LAG = 200;

  /**
   * Draws, as far apart as they need to be, or as they may: {@link #effective} says so.
   *
   * @param dimensions deviates
   * @param draws to keep
   * @param log logarithm of how likely what was seen is, given the deviates
   */
  static Sampler of(
      int dimensions, int draws, long seed, ToDoubleFunction<double[]> log, Work work) {
    return of(dimensions, draws, seed, log, MOST_THIN, work);
  }

  /** Draws that are only looked at: no further apart than is quick. */
  static Sampler roughly(
      int dimensions, int draws, long seed, ToDoubleFunction<double[]> log, Work work) {
    return of(dimensions, draws, seed, log, ROUGH_THIN, work);
  }

  private static Sampler of(
      int dimensions,
      int draws,
      long seed,
      ToDoubleFunction<double[]> log,
      int mostThin,
      Work work) {
    int thin = THIN;
    Sampler sampled = of(dimensions, draws, thin, seed, log, work);
    while (sampled.effective < ENOUGH * draws && thin < mostThin) {
      thin *= 2;
      sampled = of(dimensions, draws, thin, seed, log, work);
    }
    return sampled;
  }

  private static Sampler of(
      int dimensions, int draws, int thin, long seed, ToDoubleFunction<double[]> log, Work work) {
    SplittableRandom random = new SplittableRandom(seed);
    double[] at = new double[dimensions];
    double here = log.applyAsDouble(at);
    double[][] kept = new double[draws][];
    int steps = BURN + draws * thin;
    for (int step = 0; step < steps; step++) {
      if (step % 500 == 0) {
        work.throwIfCancelled();
      }
      double[] towards = new double[dimensions];
      for (int k = 0; k < dimensions; k++) {
        towards[k] = random.nextGaussian();
      }
      double level = here + Math.log(random.nextDouble());
      double angle = 2 * Math.PI * random.nextDouble();
      double low = angle - 2 * Math.PI;
      double high = angle;
      double[] next = turned(at, towards, angle);
      double there = log.applyAsDouble(next);
      int shrinks = 0;
      while (there <= level && shrinks++ < MOST_SHRINKS) {
        if (angle < 0) {
          low = angle;
        } else {
          high = angle;
        }
        angle = low + (high - low) * random.nextDouble();
        next = turned(at, towards, angle);
        there = log.applyAsDouble(next);
      }
      if (there > level) {
        at = next;
        here = there;
      }
      if (step >= BURN && (step - BURN) % thin == 0) {
        kept[(step - BURN) / thin] = at.clone();
      }
    }
    return new Sampler(kept, effective(kept));
  }

  private static double[] turned(double[] at, double[] towards, double angle) {
    double[] turned = new double[at.length];
    for (int k = 0; k < at.length; k++) {
      turned[k] = at[k] * Math.cos(angle) + towards[k] * Math.sin(angle);
    }
    return turned;
  }

  private static double effective(double[][] draws) {
    double least = draws.length;
    for (int k = 0; k < draws[0].length; k++) {
      int column = k;
      double[] all = java.util.Arrays.stream(draws).mapToDouble(d -> d[column]).toArray();
      least = Math.min(least, effective(all));
    }
    return least;
  }

  /** Sums what follows are alike by, two lags at a time, as long as that is positive. */
  private static double effective(double[] all) {
    int n = all.length;
    double mean = StatUtils.mean(all);
    double variance = StatUtils.populationVariance(all, mean);
    if (variance == 0) {
      return 1;
    }
    double sum = -1;
    for (int lag = 0; lag + 1 < Math.min(n, MOST_LAG); lag += 2) {
      double pair = alike(all, mean, lag) + alike(all, mean, lag + 1);
      if (pair <= 0) {
        break;
      }
      sum += 2 * pair / variance;
    }
    return Math.min(n, n / Math.max(1e-9, sum));
  }

  private static double alike(double[] all, double mean, int lag) {
    double sum = 0;
    for (int i = 0; i + lag < all.length; i++) {
      sum += (all[i] - mean) * (all[i + lag] - mean);
    }
    return sum / all.length;
  }
}
