package ripplerest.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.FlyBody.Lump;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.water.Water;

/** One round rod, dipped and drawn out through the production solver. */
class RodOnTheFilmTest {
  private static final Water WATER = Water.at(20, 1);
  private static final double ELL = WATER.capillaryLength();

  /** A rod of one radius, its middle at the origin. */
  private static final class Rod {
    final double radius;
    final double length;
    final FilmSolver film;
    final FilmState state;

    Rod(double radius, double length, double advancing, double receding) {
      this.radius = radius;
      this.length = length;
      List<Slice> slices = new ArrayList<>();
      for (double x = 0.05 - length / 2; x < length / 2; x += 0.1) {
        slices.add(new Slice(new Vector3D(x, 0, 0), 0.1, radius, 1));
      }
      FlyBody body =
          new FlyBody(
              List.of(new Lump("rod", Vector3D.ZERO, 1)),
              List.of(new Member("rod", "rod", "stuff", slices)),
              List.of());
      Wetting wetting =
          Wetting.uniform(
              "stuff", new Wetting.Angles(Math.toRadians(advancing), Math.toRadians(receding)));
      film = new FilmSolver(body, wetting, WATER, Mesh.WORKING, Optional.empty());
      film.setTolerance(1e-4);
      state = film.dryState();
    }

    /** Lift, µN, once the film has taken hold or let go as far as it will. */
    double at(double height, double pitch, ContactLine line) {
      Pose pose = new Pose(height, Math.toRadians(pitch), 0);
      double lift = film.evaluate(pose, state, line).lift();
      for (int i = 0; i < 10; i++) {
        film.remember(state, line);
        lift = film.evaluate(pose, state, line).lift();
      }
      return lift;
    }
  }

  // By hand: what has never touched the water is not pulled at, however wettable; the film jumps up
  // a level rod as its bottom comes down to it.
  @ParameterizedTest
  @CsvSource({"0.2, 30", "0.2, 80", "0.5, 60", "0.05, 20"})
  void theFilmJumpsInAtTheTouch(double radius, double degrees) {
    Rod rod = new Rod(radius, 20, degrees, degrees);
    for (double over = 1; over > 0.005; over -= 0.01) {
      assertThat(rod.at(radius + over, 0, ContactLine.ADVANCING)).isZero();
    }
    assertThat(rod.at(radius - 0.005, 0, ContactLine.ADVANCING)).isLessThan(-rod.length);
  }

  // Source: the exact two-dimensional meniscus (Young–Laplace, first integral). Drawn up, the film
  // holds on to where a dry rod costs as much as a held one, at the latest to where no meniscus
  // reaches it any more; both are worked out here from the angle round the rod alone.
  @ParameterizedTest
  @CsvSource({"0.2, 30", "0.2, 60", "0.5, 50", "0.05, 30"})
  void drawnUpItSnapsOffWhereTheExactMeniscusDoes(double radius, double receding) {
    Rod rod = new Rod(radius, 40, receding + 30, receding);
    rod.at(0, 0, ContactLine.ADVANCING);
    double height = 0;
    double most = 0;
    while (rod.at(height, 0, ContactLine.RECEDING) != 0 && height < 5) {
      most = height;
      height += 0.02;
    }
    double theta = Math.toRadians(receding);
    double fold = 0;
    double even = 0;
    double energy = 0;
    double flat = Math.PI - theta;
    // From where the film leaves the rod level, up along the branch: work done on the way, a
    // length.
    energy =
        2 * radius * WATER.tension() * (-Math.cos(theta) * flat - Math.sin(flat))
            + buoyantWork(radius, flat);
    double before = height(radius, theta, flat);
    for (double psi = flat; psi > 0.01; psi -= 1e-4) {
      double at = height(radius, theta, psi);
      energy -= force(radius, theta, psi) * (at - before);
      before = at;
      fold = Math.max(fold, at);
      if (energy < 0) {
        even = Math.max(even, at);
      }
    }
    assertThat(most).isBetween(0.9 * even - 0.1, fold + 0.25 * radius + 0.1);
    // Once off it has to be touched again.
    assertThat(rod.at(most, 0, ContactLine.ADVANCING)).isZero();
  }

