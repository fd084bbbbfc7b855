package ripplerest.core.tied;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.tied.Photograph.Marks;
import ripplerest.core.tied.Photograph.Stretch;

class PhotographTest {
  private static final Hook HOOK = Hook.of(new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0));

  /** A picture of known geometry: plane trigonometry, nothing of the code that reads it. */
  private record Picture(
      double scale, double pitchDeg, double cameraDeg, double eyeMm, boolean left) {
    /** Where a place of the fly is in it: mm toward the tail along the level, mm over the film. */
    Vector2D at(double along, double over) {
      double x = (left ? 1 : -1) * along;
      double a = Math.toRadians(cameraDeg);
      return new Vector2D(
          900 + scale * (x * Math.cos(a) + over * Math.sin(a)),
          700 + scale * (x * Math.sin(a) - over * Math.cos(a)));
    }

    Vector2D shank(double mm) {
      double p = Math.toRadians(pitchDeg);
      return at(mm * Math.cos(p), eyeMm - mm * Math.sin(p));
    }

    Marks marks(RandomGenerator hand, double miss) {
      return new Marks(
          missed(shank(0), hand, miss),
          missed(shank(HOOK.shankMm()), hand, miss),
          Optional.empty(),
          List.of(missed(at(-9, 0), hand, miss), missed(at(16, 0), hand, miss)),
          List.of(
              new Stretch(
                  "wing length",
                  missed(shank(1.5), hand, miss),
                  missed(shank(1.5).add(new Vector2D(0, -7.4 * scale)), hand, miss))));
    }

    private static Vector2D missed(Vector2D at, RandomGenerator hand, double miss) {
      return at.add(new Vector2D(miss * hand.nextGaussian(), miss * hand.nextGaussian()));
    }
  }

  // Source: plane trigonometry.
  @ParameterizedTest
  @CsvSource({
    "80, 17, 0, 2.4, true",
    "80, -12, 0, -0.3, true",
    "45, 66, 8, -1.1, false",
    "140, 0, -5, 1, false"
  })
  void readsScaleAngleHeightsAndLengths(
      double scale, double pitch, double camera, double eye, boolean left) {
    Picture picture = new Picture(scale, pitch, camera, eye, left);
    Photograph read = Photograph.of(HOOK, picture.marks(new SplittableRandom(1), 0));
    assertThat(read.pxPerMm()).isCloseTo(scale, within(1e-9));
    Photograph.Resting rest = read.rest().orElseThrow();
    assertThat(rest.pitchDeg()).isCloseTo(pitch, within(1e-9));
    assertThat(rest.eyeMm()).isCloseTo(eye, within(1e-9));
    assertThat(rest.bendMm())
        .isCloseTo(eye - HOOK.shankMm() * Math.sin(Math.toRadians(pitch)), within(1e-9));
    assertThat(read.lengths().get(0).mm()).isCloseTo(7.4, within(1e-9));
    assertThat(read.warnings()).isEmpty();
  }

  // Source: the law of propagation of uncertainty (JCGM 100:2008, 5.1.2), against 4,000 hands that
  // miss by as much as is assumed; the hook's own share is taken off, since this hook is exact.
  @Test
  void errorsAreThoseOfManyHands() {
    Picture picture = new Picture(60, 17, 3, 2.4, true);
    SplittableRandom hand = new SplittableRandom(20261125);
    DescriptiveStatistics pitch = new DescriptiveStatistics();
    DescriptiveStatistics length = new DescriptiveStatistics();
    for (int i = 0; i < 4000; i++) {
      Photograph read = Photograph.of(HOOK, picture.marks(hand, Photograph.CLICK_PX));
      pitch.addValue(read.rest().orElseThrow().pitchDeg());
      length.addValue(read.lengths().get(0).mm());
    }
    Photograph told = Photograph.of(HOOK, picture.marks(hand, 0));
    assertThat(told.rest().orElseThrow().pitchError() / pitch.getStandardDeviation())
        .isBetween(0.93, 1.07);
    double hook = 7.4 * Photograph.HOOK_SHARE;
    double clicks = Math.sqrt(Math.pow(told.lengths().get(0).error(), 2) - hook * hook);
    assertThat(clicks / length.getStandardDeviation()).isBetween(0.93, 1.07);
  }

  @Test
  void saysWhenTheHookIsNotSeenFromTheSide() {
    double point = HOOK.point().distance(HOOK.bendStart());
    Vector2D eye = new Vector2D(300, 300);
    double turned = Math.cos(Math.toRadians(35)); // shortens the shank, not the gap
    Vector2D bend = eye.add(new Vector2D(80 * HOOK.shankMm() * turned, 0));
    Vector2D at = bend.add(new Vector2D(0, 80 * point));
    Marks marks = new Marks(eye, bend, Optional.of(at), List.of(), List.of());
    assertThat(Photograph.of(HOOK, marks).warnings().get(0)).contains("22 % larger");
    assertThat(Photograph.of(HOOK, marks).rest()).isEmpty();
  }

  @Test
  void aHookTooSmallToMeasureIsRefused() {
    Marks marks =
        new Marks(Vector2D.ZERO, new Vector2D(40, 0), Optional.empty(), List.of(), List.of());
    assertThatThrownBy(() -> Photograph.of(HOOK, marks))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("shank in the picture is 40");
  }
}
