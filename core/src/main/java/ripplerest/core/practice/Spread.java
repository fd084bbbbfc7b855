package ripplerest.core.practice;

import java.util.List;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;

/**
 * How near something is set by eye: a set length tells its whole error, not only right or wrong, so
 * it needs no staircase. Errors are taken to be normal, nothing is known of their mean before, and
 * of their variance as much as {@value #WORTH} settings of the usual spread tell (Gelman and
 * others, Bayesian Data Analysis (2013) 3.3, from memory).
 *
 * @param within two settings in three lie so near their mean
 * @param bias the mean: positive, too much
 * @param biasError half of the middle 80 % of what is known of it
 */
record Spread(Threshold within, double bias, double biasError) {
  /** Settings that what is known before counts for. */
  private static final int WORTH = 2;

  /**
   * @param off errors, in any unit; 2 or more
   * @param usual standard deviation of most eyes, in the same unit
   */
  static Spread of(List<Double> off, double usual) {
    DescriptiveStatistics all = new DescriptiveStatistics();
    off.forEach(all::addValue);
    double n = all.getN();
    double degrees = WORTH + n - 1;
    double squares = WORTH * usual * usual + (n - 1) * all.getVariance();
    ChiSquaredDistribution chi = new ChiSquaredDistribution(degrees);
    double mean =
        new TDistribution(degrees).inverseCumulativeProbability(0.9)
            * Math.sqrt(squares / degrees / n);
    return new Spread(
        new Threshold(
            spread(squares, chi, 0.5), spread(squares, chi, 0.9), spread(squares, chi, 0.1)),
        all.getMean(),
        mean);
  }

  private static double spread(double squares, ChiSquaredDistribution chi, double share) {
    return Math.sqrt(squares / chi.inverseCumulativeProbability(share));
  }
}