  /** Height of the axis over the level. */
  private static double height(double radius, double theta, double psi) {
    return radius * Math.cos(psi) - 2 * ELL * Math.sin((theta + psi - Math.PI) / 2);
  }

  private static double force(double radius, double theta, double psi) {
    double eps = theta + psi - Math.PI;
    double water =
        radius * radius * (psi - Math.sin(psi) * Math.cos(psi))
            + 2 * radius * Math.sin(psi) * 2 * ELL * Math.sin(eps / 2);
    return 2 * WATER.tension() * Math.sin(eps) + WATER.specificWeight() * water;
  }

  /** Work of the water on what stands in it level, µN. */
  private static double buoyantWork(double radius, double psi) {
    double third = 2.0 / 3 * Math.pow(radius * Math.sin(psi), 3);
    double area = radius * radius * (psi - Math.sin(psi) * Math.cos(psi));
    return WATER.specificWeight() * (third - area * radius * Math.cos(psi));
  }

  // Source: Young–Laplace for a prism: an inclined rod through the film bears pγ(-cos θ)/sin β,
  // going
  // in with the advancing angle, coming out with the receding one, the water it displaces aside.
  @ParameterizedTest
  @CsvSource({"0.1, 90", "0.1, 60", "0.2, 45"})
  void anInclinedRodGoesInAndComesOutAsAPrism(double radius, double pitch) {
    Rod rod = new Rod(radius, 16, 110, 70);
    double sine = Math.sin(Math.toRadians(pitch));
    double prism = 2 * Math.PI * radius * WATER.tension() / sine;
    double section = WATER.specificWeight() * Math.PI * radius * radius;
    double drawn = 3;
    rod.at(6 * sine, pitch, ContactLine.ADVANCING);
    rod.at(3 * sine, pitch, ContactLine.ADVANCING);
    double in = rod.at(0, pitch, ContactLine.ADVANCING) - section * rod.length / 2;
    double out =
        rod.at(drawn * sine, pitch, ContactLine.RECEDING) - section * (rod.length / 2 - drawn);
    assertThat(in).isCloseTo(-prism * Math.cos(Math.toRadians(110)), within(0.15 * prism));
    assertThat(out).isCloseTo(-prism * Math.cos(Math.toRadians(70)), within(0.15 * prism));
    assertThat(rod.at(8 * sine + 3, pitch, ContactLine.RECEDING)).isZero();
  }

  // Numerical: a grid of the small-slope film that may not rise through the rod, ends and all, for
  // a
  // rod that sheds water; the deeper rows are those of a body that lies awash.
  @ParameterizedTest
  @Tag("slow")
  @CsvSource({"0.45, 4.5, 0", "0.45, 4.5, 0.2", "0.2, 6, 0.2", "0.2, 6, 0.4", "0.3, 9, 0.2"})
  void aRodWithEndsBearsWhatAGridSays(double radius, double length, double depth) {
    FilmGrid grid = new FilmGrid(0.15, WATER);
    grid.layRod(length, radius, -depth);
    Rod rod = new Rod(radius, length, 175, 175);
    assertThat(rod.at(-depth, 0, ContactLine.ADVANCING))
        .isCloseTo(grid.force(), Percentage.withPercentage(7));
  }

  // By hand: the middle of a long rod is endless. What a length more adds is the exact meniscus's.
  @Test
  void theMiddleOfALongRodIsTheExactMeniscus() {
    double shorter = new Rod(0.3, 30, 100, 100).at(-0.5, 0, ContactLine.ADVANCING);
    double longer = new Rod(0.3, 40, 100, 100).at(-0.5, 0, ContactLine.ADVANCING);
    assertThat((longer - shorter) / 10).isCloseTo(30.7, Percentage.withPercentage(3));
  }
}
