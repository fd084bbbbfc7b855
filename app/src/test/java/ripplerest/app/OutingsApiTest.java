package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;

class OutingsApiTest {
  static final String BOX = "{\"name\":\"Test box\",\"note\":\"\"}";

  private RunningApplication app;
  private String pattern;

  static String flies(String pattern) {
    return "{\"pattern\":\"%s\",\"name\":\"Lantern Dun\",\"size\":14,\"colouring\":\"\"}"
        .formatted(pattern);
  }

  static String move(
      String pattern, String from, String fromName, String to, String toName, int count) {
    return """
        {"flies":%s,"from":{"kind":"%s","name":"%s"},"to":{"kind":"%s","name":"%s"},
         "count":%d,"day":"2026-11-01","note":""}"""
        .formatted(flies(pattern), from, fromName, to, toName, count);
  }

  static String selection(String pattern, int count) {
    return """
        {"to":{"kind":"GIVEN","name":"the Tuesday party"},"day":"2026-11-01","note":"barbs left on",
         "chosen":[{"flies":%s,"from":{"kind":"VISE","name":""},"count":%d}]}"""
        .formatted(flies(pattern), count);
  }

  static String outing(String pattern) {
    return """
        {"name":"Test water","day":"%s","from":"15:00","hours":4,"water":"RIFFLE","people":1,
         "competition":false,"fishPerHour":2,"heaviestG":500,
         "naturals":[{"order":"MAYFLY","stage":"ADULT","bodyMm":7.5,"shade":"olive","words":""}],
         "wanted":[{"flies":%s,"share":0.5,"count":0}],"boxes":[],"notes":""}"""
        .formatted(LocalDate.now().plusDays(5), flies(pattern));
  }

  static String report(String pattern, int lost) {
    return "[{\"flies\":%s,\"hours\":2,\"lost\":%d,\"chewed\":0,\"fish\":3,\"worked\":\"Late.\"}]"
        .formatted(flies(pattern), lost);
  }

  static String plan(String pattern, int count) {
    LocalDate tomorrow = LocalDate.now().plusDays(1);
    return """
        {"evenings":[{"id":"e1","day":"%s","from":"19:30","minutes":60},
                     {"id":"e2","day":"%s","from":"19:30","minutes":60}],
         "wants":[{"id":"w1","flies":%s,"count":%d,"outing":"","from":"%s","due":"%s","worth":5}],
         "slots":[],"byStock":false}"""
        .formatted(
            tomorrow,
            tomorrow.plusDays(1),
            flies(pattern),
            count,
            LocalDate.now(),
            tomorrow.plusDays(3));
  }

  @BeforeEach
  void start() throws Exception {
    app = RunningApplication.get();
    for (JsonNode p : app.get("/api/patterns").json()) {
      String id = p.get("id").asString();
      boolean dun = pattern == null && p.get("name").asString().equals("Lantern Dun");
      // other tests leave copies of it that have no colourings
      pattern =
          dun && app.get("/api/patterns/" + id).body().contains("spring, pale") ? id : pattern;
    }
  }

  /** Out of the log, so that the drawer has back what other tests look for in it. */
  private void takenOut(JsonNode logged) throws Exception {
    app.send("DELETE", "/api/log/" + logged.at("/fly/id").asString(), null);
  }

  private int in(JsonNode boxes, String box) {
    int all = 0;
    for (JsonNode c : boxes.get("flies")) {
      boolean here = c.at("/place/name").asString().equals(box);
      all += here && c.at("/flies/pattern").asString().equals(pattern) ? c.get("count").asInt() : 0;
    }
    return all;
  }

  private String newBox() throws Exception {
    return app.send("POST", "/api/boxes", BOX).json().get("id").asString();
  }

  @Test
  void fliesGoFromBoxToBoxAndNoneIsMadeOrLostOnTheWay() throws Exception {
    String from = newBox();
    String to = newBox();
    app.send("POST", "/api/boxes/moves", move(pattern, "VISE", "", "BOX", from, 6));
    JsonNode moved =
        app.send("POST", "/api/boxes/moves", move(pattern, "BOX", from, "BOX", to, 4)).json();
    assertThat(in(moved, from)).isEqualTo(2);
    assertThat(in(moved, to)).isEqualTo(4);
    Answer tooMany =
        app.send("POST", "/api/boxes/moves", move(pattern, "BOX", from, "LOST", "", 3));
    assertThat(tooMany.status()).isEqualTo(422);
    assertThat(tooMany.body()).contains("at most the 2 that are there");
    assertThat(
            app.send("POST", "/api/boxes/moves", move(pattern, "BOX", from, "GIVEN", "", 1))
                .status())
        .as("given to nobody")
        .isEqualTo(422);
    assertThat(app.send("DELETE", "/api/boxes/" + to, null).body()).contains("4 flies in it");
    String last = moved.at("/moves/0/id").asString();
    JsonNode undone = app.send("DELETE", "/api/boxes/moves/" + last, null).json();
    assertThat(in(undone, from)).isEqualTo(6);
    assertThat(app.send("DELETE", "/api/boxes/" + to, null).status()).isEqualTo(204);
    String table = app.get("/api/boxes/moves.csv").body();
    JsonNode again =
        app.send("POST", "/api/boxes/moves/table", table, "Content-Type", "text/csv").json();
    assertThat(again.get("added").asInt()).as("what is here already").isZero();
    String other = table.replaceAll("(?m)^[0-9a-f]{8}-", "00000000-");
    assertThat(
            app.send("POST", "/api/boxes/moves/table", other, "Content-Type", "text/csv")
                .json()
                .get("added")
                .asInt())
        .isPositive();
  }

