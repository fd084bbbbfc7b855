package ripplerest.core.calibration;

import java.util.Arrays;
import org.hipparchus.stat.StatUtils;

/**
 * How likely something is, by what the materials are off by: a logistic curve (Berkson, J. Am.
 * Stat. Assoc. 39 (1944) 357) over the one direction that tells it best (Fisher, Annals of Eugenics
 * 7 (1936) 179). Its curve is fitted to what the other runs say of each, so that a direction found
 * by chance does not look certain.
 */
final class Chance {
  private static final int MOST_STEPS = 50;

  /** Holds the curve together where a direction parts all runs. */
  private static final double RIDGE = 0.5;

  private final Response direction;
  private final double middle;
  private final double steepness;

  private Chance(Response direction, double middle, double steepness) {
    this.direction = direction;
    this.middle = middle;
    this.steepness = steepness;
  }

  /**
   * @param deviates a row a run
   * @param is whether it was so in each
   */
  static Chance fit(double[][] deviates, boolean[] is) {
    int n = is.length;
    double[] one = new double[n];
    for (int i = 0; i < n; i++) {
      one[i] = is[i] ? 1 : 0;
    }
    Response direction = Response.fit(deviates, one);
    double[] along = new double[n];
    for (int i = 0; i < n; i++) {
      along[i] = one[i] - direction.leftOut()[i];
    }
    double spread = Math.max(1e-6, Math.sqrt(StatUtils.variance(along)));
    double share = (StatUtils.sum(one) + 0.5) / (n + 1);
    double a = Math.log(share / (1 - share));
    double b = 0;
    double centre = StatUtils.mean(along);
    double[] s = Arrays.stream(along).map(v -> (v - centre) / spread).toArray();
    for (int step = 0; step < MOST_STEPS; step++) {
      double ga = 0;
      double gb = -RIDGE * b;
      double haa = 1e-9;
      double hab = 0;
      double hbb = RIDGE;
      for (int i = 0; i < n; i++) {
        double p = logistic(a + b * s[i]);
        double w = p * (1 - p);
        ga += one[i] - p;
        gb += (one[i] - p) * s[i];
        haa += w;
        hab += w * s[i];
        hbb += w * s[i] * s[i];
      }
      double det = haa * hbb - hab * hab;
      double da = (hbb * ga - hab * gb) / det;
      double db = (haa * gb - hab * ga) / det;
      double length = Math.max(1, Math.hypot(da, db));
      a += da / length;
      b += db / length;
    }
    b = Math.max(0, b); // a direction that tells nothing of the others is none
    return new Chance(direction, a - b * centre / spread, b / spread);
  }

  private static double logistic(double x) {
    return 1 / (1 + Math.exp(-x));
  }

  /** Over 0 and under 1. */
  double at(double[] z) {
    double x = middle + steepness * direction.at(z);
    return logistic(Math.max(-12, Math.min(12, x)));
  }
}
