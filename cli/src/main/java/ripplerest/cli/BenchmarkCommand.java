package ripplerest.cli;

import java.util.Collection;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.hipparchus.stat.regression.SimpleRegression;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import picocli.CommandLine.Command;

/** Measures how fast the core is on this machine. */
@Command(
    name = "benchmark",
    description = "Measures the core with JMH and prints medians and percentiles.",
    mixinStandardHelpOptions = true)
final class BenchmarkCommand implements Callable<Integer> {
  @Override
  public Integer call() throws Exception {
    Collection<RunResult> results =
        new Runner(
                new OptionsBuilder()
                    .include(EstimateBenchmark.class.getName() + ".*")
                    .include(ContactBenchmark.class.getName() + ".*")
                    .addProfiler(GCProfiler.class)
                    .build())
            .run();
    for (ContactBenchmark.Solver solver : ContactBenchmark.Solver.values()) {
      growth(solver, results);
    }
    return 0;
  }

  /** Prints the exponent with which a solver's time grows: the slope of log time on log size. */
  private static void growth(ContactBenchmark.Solver solver, Collection<RunResult> results) {
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
