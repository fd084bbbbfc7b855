package ripplerest.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.correlation.PearsonsCorrelation;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import org.junit.jupiter.api.Test;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;

/** The parts of which learning is made, against what is known in closed form. */
class InferenceTest {
  private static double[][] normal(int rows, int columns, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    double[][] all = new double[rows][columns];
    for (double[] row : all) {
      for (int k = 0; k < columns; k++) {
        row[k] = random.nextGaussian();
      }
    }
    return all;
  }

  // Source: the conjugate normal model, Gelman et al., Bayesian Data Analysis, 3rd ed., § 2.5 and
  // 3.5:
  // with a standard normal prior and one reading y of a·z with variance v, the mean of z is
  // a·y / (v + |a|²) and the variance along a is v / (v + |a|²).
  @Test
  void drawsAreOfTheNormalThatIsKnown() {
    double[] a = {2, -1, 0, 0.5};
    double v = 0.8;
    double y = 3;
    double square = 4 + 1 + 0.25;
    Sampler drawn =
        Sampler.of(
            4,
            4000,
            5,
            z -> {
              double off = y - (a[0] * z[0] + a[1] * z[1] + a[3] * z[3]);
              return -off * off / (2 * v);
            },
            Work.unwatched());
    for (int k = 0; k < 4; k++) {
      int column = k;
      double[] all = Arrays.stream(drawn.draws()).mapToDouble(d -> d[column]).toArray();
      double error = 4 / Math.sqrt(drawn.effective());
      assertThat(StatUtils.mean(all)).isCloseTo(a[k] * y / (v + square), within(error));
      double variance = 1 - a[k] * a[k] / (v + square);
      assertThat(StatUtils.variance(all)).isCloseTo(variance, within(2 * error));
    }
    double[] along =
        Arrays.stream(drawn.draws())
            .mapToDouble(d -> (a[0] * d[0] + a[1] * d[1] + a[3] * d[3]) / Math.sqrt(square))
            .toArray();
    assertThat(StatUtils.variance(along)).isCloseTo(v / (v + square), within(0.02));
    assertThat(drawn.effective()).isGreaterThan(800);
  }

  @Test
  void theSameSeedDrawsTheSameAndWhatIsNotWantedIsGivenUp() {
    Sampler one = Sampler.of(3, 50, 9, z -> -z[0] * z[0], Work.unwatched());
    Sampler other = Sampler.of(3, 50, 9, z -> -z[0] * z[0], Work.unwatched());
    assertThat(one.draws()).isDeepEqualTo(other.draws());
    assertThatThrownBy(() -> Sampler.of(3, 50, 9, z -> 0, Work.until(() -> true)))
        .isInstanceOf(Cancelled.class);
  }

  @Test
  void drawsThatAreAllAlikeAreWorthNothing() {
    // so narrow that a chain can hardly move in it
    Sampler stuck = Sampler.of(2, 100, 1, z -> -1e9 * Math.pow(z[0] - 3, 2), Work.unwatched());
    assertThat(stuck.effective()).as("of a hundred").isLessThan(60);
  }

  @Test
  void aQuadraticIsFoundInItsNoise() {
    double[][] z = normal(400, 30, 1);
    SplittableRandom random = new SplittableRandom(2);
    double[] y =
        Arrays.stream(z)
            .mapToDouble(
                d ->
                    1
                        + 2 * d[3]
                        - d[7]
                        + 0.6 * d[3] * d[7]
                        + 0.4 * d[3] * d[3]
                        + 0.3 * random.nextGaussian())
            .toArray();
    Response found = Response.fit(z, y);
    double[] at = new double[30];
    at[3] = 1;
    at[7] = -1;
    assertThat(found.at(at)).isCloseTo(1 + 2 + 1 - 0.6 + 0.4, within(0.15));
    assertThat(Math.sqrt(found.error())).isBetween(0.27, 0.38);
  }

  // Source: Allen, Technometrics 16 (1974) 125: what a regression misses of a run that was left out
  // is
  // what it misses with it, over one less its leverage. Here a library fits without each run in
  // turn.
  @Test
  void whatIsMissedOfARunIsWhatTheOthersMissOfIt() {
    double[][] z = normal(40, 2, 3);
    SplittableRandom random = new SplittableRandom(4);
    double[] y =
        Arrays.stream(z).mapToDouble(d -> 5 * d[0] - 4 * d[1] + random.nextGaussian()).toArray();
    Response all = Response.fit(z, y);
    for (int i = 0; i < 40; i++) {
      OLSMultipleLinearRegression others = new OLSMultipleLinearRegression();
      others.newSampleData(without(y, i), without(z, i));
      double[] b = others.estimateRegressionParameters();
      double missed = y[i] - b[0] - b[1] * z[i][0] - b[2] * z[i][1];
      assertThat(all.leftOut()[i]).isCloseTo(missed, within(0.35)); // but for the least penalty
    }
  }

  private static double[] without(double[] all, int i) {
    double[] others = new double[all.length - 1];
    System.arraycopy(all, 0, others, 0, i);
    System.arraycopy(all, i + 1, others, i, others.length - i);
    return others;
  }

  private static double[][] without(double[][] all, int i) {
    double[][] others = new double[all.length - 1][];
    System.arraycopy(all, 0, others, 0, i);
    System.arraycopy(all, i + 1, others, i, others.length - i);
    return others;
  }

  @Test
  void chancesAreAsLargeAsTheyAre() {
    double[][] z = normal(600, 20, 6);
    SplittableRandom random = new SplittableRandom(7);
    boolean[] is = new boolean[600];
    double[] truth = new double[600];
    double[] said = new double[600];
    for (int i = 0; i < 600; i++) {
      truth[i] = 1 / (1 + Math.exp(-(1 + 2 * z[i][0] - z[i][5])));
      is[i] = random.nextDouble() < truth[i];
    }
    Chance chance = Chance.fit(z, is);
    for (int i = 0; i < 600; i++) {
      said[i] = chance.at(z[i]);
    }
    assertThat(StatUtils.mean(said)).isCloseTo(StatUtils.mean(truth), within(0.04));
    assertThat(new PearsonsCorrelation().correlation(said, truth)).isGreaterThan(0.9);
  }

  @Test
  void whatNothingTellsIsAsLikelyEverywhere() {
    double[][] z = normal(300, 20, 8);
    SplittableRandom random = new SplittableRandom(9);
    boolean[] is = new boolean[300];
    for (int i = 0; i < 300; i++) {
      is[i] = random.nextInt(5) == 0;
    }
    Chance chance = Chance.fit(z, is);
    for (double[] at : normal(50, 20, 10)) {
      assertThat(chance.at(at)).isBetween(0.08, 0.4);
    }
  }
}
