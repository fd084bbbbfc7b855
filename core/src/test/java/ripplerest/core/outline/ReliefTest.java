package ripplerest.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.Sizer;

class ReliefTest {
  private static PreparedFly fly(String style) {
    return PreparedFly.of(
        new Sizer(Flies.MATERIALS).size(Flies.of(style, 14)), Flies.MATERIALS, Flies.GEL);
  }

  @ParameterizedTest
  @ValueSource(strings = {"upright-collar", "parachute", "forward-plume", "spent-drake"})
  void theGridIsTheFilmThatWasSolved(String style) {
    Estimate estimate = Estimator.estimate(fly(style), Options.poseOnly());
    FilmSolution solved = estimate.rest().orElseThrow().film();
    Relief relief = Scene.of(estimate, 0).film().orElseThrow();
    assertThat(relief.cellMm()).isEqualTo(Relief.FINE_MM);
    SplittableRandom random = new SplittableRandom(14);
    double deepest = 0;
    for (int n = 0; n < 500; n++) {
      double x = relief.fromXMm() + random.nextDouble() * (relief.columns() - 1) * relief.cellMm();
      double y = relief.fromYMm() + random.nextDouble() * (relief.rows() - 1) * relief.cellMm();
      assertThat(relief.at(x, y)).isCloseTo(solved.levelAt(x, y), within(0.05));
      deepest = Math.min(deepest, relief.at(x, y));
    }
    assertThat(deepest).isLessThan(-0.1); // not a level sheet
  }

  @Test
  void aRestThatIsNotThereIsRefused() {
    Estimate estimate = Estimator.estimate(fly("parachute"), Options.poseOnly());
    assertThatThrownBy(() -> Scene.of(estimate, 7))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("rest");
  }

  @Test
  void aSunkFlyHasNoFilm() {
    Pattern bare =
        new Pattern(
            "bare",
            "forward-plume",
            new HookSpec(8, HookSpec.Shape.STRAIGHT, 4, 2),
            List.of(
                new Part.Body(Tie.of("thread"), 1.2),
                new Part.ForwardPlume(Tie.of("soft-plume"), 1, new Length.Pinned(1), 30)),
            "",
            "",
            Making.NONE);
    Estimate sunk = Flies.pose(bare, Flies.GEL);
    assertThat(sunk.rest()).isEmpty();
    assertThat(Scene.of(sunk, 0).film()).isEmpty();
    assertThat(Scene.of(sunk, 0).fly().wire()).allMatch(p -> p.getZ() < 0);
  }

  @Test
  void aSettlingFlyEndsOnTheFilmOfItsRest() {
    PreparedFly fly = fly("upright-collar");
    List<Scene> way = Settling.of(fly, 12, Work.unwatched());
    Relief last = way.get(way.size() - 1).film().orElseThrow();
    FilmSolution solved = Estimator.estimate(fly, Options.poseOnly()).rest().orElseThrow().film();
    assertThat(last.cellMm()).isEqualTo(Relief.COARSE_MM);
    assertThat(last.at(0, 0)).isCloseTo(solved.levelAt(0, 0), within(0.05));
  }
}
