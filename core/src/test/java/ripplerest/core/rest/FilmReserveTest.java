package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;

/** Internal: what pressing a fly under says, against loading it a little at a time. */
class FilmReserveTest {
  private static final int STEPS = 12;

  @ParameterizedTest
  @CsvSource({"parachute, 14", "parachute, 12", "forward-plume, 14", "upright-collar, 14"})
  void heavierByLessFloatsAndByMoreSinks(String style, int size) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(Flies.of(style, size));
    FlyBody body =
        Assembler.assemble(sized, Flies.MATERIALS, Flies.UNDRESSED.floatant(), Mesh.WORKING);
    Wetting wetting = Wetting.of(Flies.MATERIALS, Flies.UNDRESSED.floatant());
    FilmSolver film =
        new FilmSolver(body, wetting, Flies.UNDRESSED.water(), Mesh.WORKING, Optional.empty());
    RestFinder finder = new RestFinder(film, sized.hook());
    Rest rest = finder.land(Attitude.UPRIGHT, 2).rest().orElseThrow();
    FilmReserve reserve = FilmReserve.from(rest, finder);
    assertThat(reserve.beyond()).isFalse();
    assertThat(loaded(finder, rest, 0.85 * reserve.sinksAt())).isNotEqualTo(Outcome.SINKS);
    // a hand that presses lets barbs give way in another order than a weight does: an undressed
    // parachute 12 goes under at 5.4 weights pressed, at 6.4 loaded
    assertThat(loaded(finder, rest, 1.2 * reserve.sinksAt())).isEqualTo(Outcome.SINKS);
  }

  private static Outcome loaded(RestFinder finder, Rest rest, double factor) {
    var state = rest.state().copy();
    var pose = rest.pose();
    Outcome outcome = Outcome.RESTS;
    for (int k = 1; k <= STEPS && outcome != Outcome.SINKS; k++) {
      double load = Math.pow(factor, k / (double) STEPS);
      var there = finder.settler().settle(pose, state, ContactLine.MEAN, load, Settler.ROUGH);
      pose = there.pose();
      outcome = there.outcome();
    }
    return outcome;
  }
}
