package ripplerest.core.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.hipparchus.stat.StatUtils;
import org.junit.jupiter.api.Test;
import ripplerest.core.quantity.OutOfRangeException;

/** The spread is held against feathers that are really drawn: direct simulation. */
class BarbLengthsTest {
  @Test
  void evenlySpacedMeasuresAreReadOffEvenly() {
    BarbLengths cape = new BarbLengths(List.of(12.0, 4.0, 6.0, 8.0, 10.0));
    assertThat(cape.shareUpTo(3)).isZero();
    assertThat(cape.shareUpTo(8)).isCloseTo(0.5, within(1e-12));
    assertThat(cape.shareUpTo(13)).isEqualTo(1);
    assertThat(cape.between(5, 9, 100).feathers()).isCloseTo(40, within(1e-9));
  }

  @Test
  void everyFeatherIsOfSomeLength() {
    SplittableRandom random = new SplittableRandom(7);
    for (int n = 0; n < 200; n++) {
      BarbLengths skin = skin(random, 1 + n % 12);
      double whole = 0;
      for (double mm = 0; mm < 40; mm += 0.5) {
        double some = skin.between(mm, mm + 0.5, 90).feathers();
        assertThat(some).isNotNegative();
        whole += some;
      }
      assertThat(whole).isCloseTo(90, within(1e-9));
    }
  }

  @Test
  void feathersOfOneLengthStandTogether() {
    BarbLengths saddle = new BarbLengths(List.of(7.0, 7.0, 7.0, 9.0));
    assertThat(saddle.shareUpTo(7)).isCloseTo(2.5 / 4, within(1e-12));
    assertThat(new BarbLengths(List.of(7.0)).between(6.5, 7.5, 10).feathers()).isGreaterThan(5);
  }

  @Test
  void theSpreadIsThatOfFeathersDrawnAtRandom() {
    SplittableRandom random = new SplittableRandom(11);
    double[] read = new double[4000];
    double[] told = new double[4000];
    for (int n = 0; n < read.length; n++) {
      BarbLengths.Count count = skin(random, 9).between(6, 9, 100);
      read[n] = count.feathers();
      told[n] = count.spread();
    }
    double real = Math.sqrt(StatUtils.variance(read));
    assertThat(StatUtils.mean(read)).isCloseTo(30, within(1.5)); // of 100 evenly between 4 and 14
    assertThat(StatUtils.mean(told)).isCloseTo(real, within(0.15 * real));
  }

  @Test
  void aLengthThatNoBarbHasIsRefused() {
    assertThatThrownBy(() -> new BarbLengths(List.of(7.0, Double.NaN)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("barb length");
    assertThatThrownBy(() -> new BarbLengths(List.of())).isInstanceOf(OutOfRangeException.class);
  }

  private static BarbLengths skin(SplittableRandom random, int measured) {
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < measured; i++) {
      all.add(4 + 10 * random.nextDouble());
    }
    return new BarbLengths(all);
  }
}
