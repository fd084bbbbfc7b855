package ripplerest.devices;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;

/**
 * A caliper and a milligram scale that are not there: they speak the line protocol on loopback, and
 * a page plays them. Nothing else of the program knows that they are not real.
 */
public final class StandIn implements AutoCloseable {
  /** How a stand-in behaves. */
  public enum Mood {
    STEADY,
    MOVING,
    SILENT,
    GARBLED
  }

  private record State(double value, Mood mood) {}

  private static final Map<Instrument, Double> FIRST =
      Map.of(Instrument.CALIPER, 7.4, Instrument.SCALE, 21.6);
  private static final double MOST_PLAYED = 9999;

  private final ExecutorService threads =
      Executors.newCachedThreadPool(
          r -> {
            Thread t = new Thread(r, "stand-in");
            t.setDaemon(true);
            return t;
          });
  private final Map<Instrument, State> states = new EnumMap<>(Instrument.class);
  private final Map<Instrument, ServerSocket> sockets = new EnumMap<>(Instrument.class);
  private final HttpServer page;

  /**
   * Starts both, and the page to play them.
   *
   * @param caliperPort port of the caliper's line; 0 for any
   * @param scalePort port of the scale's line; 0 for any
   * @param pagePort port of the page; 0 for any
   */
  public StandIn(int caliperPort, int scalePort, int pagePort) throws IOException {
    FIRST.forEach((what, value) -> states.put(what, new State(value, Mood.STEADY)));
    sockets.put(Instrument.CALIPER, listen(Instrument.CALIPER, caliperPort));
    sockets.put(Instrument.SCALE, listen(Instrument.SCALE, scalePort));
    page = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), pagePort), 0);
    page.createContext("/", this::show);
    page.createContext("/play", this::play);
    page.createContext("/glass.png", StandIn::glass);
    page.setExecutor(threads);
    page.start();
  }

  /** The line of one of them, as the application is told it. */
  public Device device(Instrument what) {
    return new Device(what, "127.0.0.1", sockets.get(what).getLocalPort());
  }

  public int pagePort() {
    return page.getAddress().getPort();
  }

  /** Sets what one of them reads and how it behaves. */
  public synchronized void set(Instrument what, double value, Mood mood) {
    states.put(what, new State(value, mood));
  }

  private synchronized State state(Instrument what) {
    return states.get(what);
  }

  @Override
  public void close() throws IOException {
    page.stop(0);
    for (ServerSocket s : sockets.values()) {
      s.close();
    }
    threads.shutdownNow();
  }

  private ServerSocket listen(Instrument what, int port) throws IOException {
    ServerSocket socket = new ServerSocket(port, 8, InetAddress.getLoopbackAddress());
    threads.submit(
        () -> {
          while (!socket.isClosed()) {
            Socket line = socket.accept();
            threads.submit(() -> serve(what, line));
          }
          return null;
        });
    return socket;
  }

  private Void serve(Instrument what, Socket line) throws IOException, InterruptedException {
    try (line) {
      BufferedReader in =
          new BufferedReader(
              new InputStreamReader(line.getInputStream(), StandardCharsets.US_ASCII));
      for (String question = in.readLine(); question != null; question = in.readLine()) {
        State now = state(what);
        if (now.mood() == Mood.SILENT) {
          TimeUnit.MILLISECONDS.sleep(4L * Device.PATIENCE_MILLIS);
          return null;
        }
        line.getOutputStream()
            .write((answer(what, question, now) + "\n").getBytes(StandardCharsets.US_ASCII));
        line.getOutputStream().flush();
      }
    }
    return null;
  }

  private static String answer(Instrument what, String question, State now) {
    return switch (question.trim()) {
      case "HELLO" -> "OK " + what.word() + " " + what.resolution() + " " + what.unit();
      case "READ" ->
          switch (now.mood()) {
            case MOVING -> "ERR moving";
            case GARBLED -> "#?!";
            default -> "OK " + told(what, now.value()) + " " + what.unit();
          };
      default -> "ERR unknown question";
    };
  }

  private static String told(Instrument what, double value) {
    int decimals = (int) Math.round(-Math.log10(what.resolution()));
    return String.format(Locale.ROOT, "%." + decimals + "f", value);
  }

  private void show(HttpExchange exchange) throws IOException {
    byte[] random = new byte[16];
    new SecureRandom().nextBytes(random);
    String nonce = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    exchange
        .getResponseHeaders()
        .set(
            "Content-Security-Policy",
            "default-src 'none'; connect-src 'self'; script-src 'nonce-%1$s'; style-src 'nonce-%1$s'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'"
                .formatted(nonce));
    try (InputStream in = StandIn.class.getResourceAsStream("stand-in.html")) {
      String page = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      byte[] bytes = page.replace("{{nonce}}", nonce).getBytes(StandardCharsets.UTF_8);
      reply(exchange, 200, "text/html;charset=UTF-8", bytes);
    }
  }

  /**
   * A fly in a glass, as a camera would see it: 200 mm before the wall, the fly 40 mm behind it.
   */
  private static void glass(HttpExchange exchange) throws IOException {
    GlassCamera camera = new GlassCamera(200, 3, 40, 1, 7000, 1400, 900);
    reply(exchange, 200, "image/png", camera.png(GlassCamera.made()));
  }

  /** A change asked for by the page itself, or by a program; never by a page from elsewhere. */
  private boolean isOurs(HttpExchange exchange) {
    int port = pagePort();
    Set<String> hosts = Set.of("127.0.0.1:" + port, "localhost:" + port);
    String host = exchange.getRequestHeaders().getFirst("Host");
    String origin = exchange.getRequestHeaders().getFirst("Origin");
    String site = exchange.getRequestHeaders().getFirst("Sec-Fetch-Site");
    return host != null
        && hosts.contains(host)
        && (origin == null || origin.equals("http://" + host))
        && (site == null || Set.of("same-origin", "none").contains(site));
  }

  private void play(HttpExchange exchange) throws IOException {
    if (!isOurs(exchange) || !exchange.getRequestMethod().equals("POST")) {
      reply(
          exchange,
          403,
          "text/plain",
          "Only the page itself may play them.".getBytes(StandardCharsets.US_ASCII));
      return;
    }
    try {
      Map<String, String> form =
          form(new String(exchange.getRequestBody().readNBytes(500), StandardCharsets.UTF_8));
      double value = Double.parseDouble(form.getOrDefault("value", ""));
      if (!(Math.abs(value) <= MOST_PLAYED)) {
        throw new IllegalArgumentException("value is " + value);
      }
      set(
          Instrument.valueOf(form.getOrDefault("device", "")),
          value,
          Mood.valueOf(form.getOrDefault("mood", "")));
      reply(exchange, 204, "text/plain", new byte[0]);
    } catch (IllegalArgumentException e) {
      String told = "Send device, value (-9999 to 9999) and mood: " + e.getMessage();
      reply(exchange, 422, "text/plain", told.getBytes(StandardCharsets.UTF_8));
    }
  }

  private static Map<String, String> form(String body) {
    Map<String, String> form = new HashMap<>();
    for (String pair : body.split("&")) {
      String[] sides = pair.split("=", 2);
      if (sides.length == 2) {
        form.put(sides[0], URLDecoder.decode(sides[1], StandardCharsets.UTF_8));
      }
    }
    return form;
  }

  private static void reply(HttpExchange exchange, int status, String type, byte[] body)
      throws IOException {
    try (exchange) {
      exchange.getResponseHeaders().set("Content-Type", type);
      exchange.getResponseHeaders().set("X-Content-Type-Options", "nosniff");
      exchange.getResponseHeaders().set("Referrer-Policy", "no-referrer");
      exchange.sendResponseHeaders(status, body.length == 0 ? -1 : body.length);
      if (body.length > 0) {
        exchange.getResponseBody().write(body);
      }
    }
  }
}
