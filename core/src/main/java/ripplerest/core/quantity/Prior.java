package ripplerest.core.quantity;

import java.util.random.RandomGenerator;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * A value that is known only roughly.
 *
 * @param mean best guess, in the unit of the quantity it stands for
 * @param spread standard deviation, same unit, 0 where the value is exact
 * @param kind how well founded it is
 * @param source the publication, or in words where the value comes from
 */
public record Prior(double mean, double spread, Kind kind, String source) {
  private static final double CUT = 2.5;

  private static final NormalDistribution NORMAL = new NormalDistribution();
  private static final double BELOW_CUT = NORMAL.cumulativeProbability(-CUT);
  private static final double ABOVE_CUT = NORMAL.cumulativeProbability(CUT);

  /** How well founded a value is, best first. */
  public enum Kind {
    HANDBOOK,
    PUBLISHED,
    COMMON_PRACTICE,
    MEMORY,
    ASSUMPTION
  }

  public Prior {
    Require.inRange("mean", mean, -1e12, 1e12, "");
    Require.inRange("spread", spread, 0, 1e12, "");
    Require.present("kind", kind);
    Require.text("source", source, 300);
  }

  /** A draw of {@link #quantile} over no bounds. */
  public Prior sampled(RandomGenerator random) {
    double at = quantile(random.nextDouble(), Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    return new Prior(at, 0, kind, source);
  }

  /**
   * A place in a normal distribution that is cut off at {@value #CUT} spreads on either side and at
   * what can be: what is cut off is shared out over the rest, so that nothing piles up at a bound.
   *
   * @param share of the distribution below it, 0 to 1
   * @param low least that can be
   * @param high most that can be
   */
  public double quantile(double share, double low, double high) {
    if (spread == 0) {
      return mean;
    }
    double least = (low - mean) / spread;
    double most = (high - mean) / spread;
    double from = least > -CUT ? NORMAL.cumulativeProbability(least) : BELOW_CUT; // as a rule
    double to = most < CUT ? NORMAL.cumulativeProbability(most) : ABOVE_CUT;
    if (!(to > from)) {
      return Math.max(low, Math.min(high, mean)); // a mean out of bounds by more than can be drawn
    }
    return mean + spread * NORMAL.inverseCumulativeProbability(from + share * (to - from));
  }
}
