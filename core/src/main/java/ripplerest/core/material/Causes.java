package ripplerest.core.material;

import java.util.HashMap;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.hipparchus.distribution.continuous.NormalDistribution;
import ripplerest.core.quantity.Prior;

/**
 * One draw of what the values of the material table are off by. Values of one kind that rest on one
 * source are off together: two feathers under the same gel, two keratins of one modulus. The
 * advancing and the receding angle of a surface have that in common and each something of its own.
 */
final class Causes {
  /** Share of the variance of a contact angle that its surface's other angles have too. */
  private static final double COMMON = 0.6;

  private static final NormalDistribution NORMAL = new NormalDistribution();

  private final RandomGenerator random;
  private final Map<String, Double> byCause = new HashMap<>();

  Causes(RandomGenerator random) {
    this.random = random;
  }

  /** A value of one property as it is in this draw, in core units. */
  double drawn(Property property, Prior prior) {
    if (prior.spread() == 0) {
      return prior.mean();
    }
    String own = property + " " + prior.source();
    double deviate =
        property.isContactAngle()
            ? Math.sqrt(COMMON) * of("angle " + prior.source()) + Math.sqrt(1 - COMMON) * of(own)
            : of(own);
    return prior.quantile(NORMAL.cumulativeProbability(deviate), property.least(), property.most());
  }

  private double of(String cause) {
    return byCause.computeIfAbsent(cause, c -> random.nextGaussian());
  }
}
