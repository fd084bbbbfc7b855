package ripplerest.core.hook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NaturalTest {
  private static Natural natural(Natural.Order order, double bodyMm, Natural.Sex sex) {
    return new Natural(order, Natural.Stage.ADULT, sex, bodyMm, 2);
  }

  // By hand from the size table, itself from memory: the shank stands for the body.
  @ParameterizedTest
  @CsvSource({"MAYFLY, 7.4, 14", "MAYFLY, 5.5, 18", "MIDGE, 4.2, 22", "SEDGE, 7.0, 14"})
  void theShankMatchesTheBody(Natural.Order order, double bodyMm, int size) {
    List<Natural.Match> hooks = natural(order, bodyMm, Natural.Sex.UNKNOWN).hooks();
    assertThat(hooks.get(0).hook().size()).isEqualTo(size);
    assertThat(Math.abs(hooks.get(0).longerBy())).isLessThan(0.1);
  }

  // Common practice, no source: some go one size smaller because the footprint reads larger.
  @Test
  void bothStylesOfHookChoiceAreOffered() {
    List<Natural.Match> hooks = natural(Natural.Order.MAYFLY, 7.4, Natural.Sex.UNKNOWN).hooks();
    assertThat(hooks)
        .extracting(Natural.Match::way)
        .containsExactly(Natural.Way.SAME_SIZE, Natural.Way.ONE_SMALLER);
    assertThat(hooks.get(1).hook().size()).isEqualTo(16);
  }

  // Common practice, no source: stoneflies want a longer shank for the same gap, sedges a shorter.
  @Test
  void theKindOfInsectChoosesTheShank() {
    assertThat(natural(Natural.Order.STONEFLY, 12, Natural.Sex.UNKNOWN).hooks().get(0).hook())
        .matches(h -> h.lengthSteps() == 2);
    assertThat(natural(Natural.Order.SEDGE, 8, Natural.Sex.UNKNOWN).hooks().get(0).hook())
        .matches(h -> h.lengthSteps() == -1);
    Natural emerger =
        new Natural(Natural.Order.MIDGE, Natural.Stage.EMERGER, Natural.Sex.UNKNOWN, 6, 0);
    assertThat(emerger.hooks().get(0).hook().shape()).isEqualTo(HookSpec.Shape.CURVED);
  }

  // Common practice, no source: females of some kinds run a size larger.
  @Test
  void theOtherSexIsASizeAway() {
    assertThat(natural(Natural.Order.MAYFLY, 7.4, Natural.Sex.MALE).otherSexSize()).contains(12);
    assertThat(natural(Natural.Order.MAYFLY, 7.4, Natural.Sex.FEMALE).otherSexSize()).contains(16);
    assertThat(natural(Natural.Order.MAYFLY, 7.4, Natural.Sex.UNKNOWN).otherSexSize()).isEmpty();
  }

  @Test
  void aBodyThatNoHookMatchesSaysSo() {
    assertThat(natural(Natural.Order.MAYFLY, 40, Natural.Sex.MALE).isBeyondTheTable()).isTrue();
    assertThat(natural(Natural.Order.MAYFLY, 7, Natural.Sex.MALE).isBeyondTheTable()).isFalse();
    assertThatThrownBy(() -> natural(Natural.Order.MAYFLY, 90, Natural.Sex.MALE))
        .hasMessageContaining("bodyMm is 90");
  }
}
