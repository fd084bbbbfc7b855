package ripplerest.core.material;

import java.util.LinkedHashMap;
import java.util.Map;
import org.hipparchus.distribution.continuous.NormalDistribution;
import ripplerest.core.quantity.Prior;

/**
 * Why values of the material table are off, and which are off together. Values of one kind that
 * rest on one source are: two feathers under the same gel, two keratins of one modulus. The
 * advancing and the receding angle of a surface have that in common and each something of its own;
 * all that is dressed has in common how heavily this tier dresses. The shares are assumptions.
 */
final class Causes {
  /** How heavily a tier dresses flies. */
  static final String DRESSING = Learnt.DRESSING;

  /** What all angles of a surface have in common. */
  static final String ANGLE = "angle ";

  /** Share of the variance of a contact angle that its surface's other angles have too. */
  private static final double COMMON = 0.6;

  /** Share of the same that all dressed surfaces have, of what is common. */
  private static final double DRESSED = 0.15;

  private static final NormalDistribution NORMAL = new NormalDistribution();

  private Causes() {}

  /** Weight of each cause in the deviate of a value; their squares add up to 1. */
  static Map<String, Double> of(Property property, Prior prior) {
    Map<String, Double> weights = new LinkedHashMap<>();
    String own = property + " " + prior.source();
    if (property.isContactAngle()) {
      double dressed = property.isTreated() ? DRESSED : 0;
      weights.put(ANGLE + prior.source(), Math.sqrt(COMMON - dressed));
      if (dressed > 0) {
        weights.put(DRESSING, Math.sqrt(dressed));
      }
      weights.put(own, Math.sqrt(1 - COMMON));
    } else {
      weights.put(own, 1.0);
    }
    return weights;
  }

  /** A value in core units whose deviate from its prior is known. */
  static double value(Property property, Prior prior, double deviate) {
    return prior.quantile(NORMAL.cumulativeProbability(deviate), property.least(), property.most());
  }
}
