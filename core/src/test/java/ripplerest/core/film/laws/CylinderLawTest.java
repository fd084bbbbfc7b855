package ripplerest.core.film.laws;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.water.Water;

class CylinderLawTest {
  private static final Water WATER = Water.at(20, 1);

  private static final double ELL = WATER.capillaryLength();

  private static CylinderLaw law(double radius, double degrees) {
    return CylinderLaw.of(radius / ELL, Math.toRadians(degrees), 1);
  }

  private static double total(CylinderLaw law, double depth) {
    return WATER.tension() * (law.dent(depth / ELL) + law.wet(depth / ELL));
  }

  private static double film(CylinderLaw law, double depth) {
    return WATER.tension() * law.film(depth / ELL);
  }

  // Source: the exact two-dimensional meniscus (Young–Laplace, first integral) of a lying cylinder
  // of
  // radius 0.3 mm at θ = 100° with its axis 0.5 mm down, solved independently: 30.7 µN/mm.
  @Test
  void lyingCylinderBearsTheExactMeniscus() {
    assertThat(total(law(0.3, 100), 0.5)).isCloseTo(30.7, Percentage.withPercentage(3));
  }

  // Source: Young–Laplace for a prism: from dry to drowned the film does the work 2πRγ(-cos θ) on a
  // length, so an inclined member bears pγ(-cos θ)/sin β; the rest of the work is Archimedes'.
  @ParameterizedTest
  @CsvSource({"0.2, 60", "0.2, 85", "0.3, 100", "0.5, 110", "1.2, 120"})
  void workFromDryToDrownedIsThatOfAPrism(double radius, double degrees) {
    CylinderLaw law = law(radius, degrees);
    double work = 0;
    double step = 1e-3;
    double deep = 6;
    for (double d = -6; d < deep; d += step) {
      work += total(law, d + step / 2) * step;
    }
    double archimedes = WATER.specificWeight() * Math.PI * radius * radius * deep;
    double film = -2 * Math.PI * radius * WATER.tension() * Math.cos(Math.toRadians(degrees));
    assertThat(work - archimedes)
        .isCloseTo(film, within(0.02 * Math.PI * radius * WATER.tension()));
  }

  // Source: Archimedes.
  @Test
  void deepCylinderIsBornByTheWaterItDisplaces() {
    double radius = law(0.5, 110).radius() * ELL;
    double displaced = WATER.specificWeight() * Math.PI * radius * radius;
    assertThat(total(law(0.5, 110), 5)).isCloseTo(displaced, within(1e-9));
    assertThat(film(law(0.5, 110), 5)).isZero();
    CylinderLaw soaked = law(0.5, 110);
    assertThat(WATER.tension() * (soaked.dent(5 / ELL) + 0.4 * soaked.wet(5 / ELL)))
        .isCloseTo(0.4 * displaced, within(1e-9));
  }

  // Source: the film's limit, 2γ a length (Vella, Lee and Kim, Langmuir 22 (2006) 5979).
  @Test
  void filmNeverBearsMoreThanTwiceItsTension() {
    for (double degrees = 60; degrees <= 170; degrees += 10) {
      CylinderLaw law = law(0.4, degrees);
      for (double d = -3; d < 6; d += 0.05) {
        assertThat(film(law, d)).isLessThanOrEqualTo(2 * WATER.tension() + 1e-9);
      }
    }
  }

  // Source: balance of a long wire on the film (Vella, Lee and Kim, Langmuir 22 (2006) 5979): with
  // the contact line at φ from the bottom and the film at ψ = φ + θ - π, a length bears 2γ·sin ψ +
  // ρg(R²(φ - sin φ·cos φ) + 2R·2ℓ·sin(ψ/2)·sin φ); the thickest wire that floats weighs the most
  // of
  // it. Steel of 7.85 g/cm³ (from memory). The law lets go sooner, never later: a member has ends
  // from
  // which the water closes over it once being drowned is of less energy, and this wire has none.
  @ParameterizedTest
  @CsvSource({"100, 0.75", "140, 0.85", "170, 0.9"})
  void theThickestSteelWireIsHeldALittleLessThanByAnEndlessFilm(double degrees, double least) {
    double exact = thickest(radius -> mostByBalance(radius, Math.toRadians(degrees)));
    double ours =
        thickest(
            radius -> {
              CylinderLaw law = law(radius, degrees);
              return most(-3, 8, depth -> total(law, depth));
            });
    assertThat(ours / exact).isBetween(least, 1.0);
  }

  /** Radius of the thickest steel wire that weighs no more than the water bears, mm. */
  private static double thickest(DoubleUnaryOperator bears) {
    double radius = 0.1;
    while (bears.applyAsDouble(radius) >= 7.85 * Water.GRAVITY * Math.PI * radius * radius) {
      radius += 0.005;
    }
    return radius;
  }

  private static double mostByBalance(double radius, double theta) {
    return most(
        Math.max(0, Math.PI / 2 - theta),
        Math.PI,
        phi -> {
          double psi = phi + theta - Math.PI;
          double down = 2 * ELL * Math.sin(psi / 2);
          double water =
              radius * radius * (phi - Math.sin(phi) * Math.cos(phi))
                  + 2 * radius * down * Math.sin(phi);
          return 2 * WATER.tension() * Math.sin(psi) + WATER.specificWeight() * water;
        });
  }

  private static double most(double from, double to, DoubleUnaryOperator force) {
    return IntStream.rangeClosed(0, 500)
        .mapToDouble(i -> force.applyAsDouble(from + i / 500.0 * (to - from)))
        .max()
        .orElseThrow();
  }

  // Internal: nothing jumps. Between neighbouring depths a force moves by no more than the spread
  // allows.
  @Test
  void forceIsContinuous() {
    CylinderLaw law = law(0.3, 100);
    double before = total(law, -3);
    for (double d = -3; d < 4; d += 1e-3) {
      double now = total(law, d);
      assertThat(Math.abs(now - before)).isLessThan(1.5);
      before = now;
    }
  }
}
