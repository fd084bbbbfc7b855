package ripplerest.core.drawer;

import java.util.Comparator;
import java.util.List;
import ripplerest.core.quantity.Require;

/**
 * How long the barbs of a cape's or saddle's feathers are, from a few that were measured.
 *
 * <p>The measured feathers, put in order, stand at the shares (i - ½)/n of the skin (plotting
 * positions of Hazen, Trans. ASCE 77 (1914) 1539, from memory); between two of them lengths run
 * evenly, and half a gap beyond the outermost. A share q read off so has, for n feathers taken at
 * random, the standard deviation √(q(1 - q)/(n + 2)) of the beta distribution of order statistics.
 * Left out: that one picks feathers all along a skin and not at random, which makes it better.
 *
 * @param measured barb lengths, mm, shortest first; 1 to {@value #MOST}
 */
public record BarbLengths(List<Double> measured) {
  /** Most feathers of one skin that anybody measures. */
  public static final int MOST = 60;

  private static final double SHORTEST_MM = 1;
  private static final double LONGEST_MM = 80;

  /** Where one feather was measured, the others are taken to lie so near, a share (assumption). */
  private static final double ALONE = 0.1;

  /**
   * How many there are of some length.
   *
   * @param feathers expected
   * @param spread standard deviation
   */
  public record Count(double feathers, double spread) {}

  public BarbLengths {
    Require.inRange("measured barbs", measured.size(), 1, MOST);
    measured.forEach(mm -> Require.inRange("barb length", mm, SHORTEST_MM, LONGEST_MM, "mm"));
    measured = measured.stream().sorted().toList();
  }

  /**
   * How many of so many feathers have barbs between two lengths, mm.
   *
   * @param feathers on the whole skin
   */
  public Count between(double shortest, double longest, double feathers) {
    double share = shareUpTo(longest) - shareUpTo(shortest);
    double ofShare = Math.sqrt(share * (1 - share) / (measured.size() + 2));
    return new Count(share * feathers, ofShare * feathers);
  }

  /** The measured length that is nearest to one, mm. */
  public double nearest(double mm) {
    return measured.stream()
        .min(Comparator.comparingDouble(one -> Math.abs(one - mm)))
        .orElseThrow();
  }

  /** Share of the feathers whose barbs are no longer than this, mm. */
  public double shareUpTo(double mm) {
    double[] at = knots();
    int n = measured.size();
    int left = -1; // the last of the knots that are no longer
    while (left <= n && at[left + 1] <= mm) {
      left++;
    }
    if (left < 0) {
      return 0;
    }
    double below = share(left, n);
    return left > n
        ? 1
        : below + (share(left + 1, n) - below) * (mm - at[left]) / (at[left + 1] - at[left]);
  }

  private static double share(int knot, int n) {
    return Math.max(0, Math.min(1, (knot - 0.5) / n));
  }

  /** The measured lengths with one more at either end. */
  private double[] knots() {
    int n = measured.size();
    double[] at = new double[n + 2];
    for (int i = 0; i < n; i++) {
      at[i + 1] = measured.get(i);
    }
    double first = n == 1 ? ALONE * at[1] : (at[2] - at[1]) / 2;
    double last = n == 1 ? ALONE * at[1] : (at[n] - at[n - 1]) / 2;
    at[0] = Math.max(0, at[1] - first);
    at[n + 1] = at[n] + last;
    return at;
  }
}
