package ripplerest.core.film.laws;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.water.Water;

class FilmKernelTest {
  // Source: Abramowitz and Stegun, Handbook of Mathematical Functions (1964), table 9.8.
  @ParameterizedTest
  @CsvSource({"0.1, 2.4270690", "1, 0.4210244", "2, 0.1138939", "5, 0.0036911"})
  void besselAgreesWithTheTable(double x, double k0) {
    assertThat(FilmKernel.besselK0(x)).isCloseTo(k0, within(5e-7));
  }

  // Internal: the look-up against the function it stands for, over nine decades of squared
  // distance.
  @Test
  void lookUpFollowsTheFunction() {
    Water water = Water.at(20, 1);
    FilmKernel kernel = new FilmKernel(water);
    for (double r = 0.002; r < 30; r *= 1.037) {
      double exact =
          FilmKernel.besselK0(r / water.capillaryLength()) / (2 * Math.PI * water.tension());
      assertThat(kernel.depression(r * r)).isCloseTo(exact, within(4e-8 + 3e-4 * exact));
    }
  }

  // Source: the two-dimensional meniscus (Young–Laplace, first integral): a long straight line
  // pressed
  // with f a length sinks to d = 2ℓ·sin(φ/2) with f = 2γ·sin φ. A row of point forces through the
  // production kernel must give the same, up to what small slopes leave out (3.5 % at half the
  // limit)
  // and 0.9 % for cutting the line into points.
  @ParameterizedTest
  @CsvSource({"0.1, 0.15", "0.25, 0.8", "0.5, 3.6"})
  void longLyingLineFollowsTheExactMeniscus(double shareOfLimit, double percentOff) {
    Water water = Water.at(20, 1);
    FilmKernel kernel = new FilmKernel(water);
    double f = shareOfLimit * 2 * water.tension();
    double exact = 2 * water.capillaryLength() * Math.sin(Math.asin(shareOfLimit) / 2);
    for (double ds : new double[] {0.5, 0.25}) {
      double depth = 0;
      for (double x = ds; x < 60; x += ds) {
        depth += 2 * f * ds * kernel.depression(x * x);
      }
      double self = FilmKernel.SELF_OF_SEGMENT * ds;
      depth += f * ds * kernel.depression(self * self);
      assertThat(depth).isCloseTo(exact, Percentage.withPercentage(percentOff + 0.9));
    }
  }
}
