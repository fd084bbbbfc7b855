package ripplerest.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OneFibreFlyTest {
  // Source: Wilhelmy, Annalen der Physik 119 (1863) 177: a vertical fibre is pulled with perimeter
  // ×
  // tension × cos θ, and lifted by the weight of water its wet part displaces.
  @ParameterizedTest
  @CsvSource({"70", "105", "120"})
  void verticalFibreFollowsWilhelmy(double theta) {
    OneFibre fly = new OneFibre(90, 7, 0.02, 2.5e9, theta).in(FibreState.CROSSING_TIP_DOWN);
    double wet = 7 - 3;
    assertThat(fly.at(3).lift())
        .isCloseTo(fly.pull() + wet * fly.weightOfWaterPerMm(), within(0.003));
  }

  // Source: virtual work (d'Alembert): the lift is the change of energy with height. Energy of
  // wetting, bending and film, added up here from the barb's own shape, by central differences.
  @ParameterizedTest
  @CsvSource({
    "60, 0.018, 5.1, 105",
    "45, 0.03, 4.0, 115",
    "75, 0.022, 4.0, 100",
    "60, 0.03, 4.5, 70"
  })
  void inclinedFibreFollowsVirtualWork(double degrees, double radius, double height, double theta) {
    OneFibre fly = new OneFibre(degrees, 7, radius, 2.5e9, theta).in(FibreState.CROSSING_TIP_DOWN);
    double h = 1e-3;
    double byEnergy =
        (energy(fly, degrees, height - h) - energy(fly, degrees, height + h)) / (2 * h);
    fly.at(height);
    assertThat(fly.fibre().springsOut[0]).isFalse();
    assertThat(fly.fibre().force[0]).isCloseTo(byEnergy, Percentage.withPercentage(0.5));
  }

  private static double energy(OneFibre fly, double degrees, double height) {
    fly.at(height);
    Fibres c = fly.fibre();
    double beta = Math.asin(c.sine[0]);
    double alpha = Math.toRadians(degrees);
    // Bending ∫½Bκ²ds with Bκ² = 2F|sin φ - sin β|, by the midpoint rule in √|φ - β|.
    int n = 4000;
    double range = Math.sqrt(Math.abs(alpha - beta));
    double sign = Math.signum(alpha - beta);
    double bending = 0;
    for (int i = 0; i < n; i++) {
      double t = range * (i + 0.5) / n;
      double phi = beta + sign * t * t;
      double kappa =
          Math.sqrt(
              2
                  * Math.abs(c.force[0])
                  / fly.stiffness()
                  * Math.abs(Math.sin(phi) - Math.sin(beta)));
      bending += fly.stiffness() * kappa / 2 * 2 * t * range / n;
    }
    double film = c.force[0] * c.force[0] * fly.fibre().selfDepth[0] / 2;
    return bending + fly.pull() * (fly.length - c.arc[0]) + film;
  }

  // Source: Young–Laplace for a rigid prism: pγ(-cos θ)/sin β straight up.
  @ParameterizedTest
  @CsvSource({"30", "50", "80"})
  void rigidInclinedFibreBearsThePrismLaw(double degrees) {
    OneFibre fly = new OneFibre(degrees, 7, 0.02, 2.5e14, 110).in(FibreState.CROSSING_TIP_DOWN);
    fly.at(1);
    assertThat(fly.fibre().force[0])
        .isCloseTo(fly.pull() / Math.sin(Math.toRadians(degrees)), Percentage.withPercentage(0.1));
  }

  // Numerical, not a source: beam, film and wetting energy minimised together by another program.
  @Test
  void piercedBarbAgreesWithMinimisedEnergy() {
    OneFibre fly = new OneFibre(60, 7, 0.018, 2.5e9, 105).in(FibreState.CROSSING_TIP_DOWN);
    fly.at(5.1);
    assertThat(fly.fibre().force[0]).isCloseTo(2.64, Percentage.withPercentage(5));
  }

  // Source: Gao and Jiang, Nature 432 (2004) 36: a water strider's middle leg bears at most 152
  // dyn.
  // Order of magnitude only: about 10 mm of leg at the film's limit of 2γ a length.
  @Test
  void striderLegIsOfTheRightOrder() {
    OneFibre leg = new OneFibre(0, 10.4, 0.04, 2.5e14, 165).in(FibreState.LYING);
    double most = 0;
    for (double z = 0; !leg.fibre().floods(0); z -= 0.02) {
      leg.at(z);
      most = leg.fibre().force[0];
    }
    assertThat(most).isBetween(0.8 * 1520, 1.25 * 1520);
  }

  // Internal: the forces act where the film is, so the moment is lift times reach.
  @Test
  void momentIsThatOfTheLiftAtTheCrossing() {
    OneFibre fly = new OneFibre(50, 7, 0.02, 2.5e14, 110).in(FibreState.CROSSING_TIP_DOWN);
    Load load = fly.at(2);
    double reach = fly.fibre().reach[0];
    assertThat(-load.pitch() / load.lift()).isCloseTo(reach, within(0.15));
    assertThat(load.roll()).isCloseTo(0, within(1e-9));
  }
}
