package ripplerest.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.assembly.Mesh;

/**
 * The laws against the least energy of beam, film and wetting together. Numerical, not a source:
 * see {@link OneBarbEnergy}.
 */
class OneBarbEnergyTest {
  private static final double LENGTH = 7;
  private static final double RADIUS = 0.0226;
  private static final double TAPER = 0.6;
  private static final double YOUNGS = 2.5e9;

  // The whole way down, in each state that the energy has a minimum for.
  @ParameterizedTest
  @CsvSource({
    "20, 100", "20, 110", "20, 120", "40, 100", "40, 110", "40, 120", "60, 100", "60, 110",
    "60, 120", "75, 100", "75, 110", "75, 120", "85, 100", "85, 110", "85, 120"
  })
  void lawsBearWhatLeastEnergyDoes(double degrees, double theta) {
    OneBarbEnergy reference =
        new OneBarbEnergy(degrees, LENGTH, RADIUS, TAPER, YOUNGS, theta, OneFibre.WATER);
    double touch = LENGTH * Math.sin(Math.toRadians(degrees));
    int compared = 0;
    for (double share = 0.95; share > 0.05; share -= 0.1) {
      double height = share * touch;
      List<OneBarbEnergy.Local> locals = reference.at(height);
      for (OneBarbEnergy.Local local : locals) {
        OneFibre fly =
            new OneFibre(degrees, LENGTH, RADIUS, TAPER, YOUNGS, theta, Mesh.WORKING)
                .in(local.state());
        fly.at(height);
        double force = fly.fibre().force[0];
        boolean ends =
            StateRules.due(fly.solver, fly.state, ContactLine.ADVANCING).stream()
                .anyMatch(c -> c.to() == FibreState.LYING);
        if (ends || local.force() < 0.05) {
          continue; // about to spring out: at the very fold the two need not agree on the side
        }
        double off = force / local.force() - 1;
        assertThat(off).as("%s at %.2f mm", local.state(), height).isBetween(-0.05, 0.05);
        compared++;
      }
    }
    assertThat(compared).isGreaterThan(4);
  }
}
