package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;

class PracticeApiTest {
  private static final String EXERCISES = "/api/practice/exercises";
  private RunningApplication app;
  private UUID sitting;
  private String person;

  static String next(String only) {
    return next(UUID.randomUUID(), only, "Test eye", true, "null");
  }

  private static String next(
      UUID sitting, String only, String person, boolean counts, String seed) {
    String drills = only.isEmpty() ? "" : "\"" + only + "\"";
    return """
        {"sitting":"%s","only":[%s],"without":[],"person":"%s","counts":%s,"seed":%s}"""
        .formatted(sitting, drills, person, counts, seed);
  }

  @BeforeEach
  void start() throws Exception {
    app = RunningApplication.get();
    sitting = UUID.randomUUID();
    person = "Eye " + sitting.toString().substring(0, 8);
  }

  private JsonNode ask(String only) throws Exception {
    Answer asked = app.send("POST", EXERCISES, next(sitting, only, person, true, "null"));
    assertThat(asked.status()).as(asked.body()).isEqualTo(200);
    return asked.json();
  }

  private Answer say(JsonNode exercise, double... said) throws Exception {
    List<String> all = new ArrayList<>();
    for (double s : said) {
      all.add(String.valueOf(s));
    }
    return app.send(
        "POST",
        EXERCISES + "/" + exercise.get("id").asString() + "/answer",
        "{\"said\":[" + String.join(",", all) + "]}");
  }

