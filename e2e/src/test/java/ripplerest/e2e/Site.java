package ripplerest.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ripplerest.app.ThrowawayPostgres;
import ripplerest.devices.Instrument;
import ripplerest.devices.StandIn;

/** The packaged application on a throwaway database, and Debian's Chromium; started once. */
final class Site {
  /** An answer on a busy machine; a test that fails waits this long. */
  static final double SLOWEST_MS = 45_000;

  static final String FIRST = "a-first-invitation-that-is-only-for-tests";

  /** A test asks little of each of many answers; benchmarks ask for the flags of the product. */
  private static final String QUICK_TO_START =
      "-Xmx512m -XX:TieredStopAtLevel=1 -XX:+ExitOnOutOfMemoryError";

  private static Site instance;
  private static Site shared;
  private static RuntimeException failure;

  final String address;
  final Browser browser;
  final ThrowawayPostgres database;
  final StandIn devices = standIn();
  private final ProcessBuilder application;
  private Process process;

  private final HttpClient client;

  /**
   * @param tls its certificate, where several people share it; null where one is alone
   */
  private Site(Certificate tls) {
    // only the one that is killed in the tests has to survive it
    database = tls == null ? ThrowawayPostgres.durable() : ThrowawayPostgres.start();
    int port = freePort();
    address = (tls == null ? "http://127.0.0.1:" : "https://localhost:") + port;
    client =
        tls == null
            ? HttpClient.newHttpClient()
            : HttpClient.newBuilder().sslContext(tls.trusted()).build();
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of(System.getProperty("app.flags", QUICK_TO_START).split(" ")));
    command.addAll(List.of("-jar", "../app/target/app-0.1.0.jar"));
    application =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.appendTo(Path.of("target/app.log").toFile()));
    application
        .environment()
        .putAll(
            Map.of(
                "RIPPLE_REST_DB_URL",
                database.url(),
                "RIPPLE_REST_DB_USER",
                ThrowawayPostgres.USER,
                "RIPPLE_REST_DB_PASSWORD",
                ThrowawayPostgres.PASSWORD,
                "RIPPLE_REST_PORT",
                String.valueOf(port),
                "RIPPLE_REST_CALIPER",
                "127.0.0.1:" + devices.device(Instrument.CALIPER).port(),
                "RIPPLE_REST_SCALE",
                "127.0.0.1:" + devices.device(Instrument.SCALE).port()));
    if (tls != null) {
      application
          .environment()
          .putAll(
              Map.of(
                  "SPRING_PROFILES_ACTIVE",
                  "shared",
                  "RIPPLE_REST_ADDRESS",
                  "127.0.0.1",
                  "RIPPLE_REST_CERTIFICATE",
                  tls.file().toString(),
                  "RIPPLE_REST_KEY",
                  tls.key().toString(),
                  "RIPPLE_REST_FIRST_INVITATION",
                  FIRST,
                  "RIPPLEREST_PASSWORDMEMORYKIB", // each would take a second
                  "64"));
    }
    Runtime.getRuntime().addShutdownHook(new Thread(this::kill));
    launch();
    PlaywrightAssertions.setDefaultAssertionTimeout(SLOWEST_MS);
    browser = tls == null ? browser() : get().browser;
  }

  private static Browser browser() {
    Playwright playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(chromium())
                .setArgs(
                    List.of(
                        "--no-sandbox",
                        "--enable-unsafe-swiftshader", // no graphics card is needed
                        "--disable-background-networking",
                        "--disable-component-update",
                        "--disable-sync",
                        "--no-first-run")));
  }

  /** The lighter of Debian's two where it is there. */
  private static Path chromium() {
    Path shell = Path.of("/usr/bin/chromium-headless-shell");
    return Files.exists(shell) ? shell : Path.of("/usr/bin/chromium");
  }

  /** What axe finds on a page, moderate findings too. */
  @SuppressWarnings("unchecked")
  static List<String> violationsOn(Page page) {
    // not as an element: the page's policy lets none in
    page.evaluate(axe() + "; undefined");
    return (List<String>)
        page.evaluate(
            "async () => (await axe.run()).violations"
                + ".filter(v => v.impact !== 'minor')"
                + ".map(v => v.id + ': ' + v.nodes.map(n => n.html).join(' '))");
  }

  private static String axe() {
    try {
      return Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static synchronized Site get() {
    if (failure != null) {
      throw failure; // once is enough: each try would leave an application behind
    }
    if (instance == null) {
      try {
        instance = new Site(null);
      } catch (RuntimeException e) {
        failure = e;
        throw e;
      }
    }
    return instance;
  }

  /** Another one that people share, over TLS; {@link #FIRST} lets its warden in. */
  static synchronized Site shared() {
    if (shared == null) {
      shared = new Site(Certificate.made());
    }
    return shared;
  }

  private static StandIn standIn() {
    try {
      return new StandIn(0, 0, 0);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts the application, anew if it was killed. */
  final void launch() {
    try {
      process = application.start();
      awaitAnswer();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Ends the application as a power cut would. */
  final void kill() {
    process.destroyForcibly();
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void awaitAnswer() {
    HttpRequest health = HttpRequest.newBuilder(URI.create(address + "/actuator/health")).build();
    for (int i = 0; i < 600; i++) {
      try {
        Thread.sleep(100);
        if (!process.isAlive()) {
          throw new IllegalStateException("the application ended; see e2e/target/app.log");
        }
        if (client.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
          return;
        }
      } catch (IOException notYet) {
        continue;
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IllegalStateException(e);
      }
    }
    throw new IllegalStateException("the application did not answer; see e2e/target/app.log");
  }

  private static int freePort() {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
