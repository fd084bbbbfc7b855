package ripplerest.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ripplerest.core.film.laws.Elastica;

/** Internal: one barb taken down through the film and up again, state by state. */
class StateRulesTest {
  /**
   * Moves the fibre from one height to another in small steps, changing states as they fall due.
   */
  private static void move(OneFibre fly, double from, double to) {
    double step = Math.copySign(Math.min(0.02, Math.abs(to - from) / 2), to - from);
    for (double z = from; (to - z) * step > 0; z += step) {
      for (int i = 0; i < 5; i++) {
        fly.at(z);
        if (!StateRules.fire(
            StateRules.due(
                fly.solver, fly.state, step > 0 ? ContactLine.RECEDING : ContactLine.ADVANCING),
            fly.state)) {
          break;
        }
      }
    }
  }

  @Test
  void aStiffSteepBarbPiercesDrownsAndComesOutAgain() {
    OneFibre fly = new OneFibre(80, 7, 0.03, 2.5e9, 100);
    move(fly, 8, 6.5);
    assertThat(fly.state.fibre(0)).isEqualTo(FibreState.CROSSING_TIP_DOWN);
    move(fly, 6.5, -2);
    assertThat(fly.state.fibre(0)).isEqualTo(FibreState.DROWNED);
    move(fly, -2, 3);
    assertThat(fly.state.fibre(0)).isEqualTo(FibreState.CROSSING_TIP_DOWN);
    move(fly, 3, 8);
    assertThat(fly.state.fibre(0)).isEqualTo(FibreState.LYING);
    assertThat(fly.at(8).lift()).isZero();
  }

  // Source: the elastica's limit c(30°) = 0.143: with ΓL²/B far above it, no tip load can pierce.
  @Test
  void aSpringySlantedBarbNeverPierces() {
    OneFibre fly = new OneFibre(30, 7, 0.018, 2.5e9, 120);
    double gamma = fly.pull();
    assertThat(gamma * 49 / fly.stiffness())
        .isGreaterThan(Elastica.piercingLimit(Math.toRadians(30)));
    move(fly, 4, 0.1);
    assertThat(fly.state.fibre(0)).isEqualTo(FibreState.LYING);
    assertThat(fly.fibre().force[0]).isGreaterThan(5);
  }

  // Internal: coming up, a barb keeps its state at least as long as going down.
  @Test
  void aBarbSurfacesNoLowerThanItPierces() {
    OneFibre fly = new OneFibre(80, 7, 0.03, 2.5e9, 115);
    double pierces = heightOfChange(fly, 7, 6, -0.005);
    assertThat(fly.state.fibre(0)).isEqualTo(FibreState.CROSSING_TIP_DOWN);
    double surfaces = heightOfChange(fly, 6, 7, 0.005);
    assertThat(fly.state.fibre(0)).isEqualTo(FibreState.LYING);
    assertThat(surfaces).isGreaterThanOrEqualTo(pierces);
  }

  private static double heightOfChange(OneFibre fly, double from, double to, double step) {
    FibreState before = fly.state.fibre(0);
    for (double z = from; (to - z) * step > 0; z += step) {
      move(fly, z, z + 2 * step);
      if (fly.state.fibre(0) != before) {
        return z;
      }
    }
    throw new AssertionError("no change between " + from + " and " + to);
  }

  @Test
  void theMostUrgentChangeGoesFirstAndItsTwinWithIt() {
    FilmState state = FilmState.dry(3, 0, 0);
    List<StateRules.Change> due =
        List.of(
            new StateRules.Change(2, FibreState.DROWNED, 3.0),
            new StateRules.Change(0, FibreState.DROWNED, 3.0 * (1 - 1e-12)),
            new StateRules.Change(1, FibreState.DROWNED, 1.0));
    assertThat(StateRules.fire(due, state)).isTrue();
    assertThat(state.fibre(2)).isEqualTo(FibreState.DROWNED);
    assertThat(state.fibre(0)).isEqualTo(FibreState.DROWNED);
    assertThat(state.fibre(1)).isEqualTo(FibreState.LYING);
    assertThat(StateRules.fire(List.of(), state)).isFalse();
  }
}
