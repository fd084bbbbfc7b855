package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/**
 * Internal: landing and rest on a mesh twice as fine, slices and segments alike, move no depth by
 * 0.05 mm and no angle by 1°. Barbs are taken one by one as it is; nothing is lumped.
 */
class RefinementTest {
  static final double DEPTH_MM = 0.05;
  private static final double ANGLE_DEG = 1;

  static Stream<Arguments> schoolFlies() {
    return Stream.of("upright-collar", "parachute", "forward-plume")
        .flatMap(s -> Stream.of(12, 14, 16, 18).map(size -> Map.entry(s, size)))
        .flatMap(
            e ->
                Stream.of(Floatant.NONE, Floatant.GEL)
                    .map(f -> Arguments.of(e.getKey(), e.getValue(), f)));
  }

  @ParameterizedTest
  @MethodSource("schoolFlies")
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
