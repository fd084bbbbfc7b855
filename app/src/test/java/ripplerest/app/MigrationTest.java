package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What older versions of this program kept, each dumped from a database that the version of the
 * time had made and written to, is brought up to date and opens.
 */
class MigrationTest {
  private static ThrowawayPostgres postgres;
  private final HttpClient client = HttpClient.newHttpClient();
  private int port;

  @BeforeAll
  static void start() {
    postgres = ThrowawayPostgres.start();
  }

  @AfterAll
  static void stop() {
    postgres.close();
  }

  private static Connection connect(String url) throws Exception {
    return DriverManager.getConnection(url, ThrowawayPostgres.USER, ThrowawayPostgres.PASSWORD);
  }

  private static String load(int version) throws Exception {
    String name = "schema" + version;
    try (Connection c = connect(postgres.url());
        Statement s = c.createStatement()) {
      s.execute("create database " + name);
    }
    String url = postgres.url().replaceFirst("/postgres$", "/" + name);
    try (Connection c = connect(url);
        Statement s = c.createStatement();
        var in = MigrationTest.class.getResourceAsStream("/schemas/schema-v" + version + ".sql")) {
      s.execute(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    }
    return url;
  }

  private JsonNode get(String path) throws Exception {
    HttpResponse<String> answer =
        client.send(
            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).build(),
            HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).as(path + " " + answer.body()).isEqualTo(200);
    return JsonMapper.shared().readTree(answer.body());
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void whatAnOlderVersionKeptOpens(int version) throws Exception {
    try (ConfigurableApplicationContext context = opened(version)) {
      assertThat(context.isActive()).isTrue();
      JsonNode patterns = get("/api/patterns");
      assertThat(patterns.size()).isEqualTo(4);
      assertThat(patterns.findValuesAsString("name")).contains("Kept Dun");
      String kept = "";
      for (JsonNode p : patterns) {
        JsonNode opened = get("/api/patterns/" + p.get("id").asString());
        assertThat(opened.at("/document/version").asInt()).isEqualTo(3);
        kept = p.get("name").asString().equals("Kept Dun") ? p.get("id").asString() : kept;
        if (version >= 4 && !kept.isEmpty()) {
          assertThat(get("/api/patterns/" + kept).get("undo").asString())
              .isEqualTo("named Kept Dun");
        }
      }
      JsonNode book = get("/api/book/file");
      assertThat(book.get("patterns").size()).isEqualTo(4);
      assertThat(book.has("skipped")).isFalse();
      if (version >= 2) {
        assertThat(get("/api/styles").findValuesAsString("label")).contains("Old hut way");
        assertThat(get("/api/hooks").at("/own/0/hook/name").asString()).isEqualTo("Old hut long");
      }
      if (version >= 5) {
        JsonNode log = get("/api/log");
        assertThat(log.size()).isEqualTo(2);
        for (JsonNode fly : log) {
          assertThat(fly.get("unreadable").asString()).isEmpty();
          JsonNode opened = get("/api/log/" + fly.get("id").asString());
          assertThat(opened.get("planned").size()).isPositive();
        }
        assertThat(get("/api/patterns/" + kept + "/tying").get("step").asInt()).isEqualTo(2);
        assertThat(get("/api/log.json").has("skipped")).isFalse();
      }
    }
  }

  /** With a drawer, tests in a glass, and no boxes yet. */
  @Test
  void whatTheVersionBeforeBoxesKeptOpens() throws Exception {
    try (ConfigurableApplicationContext context = opened(14)) {
      assertThat(context.isActive()).isTrue();
      assertThat(get("/api/patterns").findValuesAsString("name"))
          .contains("Lantern Dun", "Willow Skate");
      assertThat(get("/api/tests")).hasSize(2);
      for (JsonNode fly : get("/api/log")) {
        assertThat(fly.get("unreadable").asString()).isEmpty();
      }
      assertThat(get("/api/drawer").get("items")).hasSize(3);
      assertThat(get("/api/boxes").get("boxes")).isEmpty();
      assertThat(get("/api/outings")).isEmpty();
      assertThat(get("/api/evenings").get("slots")).isEmpty();
    }
  }

  /** With boxes, outings and a plan of evenings, and no practice yet. */
  @ParameterizedTest
  @ValueSource(ints = {15, 17})
  void whatTheVersionsBeforePracticeAndBeforePeopleKeptOpens(int version) throws Exception {
    try (ConfigurableApplicationContext context = opened(version)) {
      assertThat(context.isActive()).isTrue();
      assertThat(get("/api/boxes").get("boxes")).hasSize(2);
      assertThat(get("/api/outings")).hasSize(2);
      assertThat(get("/api/evenings").get("evenings")).hasSize(2);
      assertThat(get("/api/practice").get("people")).isEmpty();
      for (JsonNode eye : get("/api/practice").get("eyes")) {
        assertThat(eye.get("looks").asInt()).isZero();
      }
    }
  }

  private ConfigurableApplicationContext opened(int version) throws Exception {
    ConfigurableApplicationContext context =
        new SpringApplicationBuilder(Application.class)
            .run(
                "--spring.datasource.url=" + load(version),
                "--spring.datasource.username=" + ThrowawayPostgres.USER,
                "--spring.datasource.password=" + ThrowawayPostgres.PASSWORD,
                "--spring.main.lazy-initialization=true",
                "--server.port=0");
    port = context.getEnvironment().getProperty("local.server.port", Integer.class);
    return context;
  }
}
