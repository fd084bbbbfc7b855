package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Floatant;

/**
 * What every tier knows. Common practice, no source. Each row was written down before it was run:
 *
 * <pre>
 *   output                          inequality                                     sizes
 *   mean height of eye and bend     dressed collar > undressed collar + e          12 14 16 18
 *   lower end of the shank          dressed collar ≥ -0.15 mm (clear or at film)   12 14 16 18
 *   mean height                     two turns more > as it was + e                 12 14 16 18
 *   mean height                     two steps heavier wire, same feather < - e     12 14 16 18
 *   mean height and |pitch|         clipped below < full - e, both                 12 14 16 18
 *   |pitch|                         parachute < 10°                                12 14 16 18
 *   body, bend of the hook          parachute in the film, below it                12 14 16 18
 *   pitch                           forward plume from 40° to 85°                  12 14 16 18
 * </pre>
 *
 * The same feather has the same barbs: on a thicker hub they go round less often. e = 0.05 mm, what
 * a mesh twice as fine may move ({@link RefinementTest}).
 */
class TradeTest {
  private static final double E = RefinementTest.DEPTH_MM;

  private static double height(Rest rest) {
    return (rest.eyeMm() + rest.bendMm()) / 2;
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void dressedCollarRidesHigherThanUndressed(int size) {
    Pattern collar = Flies.of("upright-collar", size);
    Rest dressed = Flies.rest(collar, Flies.GEL);
    Rest undressed = Flies.rest(collar, Flies.UNDRESSED);
    assertThat(height(dressed)).isGreaterThan(height(undressed) + E);
    assertThat(Math.min(dressed.eyeMm(), dressed.bendMm())).isGreaterThan(-0.15);
    assertThat(dressed.eyeMm()).isGreaterThan(0.5);
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void twoMoreTurnsRideHigher(int size) {
    Rest five = Flies.rest(Flies.collar(size, 5, false), Flies.GEL);
    Rest seven = Flies.rest(Flies.collar(size, 7, false), Flies.GEL);
    assertThat(height(seven)).isGreaterThan(height(five) + E);
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void heavierWireRidesLower(int size) {
    Pattern collar = Flies.of("upright-collar", size);
    HookSpec heavy = collar.hook().withWire(2);
    Rest regular = Flies.rest(collar, Flies.GEL);
    double turns = 5.0 * barbs(collar) / barbs(collar.withHook(heavy));
    Rest heavier = Flies.rest(Flies.collar(size, turns, false).withHook(heavy), Flies.GEL);
    assertThat(height(heavier)).isLessThan(height(regular) - E);
  }

  private static long barbs(Pattern pattern) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(pattern);
    return Assembler.assemble(sized, Flies.MATERIALS, Floatant.GEL, Mesh.WORKING).fibres().stream()
        .filter(f -> f.part().contains("hackle"))
        .count();
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void clippingBelowLowersAndLevels(int size) {
    Rest full = Flies.rest(Flies.collar(size, 5, false), Flies.GEL);
    Rest clipped = Flies.rest(Flies.collar(size, 5, true), Flies.GEL);
    assertThat(height(clipped)).isLessThan(height(full) - E);
    assertThat(Math.abs(clipped.pose().pitchRad())).isLessThan(Math.abs(full.pose().pitchRad()));
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void parachuteLiesLevelBodyInTheFilmHookBelow(int size) {
    for (var conditions : new ripplerest.core.water.Conditions[] {Flies.GEL, Flies.UNDRESSED}) {
      Rest rest = Flies.rest(Flies.of("parachute", size), conditions);
      assertThat(Math.abs(Math.toDegrees(rest.pose().pitchRad()))).isLessThan(10);
      assertThat(rest.posture()).isEqualTo(Posture.FLUSH);
      assertThat(rest.pointMm()).isLessThan(-2);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void forwardPlumeHangs(int size) {
    for (var conditions : new ripplerest.core.water.Conditions[] {Flies.GEL, Flies.UNDRESSED}) {
      Rest rest = Flies.rest(Flies.of("forward-plume", size), conditions);
      assertThat(Math.toDegrees(rest.pose().pitchRad())).isBetween(40.0, 85.0);
      assertThat(rest.posture()).isEqualTo(Posture.HANGING);
    }
  }
}
