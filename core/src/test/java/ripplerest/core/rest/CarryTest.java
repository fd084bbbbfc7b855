package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.FlyBody.Lump;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.water.Water;

class CarryTest {
  private static final Water WATER = Flies.GEL.water();
  private static final Hook HOOK = Hook.of(new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0));

  private static RestFinder finder(FlyBody body, double degrees) {
    double theta = Math.toRadians(degrees);
    Wetting wetting = Wetting.uniform("stuff", new Wetting.Angles(theta, theta));
    return new RestFinder(
        new FilmSolver(body, wetting, WATER, Mesh.WORKING, Optional.empty()), HOOK);
  }

  private static Carry carry(RestFinder finder) {
    Rest rest = finder.land(Attitude.UPRIGHT, 1.2).rest().orElseThrow();
    return Carry.of(rest, FilmReserve.from(rest, finder).sinksAt(), finder);
  }

  // Source: Archimedes. A thick foam cylinder that water neither climbs nor shuns sinks once fly
  // and
  // weight outweigh the water it displaces: (F - W·1.25)/1.25 hung, less than a twentieth off by
  // the
  // film that still closes over it.
  @Test
  void aFoamCylinderCarriesWhatItDisplaces() {
    double radius = 4;
    List<Slice> slices = new ArrayList<>();
    List<Lump> lumps = new ArrayList<>();
    double middle = HOOK.bendStart().getX();
    for (double x = -4.9; x < 5; x += 0.2) {
      Vector3D at = new Vector3D(middle + x, 0, 0);
      slices.add(new Slice(at, 0.2, radius, 1));
      lumps.add(new Lump("body", at.add(new Vector3D(0, 0, -1)), 2));
    }
    FlyBody body = new FlyBody(lumps, List.of(new Member("body", "b", "stuff", slices)), List.of());
    double displaced = Math.PI * radius * radius * 10 * WATER.density();
    double expected = displaced / Carry.SAFE - body.massMg();
    assertThat(carry(finder(body, 10)).mg()).isCloseTo(expected, Percentage.withPercentage(8));
  }

  // By hand: a thin wire on a film of small slope stores γd²/ℓ a length and bears 2γd/ℓ; wetting it
  // all round costs 2πRγ(-cos θ), so an end goes under at d = √(2πR(-cos θ)ℓ), and the water closes
  // over the rest of it from there or a little later.
  @Test
  void aBareLyingWireCarriesUntilWettingItIsCheaper() {
    double radius = 0.1;
    double degrees = 110;
    List<Slice> slices = new ArrayList<>();
    List<Lump> lumps = new ArrayList<>();
    double middle = HOOK.bendStart().getX();
    for (double x = -29.95; x < 30; x += 0.1) {
      Vector3D at = new Vector3D(middle + x, 0, 0);
      slices.add(new Slice(at, 0.1, radius, 1));
      lumps.add(new Lump("body", at.add(new Vector3D(0, 0, -0.5)), 0.1));
    }
    FlyBody body = new FlyBody(lumps, List.of(new Member("body", "b", "stuff", slices)), List.of());
    double ell = WATER.capillaryLength();
    double deep = Math.sqrt(2 * Math.PI * radius * -Math.cos(Math.toRadians(degrees)) * ell);
    double most = 2 * WATER.tension() * deep / ell * 60 / Water.GRAVITY;
    double expected = most / Carry.SAFE - body.massMg();
    assertThat(carry(finder(body, degrees)).mg()).isBetween(0.95 * expected, 1.2 * expected);
  }

  @Test
  void aFlyThatFallsShortByItselfCarriesNothing() {
    RestFinder finder = finder(new FlyBody(List.of(), List.of(), List.of()), 90);
    Rest any = Flies.rest(Flies.of("forward-plume", 14), Flies.GEL);
    assertThat(Carry.of(any, 1.2, finder)).isEqualTo(Carry.NOTHING);
  }
}
