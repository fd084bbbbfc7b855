package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.Wetting;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/**
 * Internal: refining the mesh moves no depth by more than 0.15 mm and no angle by more than 2°.
 * Barbs are taken one by one as it is; nothing is lumped. A landing on another mesh may still catch
 * another barb on its tip and end in a neighbouring rest; so segments are doubled with the same
 * barbs pierced.
 */
class RefinementTest {
  /** What doubling the segments moves a collar's mean height at most, the same barbs pierced. */
  static final double COLLAR_HEIGHT_MM = 0.03;

  private static final double DEPTH_MM = 0.15;
  private static final double ANGLE_DEG = 2;

  @ParameterizedTest
  @CsvSource({
    "upright-collar, 12, GEL", "upright-collar, 14, GEL", "upright-collar, 16, GEL",
    "upright-collar, 18, GEL", "upright-collar, 14, NONE", "parachute, 14, GEL",
    "parachute, 18, NONE", "forward-plume, 12, GEL", "forward-plume, 16, GEL"
  })
  void halvingTheSlicesMovesTheRestLittle(String school, int size, Floatant floatant) {
    Conditions conditions = Conditions.DEFAULT.with(floatant);
    Pattern fly = Flies.of(school, size);
    Rest working = Flies.rest(fly, conditions);
    Mesh fine = new Mesh(Mesh.WORKING.sliceMm() / 2, Mesh.WORKING.segments());
    Rest finer = Flies.pose(fly, conditions, fine).rest().orElseThrow();
    isClose(working.eyeMm(), finer.eyeMm(), working.pose(), finer.pose());
    assertThat(finer.bendMm()).isCloseTo(working.bendMm(), within(DEPTH_MM));
    assertThat(finer.pointMm()).isCloseTo(working.pointMm(), within(DEPTH_MM));
  }

  @ParameterizedTest
  @CsvSource({
    "upright-collar, 12, GEL", "upright-collar, 14, GEL", "upright-collar, 16, GEL",
    "upright-collar, 18, GEL", "upright-collar, 14, NONE", "parachute, 14, GEL",
    "parachute, 18, NONE"
  })
  void doublingTheSegmentsMovesTheRestLittle(String school, int size, Floatant floatant) {
    Conditions conditions = Conditions.DEFAULT.with(floatant);
    Pattern fly = Flies.of(school, size);
    Rest working = Flies.rest(fly, conditions);
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(fly);
    Mesh fine = new Mesh(Mesh.WORKING.sliceMm(), 2 * Mesh.WORKING.segments());
    FlyBody body = Assembler.assemble(sized, Flies.MATERIALS, floatant, fine);
    FilmSolver film =
        new FilmSolver(body, Wetting.of(Flies.MATERIALS, floatant), conditions.water(), fine);
    FilmState state = working.state().copy();
    Settler settler = new Settler(new Balance(film, sized.hook().shankMm()), 30);
    Settler.Settled finer =
        settler.settle(working.pose(), state, ContactLine.MEAN, 1, Settler.EXACT);
    assertThat(finer.outcome()).isEqualTo(Settler.Outcome.RESTS);
    double eye =
        finer
            .pose()
            .place(org.hipparchus.geometry.euclidean.threed.Vector3D.ZERO, film.centreOfMass())
            .getZ();
    isClose(working.eyeMm(), eye, working.pose(), finer.pose());
    if (school.equals("upright-collar")) {
      double bend = finer.pose().place(sized.hook().bendStart(), film.centreOfMass()).getZ();
      assertThat((eye + bend) / 2)
          .isCloseTo((working.eyeMm() + working.bendMm()) / 2, within(COLLAR_HEIGHT_MM));
    }
  }

  private static void isClose(double eye, double finerEye, Pose pose, Pose finer) {
    assertThat(finerEye).isCloseTo(eye, within(DEPTH_MM));
    assertThat(Math.toDegrees(finer.pitchRad()))
        .isCloseTo(Math.toDegrees(pose.pitchRad()), within(ANGLE_DEG));
    assertThat(finer.heaveMm()).isCloseTo(pose.heaveMm(), within(DEPTH_MM));
  }
}
