package ripplerest.core.estimate;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.hipparchus.stat.inference.MannWhitneyUTest;
import ripplerest.core.rest.Casts.Cast;
import ripplerest.core.rest.LandingShares.Fall;
import ripplerest.core.rest.Sitting;

/**
 * What in the cast decides between two ways for a fly to end: that in which the casts that ended
 * either way differ most.
 *
 * @param trait of the cast
 * @param more whether it is greater in the casts that ended the way that was asked about
 */
public record WhatDecides(Trait trait, boolean more) {
  /** Three traits are looked at: so unlikely must the difference be by chance. */
  private static final double CHANCE = 0.01 / Trait.values().length;

  /** What a cast can have more or less of. */
  public enum Trait {
    TAIL_FIRST(Cast::pitchRad, "tail first", "head first"),
    TILT(c -> Math.abs(c.rollRad()), "tilted to a side", "upright"),
    FIRMNESS(Cast::touchdownFactor, "set down hard", "set down softly");

    private final ToDoubleFunction<Cast> of;
    private final String more;
    private final String less;

    Trait(ToDoubleFunction<Cast> of, String more, String less) {
      this.of = of;
      this.more = more;
      this.less = less;
    }

    double chance(List<Cast> some, List<Cast> others) {
      return new MannWhitneyUTest().mannWhitneyUTest(values(some), values(others));
    }

    private double[] values(List<Cast> casts) {
      return casts.stream().mapToDouble(of).toArray();
    }

    private double mean(List<Cast> casts) {
      return casts.stream().mapToDouble(of).average().orElseThrow();
    }
  }

  /** How it comes down when it ends so. */
  public String words() {
    return more ? trait.more : trait.less;
  }

  /**
   * Looks for it by the rank-sum test (H. B. Mann, D. R. Whitney, Ann. Math. Stat. 18 (1947) 50);
   * empty while chance alone may make as great a difference.
   *
   * @param one the way that is asked about
   */
  static Optional<WhatDecides> of(List<Fall> falls, Sitting one, Sitting other) {
    List<Cast> some = of(falls, one);
    List<Cast> others = of(falls, other);
    if (some.isEmpty() || others.isEmpty()) {
      return Optional.empty();
    }
    return Stream.of(Trait.values())
        .min(Comparator.comparingDouble(t -> t.chance(some, others)))
        .filter(t -> t.chance(some, others) < CHANCE)
        .map(t -> new WhatDecides(t, t.mean(some) > t.mean(others)));
  }

  private static List<Cast> of(List<Fall> falls, Sitting sits) {
    return falls.stream().filter(f -> f.sits() == sits).map(Fall::cast).toList();
  }
}
