package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.assembly.FlyBody.Lump;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Load;
import ripplerest.core.film.Pose;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.Hook;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Water;

/** Internal: what must not matter, over seeded random flies on the water. */
class InvarianceTest {
  private static final Water WATER = Flies.GEL.water();
  private static final Wetting WETTING = Wetting.of(Flies.MATERIALS, Flies.GEL.floatant());

  /** A random fly and the rest it came to. */
  private record Trial(FlyBody body, Hook hook, Rest rest) {
    FilmSolver film(FlyBody other, Water water) {
      FilmSolver film = new FilmSolver(other, WETTING, water, Mesh.WORKING, Optional.empty());
      film.setTolerance(1e-5 * film.weight());
      return film;
    }

    Load at(double heave, double pitch, double roll) {
      return film(body, WATER)
          .evaluate(rest.pose().moved(heave, pitch, roll), rest.state(), ContactLine.MEAN);
    }

    double weight() {
      return body.massMg() * Water.GRAVITY;
    }
  }

  private static final List<Trial> TRIALS = trials();

  private static Stream<Trial> flies() {
    return TRIALS.stream();
  }

  private static List<Trial> trials() {
    SplittableRandom random = new SplittableRandom(20261123);
    List<Trial> all = new ArrayList<>();
    while (all.size() < 10) {
      SizedPattern sized = new Sizer(Flies.MATERIALS).size(RandomFlies.plain(random));
      FlyBody body = Assembler.assemble(sized, Flies.MATERIALS, Flies.GEL.floatant(), Mesh.WORKING);
      FilmSolver film = new FilmSolver(body, WETTING, WATER, Mesh.WORKING, Optional.empty());
      Optional<Rest> rest = new RestFinder(film, sized.hook()).land(Attitude.UPRIGHT, 2).rest();
      rest.ifPresent(r -> all.add(new Trial(body, sized.hook(), r)));
    }
    return all;
  }

  private static FlyBody mapped(FlyBody b, UnaryOperator<Vector3D> place) {
    return copied(b, place, place, 1);
  }

  /** A body with every place mapped, every direction turned, and lengths times k. */
  private static FlyBody copied(
      FlyBody b, UnaryOperator<Vector3D> place, UnaryOperator<Vector3D> turn, double k) {
    return new FlyBody(
        b.lumps().stream()
            .map(l -> new Lump(l.part(), place.apply(l.at()), l.massMg() * k * k * k))
            .toList(),
        b.members().stream()
            .map(
                m ->
                    new Member(
                        m.part(),
                        m.group(),
                        m.surface(),
                        m.slices().stream()
                            .map(
                                s ->
                                    new Slice(
                                        place.apply(s.at()),
                                        s.lengthMm() * k,
                                        s.radiusMm() * k,
                                        s.buoyantShare(),
                                        s.open()))
                            .toList(),
                        m.tuft()))
            .toList(),
        b.fibres().stream()
            .map(
                f ->
                    new Fibre(
                        f.part(),
                        f.surface(),
                        place.apply(f.root()),
                        turn.apply(f.direction()),
                        f.lengthMm() * k,
                        f.radiusMm() * k,
                        f.taper(),
                        f.youngs() * k))
            .toList());
  }

  @ParameterizedTest
  @MethodSource("flies")
  void theMirroredFlyIsBornAlike(Trial t) {
    FlyBody mirrored = mapped(t.body(), v -> new Vector3D(v.getX(), -v.getY(), v.getZ()));
    Pose pose = t.rest().pose();
    Load here = t.at(0, 0, 0);
    Load there =
        t.film(mirrored, WATER)
            .evaluate(
                new Pose(pose.heaveMm(), pose.pitchRad(), -pose.rollRad()),
                t.rest().state(),
                ContactLine.MEAN);
    double close = 2e-4 * t.weight();
    assertThat(there.lift()).isCloseTo(here.lift(), within(close));
    assertThat(there.pitch()).isCloseTo(here.pitch(), within(10 * close));
    assertThat(there.roll()).isCloseTo(-here.roll(), within(10 * close));
  }

