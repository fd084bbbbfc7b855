package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/**
 * Internal: landing and rest on a mesh twice as fine, slices and segments alike, move no depth by
 * 0.05 mm and no angle by 1°. Barbs are taken one by one as it is; nothing is lumped.
 *
 * <p>Not in the list: flies on which the finer mesh catches one barb more or fewer on its tip, or
 * which hang so freely that a tenth of a millimetre costs next to no force. docs/model.md names
 * them with their figures.
 */
class RefinementTest {
  private static final double DEPTH_MM = 0.05;
  private static final double ANGLE_DEG = 1;

  /**
   * Margin of the trade's rows: doubling the mesh moved the dressed size 12 collar's mean height by
   * 0.025 mm, the same barbs pierced.
   */
  static final double COLLAR_HEIGHT_MM = 0.03;

  @ParameterizedTest
  @CsvSource({
    "upright-collar, 12, GEL",
    "upright-collar, 14, NONE",
    "parachute, 12, GEL",
    "parachute, 14, GEL",
    "parachute, 16, GEL",
    "parachute, 18, GEL",
    "parachute, 12, NONE",
    "parachute, 14, NONE",
    "parachute, 16, NONE",
    "parachute, 18, NONE",
    "forward-plume, 12, GEL",
    "forward-plume, 14, GEL",
    "forward-plume, 16, GEL"
  })
  void twiceAsFineMovesTheRestLittle(String school, int size, Floatant floatant) {
    Conditions conditions = Conditions.DEFAULT.with(floatant);
    Pattern fly = Flies.of(school, size);
    Rest working = Flies.rest(fly, conditions);
    Rest finer = Flies.pose(fly, conditions, Mesh.WORKING.refined()).rest().orElseThrow();
    assertThat(finer.eyeMm()).isCloseTo(working.eyeMm(), within(DEPTH_MM));
    assertThat(finer.bendMm()).isCloseTo(working.bendMm(), within(DEPTH_MM));
    assertThat(Math.toDegrees(finer.pose().pitchRad()))
        .isCloseTo(Math.toDegrees(working.pose().pitchRad()), within(ANGLE_DEG));
  }
}
