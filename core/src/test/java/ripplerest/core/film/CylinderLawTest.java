package ripplerest.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.water.Water;

class CylinderLawTest {
  private static final Water WATER = Water.at(20, 1);

  private static final double ELL = WATER.capillaryLength();

  private static CylinderLaw law(double radius, double degrees) {
    return CylinderLaw.of(radius / ELL, Math.toRadians(degrees));
  }

  private static double total(CylinderLaw law, double depth) {
    return WATER.tension() * (law.film(depth / ELL) + law.buoyancy(depth / ELL, 1));
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
    assertThat(WATER.tension() * soaked.buoyancy(5 / ELL, 0.4))
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
