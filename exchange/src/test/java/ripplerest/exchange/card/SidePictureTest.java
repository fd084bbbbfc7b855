package ripplerest.exchange.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.tied.Photograph;
import ripplerest.core.water.Conditions;

/** A made-up picture, marked where its fly is, tells the rest that it was drawn from. */
class SidePictureTest {
  private static final int DARK = 110;

  @ParameterizedTest
  @CsvSource({"upright-collar, 52, 2", "parachute, 48, -1", "forward-plume, 40, -4"})
  void theMarkedPictureTellsTheRest(String style, double scale, double crooked) throws Exception {
    Materials materials = Materials.standard();
    Sizer sizer = new Sizer(materials);
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    SizedPattern sized = sizer.size(Sizer.defaults(Style.named(style), hook, "test"));
    Rest rest =
        Estimator.estimate(PreparedFly.of(sized, materials, Conditions.DEFAULT), Options.poseOnly())
            .rest()
            .orElseThrow();
    Outline fly = Outliner.of(sized, rest.film());
    SidePicture picture = new SidePicture(scale, crooked);

    Vector2D eye = picture.at(fly, fly.wire().get(0));
    Vector2D bend = picture.at(fly, startOfBend(fly, sized.hook().shankMm()));
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(picture.png(fly)));
    assertThat(bend.getX()).isBetween(0.0, image.getWidth() - 1.0);
    assertThat(darkness(image, bend)).as("wire is drawn where it is said to be").isLessThan(DARK);

    List<Vector2D> film =
        List.of(picture.at(fly, new Vector3D(-11, 0, 0)), picture.at(fly, new Vector3D(18, 0, 0)));
    Photograph told =
        Photograph.of(
            sized.hook(), new Photograph.Marks(eye, bend, Optional.empty(), film, List.of()));
    Photograph.Resting resting = told.rest().orElseThrow();
    assertThat(resting.pitchDeg())
        .isCloseTo(Math.toDegrees(rest.pose().pitchRad()), within(2 * resting.pitchError()));
    assertThat(resting.eyeMm()).isCloseTo(rest.eyeMm(), within(2 * resting.error()));
    assertThat(told.pxPerMm()).isCloseTo(scale, within(told.pxPerMmError()));
  }

  private static Vector3D startOfBend(Outline fly, double shankMm) {
    double walked = 0;
    for (int i = 1; i < fly.wire().size(); i++) {
      walked += fly.wire().get(i).distance(fly.wire().get(i - 1));
      if (walked >= shankMm - 0.01) {
        return fly.wire().get(i);
      }
    }
    throw new AssertionError("the wire is shorter than its shank");
  }

  private static int darkness(BufferedImage image, Vector2D at) {
    int rgb = image.getRGB((int) at.getX(), (int) at.getY());
    return ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 3;
  }
}
