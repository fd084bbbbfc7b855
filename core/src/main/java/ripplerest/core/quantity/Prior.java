package ripplerest.core.quantity;

import java.util.random.RandomGenerator;

/**
 * A value that is known only roughly.
 *
 * @param mean best guess, in the unit of the quantity it stands for
 * @param spread standard deviation, same unit, 0 where the value is exact
 * @param kind how well founded it is
 * @param source the publication, or in words where the value comes from
 */
public record Prior(double mean, double spread, Kind kind, String source) {
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

  /** A normal draw cut off at two spreads on either side, so that no draw leaves physics. */
  public Prior sampled(RandomGenerator random) {
    double deviate = Math.max(-2, Math.min(2, random.nextGaussian()));
    return new Prior(mean + spread * deviate, 0, kind, source);
  }
}
