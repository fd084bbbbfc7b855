package ripplerest.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import ripplerest.core.estimate.Differences.Figures;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Sitting;

/** Internal: what a change did is told in the digits it deserves, and nothing that is none. */
class DifferencesTest {
  private static Figures figures(Sitting sits, double eye, double pitch, Double reserve) {
    return new Figures(sits, eye, 1, 0.3, pitch, Optional.ofNullable(reserve));
  }

  @Test
  void whatMovedIsTold() {
    Differences d =
        Differences.of(
            figures(Sitting.ON_TIPS, 2.5, 10, 2.5), figures(Sitting.ON_TIPS, 2.71, 13.4, 1.6));
    assertThat(d.words().toString())
        .isEqualTo("Compared with before: eye 0.2 mm higher, 3° more tail down.");
    assertThat(d.eye().orElseThrow().toString()).isEqualTo("0.2 mm");
    assertThat(d.bend()).isEmpty();
    assertThat(d.sat()).isEmpty();
    assertThat(d.reserve().orElseThrow().toString()).isEqualTo("2.5 ×");
  }

  @Test
  void whatDidNotMoveIsNotTold() {
    Differences d =
        Differences.of(
            figures(Sitting.FLUSH, 0.2, 1, null), figures(Sitting.FLUSH, 0.24, 1.3, 2.0));
    assertThat(d.words().toString()).isEqualTo("It sits as before.");
    assertThat(d.eye()).isEmpty();
    assertThat(d.reserve()).isEmpty();
  }

  @Test
  void anotherPostureIsToldAlone() {
    Differences d =
        Differences.of(figures(Sitting.SUNK, 0, 0, null), figures(Sitting.HALF_DOWN, 1, 20, 1.4));
    assertThat(d.words().toString()).isEqualTo("Before: sunk; now: half down.");
    assertThat(d.sat()).contains(Sitting.SUNK);
    assertThat(d.eye()).isEmpty();
  }

  @Test
  void figuresThatNoFlyHasAreRefused() {
    assertThatThrownBy(() -> figures(null, 0, 0, null)).isInstanceOf(OutOfRangeException.class);
    assertThatThrownBy(() -> figures(Sitting.FLUSH, Double.NaN, 0, null))
        .isInstanceOf(OutOfRangeException.class);
  }
}
