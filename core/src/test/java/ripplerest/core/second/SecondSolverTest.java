package ripplerest.core.second;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Load;
import ripplerest.core.film.Pose;
import ripplerest.core.film.StateRules;
import ripplerest.core.film.Wetting;
import ripplerest.core.material.Material;
import ripplerest.core.material.Property;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.Rest;
import ripplerest.core.water.Water;

/**
 * Whole flies by a {@link SecondSolver}, put where the program has them at rest and a little off
 * it. The ratios are printed; docs/model.md tells them.
 */
@Tag("slow")
class SecondSolverTest {
  private static final double CELL_MM = 0.2;
  private static final Water WATER = Flies.GEL.water();

  @ParameterizedTest
  @CsvSource({
    "upright-collar, 14",
    "parachute, 14",
    "flat-plume, 12",
    "spent-drake, 10",
    "hair-wing-sedge, 12",
    "high-floating-hopper, 10"
  })
  void wholeFliesAreBornAlike(String style, int size) {
    PreparedFly fly = Flies.prepared(Flies.of(style, size), Flies.GEL);
    Rest rest = Flies.rest(Flies.of(style, size), Flies.GEL);
    double turn = Math.toRadians(3);
    Pose at = rest.pose();
    bornAlike(style + " " + size + " at rest", fly, rest, at, 0.07, 0.35);
    bornAlike("  0.3 mm deeper", fly, rest, at.moved(-0.3, 0, 0), 0.1, 0.5);
    bornAlike("  tail 3° down", fly, rest, at.moved(0, turn, 0), 0.15, 0.5);
  }

  /** In weights, and weights times millimetres. */
  private static void bornAlike(
      String words, PreparedFly fly, Rest rest, Pose pose, double lift, double pitch) {
    FlyBody body = fly.body();
    double weight = body.massMg() * Water.GRAVITY;
    Wetting wetting = Wetting.of(Flies.MATERIALS, Flies.GEL.floatant());
    FilmSolver film = new FilmSolver(body, wetting, WATER, Mesh.WORKING, Optional.empty());
    film.setTolerance(1e-4 * weight);
    FilmState state = rest.film().state().copy();
    Load ours = settled(film, pose, state);
    SecondSolver.Answer other = second(body, pose, state, CELL_MM);
    System.out.printf(
        "%-32s lift %.3f W, second solver %.3f; moment %.2f W·mm, second solver %.2f%n",
        words,
        ours.lift() / weight,
        other.lift() / weight,
        ours.pitch() / weight,
        other.pitch() / weight);
    double most = Math.max(weight, ours.lift());
    assertThat(other.lift()).as(words).isCloseTo(ours.lift(), within(lift * most));
    assertThat(other.pitch()).as(words).isCloseTo(ours.pitch(), within(pitch * most));
  }

  /** Internal: half the cell moves the second solver's own answer by little. */
  @Test
  void halvingTheCellMovesLittle() {
    Rest rest = Flies.rest(Flies.of("parachute", 14), Flies.GEL);
    FlyBody body = Flies.prepared(Flies.of("parachute", 14), Flies.GEL).body();
    SecondSolver.Answer whole = second(body, rest.pose(), rest.film().state(), CELL_MM);
    SecondSolver.Answer half = second(body, rest.pose(), rest.film().state(), CELL_MM / 2);
    assertThat(half.lift()).isCloseTo(whole.lift(), within(0.02 * whole.lift()));
    assertThat(half.pitch()).isCloseTo(whole.pitch(), within(0.1 * whole.lift()));
  }

  private static SecondSolver.Answer second(
      FlyBody body, Pose pose, FilmState state, double cellMm) {
    SecondSolver solver = new SecondSolver(body, WATER.tension(), WATER.specificWeight());
    return solver.at(
        v -> pose.turn(v).add(new Vector3D(0, 0, pose.heaveMm())),
        new Given(state),
        SecondSolverTest::cosine,
        cellMm);
  }

  /** In one pose, once every fibre is in a state that it can be in. */
  private static Load settled(FilmSolver film, Pose pose, FilmState state) {
    Load load = film.evaluate(pose, state, ContactLine.MEAN);
    for (int i = 0; i < 60; i++) {
      boolean took = film.remember(state, ContactLine.MEAN);
      boolean fired = StateRules.fire(StateRules.due(film, state, ContactLine.MEAN), state);
      load = film.evaluate(pose, state, ContactLine.MEAN);
      if (!took && !fired) {
        break;
      }
    }
    return load;
  }

  private record Given(FilmState state) implements SecondSolver.History {
    @Override
    public SecondSolver.Meets fibre(int i) {
      return switch (state.fibre(i)) {
        case LYING -> SecondSolver.Meets.LIES;
        case DROWNED -> SecondSolver.Meets.DROWNED;
        case CROSSING_TIP_DOWN, CROSSING_ROOT_DOWN -> SecondSolver.Meets.CROSSES;
      };
    }

    @Override
    public boolean held(int slice) {
      return state.isTaken(slice);
    }

    @Override
    public boolean soaked(int member) {
      return state.isSoaked(member);
    }

    @Override
    public boolean wet(int slice) {
      return state.isWet(slice);
    }
  }

  /** Of a surface under gel: where ripples drive its line, or of one that is dry still. */
  private static double cosine(String surface, boolean wet) {
    String[] name = surface.split("/");
    Material m = Flies.MATERIALS.get(name[0]);
    if (name.length > 1 && name[1].equals("wetted")) {
      return Math.cos(m.get(Property.RECEDING_WET));
    }
    boolean bare = name.length > 1;
    double advancing = m.get(bare ? Property.ADVANCING_UNTREATED : Property.ADVANCING_TREATED);
    double receding = m.get(bare ? Property.RECEDING_UNTREATED : Property.RECEDING_TREATED);
    return wet ? (Math.cos(advancing) + Math.cos(receding)) / 2 : Math.cos(advancing);
  }
}
