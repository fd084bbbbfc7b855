package ripplerest.core.material;

import java.util.HashMap;
import java.util.Map;
import java.util.random.RandomGenerator;
import ripplerest.core.quantity.Prior;

/**
 * One draw of all that the material table is off by: a standard normal deviate for each cause.
 * Causes that nobody fixed are drawn when they are first asked for.
 */
public final class Deviates {
  private final RandomGenerator random;
  private final Map<String, Double> byCause;

  /** All of them at random. */
  public Deviates(RandomGenerator random) {
    this(Map.of(), random);
  }

  /** Some of them fixed, the others at random. */
  public Deviates(Map<String, Double> fixed, RandomGenerator random) {
    this.random = random;
    this.byCause = new HashMap<>(fixed);
  }

  /** The deviate of one cause. */
  public double of(String cause) {
    return byCause.computeIfAbsent(cause, c -> random.nextGaussian());
  }

  /** A value as it is in this draw, core units. */
  double drawn(Property property, Prior prior) {
    if (prior.spread() == 0) {
      return prior.mean();
    }
    double deviate = 0;
    for (Map.Entry<String, Double> cause : Causes.of(property, prior).entrySet()) {
      deviate += cause.getValue() * of(cause.getKey());
    }
    return Causes.value(property, prior, deviate);
  }
}
