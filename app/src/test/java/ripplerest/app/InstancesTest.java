package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import ripplerest.core.quantity.Together;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Two copies of the application before one database: it is all one which of them is asked. */
class InstancesTest {
  private static RunningApplication other;
  private static Someone here;
  private static Someone there;

  @BeforeAll
  static void start() throws Exception {
    here = Someone.fresh("TIER");
    other = RunningApplication.another();
    there = here.at(other);
  }

  @AfterAll
  static void stop() {
    other.context.close();
  }

  private static JdbcTemplate jdbc() {
    return other.context.getBean(JdbcTemplate.class);
  }

  @Test
  void whoeverIsSignedInAtOneIsSoAtTheOther() throws Exception {
    assertThat(there.get("/api/me").json().get("person"))
        .isEqualTo(here.get("/api/me").json().get("person"));
    Someone someone = Someone.fresh("TIER");
    Someone same = someone.at(other);
    assertThat(same.send("DELETE", "/api/session", null).status()).isEqualTo(204);
    assertThat(someone.get("/api/patterns").status()).isEqualTo(401);
  }

  @Test
  void aChangeThatIsSentToBothHappensOnce() throws Exception {
    String key = UUID.randomUUID().toString();
    String body = "{\"style\":\"parachute\"}";
    JsonNode first = here.send("POST", "/api/patterns", body, "Idempotency-Key", key).json();
    JsonNode second = there.send("POST", "/api/patterns", body, "Idempotency-Key", key).json();
    assertThat(second).isEqualTo(first);
    // and at the same moment, eight times
    String again = UUID.randomUUID().toString();
    int before = here.get("/api/patterns").json().size();
    List<String> ids =
        IntStream.range(0, 8)
            .parallel()
            .mapToObj(
                i -> {
                  try {
                    Someone one = here.at(i % 2 == 0 ? here.app : other);
                    return one.send("POST", "/api/patterns", body, "Idempotency-Key", again)
                        .json()
                        .get("id")
                        .asString();
                  } catch (Exception e) {
                    throw new IllegalStateException(e);
                  }
                })
            .distinct()
            .toList();
    assertThat(ids).hasSize(1);
    assertThat(here.get("/api/patterns").json().size()).isEqualTo(before + 1);
  }

  /** What one remembers of a style or a material is what the other changed a moment ago. */
  @Test
  void whatIsRememberedHoldsUntilItIsChangedAnywhere() throws Exception {
    for (int i = 0; i < 6; i++) {
      Someone changes = i % 2 == 0 ? here : there;
      Someone asks = i % 2 == 0 ? there : here;
      asks.get("/api/styles");
      String label = "Way " + i;
      String made = "{\"copyOf\":\"parachute\",\"label\":\"%s\"}".formatted(label);
      String style = changes.send("POST", "/api/styles", made).json().get("id").asString();
      assertThat(asks.get("/api/styles").json().findValuesAsString("label")).contains(label);
      String pattern = "{\"style\":\"%s\"}".formatted(style);
      assertThat(asks.send("POST", "/api/patterns", pattern).status()).isEqualTo(201);
      asks.get("/api/materials");
      String kind = "{\"label\":\"Yarn %d\",\"like\":\"body-yarn\"}".formatted(i);
      changes.send("POST", "/api/materials", kind);
      assertThat(asks.get("/api/materials").body()).isEqualTo(changes.get("/api/materials").body());
    }
  }

  @Test
  void anAnswerThatOneWorkedOutTheOtherHas() throws Exception {
    JsonNode made = here.send("POST", "/api/patterns", "{\"style\":\"parachute\"}").json();
    ObjectNode document = (ObjectNode) made.get("document");
    ((ObjectNode) document.get("pattern")).put("name", "Asked twice");
    String ask = "/api/answers?ask=LANDING&casts=100&seed=7";
    String first = last(here.send("POST", ask, document.toString()).body());
    int kept = jdbc().queryForObject("select count(*) from kept_answer", Integer.class);
    RunningApplication.Answer second = there.send("POST", ask, document.toString());
    assertThat(last(second.body())).isEqualTo(first);
    // a build that does not know itself takes no other's answers
    boolean known = other.context.getBean(Version.class).build().isPresent();
    assertThat(second.body().lines().count() == 1).isEqualTo(known);
    assertThat(jdbc().queryForObject("select count(*) from kept_answer", Integer.class))
        .isEqualTo(known ? kept : kept + 1);
    // and worked out anew from its seed it is the same
    jdbc().update("delete from kept_answer");
    assertThat(last(there.send("POST", ask, document.toString()).body())).isEqualTo(first);
  }

