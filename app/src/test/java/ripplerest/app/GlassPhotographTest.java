package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.calibration.GlassPhotograph;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.tied.Photograph;
import ripplerest.devices.GlassCamera;

/**
 * Pictures through glass are read as they were taken. Source: Snell's law, traced ray by ray
 * through air, glass and water by the camera that is not there, which shares nothing with what
 * reads it.
 */
class GlassPhotographTest {
  private static final Hook HOOK = Hook.of(new HookSpec(12, HookSpec.Shape.STRAIGHT, 0, 0));

  private record Fly(double pitchDeg, double eyeMm, boolean left, GlassCamera camera) {
    Vector2D at(double along, double down) {
      double p = Math.toRadians(pitchDeg);
      double x = along * Math.cos(p) - down * Math.sin(p) - 5;
      double y = eyeMm - along * Math.sin(p) - down * Math.cos(p);
      double[] px = camera.pixel(left ? x : -x, y);
      return new Vector2D(px[0], px[1]);
    }

    Vector2D water(double x) {
      double[] px = camera.pixel(x, 1e-6);
      return new Vector2D(px[0], px[1]);
    }

    GlassPhotograph read(double missPx, long seed) {
      SplittableRandom hand = new SplittableRandom(seed);
      Function<Vector2D, Vector2D> missed =
          v -> v.add(new Vector2D(missPx * hand.nextGaussian(), missPx * hand.nextGaussian()));
      Vector2D point = new Vector2D(HOOK.point().getX(), -HOOK.point().getZ());
      Vector2D bend = new Vector2D(HOOK.bendStart().getX(), -HOOK.bendStart().getZ());
      double down = point.getY() - bend.getY();
      double along = HOOK.shankMm() + Math.abs(point.getX()) - Math.abs(bend.getX());
      return GlassPhotograph.of(
          HOOK,
          new GlassPhotograph.Taken(
              camera.lensToWall(), camera.wallToFly(), camera.wide(), camera.high()),
          new GlassPhotograph.Marks(
              missed.apply(at(0, 0)),
              missed.apply(at(HOOK.shankMm(), 0)),
              Optional.of(missed.apply(at(along, down))),
              List.of(missed.apply(water(-12)), missed.apply(water(12)))));
    }
  }

  private static Map<What, Measure> by(GlassPhotograph read) {
    return read.measured().stream().collect(Collectors.toMap(Measure::what, m -> m));
  }

  private static GlassCamera camera(double lens, double fly, double over) {
    return new GlassCamera(lens, 3, fly, over, 9000, 3000, 2000);
  }

  @ParameterizedTest
  @CsvSource({
    "14, 2, 200, 30, 0, true",
    "-8, -0.5, 200, 30, 2, true",
    "55, -1.5, 150, 60, 0, false",
    "70, 3, 400, 100, 3, true",
    "20, -4, 120, 40, 0, false"
  })
  void readsAngleAndHeightsThroughGlassAndWater(
      double pitch, double eye, double lens, double toFly, double over, boolean left) {
    Fly fly = new Fly(pitch, eye, left, camera(lens, toFly, over));
    Map<What, Measure> read = by(fly.read(0, 1));
    double bend = eye - HOOK.shankMm() * Math.sin(Math.toRadians(pitch));
    assertThat(read.get(What.ANGLE).value()).isCloseTo(pitch, within(1.0));
    assertThat(read.get(What.EYE).value()).isCloseTo(eye, within(0.15));
    assertThat(read.get(What.BEND).value()).isCloseTo(bend, within(0.2));
    assertThat(read.get(What.ANGLE).error()).isBetween(0.05, 5.0);
  }

  @Test
  void aReadingThatForgetsTheWaterIsFurtherOff() {
    Fly fly = new Fly(55, -1.5, true, camera(150, 90, 0));
    Photograph plain =
        Photograph.of(
            HOOK,
            new Photograph.Marks(
                fly.at(0, 0),
                fly.at(HOOK.shankMm(), 0),
                Optional.empty(),
                List.of(fly.water(-12), fly.water(12)),
                List.of()));
    Fly half = new Fly(25, 3, true, camera(150, 90, 0));
    Photograph across =
        Photograph.of(
            HOOK,
            new Photograph.Marks(
                half.at(0, 0),
                half.at(HOOK.shankMm(), 0),
                Optional.empty(),
                List.of(half.water(-12), half.water(12)),
                List.of()));
    double off = Math.abs(across.rest().orElseThrow().eyeMm() - 3);
    double corrected = Math.abs(by(half.read(0, 1)).get(What.EYE).value() - 3);
    assertThat(off).isGreaterThan(4 * corrected + 0.05);
    assertThat(plain.rest()).isPresent();
  }

  @Test
  void errorsAreAsLargeAsHandsMakeThem() {
    Fly fly = new Fly(30, 1, true, camera(200, 40, 0));
    int inside = 0;
    int all = 0;
    for (int i = 0; i < 150; i++) {
      Map<What, Measure> read = by(fly.read(1.5, i));
      for (What what : List.of(What.ANGLE, What.EYE, What.BEND)) {
        double is =
            switch (what) {
              case ANGLE -> 30;
              case EYE -> 1;
              default -> 1 - HOOK.shankMm() * Math.sin(Math.toRadians(30));
            };
        all++;
        inside += Math.abs(read.get(what).value() - is) < 2 * read.get(what).error() ? 1 : 0;
      }
    }
    // the hook and the two distances are right here, so errors that count them too are generous
    assertThat((double) inside / all).isGreaterThan(0.93);
  }

  @Test
  void whatCannotBeIsRefusedAndWhatMisleadsIsSaid() {
    assertThatThrownBy(() -> new GlassPhotograph.Taken(200, 9, 2000, 1000))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("wall to fly");
    Fly fromAbove = new Fly(14, 2, true, camera(200, 30, 40));
    assertThat(fromAbove.read(0, 1).warnings())
        .anySatisfy(w -> assertThat(w).contains("level with the water"));
  }

  @Test
  void theCameraDrawsWhatItSays() throws Exception {
    GlassCamera camera = new GlassCamera(200, 3, 30, 0, 2000, 400, 300);
    byte[] png =
        camera.png(
            List.of(
                new GlassCamera.Stroke(
                    new double[] {-4, 2, 4, -3}, 0.8, new java.awt.Color(200, 30, 30))));
    java.awt.image.BufferedImage image =
        javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(png));
    double[] up = camera.pixel(-4, 2);
    double[] down = camera.pixel(4, -3);
    for (double[] at : List.of(up, down)) {
      assertThat(new java.awt.Color(image.getRGB((int) at[0], (int) at[1])).getRed())
          .isEqualTo(200);
    }
    assertThat(down[0] - 200).as("under water it looks larger").isGreaterThan(200 - up[0]);
  }
}
