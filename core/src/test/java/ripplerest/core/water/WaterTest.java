package ripplerest.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.quantity.OutOfRangeException;

class WaterTest {
  // Source: IAPWS R1-76(2014), table 1 (values of the release's own equation, mN/m).
  @ParameterizedTest
  @CsvSource({
    "0.01, 75.65",
    "5, 74.94",
    "10, 74.22",
    "15, 73.49",
    "20, 72.74",
    "25, 71.97",
    "30, 71.19",
    "40, 69.60"
  })
  void surfaceTensionAgreesWithThePublishedTable(double celsius, double milliNewtonPerMetre) {
    assertThat(Water.at(celsius, 1).tension()).isCloseTo(milliNewtonPerMetre, within(0.006));
  }

  // Source: Tanaka et al., Metrologia 38 (2001) 301, table 1 (kg/m³); the values from memory.
  @ParameterizedTest
  @CsvSource({
    "0, 999.8428",
    "4, 999.9749",
    "10, 999.7027",
    "15, 999.1026",
    "20, 998.2067",
    "25, 997.0470",
    "30, 995.6488",
    "40, 992.2152"
  })
  void densityAgreesWithThePublishedTable(double celsius, double kilogramPerCubicMetre) {
    assertThat(1000 * Water.at(celsius, 1).density())
        .isCloseTo(kilogramPerCubicMetre, within(0.002));
  }

  // Internal: ℓ = √(γ/ρg) at 20 °C, worked by hand from the two tables above: √(72.74/9.789) =
  // 2.726.
  @Test
  void capillaryLengthFollowsFromBoth() {
    assertThat(Water.at(20, 1).capillaryLength()).isCloseTo(2.726, within(0.002));
  }

  @Test
  void scumLowersTensionOnly() {
    Water clean = Water.at(12, 1);
    Water scummed = Water.at(12, 0.7);
    assertThat(scummed.tension()).isCloseTo(0.7 * clean.tension(), within(1e-12));
    assertThat(scummed.density()).isEqualTo(clean.density());
  }

  @ParameterizedTest
  @CsvSource({"-1", "100", "NaN", "Infinity"})
  void boilingOrFrozenWaterIsRefusedWithItsBound(double celsius) {
    assertThatThrownBy(
            () -> new Conditions(celsius, 1, Floatant.GEL, 2, java.util.Optional.empty(), 1))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("temperature")
        .hasMessageContaining("from 0 to 40 °C");
  }
}
