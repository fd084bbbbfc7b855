package ripplerest.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a throwaway PostgreSQL, started once for all tests of this module. */
public final class RunningApplication {
  /** A body that begins so is no text. */
  static final String BYTES = "base64:";

  /** What the first warden comes in by. */
  static final String FIRST = "a-first-invitation-that-is-only-for-tests";

  private static final String[] SHARED = {
    "--spring.profiles.active=shared",
    "--server.address=127.0.0.1",
    "--server.ssl.enabled=false", // what TLS does is not this application's
    "--ripplerest.first-invitation=" + FIRST,
    "--ripplerest.password-memory-kib=64", // each would take a third of a second
    "--ripplerest.tries-a-minute=100000"
  };

  private static RunningApplication instance;
  private static RunningApplication shared;

  public final ConfigurableApplicationContext context;
  final int port;
  private final ThrowawayPostgres database;
  private final HttpClient client = HttpClient.newHttpClient();

  private RunningApplication(String... more) {
    this(ThrowawayPostgres.start(), more);
  }

  private RunningApplication(ThrowawayPostgres database, String... more) {
    this.database = database;
    List<String> all =
        new ArrayList<>(
            List.of(
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=" + ThrowawayPostgres.USER,
                "--spring.datasource.password=" + ThrowawayPostgres.PASSWORD,
                "--ripplerest.devices.caliper=127.0.0.1:1",
                "--ripplerest.next-test.candidates=1", // each takes seconds
                "--springdoc.api-docs.enabled=true",
                "--server.port=0"));
    all.addAll(List.of(more));
    context = new SpringApplicationBuilder(Application.class).run(all.toArray(String[]::new));
    port = context.getEnvironment().getProperty("local.server.port", Integer.class);
  }

  /** Another one with a database of its own, which several people share; one for all tests too. */
  static synchronized RunningApplication shared() {
    if (shared == null) {
      shared = new RunningApplication(SHARED);
    }
    return shared;
  }

  /** One with a database of its own, for what leaves nothing as it was; whoever asks closes it. */
  static RunningApplication ofItsOwn() {
    return new RunningApplication();
  }

  /** Another copy before the database of the shared one; whoever asks closes it. */
  static RunningApplication another() {
    return new RunningApplication(shared().database, SHARED);
  }

  public static synchronized RunningApplication get() {
    if (instance == null) {
      instance = new RunningApplication();
    }
    return instance;
  }

  /** An answer: status, body, headers. */
  record Answer(int status, String body, HttpResponse<String> response) {
    JsonNode json() {
      return JsonMapper.shared().readTree(body);
    }

    String etag() {
      return response.headers().firstValue("ETag").orElseThrow();
    }
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  Answer send(String method, String path, String body, String... headers)
      throws IOException, InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    request.method(
        method,
        body == null
            ? HttpRequest.BodyPublishers.noBody()
            : body.startsWith(BYTES)
                ? HttpRequest.BodyPublishers.ofByteArray(
                    Base64.getDecoder().decode(body.substring(BYTES.length())))
                : HttpRequest.BodyPublishers.ofString(body));
    request.setHeader("Content-Type", "application/json");
    for (int i = 0; i < headers.length; i += 2) {
      request.setHeader(headers[i], headers[i + 1]);
    }
    HttpResponse<String> response =
        client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    return new Answer(response.statusCode(), response.body(), response);
  }

  Answer get(String path) throws IOException, InterruptedException {
    return send("GET", path, null);
  }
}
