package ripplerest.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import ripplerest.app.ThrowawayPostgres;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The application, and every other time the database too, is killed while several hands write. What
 * was confirmed is there; what was not is sent again under its key and happens once. More rounds:
 * -Dkills=60.
 */
class KillTest {
  private static final int ROUNDS = Integer.getInteger("kills", 1);
  private static final int HANDS = 4;

  private final Site site = Site.get();
  private final HttpClient client =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

  /** One hand that changes one pattern over and over. */
  private final class Hand {
    final String pattern;
    final String document;
    String tag;
    String confirmed = "";

    /** What was sent and not answered. */
    String sent = "";

    String key = "";
    int writes;

    Hand(int number) throws Exception {
      document =
          Files.readString(Path.of("../docs/format/examples/upright-collar.json"))
              .replace("Lantern Dun", "Hand " + number + " #");
      HttpResponse<String> made =
          send("POST", "/api/patterns/imports", document.replace("#", "0"), "", newKey());
      pattern = JsonMapper.shared().readTree(made.body()).get("id").asString();
      tag = made.headers().firstValue("ETag").orElseThrow();
      confirmed = name(made.body());
    }

    /** Writes until it is no longer answered. */
    Void writes() throws InterruptedException {
      while (true) {
        String next = document.replace("#", String.valueOf(++writes));
        sent = next;
        key = newKey();
        if (!write()) {
          return null;
        }
      }
    }

    boolean write() throws InterruptedException {
      try {
        HttpResponse<String> saved = send("PUT", "/api/patterns/" + pattern, sent, tag, key);
        if (saved.statusCode() != 200) {
          assertThat(saved.statusCode()).as(saved.body()).isEqualTo(503);
          return false;
        }
        tag = saved.headers().firstValue("ETag").orElseThrow();
        confirmed = name(saved.body());
        sent = "";
        return true;
      } catch (IOException e) {
        return false;
      }
    }
  }

  private static String newKey() {
    return UUID.randomUUID().toString();
  }

  private static String name(String body) {
    return JsonMapper.shared().readTree(body).at("/document/pattern/name").asString();
  }

  private HttpResponse<String> send(String method, String path, String body, String tag, String key)
      throws IOException, InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(site.address + path))
            .timeout(Duration.ofSeconds(20))
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofString(body));
    if (!tag.isEmpty()) {
      request.header("If-Match", tag);
    }
    if (!key.isEmpty()) {
      request.header("Idempotency-Key", key);
    }
    return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  private JsonNode get(String path) throws Exception {
    return JsonMapper.shared().readTree(send("GET", path, "", "", "").body());
  }

  @Test
  void theDatabaseKeepsWhatItConfirms() throws Exception {
    try (Connection c =
        DriverManager.getConnection(
            site.database.url(), ThrowawayPostgres.USER, ThrowawayPostgres.PASSWORD)) {
      for (String setting : List.of("fsync", "synchronous_commit", "full_page_writes")) {
        try (ResultSet told = c.createStatement().executeQuery("show " + setting)) {
          assertThat(told.next()).isTrue();
          assertThat(told.getString(1)).as(setting).isEqualTo("on");
        }
      }
    }
  }

  @Test
  void killsInTheMiddleOfWritesLoseNothingThatWasConfirmedAndDoNothingTwice() throws Exception {
    List<Hand> hands = new ArrayList<>();
    for (int i = 0; i < HANDS; i++) {
      hands.add(new Hand(i));
    }
    ExecutorService pool = Executors.newFixedThreadPool(HANDS);
    int written = 0;
    try {
      for (int round = 0; round < ROUNDS; round++) {
        List<Future<Void>> all = new ArrayList<>();
        for (Hand hand : hands) {
          all.add(pool.submit(hand::writes));
        }
        Thread.sleep(700 + 311L * (round % 5));
        site.kill();
        for (Future<Void> f : all) {
          f.get();
        }
        if (round % 2 == 0) {
          site.database.crash();
        }
        site.launch();
        for (Hand hand : hands) {
          JsonNode there = get("/api/patterns/" + hand.pattern);
          String stored = there.at("/document/pattern/name").asString();
          String unanswered =
              hand.sent.isEmpty()
                  ? ""
                  : hand.document.replaceAll("(?s).*\"name\": \"([^\"]+)#\".*", "$1") + hand.writes;
          assertThat(List.of(hand.confirmed, unanswered))
              .as("round %d: confirmed, or sent and not answered", round)
              .contains(stored);
          if (!hand.sent.isEmpty()) {
            assertThat(hand.write()).as("sent again under its key").isTrue();
            assertThat(hand.confirmed).isEqualTo(unanswered);
          }
          JsonNode after = get("/api/patterns/" + hand.pattern);
          assertThat(after.get("revision").asInt())
              .as("one revision a change, though some were sent twice")
              .isEqualTo(hand.writes);
          written = Math.max(written, hand.writes);
        }
      }
    } finally {
      pool.shutdownNow();
    }
    System.out.printf("%d kills, %d writes of the busiest hand%n", ROUNDS, written);
    assertThat(written).isGreaterThan(5 * ROUNDS);
  }
}
