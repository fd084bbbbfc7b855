package ripplerest.core.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.stat.StatUtils;
import org.junit.jupiter.api.Test;
import ripplerest.core.drawer.PhotoGauge.Line;
import ripplerest.core.drawer.PhotoGauge.Measured;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.tied.Photograph;

/** The error is held against clicks that really miss: direct simulation. */
class PhotoGaugeTest {
  private static final Line CENTIMETRE = line(100, 100, 340, 280); // 300 px
  private static final Line BARB = line(400, 50, 400, 260); // 210 px, so 7 mm

  private static Line line(double x, double y, double toX, double toY) {
    return new Line(new Vector2D(x, y), new Vector2D(toX, toY));
  }

  @Test
  void aBarbIsAsLongAsItsShareOfWhatIsKnown() {
    List<Measured> measured = new PhotoGauge(10, CENTIMETRE).measure(List.of(BARB));
    assertThat(measured.get(0).mm()).isCloseTo(7, within(1e-12));
  }

  @Test
  void theErrorIsThatOfClicksThatMiss() {
    SplittableRandom random = new SplittableRandom(3);
    double[] mm = new double[4000];
    for (int i = 0; i < mm.length; i++) {
      PhotoGauge gauge = new PhotoGauge(10, missed(CENTIMETRE, random));
      mm[i] = gauge.measure(List.of(missed(BARB, random))).get(0).mm();
    }
    double told = new PhotoGauge(10, CENTIMETRE).measure(List.of(BARB)).get(0).error();
    assertThat(told).isCloseTo(Math.sqrt(StatUtils.variance(mm)), within(0.05 * told));
  }

  private static Line missed(Line line, SplittableRandom random) {
    return new Line(missed(line.from(), random), missed(line.to(), random));
  }

  private static Vector2D missed(Vector2D at, SplittableRandom random) {
    return new Vector2D(
        at.getX() + Photograph.CLICK_PX * random.nextGaussian(),
        at.getY() + Photograph.CLICK_PX * random.nextGaussian());
  }

  @Test
  void whatIsTooSmallOnThePictureIsRefused() {
    assertThatThrownBy(() -> new PhotoGauge(10, line(0, 0, 5, 5)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("known length on the picture");
  }
}
