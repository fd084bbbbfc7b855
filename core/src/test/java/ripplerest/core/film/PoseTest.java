package ripplerest.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import ripplerest.core.quantity.OutOfRangeException;

/** Internal: the signs of the frame, each by a worked number. */
class PoseTest {
  private static void same(Vector3D actual, double x, double y, double z) {
    assertThat(actual.distance(new Vector3D(x, y, z))).isLessThan(1e-12);
  }

  @Test
  void positivePitchPutsTheTailDown() {
    same(new Pose(0, Math.toRadians(30), 0).turn(Vector3D.PLUS_I), Math.sqrt(0.75), 0, -0.5);
  }

  @Test
  void positiveRollRaisesTheRightSide() {
    same(new Pose(0, 0, Math.toRadians(30)).turn(Vector3D.PLUS_J), 0, Math.sqrt(0.75), 0.5);
  }

  @Test
  void aFlyIsRolledFirstAndPitchedAfter() {
    Pose pose = new Pose(0, Math.PI / 2, Math.PI / 2);
    same(pose.turn(Vector3D.PLUS_J), 1, 0, 0);
    same(pose.turn(Vector3D.PLUS_I), 0, 0, -1);
  }

  @Test
  void heaveIsTheHeightOfTheCentreOfMass() {
    Vector3D centre = new Vector3D(3, 0, -1);
    same(new Pose(2.5, 0.7, 0.2).place(centre, centre), 0, 0, 2.5);
  }

  @Test
  void aPoseIsNeverLostToNaN() {
    assertThatThrownBy(() -> new Pose(Double.NaN, 0, 0)).isInstanceOf(OutOfRangeException.class);
    assertThatThrownBy(() -> new Pose(0, Double.POSITIVE_INFINITY, 0))
        .isInstanceOf(OutOfRangeException.class);
  }
}
