package ripplerest.core.calibration;

import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Rates;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;

/** How long a fly stays up in a glass, as the model has it. */
final class FloatMinutes {
  /** Spread of the logarithm of how fast water gets in, one's ignorance of it. */
  static final double SPREAD = Rates.IGNORANCE;

  private FloatMinutes() {}

  /**
   * Minutes after which half of such flies are down on still water, put under so many times a
   * minute and never cast dry; twice the last that is followed where more than half still float.
   */
  static double usual(PreparedFly fly, double dunksPerMinute, long seed, Work work) {
    Rates glass = Rates.inAGlass(dunksPerMinute, fly.conditions()).taught(fly.materials());
    return FloatOverTime.of(FloatOverTime.floats(fly, work), glass, seed)
        .medianMinutes()
        .orElse(2 * FloatOverTime.LAST_MINUTE);
  }
}
