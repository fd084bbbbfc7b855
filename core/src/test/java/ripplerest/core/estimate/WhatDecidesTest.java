package ripplerest.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import ripplerest.core.rest.Casts.Cast;
import ripplerest.core.rest.LandingShares.Fall;
import ripplerest.core.rest.Sitting;

class WhatDecidesTest {
  private static List<Fall> falls(int count, long seed, Predicate<Cast> onItsSide) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Fall> falls = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Cast cast = new Cast(random.nextGaussian(), random.nextGaussian(), 1 + random.nextDouble());
      falls.add(new Fall(cast, onItsSide.test(cast) ? Sitting.ON_ITS_SIDE : Sitting.HANGING));
    }
    return falls;
  }

  private static String words(List<Fall> falls) {
    return WhatDecides.of(falls, Sitting.ON_ITS_SIDE, Sitting.HANGING)
        .map(WhatDecides::words)
        .orElse("not known");
  }

  @Test
  void itIsThatInWhichTheCastsDiffer() {
    assertThat(words(falls(32, 1, c -> c.pitchRad() > 0.1))).isEqualTo("tail first");
    assertThat(words(falls(32, 1, c -> c.pitchRad() < 0.1))).isEqualTo("head first");
    assertThat(words(falls(32, 2, c -> Math.abs(c.rollRad()) > 0.6))).isEqualTo("tilted to a side");
    assertThat(words(falls(32, 3, c -> c.touchdownFactor() > 1.5))).isEqualTo("set down hard");
    assertThat(words(falls(32, 3, c -> c.touchdownFactor() < 1.5))).isEqualTo("set down softly");
  }

  @Test
  void aFewCastsAndChanceDecideNothing() {
    assertThat(words(falls(6, 1, c -> c.pitchRad() > 0.1))).isEqualTo("not known");
    assertThat(words(falls(32, 1, c -> false))).isEqualTo("not known");
    SplittableRandom coin = new SplittableRandom(5);
    int told = 0;
    for (int i = 0; i < 400; i++) {
      told += words(falls(32, 100 + i, c -> coin.nextBoolean())).equals("not known") ? 0 : 1;
    }
    assertThat(told).isLessThan(12); // 1 % by construction; 3 % would be chance's 1 in 1000
  }
}
