package ripplerest.cli;

import java.util.concurrent.Callable;
import org.openjdk.jmh.profile.GCProfiler;
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
    new Runner(
            new OptionsBuilder()
                .include(EstimateBenchmark.class.getName() + ".*")
                .include(ContactBenchmark.class.getName() + ".*")
                .addProfiler(GCProfiler.class)
                .build())
        .run();
    return 0;
  }
}
