package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;

/** Internal: a symmetric fly landed on its other side ends in the mirrored rest. */
class MirrorTest {
  private static Rest landed(String style, double rollDegrees) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(Flies.of(style, 16));
    Conditions c = Flies.GEL;
    FlyBody body = Assembler.assemble(sized, Flies.MATERIALS, c.floatant(), Mesh.WORKING);
    Wetting wetting = Wetting.of(Flies.MATERIALS, c.floatant());
    FilmSolver film = new FilmSolver(body, wetting, c.water(), Mesh.WORKING, Optional.empty());
    Attitude attitude = new Attitude("rolled", 0, Math.toRadians(rollDegrees));
    return new RestFinder(film, sized.hook()).land(attitude, 2).rest().orElseThrow();
  }

  @ParameterizedTest
  @ValueSource(strings = {"upright-collar", "parachute", "forward-plume"})
  void theOtherSideIsTheMirrorImage(String style) {
    Rest right = landed(style, 3);
    Rest left = landed(style, -3);
    assertThat(left.eyeMm()).isCloseTo(right.eyeMm(), within(0.1));
    assertThat(left.bendMm()).isCloseTo(right.bendMm(), within(0.1));
    assertThat(left.pose().rollRad()).isCloseTo(-right.pose().rollRad(), within(0.02));
    assertThat(left.fibres()).isEqualTo(right.fibres());
  }
}
