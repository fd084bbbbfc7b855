package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.json.JsonMapper;

/** A change happens once under its key, and one that is made to an old revision is refused. */
class ChangesApiTest {
  private RunningApplication app;
  private JdbcTemplate jdbc;
  private String example;

  @BeforeEach
  void start() throws Exception {
    app = RunningApplication.get();
    jdbc = app.context.getBean(JdbcTemplate.class);
    example = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
  }

  private String pattern() throws Exception {
    return app.send("POST", "/api/patterns/imports", example).json().get("id").asString();
  }

  @Test
  void aChangeSentTwiceUnderOneKeyHappensOnceAndIsAnsweredAlike() throws Exception {
    String id = pattern();
    String vise = "/api/patterns/" + id + "/tying";
    String empty = app.get(vise).etag();
    String tag = app.send("PUT", vise, "{\"step\":1,\"seconds\":[30]}", "If-Match", empty).etag();
    int before = app.get("/api/log").json().size();
    String key = UUID.randomUUID().toString();
    String finish = vise + "/finish";
    Callable<Answer> once =
        () -> app.send("POST", finish, null, "Idempotency-Key", key, "If-Match", tag);
    List<Answer> both = together(2, once);
    assertThat(both.get(0).body()).isEqualTo(both.get(1).body());
    assertThat(once.call().body()).isEqualTo(both.get(0).body());
    assertThat(app.get("/api/log").json().size()).isEqualTo(before + 1);
    assertThat(
            jdbc.queryForObject(
                "select count(*) from answered_change where key = ?", Integer.class, key))
        .isEqualTo(1);

    for (String path : List.of("/api/patterns/" + id + "/copies", "/api/log?pattern=" + id)) {
      String one = UUID.randomUUID().toString();
      Answer first = keyed("POST", path, null, one);
      Answer second = keyed("POST", path, null, one);
      assertThat(second.status()).isEqualTo(first.status());
      assertThat(second.body()).isEqualTo(first.body());
      assertThat(second.etag()).isEqualTo(first.etag());
    }
    Answer now = app.get("/api/patterns/" + id);
    String put = UUID.randomUUID().toString();
    String changed = example.replace("Lantern Dun", "Twice Dun");
    String path = "/api/patterns/" + id;
    Answer saved = app.send("PUT", path, changed, "If-Match", now.etag(), "Idempotency-Key", put);
    Answer again = app.send("PUT", path, changed, "If-Match", now.etag(), "Idempotency-Key", put);
    assertThat(again.status()).as("its answer was lost, it is asked again").isEqualTo(200);
    assertThat(again.etag()).isEqualTo(saved.etag());
    assertThat(app.send("PUT", path, example, "If-Match", now.etag(), "Idempotency-Key", put))
        .extracting(Answer::status)
        .as("the key of another change")
        .isEqualTo(422);
    assertThat(keyed("POST", path + "/copies", null, "short").status()).isEqualTo(422);
    String refused = UUID.randomUUID().toString();
    assertThat(keyed("POST", "/api/patterns/imports", "{}", refused).status()).isEqualTo(422);
    assertThat(keyed("POST", "/api/patterns/imports", example, refused).status())
        .as("what was refused used no key up")
        .isEqualTo(201);
  }

  @Test
  void aBookSentTwiceUnderOneKeyIsAddedOnce() throws Exception {
    String book = new String(Mutations.book(List.of(example)), StandardCharsets.UTF_8);
    String key = UUID.randomUUID().toString();
    int before = jdbc.queryForObject("select count(*) from pattern", Integer.class);
    String first = keyed("POST", "/api/book/imports", book, key).body();
    String second = keyed("POST", "/api/book/imports", book, key).body();
    assertThat(second).contains("\"added\":{\"patterns\":1}");
    assertThat(first).contains("\"added\":{\"patterns\":1}");
    assertThat(jdbc.queryForObject("select count(*) from pattern", Integer.class))
        .isEqualTo(before + 1);
  }

  private Answer keyed(String method, String path, String body, String key) throws Exception {
    return app.send(method, path, body, "Idempotency-Key", key);
  }

  private static <T> List<T> together(int times, Callable<T> what) throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(times);
    try {
      List<T> all = new ArrayList<>();
      for (Future<T> f : pool.invokeAll(java.util.Collections.nCopies(times, what))) {
        all.add(f.get());
      }
      return all;
    } finally {
      pool.shutdown();
    }
  }

  @Test
  void aRaceIsLostWithBothVersionsAndNeverWithAFault() throws Exception {
    for (int round = 0; round < 5; round++) {
      String path = "/api/patterns/" + pattern();
      String tag = app.get(path).etag();
      int[] n = {0};
      List<Answer> saves =
          together(
              6,
              () -> {
                int mine;
                synchronized (n) {
                  mine = n[0]++;
                }
                String document = example.replace("Lantern Dun", "Racing Dun " + mine);
                return app.send("PUT", path, document, "If-Match", tag);
              });
      assertThat(saves).filteredOn(a -> a.status() == 200).hasSize(1);
      assertThat(saves)
          .filteredOn(a -> a.status() != 200)
          .allSatisfy(
              a -> {
                assertThat(a.status()).as(a.body()).isEqualTo(412);
                assertThat(a.json().at("/stored/document/pattern/name").asString())
                    .startsWith("Racing Dun");
              });
      assertThat(together(4, () -> app.send("POST", path + "/archive", null)))
          .allSatisfy(a -> assertThat(a.status()).isEqualTo(204));
      assertThat(together(4, () -> app.send("DELETE", path, null)).stream().map(Answer::status))
          .containsExactlyInAnyOrder(204, 404, 404, 404);
    }
  }

  @Test
  void anEntryOfTheLogNamesTheRevisionItWasChangedFrom() throws Exception {
    String made = app.send("POST", "/api/log?pattern=" + pattern(), null).body();
    String path = "/api/log/" + JsonMapper.shared().readTree(made).at("/fly/id").asString();
    String tag = app.get(path).etag();
    String change = "{\"seconds\":9,\"massMg\":0,\"notes\":\"one\",\"made\":[]}";
    assertThat(app.send("PUT", path, change).status()).isEqualTo(428);
    assertThat(app.send("PUT", path, change, "If-Match", tag).status()).isEqualTo(200);
    Answer late = app.send("PUT", path, change.replace("one", "two"), "If-Match", tag);
    assertThat(late.status()).isEqualTo(412);
    assertThat(late.json().at("/stored/fly/notes").asString()).isEqualTo("one");
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(404);
    String id = path.substring("/api/log/".length());
    assertThat(app.get("/api/deleted").body()).contains(id);
    assertThat(app.send("POST", "/api/deleted/FLY/" + id + "/restoration", null).status())
        .isEqualTo(204);
    assertThat(app.get(path).json().at("/fly/notes").asString()).isEqualTo("one");
  }
}
