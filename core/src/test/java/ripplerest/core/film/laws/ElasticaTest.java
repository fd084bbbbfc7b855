package ripplerest.core.film.laws;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ElasticaTest {
  // Source: Euler, Methodus inveniendi (1744), additamentum 1: a clamped column buckles at π²B/4L².
  @Test
  void piercingLimitOfAnUprightBarbIsEulersColumn() {
    assertThat(Elastica.piercingLimit(Math.toRadians(89.99)))
        .isCloseTo(Math.PI * Math.PI / 4, Percentage.withPercentage(1));
  }

  // Source: the elastica's quadrature (Love, Mathematical Theory of Elasticity, 4th ed., §262), the
  // three values worked out independently of this code.
  @ParameterizedTest
  @CsvSource({"30, 0.143", "60, 0.651", "85, 1.77"})
  void piercingLimitOfSlantedBarbs(double degrees, double c) {
    assertThat(Elastica.piercingLimit(Math.toRadians(degrees)))
        .isCloseTo(c, Percentage.withPercentage(1));
  }

  // Source: Euler–Bernoulli, small deflection of a cantilever PL³/3B. The loaded end of a barb
  // rooted
  // at α and crossing at β just under it has risen by that much across its own axis.
  @Test
  void smallDeflectionIsThatOfACantilever() {
    double alpha = Math.toRadians(50);
    double beta = Math.toRadians(49.5);
    Elastica.Shape s = Elastica.shape(alpha, beta);
    // In units of √(B/Γ): F = 1/sin β, its part across the barb F·cos α, length the arc.
    double load = Math.cos(alpha) / Math.sin(beta);
    double rise = s.reach() * Math.sin(alpha) - s.height() * Math.cos(alpha);
    assertThat(rise).isCloseTo(load * Math.pow(s.arc(), 3) / 3, Percentage.withPercentage(1));
  }

  // Internal: the elastica integrated step by step from the root, a long way to the same end.
  @ParameterizedTest
  @CsvSource({"70, 40", "40, 15", "30, 50", "20, 80"})
  void quadratureAgreesWithStepByStepIntegration(double rootDegrees, double crossDegrees) {
    double alpha = Math.toRadians(rootDegrees);
    double beta = Math.toRadians(crossDegrees);
    Elastica.Shape s = Elastica.shape(alpha, beta);
    int steps = 200_000;
    double ds = s.arc() / steps;
    double force = 1 / Math.sin(beta);
    // Backward from the free crossing, where the curvature is nought.
    double sign = alpha > beta ? 1 : -1;
    double phi = beta;
    double kappa = 0;
    double height = 0;
    double reach = 0;
    for (int i = 0; i < steps; i++) {
      double mid = phi + kappa * ds / 2;
      height += Math.sin(mid) * ds;
      reach += Math.cos(mid) * ds;
      kappa += sign * force * Math.cos(mid) * ds;
      phi += kappa * ds;
    }
    assertThat(phi).isCloseTo(alpha, within(0.002));
    assertThat(height).isCloseTo(s.height(), Percentage.withPercentage(0.2));
    assertThat(reach).isCloseTo(s.reach(), Percentage.withPercentage(0.2));
  }
}
