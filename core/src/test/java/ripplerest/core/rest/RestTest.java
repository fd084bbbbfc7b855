package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Load;
import ripplerest.core.film.Pose;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.water.Water;

/** Internal: what every reported rest has to be. */
class RestTest {
  private static final List<String> STYLES =
      List.of("upright-collar", "parachute", "forward-plume");

  /**
   * Put into another, fresh solver at another accuracy, the pose still balances; pressed down, it
   * is pushed up, lifted, it falls, and tipped either way it is turned back.
   */
  @ParameterizedTest
  @ValueSource(ints = {8, 12, 14, 18, 22})
  void everyRestIsABalanceForASolverThatNeverSawIt(int size) {
    for (String style : STYLES) {
      Pattern fly = Flies.of(style, size);
      Rest rest = Flies.rest(fly, Flies.GEL);
      FilmSolver fresh = Flies.solver(fly, Flies.GEL);
      double weight = fresh.weight();
      fresh.setTolerance(2e-5 * weight);
      Load there = load(fresh, rest, 0, 0);
      String named = style + " " + size;
      assertThat(there.lift() / weight).as(named).isCloseTo(1, within(4e-3));
      assertThat(there.pitch() / weight / 7).as(named).isCloseTo(0, within(4e-3));
      assertThat(load(fresh, rest, -0.05, 0).lift()).as(named).isGreaterThan(there.lift());
      assertThat(load(fresh, rest, 0.05, 0).lift()).as(named).isLessThan(there.lift());
      double tip = Math.toRadians(1.5);
      assertThat(load(fresh, rest, 0, tip).pitch()).as(named).isLessThan(there.pitch());
      assertThat(load(fresh, rest, 0, -tip).pitch()).as(named).isGreaterThan(there.pitch());
    }
  }

  private static Load load(FilmSolver film, Rest rest, double heaveMm, double pitchRad) {
    Pose pose = rest.pose().moved(heaveMm, pitchRad, 0);
    return film.evaluate(pose, rest.state().copy(), ContactLine.MEAN);
  }

  @Test
  void whatHoldsAddsUpToTheWeight() {
    for (String style : STYLES) {
      Estimate e = Flies.pose(Flies.of(style, 14), Flies.GEL);
      double held =
          e.rest().orElseThrow().support().stream().mapToDouble(Rest.Support::totalUn).sum();
      assertThat(held)
          .isCloseTo(e.massMg() * Water.GRAVITY, within(2e-3 * e.massMg() * Water.GRAVITY));
      double mass = e.weight().stream().mapToDouble(Estimate.PartWeight::massMg).sum();
      assertThat(mass).isCloseTo(e.massMg(), within(1e-9));
    }
  }

  @Test
  void sameInputSameRest() {
    Rest once = Flies.rest(Flies.of("upright-collar", 14), Flies.GEL);
    Rest again = Flies.rest(Flies.of("upright-collar", 14), Flies.GEL);
    assertThat(again.pose()).isEqualTo(once.pose());
    assertThat(again.support()).isEqualTo(once.support());
  }

  // Source: Archimedes. A bare steel hook pressed under by its landing displaces an eighth of its
  // weight, so nothing else holding it, it sinks; a cork-light one of the same shape floats.
  @Test
  void bareHookPressedUnderSinks() {
    Hook hook = Hook.of(new HookSpec(8, HookSpec.Shape.STRAIGHT, 0, 2));
    Landing landing = bare(hook, 7.85).land(Attitude.UPRIGHT, 8);
    assertThat(landing.rest()).isEmpty();
    assertThat(landing.noRest().orElseThrow().words().toString()).startsWith("Sinks");
    assertThat(bare(hook, 0.3).land(Attitude.UPRIGHT, 8).rest()).isPresent();
  }

  private static RestFinder bare(Hook hook, double density) {
    List<Vector3D> path = hook.wire(0.4);
    List<FlyBody.Lump> lumps = new java.util.ArrayList<>();
    List<FlyBody.Slice> slices = new java.util.ArrayList<>();
    double section = Math.PI * hook.wireMm() * hook.wireMm() / 4;
    for (int i = 1; i < path.size(); i++) {
      Vector3D at = path.get(i).add(path.get(i - 1)).scalarMultiply(0.5);
      double length = path.get(i).distance(path.get(i - 1));
      lumps.add(new FlyBody.Lump("hook", at, length * section * density));
      slices.add(new FlyBody.Slice(at, length, hook.wireMm() / 2, 1));
    }
    FlyBody body =
        new FlyBody(lumps, List.of(new FlyBody.Member("hook", "hook", "wire", slices)), List.of());
    Wetting wetting =
        Wetting.uniform("wire", new Wetting.Angles(Math.toRadians(60), Math.toRadians(40)));
    return new RestFinder(
        new FilmSolver(body, wetting, Water.at(12, 1), Mesh.WORKING, Optional.empty()), hook);
  }

  @Test
  void posturesFollowTheirThresholds() {
    assertThat(Posture.of(0.1, 0, 1.5, 0.2, 0.5)).isEqualTo(Posture.ON_TIPS);
    assertThat(Posture.of(0.1, 0, 0.3, -0.2, 0.5)).isEqualTo(Posture.FLUSH);
    assertThat(Posture.of(0.4, 0, 2.0, -1.5, 0.5)).isEqualTo(Posture.HALF_DOWN);
    assertThat(Posture.of(1.1, 0, -1, -7, 0.5)).isEqualTo(Posture.HANGING);
    assertThat(Posture.of(1.1, 0, 3.8, -7, 0.5)).isEqualTo(Posture.ON_ITS_TAIL);
    assertThat(Posture.of(-1.1, 0, -7, -1, 0.5)).isEqualTo(Posture.HEAD_DOWN);
    assertThat(Posture.of(0, 1.4, 0, 0, 0.5)).isEqualTo(Posture.ON_ITS_SIDE);
    assertThat(Posture.of(0, Math.PI, 0, 0, 0.5)).isEqualTo(Posture.UPSIDE_DOWN);
    assertThat(Posture.of(0, 2 * Math.PI, 0.3, -0.2, 0.5)).isEqualTo(Posture.FLUSH);
    assertThat(Posture.of(Math.PI, 0, 0.3, 0.2, 0.5)).isEqualTo(Posture.UPSIDE_DOWN);
  }
}
