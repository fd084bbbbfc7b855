package ripplerest.cli;

import picocli.CommandLine;
import ripplerest.cli.race.Race;

/** The command line: no server, no database. */
@CommandLine.Command(
    name = "ripple-rest",
    description = "Estimates how a fly will float.",
    subcommands = {
      EstimateCommand.class,
      CardCommand.class,
      BenchmarkCommand.class,
      CalibrationReport.class,
      DevicesCommand.class,
      LoadCommand.class,
      ClubCommand.class,
      Race.class,
      SensitivityCommand.class,
      PlotsCommand.class
    },
    mixinStandardHelpOptions = true)
public final class Main {
  private Main() {}

  public static void main(String[] args) {
    System.exit(new CommandLine(new Main()).execute(args));
  }
}
