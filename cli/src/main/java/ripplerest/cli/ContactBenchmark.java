package ripplerest.cli;

import java.util.Locale;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.vector.constrained.ADMMQPOptimizer;
import org.hipparchus.optim.nonlinear.vector.constrained.ADMMQPOption;
import org.hipparchus.optim.nonlinear.vector.constrained.LinearBoundedConstraint;
import org.hipparchus.optim.nonlinear.vector.constrained.QuadraticFunction;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import ripplerest.core.film.laws.FilmKernel;
import ripplerest.core.film.numerics.BoxQp;

/**
 * The lying contact problem alone, from 50 to 800 elements, beside two general-purpose solvers on
 * the same matrices; the largest residual of each is printed.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3)
@Measurement(iterations = 9)
@Fork(1)
public class ContactBenchmark {
  /** Solvers side by side. */
  public enum Solver {
    OURS,
    OJALGO,
    HIPPARCHUS
  }

  /** It converged on none of these matrices, loose or tight; then there is no figure for it. */
  private static final double HIPPARCHUS_EPS = 1e-5;

  /** Beyond this it takes up to minutes a shot, and gets one. */
  static final int MOST_FOR_MANY_SHOTS = 200;

  /** Brings the matrix near one, which the alternating-direction method asks for. */
  private static final double SCALE = 1000;

  private static final int MOST_ITERATIONS = 100_000;
  private static final int PER_FIBRE = 10;
  private static final double TENSION = 73;
  private static final double ELL_MM = 2.73;
  private static final double ELEMENT_MM = 0.7;

  @Param({"50", "100", "200", "400", "800"})
  public int elements;

  @Param public Solver solver;

  private double[] a;
  private double[] g;
  private double[] m;
  private double[] force;
  private ExpressionsBasedModel model;

  /** Parallel fibres pushed in to uneven depths; some elements reach their limit. */
  @Setup
  public void prepare() {
    SplittableRandom random = new SplittableRandom(elements);
    a = new double[elements * elements];
    g = new double[elements];
    m = new double[elements];
    for (int i = 0; i < elements; i++) {
      g[i] = random.nextDouble(-0.3, 0.6);
      m[i] = random.nextDouble(5, 60);
      for (int j = 0; j < elements; j++) {
        double dx = ELEMENT_MM * (i % PER_FIBRE - j % PER_FIBRE);
        double dy = ELEMENT_MM * (i / PER_FIBRE - j / PER_FIBRE);
        double own = i == j ? 0.18 * ELEMENT_MM : 0;
        double far = Math.sqrt(dx * dx + dy * dy + own * own) / ELL_MM;
        a[i * elements + j] = FilmKernel.besselK0(far) / (2 * Math.PI * TENSION);
      }
    }
  }

  /** A model takes its solution along, so each shot has a fresh one. */
  @Setup(Level.Invocation)
  public void build() {
    if (solver != Solver.OJALGO) {
      return;
    }
    model = new ExpressionsBasedModel();
    Variable[] f = new Variable[elements];
    for (int i = 0; i < elements; i++) {
      f[i] = model.newVariable("f" + i).lower(0).upper(m[i]).weight(-g[i]);
    }
    Expression energy = model.newExpression("energy").weight(0.5);
    for (int i = 0; i < elements; i++) {
      for (int j = 0; j < elements; j++) {
        energy.set(f[i], f[j], a[i * elements + j]);
      }
    }
  }

  /** Solves once. */
  @Benchmark
  public double[] solve() {
    force =
        switch (solver) {
          case OURS -> ours();
          case OJALGO -> ojAlgo();
          case HIPPARCHUS -> hipparchus();
        };
    return force;
  }

  private double[] ojAlgo() {
    return model.minimise().toRawCopy1D();
  }

  private double[] ours() {
    double[] f = new double[elements];
    new BoxQp(elements).solve(a, g, m, f);
    return f;
  }

  private double[] hipparchus() {
    double[][] rows = new double[elements][];
    double[] q = new double[elements];
    for (int i = 0; i < elements; i++) {
      rows[i] = java.util.Arrays.copyOfRange(a, i * elements, (i + 1) * elements);
      for (int j = 0; j < elements; j++) {
        rows[i][j] *= SCALE;
      }
      q[i] = -SCALE * g[i];
    }
    ADMMQPOption tight = new ADMMQPOption();
    tight.setEps(HIPPARCHUS_EPS);
    tight.setPolishing(true);
    tight.setMaxRhoIteration(MOST_ITERATIONS);
    return solution(rows, q, tight);
  }

  private double[] solution(double[][] rows, double[] q, ADMMQPOption tight) {
    return new ADMMQPOptimizer()
        .optimize(
            new ObjectiveFunction(new QuadraticFunction(rows, q, 0)),
            new LinearBoundedConstraint(
                MatrixUtils.createRealIdentityMatrix(elements),
                MatrixUtils.createRealVector(new double[elements]),
                MatrixUtils.createRealVector(m)),
            new InitialGuess(new double[elements]),
            tight,
            new MaxIter(MOST_ITERATIONS))
        .getX()
        .toArray();
  }

  /** Largest violation of the optimality conditions: of a bound in µN, or of the gap in mm. */
  @TearDown
  public void residual() {
    if (force == null) {
      System.out.printf("%n%s, %d elements: no solution%n", solver, elements);
      return;
    }
    double worst = 0;
    for (int i = 0; i < elements; i++) {
      double gap = -g[i];
      for (int j = 0; j < elements; j++) {
        gap += a[i * elements + j] * force[j];
      }
      double slack = 1e-6 * m[i];
      double wrong = force[i] <= slack ? -gap : force[i] >= m[i] - slack ? gap : Math.abs(gap);
      worst = Math.max(worst, Math.max(wrong, Math.max(-force[i], force[i] - m[i])));
    }
    System.out.printf(
        Locale.ROOT, "%n%s, %d elements: largest residual %.1e%n", solver, elements, worst);
  }
}
