package ripplerest.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * A PostgreSQL cluster of its own for one run of the tests, from Debian's packages, on loopback,
 * with fsync off; gone when the process ends.
 */
public final class ThrowawayPostgres {
  public static final String USER = "ripplerest";
  public static final String PASSWORD = "throwaway";

  private final Path folder;
  private final int port;
  private final boolean durable;

  private ThrowawayPostgres(Path folder, int port, boolean durable) {
    this.folder = folder;
    this.port = port;
    this.durable = durable;
  }

  public String url() {
    return "jdbc:postgresql://127.0.0.1:" + port + "/postgres";
  }

  /** Quick: nothing is asked to survive a power cut. */
  public static ThrowawayPostgres start() {
    return start(false);
  }

  /** As the start command runs it: what is committed is on the disk. */
  public static ThrowawayPostgres durable() {
    return start(true);
  }

  private static ThrowawayPostgres start(boolean durable) {
    try {
      Path folder = Files.createTempDirectory("ripple-rest-pg");
      Path password = folder.resolve("password");
      Files.writeString(password, PASSWORD);
      if (isRoot()) {
        // PostgreSQL refuses to run as root: Debian's own account for it does the work.
        run(List.of("chown", "-R", "postgres", folder.toString()));
      }
      Path data = folder.resolve("data");
      run(
          asPostgres(
              "initdb",
              "-D",
              data.toString(),
              "-U",
              USER,
              "--auth=scram-sha-256",
              "--pwfile=" + password,
              "-E",
              "UTF8",
              "--locale=C.UTF-8"));
      int port = freePort();
      ThrowawayPostgres started = new ThrowawayPostgres(folder, port, durable);
      started.launch();
      Runtime.getRuntime().addShutdownHook(new Thread(started::stop));
      return started;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void launch() {
    run(
        asPostgres(
            "pg_ctl",
            "-D",
            folder.resolve("data").toString(),
            "-w",
            "-l",
            folder.resolve("log").toString(),
            "-o",
            "-p "
                + port
                + " -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c fsync="
                + (durable ? "on" : "off"),
            "start"));
  }

  private void kill() {
    run(asPostgres("pg_ctl", "-D", folder.resolve("data").toString(), "-m", "immediate", "stop"));
  }

  /** Ends it as a crash would, and starts it anew on what it had written. */
  public void crash() {
    kill();
    launch();
  }

  public void close() {
    stop();
  }

  private void stop() {
    kill();
    try (Stream<Path> files = Files.walk(folder)) {
      files.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static boolean isRoot() {
    return "root".equals(System.getProperty("user.name"));
  }

  private static List<String> asPostgres(String tool, String... arguments) {
    List<String> command = new ArrayList<>();
    if (isRoot()) {
      command.addAll(List.of("runuser", "-u", "postgres", "--"));
    }
    command.add(newest().resolve(tool).toString());
    command.addAll(List.of(arguments));
    return command;
  }

  private static Path newest() {
    try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
      return versions
          .max(Comparator.comparing(p -> Integer.parseInt(p.getFileName().toString())))
          .orElseThrow()
          .resolve("bin");
    } catch (IOException e) {
      throw new IllegalStateException("PostgreSQL is not installed; run ./ripple-rest test.", e);
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  private static void run(List<String> command) {
    try {
      Process process =
          new ProcessBuilder(command)
              .directory(Path.of("/tmp").toFile())
              .redirectInput(Path.of("/dev/null").toFile())
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      if (process.waitFor() != 0) {
        throw new IllegalStateException("failed: " + String.join(" ", command));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
