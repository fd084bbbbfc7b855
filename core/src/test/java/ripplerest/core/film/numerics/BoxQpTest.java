package ripplerest.core.film.numerics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import ripplerest.core.film.laws.FilmKernel;
import ripplerest.core.water.Water;

class BoxQpTest {
  private static final int PER_FIBRE = 10;

  /** Parallel lying fibres pushed in to uneven depths; some elements reach their limit. */
  private record Problem(int n, double[] a, double[] g, double[] m) {
    static Problem of(int fibres, long seed) {
      SplittableRandom random = new SplittableRandom(seed);
      FilmKernel kernel = new FilmKernel(Water.at(15, 1));
      int n = fibres * PER_FIBRE;
      double[] x = new double[n];
      double[] y = new double[n];
      double[] g = new double[n];
      double[] m = new double[n];
      for (int i = 0; i < n; i++) {
        x[i] = 0.8 * (i % PER_FIBRE);
        y[i] = 0.7 * (i / PER_FIBRE);
        g[i] = random.nextDouble(-0.3, 0.6);
        m[i] = random.nextDouble(5, 60);
      }
      double[] a = new double[n * n];
      for (int i = 0; i < n; i++) {
        for (int j = 0; j < n; j++) {
          double self = i == j ? FilmKernel.SELF_OF_SEGMENT * 0.8 : 0;
          double dx = x[i] - x[j];
          double dy = y[i] - y[j];
          a[i * n + j] = kernel.depression(dx * dx + dy * dy + self * self);
        }
      }
      return new Problem(n, a, g, m);
    }
  }

  // Source: ojAlgo's general-purpose convex solver on the same matrices.
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void agreesWithAGeneralPurposeConvexSolver(long seed) {
    Problem p = Problem.of(4, seed);
    double[] f = new double[p.n()];
    new BoxQp(p.n()).solve(p.a(), p.g(), p.m(), f);
    double[] reference = byOjAlgo(p);
    for (int i = 0; i < p.n(); i++) {
      assertThat(f[i]).isCloseTo(reference[i], within(1e-4));
    }
  }

  // Internal: the optimality conditions themselves, at every size the solver is used at.
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 5, 10, 20})
  void meetsTheOptimalityConditions(int fibres) {
    Problem p = Problem.of(fibres, 7);
    double[] f = new double[p.n()];
    new BoxQp(p.n()).solve(p.a(), p.g(), p.m(), f);
    int free = 0;
    for (int i = 0; i < p.n(); i++) {
      double w = -p.g()[i];
      for (int j = 0; j < p.n(); j++) {
        w += p.a()[i * p.n() + j] * f[j];
      }
      if (f[i] == 0) {
        assertThat(w).isGreaterThan(-1e-9);
      } else if (f[i] == p.m()[i]) {
        assertThat(w).isLessThan(1e-9);
      } else {
        assertThat(f[i]).isBetween(0.0, p.m()[i]);
        assertThat(w).isCloseTo(0, within(1e-9));
        free++;
      }
    }
    assertThat(free).isPositive();
  }

  private static double[] byOjAlgo(Problem p) {
    ExpressionsBasedModel model = new ExpressionsBasedModel();
    Variable[] f = new Variable[p.n()];
    for (int i = 0; i < p.n(); i++) {
      f[i] = model.newVariable("f" + i).lower(0).upper(p.m()[i]).weight(-p.g()[i]);
    }
    Expression energy = model.newExpression("energy").weight(0.5);
    for (int i = 0; i < p.n(); i++) {
      for (int j = 0; j < p.n(); j++) {
        energy.set(f[i], f[j], p.a()[i * p.n() + j]);
      }
    }
    Optimisation.Result result = model.minimise();
    assertThat(result.getState().isOptimal()).isTrue();
    double[] x = new double[p.n()];
    for (int i = 0; i < p.n(); i++) {
      x[i] = result.doubleValue(i);
    }
    return x;
  }
}
