package ripplerest.core.material;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.random.RandomGenerator;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;
import ripplerest.core.quantity.Require;

/**
 * What tests taught of what the material table is off by: joint draws of the deviates of its
 * causes, each as likely as the others. Causes that are not among them are as the table has them.
 */
public final class Learnt {
  /** How heavily a tier dresses flies: all that is dressed has it in common. */
  public static final String DRESSING = "dressing";

  /** Not of the table: how fast water gets into a fly, a deviate of its logarithm. */
  public static final String WETTING = "how fast water gets in";

  /** More draws than this say no more. */
  public static final int MOST_DRAWS = 2000;

  private final String id;
  private final int tests;
  private final List<String> causes;
  private final double[][] draws;

  /**
   * @param id of these draws; others have another
   * @param tests that they were learnt from
   * @param causes in the order of each draw
   * @param draws deviates, a row a draw, 10 to {@value #MOST_DRAWS}
   */
  public Learnt(String id, int tests, List<String> causes, double[][] draws) {
    Require.text("id", id, 80);
    Require.inRange("tests", tests, 1, 100_000, "");
    Require.inRange("draws", draws.length, 10, MOST_DRAWS, "");
    for (double[] draw : draws) {
      if (draw.length != causes.size()) {
        throw new OutOfRangeException(
            "draw", draw.length + " deviates", causes.size() + " of them", "Learn them anew.");
      }
      for (double deviate : draw) {
        Require.inRange("deviate", deviate, -20, 20, "");
      }
    }
    this.id = id;
    this.tests = tests;
    this.causes = List.copyOf(causes);
    this.draws = draws.clone();
  }

  public String id() {
    return id;
  }

  public int tests() {
    return tests;
  }

  /** What something was learnt of. */
  public List<String> causes() {
    return causes;
  }

  /** All draws, a row a draw, in the order of {@link #causes()}. */
  public double[][] rows() {
    return Arrays.stream(draws).map(double[]::clone).toArray(double[][]::new);
  }

  /** One draw, by cause. */
  Map<String, Double> draw(int i) {
    Map<String, Double> draw = new TreeMap<>();
    for (int k = 0; k < causes.size(); k++) {
      draw.put(causes.get(k), draws[i][k]);
    }
    return draw;
  }

  /** Mean of the deviate of a cause; 0 where nothing was learnt of it. */
  public double mean(String cause) {
    int k = causes.indexOf(cause);
    return k < 0 ? 0 : StatUtils.mean(column(k));
  }

  /** Standard deviation of that; 1 where nothing was learnt of it. */
  public double spread(String cause) {
    int k = causes.indexOf(cause);
    return k < 0 ? 1 : Math.sqrt(StatUtils.variance(column(k)));
  }

  private double[] column(int k) {
    return Arrays.stream(draws).mapToDouble(d -> d[k]).toArray();
  }

  /** One draw at random, and at random what nothing was learnt of. */
  Deviates drawn(RandomGenerator random) {
    return new Deviates(draw(random.nextInt(draws.length)), random);
  }

  /** Whether anything was learnt of what a value is off by. */
  boolean moves(Property property, Prior prior) {
    return prior.spread() > 0
        && Causes.of(property, prior).keySet().stream().anyMatch(causes::contains);
  }

  /** A value as it is known now: at the mean of its deviate, with what spread is left. */
  Prior of(Property property, Prior prior) {
    double[] known = new double[draws.length];
    double unknown = 0;
    for (Map.Entry<String, Double> cause : Causes.of(property, prior).entrySet()) {
      int k = causes.indexOf(cause.getKey());
      double weight = cause.getValue();
      if (k < 0) {
        unknown += weight * weight;
      } else {
        for (int i = 0; i < known.length; i++) {
          known[i] += weight * draws[i][k];
        }
      }
    }
    double mean = StatUtils.mean(known);
    double spread = Math.sqrt(StatUtils.variance(known) + unknown);
    double up = Causes.value(property, prior, mean + spread);
    double down = Causes.value(property, prior, mean - spread);
    return new Prior(
        Causes.value(property, prior, mean), (up - down) / 2, prior.kind(), prior.source());
  }
}
