package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/**
 * Internal: landing and rest on a mesh twice as fine, slices and segments alike, move no depth by
 * 0.05 mm and no angle by 1°. Barbs are taken one by one as it is; nothing is lumped.
 */
class RefinementTest {
  static final double DEPTH_MM = 0.05;
  private static final double ANGLE_DEG = 1;
  private static final List<String> FIRST = List.of("upright-collar", "parachute", "forward-plume");

  static Stream<Arguments> styleFlies() {
    return flies(FIRST.stream(), List.of(12, 14, 16, 18));
  }

  static Stream<Arguments> otherStyleFlies() {
    Stream<String> others =
        Styles.standard().offered().stream().map(Style::id).filter(id -> !FIRST.contains(id));
    return flies(others, List.of(16)).filter(a -> a.get()[2] == Floatant.GEL);
  }

  private static Stream<Arguments> flies(Stream<String> styles, List<Integer> sizes) {
    return styles
        .flatMap(s -> sizes.stream().map(size -> Map.entry(s, size)))
        .flatMap(
            e ->
                Stream.of(Floatant.NONE, Floatant.GEL)
                    .map(f -> Arguments.of(e.getKey(), e.getValue(), f)));
  }

  @ParameterizedTest
  @MethodSource("styleFlies")
  void twiceAsFineMovesTheRestLittle(String style, int size, Floatant floatant) {
    moves(style, size, floatant);
  }

  /** The same of the nine other styles, dressed, in one size; docs/model.md tells of the rest. */
  @ParameterizedTest
  @Tag("slow")
  @MethodSource("otherStyleFlies")
  void twiceAsFineMovesTheOtherStylesLittle(String style, int size, Floatant floatant) {
    moves(style, size, floatant);
  }

  private static void moves(String style, int size, Floatant floatant) {
    Conditions conditions = Conditions.DEFAULT.with(floatant);
    Pattern fly = Flies.of(style, size);
    Rest working = Flies.rest(fly, conditions);
    Rest finer = Flies.pose(fly, conditions, Mesh.WORKING.refined()).rest().orElseThrow();
    assertThat(finer.eyeMm()).isCloseTo(working.eyeMm(), within(DEPTH_MM));
    assertThat(finer.bendMm()).isCloseTo(working.bendMm(), within(DEPTH_MM));
    assertThat(Math.toDegrees(finer.pose().pitchRad()))
        .isCloseTo(Math.toDegrees(working.pose().pitchRad()), within(ANGLE_DEG));
  }
}
