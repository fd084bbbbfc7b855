package ripplerest.core.hook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.quantity.OutOfRangeException;

class HookTest {
  private static Hook straight(int size, int length, int wire) {
    return Hook.of(new HookSpec(size, HookSpec.Shape.STRAIGHT, length, wire));
  }

  // Common practice, no source: dimensions of standard dry hooks, from memory.
  @ParameterizedTest
  @CsvSource({"8, 11.3, 5.9, 0.58", "14, 7.4, 4.0, 0.41", "22, 4.2, 2.4, 0.27"})
  void standardHooksComeFromTheTable(int size, double shank, double gap, double wire) {
    Hook hook = straight(size, 0, 0);
    assertThat(hook.shankMm()).isCloseTo(shank, within(1e-9));
    assertThat(hook.gapMm()).isCloseTo(gap, within(1e-9));
    assertThat(hook.wireMm()).isCloseTo(wire, within(1e-9));
    assertThat(hook.extended()).isFalse();
  }

  // Common practice, no source: X steps count single size numbers.
  @Test
  void stepsBorrowFromOtherSizes() {
    assertThat(straight(12, 2, 0).shankMm()).isCloseTo(9.8, within(1e-9));
    assertThat(straight(12, 2, 0).gapMm()).isCloseTo(4.6, within(1e-9));
    assertThat(straight(12, 0, -2).wireMm()).isCloseTo(0.41, within(1e-9));
    assertThat(straight(14, 0, 2).wireMm()).isCloseTo(0.46, within(1e-9));
  }

  @Test
  void oddSizesLieBetweenOnALogarithm() {
    assertThat(straight(13, 0, 0).shankMm()).isCloseTo(Math.sqrt(8.5 * 7.4), within(1e-9));
  }

  @Test
  void stepsBeyondTheTableAreMarked() {
    Hook hook = straight(8, 4, 0);
    assertThat(hook.extended()).isTrue();
    assertThat(hook.shankMm()).isGreaterThan(straight(8, 0, 0).shankMm());
  }

  // Internal: wire mass by its formula, length × πd²/4 × density, the length added up by hand:
  // eye π(0.943-0.41) + shank 7.4 + half circle 2π + point leg 2.96 = 18.32 mm.
  @Test
  void massIsThatOfTheWholeWire() {
    Hook hook = straight(14, 0, 0);
    assertThat(hook.wireLengthMm()).isCloseTo(18.32, within(0.01));
    assertThat(hook.massMg(7.85)).isCloseTo(18.32 * Math.PI * 0.41 * 0.41 / 4 * 7.85, within(0.01));
  }

  @Test
  void pathIsContinuousAndAsLongAsItClaims() {
    for (HookSpec.Shape shape : HookSpec.Shape.values()) {
      Hook hook = Hook.of(new HookSpec(14, shape, 0, 0));
      double length = 0;
      Vector3D before = null;
      for (Vector3D p : hook.wire(0.02)) {
        if (before != null) {
          assertThat(p.distance(before)).isLessThan(0.021);
          length += p.distance(before);
        }
        before = p;
      }
      double eye = Math.PI * (hook.eyeMm() - hook.wireMm());
      assertThat(length + eye).isCloseTo(hook.wireLengthMm(), within(0.02));
    }
  }

  @Test
  void frameIsAsStated() {
    Hook hook = straight(14, 0, 0);
    assertThat(hook.bendStart().distance(new Vector3D(7.4, 0, 0))).isLessThan(1e-12);
    assertThat(hook.point().getX()).isCloseTo(7.4 - 2.96, within(1e-9));
    assertThat(hook.point().getZ()).isCloseTo(-4.0, within(1e-9));
    assertThat(hook.hookLengthMm()).isCloseTo(7.4 + 2.0 + 0.205, within(0.01));
  }

  @ParameterizedTest
  @ValueSource(ints = {-2, 0, 33, 400})
  void sizesOutsideTheScaleAreRefused(int size) {
    assertThatThrownBy(() -> straight(size, 0, 0))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("size is " + size)
        .hasMessageContaining("from 1 to 32");
  }
}
