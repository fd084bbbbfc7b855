package ripplerest.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.calibration.Seen.By;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Sitting;

class LadderTest {
  /** Twentieths of something that lies anywhere between 10 and 90 mg. */
  private static final List<Double> WIDE =
      IntStream.range(1, 20).mapToObj(i -> 10 + 80.0 * i / 20).toList();

  @ParameterizedTest
  @ValueSource(doubles = {14, 26, 40, 61, 85})
  void eachNextWeightHalvesTheDoubt(double bears) {
    List<Hung> hung = new ArrayList<>();
    Optional<Ladder.Rung> next = Ladder.next(WIDE, hung);
    while (next.isPresent()) {
      hung.add(new Hung(next.get().mg(), next.get().mg() < bears));
      next = Ladder.next(WIDE, hung);
    }
    assertThat(hung.size()).as("from a range of nine to one").isBetween(2, 6);
    double up = hung.stream().filter(Hung::floats).mapToDouble(Hung::mg).max().orElse(10);
    double down = hung.stream().filter(h -> !h.floats()).mapToDouble(Hung::mg).min().orElse(90);
    assertThat(up).isLessThanOrEqualTo(bears);
    assertThat(down).isGreaterThanOrEqualTo(bears);
    assertThat(down / up).isLessThan(2.2);
  }

  @Test
  void whatIsKnownWellEnoughNeedsNoWeight() {
    List<Double> narrow = IntStream.range(1, 20).mapToObj(i -> 50 + 0.5 * i).toList();
    assertThat(Ladder.next(narrow, List.of())).isEmpty();
  }

  // Source: steel weighs 7.85 g/cm³ in handbooks, and in water as much less as it takes up of it.
  @Test
  void rungsAreWeighedInWater() {
    assertThat(Ladder.rungs()).isSortedAccordingTo((a, b) -> Double.compare(a.mg(), b.mg()));
    assertThat(Ladder.rungs())
        .filteredOn(r -> r.label().equals("split shot no. 8"))
        .singleElement()
        .satisfies(r -> assertThat(r.mg()).isCloseTo(60 * (1 - 1 / 7.3), within(1e-9)));
  }

  @Test
  void whatContradictsItselfIsRefused() {
    Measure angle = new Measure(What.ANGLE, 12, 3, By.EYE);
    assertThatThrownBy(() -> seen(Sitting.SUNK, List.of(angle)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("afloat");
    assertThatThrownBy(() -> seen(Sitting.ON_TIPS, List.of(angle, angle)))
        .hasMessageContaining("each once");
    assertThatThrownBy(() -> new Measure(What.ANGLE, 12, 0, By.EYE)).hasMessageContaining("error");
    assertThat(seen(Sitting.ON_TIPS, List.of(angle)).kinds()).containsExactly("posture", "angle");
    assertThat(Seen.NOTHING.saysNothing()).isTrue();
  }

  private static Seen seen(Sitting sits, List<Measure> measured) {
    return new Seen(
        Optional.of(sits), measured, List.of(), Optional.empty(), Optional.empty(), false);
  }
}