  private static String last(String lines) {
    return lines.lines().reduce((a, b) -> b).orElseThrow();
  }

  /** A plan that both are asked for is found once, and both are told. */
  @Test
  void aPlanIsFoundByOneAndToldByBoth() throws Exception {
    String pattern =
        here.send("POST", "/api/patterns", "{\"style\":\"parachute\"}").json().get("id").asString();
    String day = java.time.LocalDate.now().plusDays(1).toString();
    String plan =
        """
        {"evenings": [{"id": "e1", "day": "%1$s", "from": "19:00", "minutes": 90}],
         "wants": [{"id": "w1", "flies": {"pattern": "%2$s", "name": "x", "size": 14, "colouring": ""},
           "count": 3, "outing": "", "from": "%1$s", "due": "%1$s", "worth": 10}],
         "slots": [], "byStock": false}"""
            .formatted(day, pattern);
    String tag = here.get("/api/evenings").etag();
    RunningApplication.Answer kept = here.send("PUT", "/api/evenings", plan, "If-Match", tag);
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    List<String> told =
        IntStream.range(0, 4)
            .parallel()
            .mapToObj(
                i -> {
                  try {
                    Someone one = here.at(i % 2 == 0 ? here.app : other);
                    return one.send("POST", "/api/evenings/plan", null).body();
                  } catch (Exception e) {
                    throw new IllegalStateException(e);
                  }
                })
            .toList();
    assertThat(told).allMatch(t -> t.contains("\"stored\""));
    assertThat(there.get("/api/evenings").json().get("slots")).hasSize(3);
    assertThat(
            jdbc().queryForList("select 1 from scheduled_tasks where task_name = 'plan-evenings'"))
        .isEmpty();
  }

  @Test
  void whatIsDoneByItselfIsDoneByOneOfThem() throws Exception {
    assertThat(
            jdbc().queryForList("select task_name from scheduled_tasks order by 1", String.class))
        .contains("postures", "purge")
        .doesNotHaveDuplicates();
    List<String> by =
        jdbc()
            .queryForList(
                "select picked_by from scheduled_tasks where picked and task_name = 'postures'",
                String.class);
    assertThat(by.size()).isLessThanOrEqualTo(1);
  }

  /** As when the first of two databases is gone and the second does not answer yet. */
  @Test
  void whileTheDatabaseIsAwayItIsSaidAndNobodyIsSignedOut() throws Exception {
    String port = jdbc().queryForObject("select current_setting('port')", String.class);
    DriverManagerDataSource template =
        new DriverManagerDataSource(
            "jdbc:postgresql://127.0.0.1:" + port + "/template1",
            ThrowawayPostgres.USER,
            ThrowawayPostgres.PASSWORD);
    JdbcTemplate beside = new JdbcTemplate(template);
    String name = jdbc().queryForObject("select current_database()", String.class);
    beside.execute("alter database %s allow_connections false".formatted(name));
    try {
      beside.queryForList(
          "select pg_terminate_backend(pid) from pg_stat_activity where datname = ?", name);
      List<RunningApplication.Answer> answers =
          Together.map(List.of("GET /api/me", "GET /api/patterns", "POST /api/session"), this::ask);
      for (RunningApplication.Answer answer : answers) {
        assertThat(answer.status()).as(answer.body()).isEqualTo(503);
        assertThat(answer.json().get("type").asString()).endsWith("database-away");
        assertThat(answer.response().headers().firstValue("Retry-After")).isPresent();
      }
    } finally {
      beside.execute("alter database %s allow_connections true".formatted(name));
    }
    assertThat(there.get("/api/patterns").status()).isEqualTo(200);
  }

  private RunningApplication.Answer ask(String what) {
    String[] words = what.split(" ");
    Someone someone = there.at(other);
    try {
      return words[0].equals("POST")
          ? someone.signIn("Warden", Someone.PASSWORD)
          : someone.get(words[1]);
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }
}
