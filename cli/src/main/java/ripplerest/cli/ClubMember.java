package ripplerest.cli;

import java.io.IOException;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import javax.net.ssl.SSLContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Somebody's browser: keeps cookies, sends a change under a key and once more where its answer is
 * lost, asks a broken answer again, and comes again when it is told to.
 */
final class ClubMember {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final int MOST_TRIES = 40;
  private static final long AGAIN_MS = 400;

  private final URI site;
  private final HttpClient client;
  private final ClubTally tally;
  private final Map<String, String> cookies = new TreeMap<>();

  ClubMember(URI site, SSLContext tls, ClubTally tally) {
    this.site = site;
    this.tally = tally;
    client = HttpClient.newBuilder().sslContext(tls).version(HttpClient.Version.HTTP_1_1).build();
  }

  void join(String token, String name) throws Exception {
    read("/api/me");
    ObjectNode form = MAPPER.createObjectNode();
    form.put("token", token);
    form.put("name", name);
    form.put("password", "amber heron walks late");
    change("POST", "/api/join", form.toString());
    read("/api/me");
  }

  JsonNode read(String path) throws Exception {
    return MAPPER.readTree(answered("GET", path, "", List.of()));
  }

  /** A short question that needs more than an address. */
  void question(String path, String body) throws Exception {
    answered("POST", path, body, List.of());
  }

  JsonNode change(String method, String path, String body, String... headers) throws Exception {
    List<String> all = new ArrayList<>(List.of(headers));
    all.addAll(List.of("Idempotency-Key", UUID.randomUUID().toString()));
    JsonNode answer = MAPPER.readTree(answered(method, path, body, all));
    tally.count("changes confirmed");
    return answer;
  }

  /** A question that is answered line by line; broken off with its server it is asked elsewhere. */
  void stream(String path, String body) throws Exception {
    for (int tries = 1; tries <= MOST_TRIES; tries++) {
      try {
        HttpResponse<String> answer = ask("POST", path, body, List.of());
        if (answer.statusCode() == 200) {
          tally.count("long questions answered");
          return;
        }
        if (answer.statusCode() >= 500) {
          tally.count("long questions broken off (" + answer.statusCode() + ") and asked again");
        } else if (answer.statusCode() != 429) {
          tally.odd(path + " " + answer.statusCode());
          return;
        }
      } catch (IOException e) {
        tally.count("long questions broken off and asked again");
      }
      Thread.sleep(AGAIN_MS * Math.min(10, tries));
    }
    tally.odd(path + " was never answered");
  }

  private String answered(String method, String path, String body, List<String> headers)
      throws Exception {
    for (int tries = 1; tries <= MOST_TRIES; tries++) {
      long begun = System.nanoTime();
      try {
        HttpResponse<String> answer = ask(method, path, body, headers);
        if (answer.statusCode() == 429) {
          tally.count("told to come again");
          Thread.sleep(1000L * answer.headers().firstValueAsLong("Retry-After").orElse(1));
          continue;
        }
        if (answer.statusCode() < 300) {
          tally.took((System.nanoTime() - begun) / 1e6);
          return answer.body();
        }
        String told = answer.body().substring(0, Math.min(160, answer.body().length()));
        tally.odd(method + " " + path + " " + answer.statusCode() + " " + told);
        if (answer.statusCode() < 500) {
          throw new IllegalStateException(path + " " + told);
        }
      } catch (IOException e) {
        // what was half sent when its copy died; the page asks again, a change under its key
        tally.count("answers broken off in the middle and asked again");
      }
      Thread.sleep(AGAIN_MS);
    }
    throw new IllegalStateException(path + " was never answered");
  }

  private HttpResponse<String> ask(String method, String path, String body, List<String> headers)
      throws IOException, InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(site.resolve(path))
            .timeout(ClubCommand.LONGEST)
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofString(body));
    if (!headers.isEmpty()) {
      request.headers(headers.toArray(String[]::new));
    }
    if (cookies.containsKey("XSRF-TOKEN")) {
      request.header("X-XSRF-TOKEN", cookies.get("XSRF-TOKEN"));
    }
    if (!cookies.isEmpty()) {
      List<String> pairs = new ArrayList<>();
      cookies.forEach((name, value) -> pairs.add(name + "=" + value));
      request.header("Cookie", String.join("; ", pairs));
    }
    HttpResponse<String> answer =
        client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    for (String line : answer.headers().allValues("Set-Cookie")) {
      HttpCookie cookie = HttpCookie.parse(line).get(0);
      if (cookie.getValue().isEmpty()) {
        cookies.remove(cookie.getName());
      } else {
        cookies.put(cookie.getName(), cookie.getValue());
      }
    }
    return answer;
  }
}