  // A level fly turned about the vertical: the same lift, and its moment turned with it.
  @ParameterizedTest
  @MethodSource("flies")
  void turningAboutTheVerticalChangesNothing(Trial t) {
    double c = Math.cos(0.7);
    double s = Math.sin(0.7);
    FlyBody turned =
        mapped(
            t.body(),
            v -> new Vector3D(c * v.getX() - s * v.getY(), s * v.getX() + c * v.getY(), v.getZ()));
    Pose level = new Pose(t.rest().pose().heaveMm(), 0, 0);
    FilmState state = t.rest().state();
    Load here = t.film(t.body(), WATER).evaluate(level, state, ContactLine.MEAN);
    Load there = t.film(turned, WATER).evaluate(level, state, ContactLine.MEAN);
    double close = 1e-3 * (t.weight() + Math.abs(here.lift()));
    assertThat(there.lift()).isCloseTo(here.lift(), within(close));
    assertThat(-there.pitch()).isCloseTo(-c * here.pitch() - s * here.roll(), within(10 * close));
    assertThat(there.roll()).isCloseTo(-s * here.pitch() + c * here.roll(), within(10 * close));
  }

  @ParameterizedTest
  @MethodSource("flies")
  void splittingPartsChangesNothing(Trial t) {
    List<Member> halves = new ArrayList<>();
    for (Member m : t.body().members()) {
      int n = m.slices().size();
      int cut = Math.max(1, n / 2);
      for (List<Slice> part : List.of(m.slices().subList(0, cut), m.slices().subList(cut, n))) {
        if (!part.isEmpty()) {
          halves.add(new Member(m.part(), m.group(), m.surface(), part, m.tuft()));
        }
      }
    }
    FlyBody split = new FlyBody(t.body().lumps(), halves, t.body().fibres());
    FilmSolver film = t.film(split, WATER);
    FilmState state = film.dryState();
    for (int i = 0; i < t.body().fibres().size(); i++) {
      state.set(i, t.rest().state().fibre(i));
    }
    FilmSolver whole = t.film(t.body(), WATER);
    FilmState wholeState = whole.dryState();
    for (int i = 0; i < t.body().fibres().size(); i++) {
      wholeState.set(i, t.rest().state().fibre(i));
    }
    Load one = whole.evaluate(t.rest().pose(), wholeState, ContactLine.MEAN);
    Load two = film.evaluate(t.rest().pose(), state, ContactLine.MEAN);
    assertThat(two.lift()).isCloseTo(one.lift(), within(0.002 * (t.weight() + one.lift())));
  }

  // The forces have a potential: round a closed path in heave and pitch they do no work.
  @ParameterizedTest
  @MethodSource("flies")
  void frozenStatesHaveAnEnergy(Trial t) {
    double h = 0.06;
    double a = Math.toRadians(1);
    double[][] corners = {{0, 0}, {h, 0}, {h, a}, {0, a}, {0, 0}};
    double work = 0;
    double path = 0;
    int steps = 4;
    for (int leg = 0; leg < 4; leg++) {
      for (int k = 0; k < steps; k++) {
        double mid = (k + 0.5) / steps;
        double heave = corners[leg][0] + mid * (corners[leg + 1][0] - corners[leg][0]);
        double pitch = corners[leg][1] + mid * (corners[leg + 1][1] - corners[leg][1]);
        Load l = t.at(heave, pitch, 0);
        double dw =
            (l.lift() - t.weight()) * (corners[leg + 1][0] - corners[leg][0]) / steps
                + l.pitch() * (corners[leg + 1][1] - corners[leg][1]) / steps;
        work += dw;
        path += Math.abs(dw);
      }
    }
    assertThat(Math.abs(work)).isLessThan(0.02 * path);
  }

