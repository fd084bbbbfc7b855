package ripplerest.cli;

import java.io.IOException;
import java.net.BindException;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine;
import ripplerest.devices.StandIn;

/** A caliper and a scale that are not there, until it is stopped. */
@CommandLine.Command(
    name = "devices",
    description = "Starts a stand-in for a caliper and a milligram scale, and a page to play them.",
    mixinStandardHelpOptions = true)
final class DevicesCommand implements Callable<Integer> {
  private static final int TAKEN = 3;

  @CommandLine.Option(names = "--caliper", description = "Port of the caliper's line.")
  int caliper = 7411;

  @CommandLine.Option(names = "--scale", description = "Port of the scale's line.")
  int scale = 7412;

  @CommandLine.Option(names = "--page", description = "Port of the page.")
  int page = 7410;

  @Override
  public Integer call() throws InterruptedException, IOException {
    try (StandIn standIn = new StandIn(caliper, scale, page)) {
      System.out.printf("Play caliper and scale at http://127.0.0.1:%d%n", standIn.pagePort());
      new CountDownLatch(1).await();
      return 0;
    } catch (BindException e) {
      System.err.printf(
          "Port %d, %d or %d is taken. Choose others with --caliper, --scale and --page.%n",
          caliper, scale, page);
      return TAKEN;
    }
  }
}
