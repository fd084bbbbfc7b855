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

  private static CylinderLaw law(double radius, double degrees) {
    return new CylinderLaw(WATER, radius, Math.toRadians(degrees), 1);
  }

  // Source: the exact two-dimensional meniscus (Young–Laplace, first integral) of a lying cylinder
  // of
  // radius 0.3 mm at θ = 100° with its axis 0.5 mm down, solved independently: 30.7 µN/mm.
  @Test
  void lyingCylinderBearsTheExactMeniscus() {
    assertThat(law(0.3, 100).total(0.5)).isCloseTo(30.7, Percentage.withPercentage(3));
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
      work += law.total(d + step / 2) * step;
    }
    double archimedes = WATER.specificWeight() * Math.PI * radius * radius * deep;
    double film = -2 * Math.PI * radius * WATER.tension() * Math.cos(Math.toRadians(degrees));
    assertThat(work - archimedes)
        .isCloseTo(film, within(0.02 * Math.PI * radius * WATER.tension()));
  }

  // Source: Archimedes.
  @Test
  void deepCylinderIsBornByTheWaterItDisplaces() {
    double displaced = WATER.specificWeight() * Math.PI * 0.25;
    assertThat(law(0.5, 110).total(5)).isCloseTo(displaced, within(1e-9));
    assertThat(law(0.5, 110).film(5)).isZero();
    CylinderLaw soaked = new CylinderLaw(WATER, 0.5, Math.toRadians(110), 0.4);
    assertThat(soaked.total(5)).isCloseTo(0.4 * displaced, within(1e-9));
  }

  // Source: the film's limit, 2γ a length (Vella, Lee and Kim, Langmuir 22 (2006) 5979).
  @Test
  void filmNeverBearsMoreThanTwiceItsTension() {
    for (double degrees = 60; degrees <= 170; degrees += 10) {
      CylinderLaw law = law(0.4, degrees);
      for (double d = -3; d < 6; d += 0.05) {
        assertThat(law.film(d)).isLessThanOrEqualTo(2 * WATER.tension() + 1e-9);
      }
    }
  }

  // Internal: nothing jumps. Between neighbouring depths a force moves by no more than the spread
  // allows.
  @Test
  void forceIsContinuous() {
    CylinderLaw law = law(0.3, 100);
    double before = law.total(-3);
    for (double d = -3; d < 4; d += 1e-3) {
      double now = law.total(d);
      assertThat(Math.abs(now - before)).isLessThan(1.5);
      before = now;
    }
  }
}