  @Test
  void aSelectionGoesWholeOrNotAtAll() throws Exception {
    String box = newBox();
    app.send("POST", "/api/boxes/moves", move(pattern, "VISE", "", "BOX", box, 3));
    String here = "{\"kind\":\"BOX\",\"name\":\"" + box + "\"}";
    String some = selection(pattern, 2).replace("{\"kind\":\"VISE\",\"name\":\"\"}", here);
    String twice = some.replaceFirst("(?s)(\"chosen\":\\[)(.*)\\]", "$1$2,$2]");
    Answer refused = app.send("POST", "/api/boxes/selections", twice);
    assertThat(refused.status()).as("two and two of three: %s", refused.body()).isEqualTo(422);
    assertThat(in(app.get("/api/boxes").json(), box)).isEqualTo(3);
    JsonNode given = app.send("POST", "/api/boxes/selections", some).json();
    assertThat(in(given, box)).isEqualTo(1);
    assertThat(given.at("/moves/0/words").asString()).endsWith("given to the Tuesday party");
    assertThat(given.at("/moves/0/note").asString()).isEqualTo("barbs left on");
  }

  @Test
  void ofEightWhoTakeTheLastThreeAtOnceOnlyOneHasThem() throws Exception {
    String box = newBox();
    app.send("POST", "/api/boxes/moves", move(pattern, "VISE", "", "BOX", box, 3));
    ExecutorService many = Executors.newFixedThreadPool(8);
    List<Future<Integer>> answers = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      answers.add(
          many.submit(
              () ->
                  app.send("POST", "/api/boxes/moves", move(pattern, "BOX", box, "LOST", "", 3))
                      .status()));
    }
    int taken = 0;
    for (Future<Integer> answer : answers) {
      taken += answer.get() == 200 ? 1 : 0;
    }
    many.shutdown();
    assertThat(taken).isEqualTo(1);
  }

  @Test
  void theLogFillsTheFirstBoxAndADeletedFlyIsNotThere() throws Exception {
    String first = app.get("/api/boxes").json().at("/boxes/0/id").asString();
    int before = in(app.get("/api/boxes").json(), first);
    JsonNode fly =
        app.send("POST", "/api/log?pattern=" + pattern + "&colouring=spring,%20pale", null).json();
    assertThat(in(app.get("/api/boxes").json(), first)).isEqualTo(before + 1);
    assertThat(app.get("/api/boxes").body()).contains("\"colouring\":\"spring, pale\"");
    app.send("DELETE", "/api/log/" + fly.at("/fly/id").asString(), null);
    assertThat(in(app.get("/api/boxes").json(), first)).isEqualTo(before);
    assertThat(
            app.send("POST", "/api/log?pattern=" + pattern + "&colouring=none%20such", null).body())
        .contains("one of this pattern");
    JsonNode other = app.send("POST", "/api/log?pattern=" + pattern + "&size=18", null).json();
    assertThat(other.at("/fly/document/pattern/hook/size").asInt()).isEqualTo(18);
    takenOut(other);
  }

  @Test
  void anOutingSaysWhatIsLackingAndTakesWhatWasLost() throws Exception {
    String box = newBox();
    app.send("POST", "/api/boxes/moves", move(pattern, "VISE", "", "BOX", box, 3));
    String wanted = outing(pattern).replace("\"boxes\":[]", "\"boxes\":[\"" + box + "\"]");
    JsonNode made = app.send("POST", "/api/outings", wanted).json();
    String path = "/api/outings/" + made.get("id").asString();
    JsonNode need = made.at("/needs/0");
    assertThat(need.get("wanted").asInt()).isEqualTo(need.get("enough").asInt());
    assertThat(need.get("chances").get(0).get("chance").asDouble())
        .isGreaterThan(need.get("chances").get(4).get("chance").asDouble());
    assertThat(made.at("/naturals/0/patterns/0/name").asString()).isNotEmpty();
    assertThat(need.get("hook").asString()).isEqualTo("JUST");
    Answer told = app.send("POST", path + "/report", report(pattern, 2));
    assertThat(told.json().get("over").asBoolean()).isTrue();
    assertThat(in(app.get("/api/boxes").json(), box)).isEqualTo(1);
    app.send("POST", path + "/report", report(pattern, 1));
    assertThat(in(app.get("/api/boxes").json(), box)).as("told again").isEqualTo(2);
    assertThat(app.send("POST", path + "/report", report(pattern, 4)).body())
        .contains("at most the 3");
    assertThat(in(app.get("/api/boxes").json(), box)).as("all or nothing").isEqualTo(2);
    assertThat(app.get("/api/outings/history").body()).contains("RIFFLE");
    assertThat(app.get("/api/outings/calendar.ics").body())
        .contains("BEGIN:VCALENDAR")
        .contains("SUMMARY:Test water");
    Answer stale = app.send("PUT", path, wanted, "If-Match", "\"0\"");
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.json().at("/stored/outing/name").asString()).isEqualTo("Test water");
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.get(path).status()).isEqualTo(404);
    app.send("POST", "/api/deleted/OUTING/" + made.get("id").asString() + "/restoration", null);
    assertThat(app.get(path).status()).isEqualTo(200);
  }

  @Test
  void aPlanIsFoundKeptAndGoesOnWithWhatIsLogged() throws Exception {
    String tag = app.get("/api/evenings").etag();
    Answer asked = app.send("PUT", "/api/evenings", plan(pattern, 3), "If-Match", tag);
    assertThat(asked.status()).isEqualTo(200);
    assertThat(asked.json().get("current").asBoolean()).isFalse();
    assertThat(app.send("POST", "/api/evenings/plan", null).body()).contains("\"stored\"");
    JsonNode found = app.get("/api/evenings").json();
    assertThat(found.get("current").asBoolean()).isTrue();
    assertThat(found.get("slots")).hasSize(3);
    assertThat(found.at("/evenings/0/overMinutes").asDouble()).isZero();
    double first = found.at("/evenings/0/work/0/endsMinutes").asDouble();
    assertThat(first).isGreaterThan(found.at("/evenings/0/work/0/minutes").asDouble());
    JsonNode logged = app.send("POST", "/api/log?pattern=" + pattern, null).json();
    JsonNode goesOn = app.get("/api/evenings").json();
    assertThat(goesOn.at("/slots/0/fly").isNull()).isFalse();
    assertThat(goesOn.get("revision").asLong()).isGreaterThan(found.get("revision").asLong());
    app.send("POST", "/api/evenings/plan", null);
    assertThat(app.get("/api/evenings").json().at("/slots/0/fly"))
        .isEqualTo(goesOn.at("/slots/0/fly"));
    Answer stale = app.send("PUT", "/api/evenings", plan(pattern, 2), "If-Match", tag);
    assertThat(stale.body()).contains("changed elsewhere");
    assertThat(stale.json().at("/stored/evenings")).hasSize(2);
    assertThat(app.get("/api/evenings/calendar.ics").body()).contains("At the vise");
    takenOut(logged);
    assertThat(app.get("/api/evenings").json().at("/slots/0/fly").isNull()).isTrue();
  }

  @Test
  void anEveningIsNeverOverfilledAndWhatIsLeftSaysWhy() throws Exception {
    String tag = app.get("/api/evenings").etag();
    app.send("PUT", "/api/evenings", plan(pattern, 60), "If-Match", tag);
    app.send("POST", "/api/evenings/plan", null);
    JsonNode found = app.get("/api/evenings").json();
    for (JsonNode evening : found.get("evenings")) {
      assertThat(evening.get("spentMinutes").asDouble()).isBetween(20.0, 60.0);
    }
    JsonNode left = found.at("/left/0");
    assertThat(left.get("count").asInt()).isEqualTo(60 - found.get("slots").size());
    assertThat(left.get("why").asString()).contains("minutes");
    String past =
        plan(pattern, 2)
            .replace(
                LocalDate.now().plusDays(1).toString(), LocalDate.now().minusDays(3).toString())
            .replace(
                LocalDate.now().plusDays(2).toString(), LocalDate.now().minusDays(2).toString());
    app.send("PUT", "/api/evenings", past, "If-Match", app.get("/api/evenings").etag());
    assertThat(app.send("POST", "/api/evenings/plan", null).body()).contains("Add an evening");
  }

  @Test
  void aPatternThatIsGoneTakesNothingElseWithIt() throws Exception {
    String copy =
        app.send("POST", "/api/patterns/" + pattern + "/copies", null).json().get("id").asString();
    JsonNode outing = app.send("POST", "/api/outings", outing(copy)).json();
    app.send("PUT", "/api/evenings", plan(copy, 2), "If-Match", app.get("/api/evenings").etag());
    app.send("POST", "/api/evenings/plan", null);
    assertThat(app.get("/api/evenings").json().get("slots")).hasSize(2);
    app.send("DELETE", "/api/patterns/" + copy, null);
    assertThat(app.get("/api/evenings").json().get("slots")).isEmpty();
    String path = "/api/outings/" + outing.get("id").asString();
    assertThat(app.get(path).json().get("needs")).hasSize(1);
    assertThat(app.send("POST", path + "/lives", null).body()).contains("\"stored\":{}");
    app.send("POST", "/api/deleted/PATTERN/" + copy + "/restoration", null);
    assertThat(app.get("/api/evenings").json().get("slots")).as("with the pattern").hasSize(2);
  }
}