  private JsonNode eye(String skill) throws Exception {
    for (JsonNode eye :
        app.get("/api/practice?person=" + person.replace(" ", "%20")).json().get("eyes")) {
      if (eye.get("skill").asString().equals(skill)) {
        return eye;
      }
    }
    throw new AssertionError(skill);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "PART_OFF",
        "SET_BY_EYE",
        "COUNT",
        "ROOM_LEFT",
        "HOW_IT_SITS",
        "WHAT_HOLDS",
        "WHICH_HOOK",
        "WHICH_FEATHER"
      })
  void everyDrillIsAskedOfTheDemoAndJudged(String drill) throws Exception {
    JsonNode e = ask(drill);
    assertThat(e.get("drill").asString()).isEqualTo(drill);
    boolean chosen = e.get("dials").isEmpty();
    assertThat(e.get("choices").isEmpty()).isEqualTo(!chosen);
    double[] said =
        chosen
            ? new double[] {0}
            : e.get("dials").valueStream().mapToDouble(d -> d.get("start").asDouble()).toArray();
    JsonNode judged = say(e, said).json();
    assertThat(judged.at("/words/text").asString()).isNotBlank();
    assertThat(judged.get("truth")).hasSize(said.length);
    assertThat(judged.get("eyes")).hasSize(said.length);
    boolean right = chosen || drill.equals("COUNT");
    assertThat(judged.get("right").isNull()).isEqualTo(!right);
    if (right) {
      assertThat(judged.get("right").asBoolean())
          .isEqualTo(judged.at("/truth/0").asDouble() == said[0]);
    }
  }

  @Test
  void anExerciseDoesNotTellItsAnswer() throws Exception {
    JsonNode e = ask("PART_OFF");
    assertThat(e.has("key")).isFalse();
    assertThat(e.has("truth")).isFalse();
  }

  @Test
  void whatWasSeenIsKeptAndTold() throws Exception {
    for (int i = 0; i < 6; i++) {
      JsonNode e = ask("ROOM_LEFT");
      say(e, 0.5);
    }
    JsonNode eye = eye("room-left/room for the head");
    assertThat(eye.get("looks").asInt()).isEqualTo(6);
    assertThat(eye.get("curve")).hasSize(1);
    assertThat(eye.at("/words/text").asString()).startsWith("You see room for the head to within");
    assertThat(eye.get("due").asString()).isNotBlank();
    assertThat(eye.get("isDue").asBoolean()).isFalse();
    assertThat(app.get("/api/practice").json().get("people").toString()).contains(person);
  }

  @Test
  void theFirstAnswerCountsHoweverOftenItIsSent() throws Exception {
    JsonNode e = ask("ROOM_LEFT");
    ExecutorService together = Executors.newFixedThreadPool(8);
    List<Future<Answer>> all = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      double said = i / 10.0;
      all.add(together.submit(() -> say(e, said)));
    }
    Set<String> words = new HashSet<>();
    for (Future<Answer> f : all) {
      assertThat(f.get().status()).isEqualTo(200);
      words.add(f.get().json().at("/words/text").asString());
    }
    together.shutdown();
    assertThat(words).hasSize(1);
    assertThat(eye("room-left/room for the head").get("looks").asInt()).isEqualTo(1);
  }

  @Test
  void whatIsShownToOthersIsNotKept() throws Exception {
    JsonNode e =
        app.send("POST", EXERCISES, next(sitting, "ROOM_LEFT", person, false, "null")).json();
    JsonNode judged = say(e, 1).json();
    assertThat(judged.get("eyes")).isEmpty();
    assertThat(eye("room-left/room for the head").get("looks").asInt()).isZero();
  }

  @Test
  void aSeedBringsEverybodyTheSame() throws Exception {
    List<List<String>> series = new ArrayList<>();
    for (int who = 0; who < 2; who++) {
      UUID own = UUID.randomUUID();
      List<String> questions = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        JsonNode e =
            app.send("POST", EXERCISES, next(own, "SET_BY_EYE", person + who, true, "7")).json();
        questions.add(e.at("/question/text").asString() + e.get("dials") + e.get("bar"));
      }
      series.add(questions);
    }
    assertThat(series.get(0)).isEqualTo(series.get(1)).doesNotHaveDuplicates();
  }

  @Test
  void aSittingMixesDrillsAndLeavesOutWhatItShould() throws Exception {
    Set<String> seen = new HashSet<>();
    String body =
        """
        {"sitting":"%s","without":["HOW_IT_SITS","WHAT_HOLDS","COUNT"],"person":"%s","counts":true}"""
            .formatted(sitting, person);
    for (int i = 0; i < 12; i++) {
      seen.add(app.send("POST", EXERCISES, body).json().get("drill").asString());
    }
    assertThat(seen).hasSizeGreaterThan(2).doesNotContain("HOW_IT_SITS", "WHAT_HOLDS", "COUNT");
  }

  @Test
  void badInputIsNamed() throws Exception {
    JsonNode e = ask("WHICH_HOOK");
    assertThat(say(e).status()).isEqualTo(422);
    assertThat(say(e, 9).body()).contains("answer").contains("from 0 to 3");
    assertThat(app.send("POST", EXERCISES, "{}").body()).contains("sitting");
    String long81 = next(sitting, "COUNT", "x".repeat(81), true, "null");
    assertThat(app.send("POST", EXERCISES, long81).status()).isEqualTo(422);
    String none =
        """
        {"sitting":"%s","only":["COUNT"],"without":["COUNT"],"person":"","counts":true}"""
            .formatted(sitting);
    Answer nothing = app.send("POST", EXERCISES, none);
    assertThat(nothing.status()).isEqualTo(422);
    assertThat(nothing.body()).contains("Choose other drills or ask again");
    String nowhere = EXERCISES + "/" + UUID.randomUUID() + "/answer";
    assertThat(app.send("POST", nowhere, "{\"said\":[1]}").status()).isEqualTo(404);
    assertThat(say(e, 1).status()).isEqualTo(200); // nothing was lost by all that
  }

  @Test
  void looksGoOutAndComeBack() throws Exception {
    JsonNode e = ask("ROOM_LEFT");
    say(e, 1);
    String table = app.get("/api/practice/looks.csv").body();
    assertThat(table).startsWith("look,at,person,skill,level,choices,right,off").contains(person);
    Answer again = app.send("POST", "/api/practice/looks/table", table, "Content-Type", "text/csv");
    assertThat(again.json().get("added").asInt()).isZero();
    String other = person + " again";
    String line =
        "look,at,person,skill,level,choices,right,off\r\n%s,2026-03-01T19:00:00Z,%s,part-off/wing length,0.1,4,true,0.0\r\n"
            .formatted(UUID.randomUUID(), other);
    assertThat(
            app.send("POST", "/api/practice/looks/table", line, "Content-Type", "text/csv")
                .json()
                .get("added")
                .asInt())
        .isEqualTo(1);
    Answer wrong =
        app.send(
            "POST",
            "/api/practice/looks/table",
            line.replace("0.1,4", "0,4"),
            "Content-Type",
            "text/csv");
    assertThat(wrong.status()).isEqualTo(422);
    assertThat(wrong.body()).contains("line 2/level");
  }
}