  @ParameterizedTest
  @MethodSource("flies")
  void heaveForceFallsAsTheFlyRises(Trial t) {
    // Barbs alone: a thick member has no state, and bears less again once the water closes over it.
    FlyBody barbs = new FlyBody(t.body().lumps(), List.of(), t.body().fibres());
    FilmSolver film = t.film(barbs, WATER);
    FilmState state = film.dryState();
    for (int i = 0; i < barbs.fibres().size(); i++) {
      state.set(i, t.rest().state().fibre(i));
    }
    double before = Double.POSITIVE_INFINITY;
    for (double heave = -0.3; heave <= 0.3; heave += 0.1) {
      Pose pose = t.rest().pose().moved(heave, 0, 0);
      double lift = film.evaluate(pose, state, ContactLine.MEAN).lift();
      assertThat(lift).isLessThan(before + 5e-3 * t.weight());
      before = lift;
    }
  }

  // Energy falls along a settle's own path while states are fixed: the forces do work at each step.
  @ParameterizedTest
  @MethodSource("flies")
  void settlingGoesDownhill(Trial t) {
    FilmSolver film = t.film(t.body(), WATER);
    Settler settler = new Settler(new Balance(film, t.hook().shankMm()), 100);
    Pose start = t.rest().pose().moved(0.12, Math.toRadians(1.5), Math.toRadians(1));
    Pose before = start;
    for (int steps = 1; steps < 12; steps++) {
      FilmState state = t.rest().state().copy();
      film.reset();
      Pose at = settler.settle(start, state, ContactLine.MEAN, 1, Settler.FAIR, steps).pose();
      if (changed(state, t.rest().state(), t.body().fibres().size())) {
        break;
      }
      assertThat(work(t, before, at)).isGreaterThan(-2e-3 * t.weight() * 0.12);
      before = at;
    }
    assertThat(work(t, start, before)).isPositive();
  }

  private static boolean changed(FilmState one, FilmState two, int fibres) {
    return IntStream.range(0, fibres).anyMatch(i -> one.fibre(i) != two.fibre(i));
  }

  /** What the forces do along the straight way between two poses, µN·mm. */
  private static double work(Trial t, Pose from, Pose to) {
    Pose rest = t.rest().pose();
    double heave = to.heaveMm() - from.heaveMm();
    double pitch = to.pitchRad() - from.pitchRad();
    double roll = to.rollRad() - from.rollRad();
    double sum = 0;
    int parts = 4;
    for (int k = 0; k < parts; k++) {
      double s = (k + 0.5) / parts;
      Load l =
          t.at(
              from.heaveMm() + s * heave - rest.heaveMm(),
              from.pitchRad() + s * pitch - rest.pitchRad(),
              from.rollRad() + s * roll - rest.rollRad());
      sum += ((l.lift() - t.weight()) * heave + l.pitch() * pitch + l.roll() * roll) / parts;
    }
    return sum;
  }

  // Lengths times k, tension times k², stiffness of the stuff times k: forces times k³.
  @ParameterizedTest
  @MethodSource("flies")
  void lengthsScaleWithTheCapillaryLength(Trial t) {
    double k = 0.9;
    Water thin = new Water(WATER.temperatureC(), WATER.tension() * k * k, WATER.density());
    FlyBody small = copied(t.body(), v -> v.scalarMultiply(k), v -> v, k);
    Pose pose = t.rest().pose();
    Load whole = t.at(0, 0, 0);
    Load scaled =
        t.film(small, thin)
            .evaluate(
                new Pose(pose.heaveMm() * k, pose.pitchRad(), pose.rollRad()),
                t.rest().state(),
                ContactLine.MEAN);
    assertThat(scaled.lift() / (k * k * k)).isCloseTo(whole.lift(), within(0.01 * t.weight()));
  }
}
