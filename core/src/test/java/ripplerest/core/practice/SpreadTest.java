package ripplerest.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.hipparchus.stat.descriptive.rank.Median;
import org.junit.jupiter.api.Test;

class SpreadTest {
  @Test
  void aThousandHandsAreKnownAfterFortySettings() {
    Random random = new Random(5);
    double[] off = new double[1000];
    int spreads = 0;
    int means = 0;
    for (int i = 0; i < off.length; i++) {
      double sigma = 0.08 * Math.exp(0.6 * random.nextGaussian());
      double mean = 0.04 * random.nextGaussian();
      List<Double> set =
          Stream.generate(() -> mean + sigma * random.nextGaussian()).limit(40).toList();
      Spread found = Spread.of(set, 0.08);
      off[i] = Math.abs(found.within().value() / sigma - 1);
      spreads += found.within().low() <= sigma && sigma <= found.within().high() ? 1 : 0;
      means += Math.abs(found.bias() - mean) <= found.biasError() ? 1 : 0;
    }
    assertThat(new Median().evaluate(off)).isLessThan(0.15);
    assertThat(spreads).isBetween(750, 850);
    assertThat(means).isBetween(750, 850);
  }

  /**
   * By hand: settings 1, 2, 3, 4 off with a usual spread of 0 have the squares 5, and the median of
   * chi squared with 5 degrees is 4.351 (tables of chi squared).
   */
  @Test
  void worked() {
    Spread found = Spread.of(List.of(1.0, 2.0, 3.0, 4.0), 0);
    assertThat(found.bias()).isEqualTo(2.5);
    assertThat(found.within().value()).isCloseTo(Math.sqrt(5 / 4.351), within(0.001));
    // the ninetieth percentile of Student's t with 5 degrees is 1.476 (tables)
    assertThat(found.biasError()).isCloseTo(1.476 * Math.sqrt(5.0 / 5 / 4), within(0.001));
  }
}
