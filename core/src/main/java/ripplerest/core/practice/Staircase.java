package ripplerest.core.practice;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A threshold learnt from right and wrong choices, and the level at which the next one teaches
 * most.
 *
 * <p>The posterior is that of QUEST (Watson and Pelli, Perception and Psychophysics 33 (1983) 113,
 * from memory): the chance of choosing right among n at level x is δ/n + (1 - δ)(1 - (1 - 1/n)
 * exp(-(x/t)^β)), and what is known of log t before is normal. Unlike there, slope β and lapses δ
 * are not known either and are carried along, and the next level is the one that leaves the least
 * entropy of log t on average (Kontsevich and Tyler, Vision Research 39 (1999) 2729, from memory).
 * So t is where an eye that never guesses is right 63 times in a hundred. Left out: that it changes
 * while it is learnt; whoever asks takes the latest choices only.
 */
final class Staircase {
  private static final double[] SLOPES = {1, 1.6, 2.5, 4};
  private static final double[] LAPSES = {0.01, 0.05};
  private static final int KINDS = SLOPES.length * LAPSES.length;

  /** Thresholds stand so far apart, and reach so far to both sides of the usual one, decades. */
  private static final double STEP = 0.03;

  private static final int HALF = 40;
  private static final int SIZE = 2 * HALF + 1;

  /** How far eyes differ before anything is known of one, decades (assumption). */
  private static final double EYES_DIFFER = 0.35;

  /** Of the levels that a threshold may have, each so manieth is tried as the next. */
  private static final int EVERY = 3;

  /** Chances of choosing right by how far a level lies over a threshold; by number of choices. */
  private static final Map<Integer, double[][]> CHANCES = new ConcurrentHashMap<>();

  private final double usual;
  private final double[][] weights;

  private Staircase(double usual, double[][] weights) {
    this.usual = usual;
    this.weights = weights;
  }

  /**
   * Before anything was chosen.
   *
   * @param usual threshold of most, over 0
   */
  static Staircase of(double usual) {
    double[][] weights = new double[SIZE][KINDS];
    for (int i = 0; i < SIZE; i++) {
      double z = (i - HALF) * STEP / EYES_DIFFER;
      Arrays.fill(weights[i], Math.exp(-z * z / 2));
    }
    return new Staircase(usual, normed(weights));
  }

  /**
   * After one more choice.
   *
   * @param level over 0
   * @param choices among how many, 2 or more
   */
  Staircase after(double level, int choices, boolean right) {
    double[][] chances = chances(level / usual, choices);
    double[][] next = new double[SIZE][KINDS];
    for (int i = 0; i < SIZE; i++) {
      for (int k = 0; k < KINDS; k++) {
        double p = chances[i][k];
        next[i][k] = weights[i][k] * (right ? p : 1 - p);
      }
    }
    return new Staircase(usual, normed(next));
  }

  /** The level, within bounds, whose choice tells most of the threshold. */
  double next(double least, double most, int choices) {
    double[][] table = CHANCES.computeIfAbsent(choices, Staircase::table);
    double best = Double.POSITIVE_INFINITY;
    double level = Math.max(least, Math.min(most, usual));
    for (int x = 0; x < SIZE; x += EVERY) {
      double at = usual * Math.pow(10, (x - HALF) * STEP);
      if (at >= least && at <= most) {
        double left = entropyAfter(x, table);
        if (left < best) {
          best = left;
          level = at;
        }
      }
    }
    return level;
  }

  private double entropyAfter(int x, double[][] table) {
    double allRight = 0;
    double right = 0;
    double wrong = 0;
    for (int i = 0; i < SIZE; i++) {
      double[] p = table[x - i + SIZE - 1];
      double hit = 0;
      double miss = 0;
      for (int k = 0; k < KINDS; k++) {
        hit += weights[i][k] * p[k];
        miss += weights[i][k] * (1 - p[k]);
      }
      allRight += hit;
      right += hit > 0 ? -hit * Math.log(hit) : 0;
      wrong += miss > 0 ? -miss * Math.log(miss) : 0;
    }
    double allWrong = 1 - allRight;
    return right + wrong + allRight * Math.log(allRight) + allWrong * Math.log(allWrong);
  }

  /** What is known of the threshold now. */
  Threshold threshold() {
    return new Threshold(at(0.5), at(0.1), at(0.9));
  }

  private double at(double share) {
    double below = 0;
    for (int i = 0; i < SIZE; i++) {
      double here = Arrays.stream(weights[i]).sum();
      if (below + here >= share) {
        double within = (share - below) / here - 0.5;
        return usual * Math.pow(10, (i + within - HALF) * STEP);
      }
      below += here;
    }
    return usual * Math.pow(10, HALF * STEP);
  }

  /** Chances by threshold and kind of eye at a level, in usual thresholds. */
  private static double[][] chances(double level, int choices) {
    double[][] all = new double[SIZE][KINDS];
    for (int k = 0; k < KINDS; k++) {
      double slope = SLOPES[k / LAPSES.length];
      double over = Math.pow(level * Math.pow(10, HALF * STEP), slope);
      double less = Math.pow(10, -slope * STEP);
      for (int i = 0; i < SIZE; i++, over *= less) {
        all[i][k] = chance(over, LAPSES[k % LAPSES.length], choices);
      }
    }
    return all;
  }

  /** Chances by how far a level lies over a threshold. */
  private static double[][] table(int choices) {
    double[][] table = new double[2 * SIZE - 1][KINDS];
    for (int d = 0; d < table.length; d++) {
      for (int k = 0; k < KINDS; k++) {
        double over = Math.pow(10, SLOPES[k / LAPSES.length] * (d - SIZE + 1) * STEP);
        table[d][k] = chance(over, LAPSES[k % LAPSES.length], choices);
      }
    }
    return table;
  }

  /**
   * The chance of choosing right.
   *
   * @param over (x/t)^β
   */
  private static double chance(double over, double lapses, int choices) {
    double guess = 1.0 / choices;
    double seen = 1 - (1 - guess) * Math.exp(-over);
    return lapses * guess + (1 - lapses) * seen;
  }

  private static double[][] normed(double[][] weights) {
    double all = Arrays.stream(weights).flatMapToDouble(Arrays::stream).sum();
    for (double[] row : weights) {
      for (int k = 0; k < row.length; k++) {
        row[k] /= all;
      }
    }
    return weights;
  }
}
