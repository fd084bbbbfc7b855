package ripplerest.cli;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.hipparchus.stat.regression.SimpleRegression;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import ripplerest.cli.ContactBenchmark.Solver;

/** Measures how fast the core is on this machine. */
@Command(
    name = "benchmark",
    description = "Measures the core with JMH and prints medians and percentiles.",
    mixinStandardHelpOptions = true)
final class BenchmarkCommand implements Callable<Integer> {
  private static final String[] SIZES = {"50", "100", "200", "400", "800"};

  /** Slices of thick parts, for how a rest pose grows with them. */
  private static final String[] SLICES_MM = {"0.2", "0.05", "0.025"};

  @Option(names = "--contact", description = "Only the contact problem, beside other solvers.")
  private boolean contactOnly;

  private static OptionsBuilder options(Class<?> of) {
    OptionsBuilder options = new OptionsBuilder();
    options.include(of.getName() + ".*");
    return options;
  }

  private static Runner contact(Solver solver, String[] elements) {
    OptionsBuilder options = options(ContactBenchmark.class);
    options.param("solver", solver.name()).param("elements", elements);
    return new Runner(options.build());
  }

  /** Sizes that get many shots, or those that get one. */
  private static String[] few(boolean many) {
    return Arrays.stream(SIZES)
        .filter(n -> Integer.parseInt(n) <= ContactBenchmark.MOST_FOR_MANY_SHOTS == many)
        .toArray(String[]::new);
  }

  @Override
  public Integer call() throws Exception {
    if (!contactOnly) {
      new Runner(options(EstimateBenchmark.class).addProfiler(GCProfiler.class).build()).run();
    }
    if (!contactOnly) {
      OptionsBuilder growth = new OptionsBuilder();
      growth.include(EstimateBenchmark.class.getName() + ".restPose").param("sliceMm", SLICES_MM);
      new Runner(growth.build()).run();
    }
    List<RunResult> results = new ArrayList<>();
    results.addAll(contact(Solver.OURS, SIZES).run());
    results.addAll(contact(Solver.OJALGO, few(true)).run());
    OptionsBuilder once = options(ContactBenchmark.class);
    once.param("solver", Solver.OJALGO.name()).param("elements", few(false));
    results.addAll(new Runner(once.warmupIterations(0).measurementIterations(1).build()).run());
    results.addAll(contact(Solver.HIPPARCHUS, few(true)).run());
    for (Solver solver : Solver.values()) {
      growth(solver, results);
    }
    return 0;
  }

  /** Prints the exponent with which a solver's time grows: the slope of log time on log size. */
  private static void growth(Solver solver, Collection<RunResult> results) {
    SimpleRegression line = new SimpleRegression();
    for (RunResult r : results) {
      if (solver.name().equals(r.getParams().getParam("solver"))) {
        double elements = Double.parseDouble(r.getParams().getParam("elements"));
        double median = r.getPrimaryResult().getStatistics().getPercentile(50);
        line.addData(Math.log(elements), Math.log(median));
      }
    }
    if (line.getN() < 2) {
      System.out.printf("%s: no figures%n", solver);
    } else {
      System.out.printf(
          Locale.ROOT, "%s: time grows with elements^%.1f%n", solver, line.getSlope());
    }
  }
}
