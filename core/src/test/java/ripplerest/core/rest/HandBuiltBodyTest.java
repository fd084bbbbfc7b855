package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.FlyBody.Lump;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.FlyBody.Tuft;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FibreState;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.water.Tippet;
import ripplerest.core.water.Water;

/** Stuff that no part is made of yet: foam, hollow hair, beads, yarn; and the tippet. */
class HandBuiltBodyTest {
  private static final Water WATER = Water.at(15, 1);
  private static final Hook HOOK = Hook.of(new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0));

  private static Wetting angle(double degrees) {
    double theta = Math.toRadians(degrees);
    return Wetting.uniform("stuff", new Wetting.Angles(theta, theta));
  }

  /** A level cylinder along the shank. */
  private static FlyBody cylinder(double radius, double density, double share, Optional<Tuft> t) {
    List<Lump> lumps = new ArrayList<>();
    List<Slice> slices = new ArrayList<>();
    double length = 0.1;
    for (double x = 0.05; x < 8; x += length) {
      Vector3D at = new Vector3D(x, 0, 0);
      slices.add(new Slice(at, length, radius, share));
      lumps.add(new Lump("body", at, Math.PI * radius * radius * length * density));
    }
    Member member = new Member("body", "shank-line", "stuff", slices, t);
    return new FlyBody(lumps, List.of(member), List.of());
  }

  /** Let go at a height; a level round body has no way up, so only where it settles is asked. */
  private static Settler.Settled letGo(FlyBody body, Wetting wetting, double heave) {
    FilmSolver film = new FilmSolver(body, wetting, WATER, Mesh.WORKING, Optional.empty());
    Settler settler = new Settler(new Balance(film, HOOK.shankMm()), 12);
    Pose from = new Pose(heave, 0, 0);
    return settler.settle(from, film.dryState(), ContactLine.MEAN, 1, Settler.EXACT);
  }

  // Source: Archimedes. At a right contact angle a film that meets the foam level adds nothing, so
  // a
  // foam of half the water's density floats with its axis in the level.
  @Test
  void foamFloatsByItself() {
    FlyBody foam = cylinder(1.2, 0.5 * WATER.density(), 1, Optional.empty());
    assertThat(letGo(foam, angle(90), 0.8).pose().heaveMm()).isCloseTo(0, within(0.05));
  }

  // Source: Archimedes: pressed under, foam of a tenth of the water's density comes up again. At
  // 70°
  // a film that leaves it level would hold its axis -R·cos θ under; so light a foam stands higher.
  @Test
  void drownedFoamComesBack() {
    FlyBody foam = cylinder(1.2, 0.1, 1, Optional.empty());
    Settler.Settled up = letGo(foam, angle(70), -4);
    assertThat(up.outcome()).isEqualTo(Outcome.RESTS);
    assertThat(up.pose().heaveMm()).isGreaterThan(1.2 * Math.cos(Math.toRadians(110)));
  }

  // Source: Archimedes: a tungsten bead's worth of wire sinks whatever the film does.
  @Test
  void aHeavyBeadSinks() {
    FlyBody bead = cylinder(1.2, 15, 1, Optional.empty());
    assertThat(letGo(bead, angle(80), 1).outcome()).isEqualTo(Outcome.SINKS);
  }

  // Source: Archimedes: drowned hollow hair displaces more than it weighs and pushes up with the
  // difference; the volume is that of its cones.
  @Test
  void hollowHairFloatsByItself() {
    double radius = 0.12;
    List<FlyBody.Fibre> hairs = new ArrayList<>();
    List<Lump> lumps = new ArrayList<>();
    for (int i = 0; i < 20; i++) {
      Vector3D root = new Vector3D(0, 0.1 * i, 0);
      Vector3D along = new Vector3D(1, 0, 0);
      FlyBody.Fibre hair = new FlyBody.Fibre("tail", "stuff", root, along, 10, radius, 0.5, 1.5e9);
      hairs.add(hair);
      lumps.add(new Lump("tail", root.add(4, along), 0.4 * hair.volumeBeyond(0)));
    }
    FlyBody body = new FlyBody(lumps, List.of(), hairs);
    FilmSolver film = new FilmSolver(body, angle(80), WATER, Mesh.WORKING, Optional.empty());
    FilmState state = film.dryState();
    for (int i = 0; i < hairs.size(); i++) {
      state.set(i, FibreState.DROWNED);
    }
    double push = film.evaluate(new Pose(-6, 0, 0), state, ContactLine.RECEDING).lift();
    double tip = radius / 2;
    double cone = Math.PI / 3 * 10 * (radius * radius + radius * tip + tip * tip);
    assertThat(push).isCloseTo(20 * cone * WATER.specificWeight(), Percentage.withPercentage(0.1));
    assertThat(push).isGreaterThan(2 * film.weight());
  }

  // Source: Young–Laplace between parallel fibres. Yarn that sheds water holds its air; yarn that
  // the
  // water wets loses it at once and sinks with the same solid share.
  @ParameterizedTest
  @CsvSource({"110, false", "70, true"})
  void yarnHoldsItsAirOnlyIfItShedsWater(double degrees, boolean soaked) {
    Tuft tuft = new Tuft("stuff", 0.25, 0.015);
    FlyBody yarn = cylinder(0.6, 0.25 * 1.38, 0.65, Optional.of(tuft));
    FilmSolver film = new FilmSolver(yarn, angle(degrees), WATER, Mesh.WORKING, Optional.empty());
    FilmState state = film.dryState();
    film.evaluate(new Pose(-1, 0, 0), state, ContactLine.ADVANCING);
    film.remember(state, ContactLine.ADVANCING);
    assertThat(state.isSoaked(0)).isEqualTo(soaked);
    if (!soaked) {
      assertThat(letGo(yarn, angle(degrees), -1).outcome()).isEqualTo(Outcome.RESTS);
    }
    double drowned = film.evaluate(new Pose(-9, 0, 0), state, ContactLine.ADVANCING).lift();
    double volume = Math.PI * 0.36 * 8 * (soaked ? 0.25 : 0.65);
    assertThat(drowned).isCloseTo(volume * WATER.specificWeight(), Percentage.withPercentage(0.5));
  }

  // Source: Young–Laplace: air goes in at -2γ·cos θ over the gap; a wide gap lets it go in a few
  // mm.
  @Test
  void aWideGapLosesItsAirAtTheStatedDepth() {
    Tuft tuft = new Tuft("stuff", 0.02, 0.1);
    FlyBody loose = cylinder(0.6, 0.1, 0.6, Optional.of(tuft));
    FilmSolver film = new FilmSolver(loose, angle(95), WATER, Mesh.WORKING, Optional.empty());
    double entry =
        -2
            * WATER.tension()
            * Math.cos(Math.toRadians(95))
            / (tuft.gapMm() * WATER.specificWeight());
    for (double share : new double[] {0.9, 1.1}) {
      FilmState state = film.dryState();
      film.evaluate(new Pose(-share * entry, 0, 0), state, ContactLine.ADVANCING);
      film.remember(state, ContactLine.ADVANCING);
      assertThat(state.isSoaked(0)).isEqualTo(share > 1);
    }
  }

  // Source: Hetényi, Beams on Elastic Foundation (1946), ch. 2: a long beam lifted at its end by w,
  // free to turn, pulls back with EI·2λ³·w; held level, with 4λ³.
  @Test
  void theTippetIsABeamOnTheFilm() {
    Tippet tippet = new Tippet(0.15, 0);
    double bending = tippet.bendingStiffness();
    double lambda = Math.pow(2 * WATER.tension() / WATER.capillaryLength() / (4 * bending), 0.25);
    FlyBody foam = cylinder(1.2, 0.5, 1, Optional.empty());
    double bare = lift(foam, Optional.empty(), 0);
    double held = lift(foam, Optional.of(tippet), 0) - bare;
    assertThat(held)
        .isCloseTo(-4 * bending * Math.pow(lambda, 3) * 0.3, Percentage.withPercentage(1));
  }

  private static double lift(FlyBody body, Optional<Tippet> tippet, double pitch) {
    FilmSolver film = new FilmSolver(body, angle(90), WATER, Mesh.WORKING, tippet);
    FilmState state = film.dryState();
    return film.evaluate(new Pose(0.3, pitch, 0), state, ContactLine.ADVANCING).lift();
  }

  // Common practice, no source: stiff curly nylon tips a small fly.
  @Test
  void stiffCurlyNylonTipsASmallFly() {
    Rest free = Flies.rest(Flies.of("parachute", 18), Flies.GEL);
    Rest tied = Flies.rest(Flies.of("parachute", 18), Flies.GEL.withTippet(new Tippet(0.14, -40)));
    Rest fine = Flies.rest(Flies.of("parachute", 18), Flies.GEL.withTippet(new Tippet(0.08, -40)));
    double bend = tied.pose().pitchRad() - free.pose().pitchRad();
    assertThat(Math.abs(bend)).isGreaterThan(Math.toRadians(2));
    assertThat(Math.abs(fine.pose().pitchRad() - free.pose().pitchRad()))
        .isLessThan(Math.abs(bend) / 2);
    assertThat(tied.support()).anyMatch(s -> s.part().equals("tippet"));
  }
}
