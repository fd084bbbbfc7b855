package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Tests in a glass of water, and what is learnt from them. */
class TestsApiTest {
  static final String SEEN =
      """
      {"seen":{"sits":"ON_TIPS","measured":[{"what":"ANGLE","value":21,"error":3,"by":"EYE"}],
       "hung":[{"mg":20,"floats":true},{"mg":90,"floats":false}],"popsBack":true,"unlike":false},
       "leftOut":false,"notes":"by lamp"}""";

  static final String MARKED =
      """
      {"lensToWallMm":200,"wallToFlyMm":30,"widthPx":2000,"heightPx":1200,"eye":{"x":700,"y":560},
       "bend":{"x":1200,"y":640},"film":[{"x":300,"y":620},{"x":1700,"y":620}]}""";

  private static final String NOBODY = "00000000-0000-0000-0000-00000000000a";

  private RunningApplication app;
  private String pattern;

  @BeforeEach
  void start() throws Exception {
    app = RunningApplication.get();
    pattern = app.get("/api/patterns").json().get(0).get("id").asString();
  }

  private String begun() throws Exception {
    String fly =
        app.send("POST", "/api/log?pattern=" + pattern, null).json().at("/fly/id").asString();
    return "/api/tests/"
        + app.send("POST", "/api/tests?fly=" + fly, null).json().at("/test/id").asString();
  }

  private String foretold() throws Exception {
    String path = begun();
    last(app.get(path + "/foretold"));
    return path;
  }

  private Answer seen(String path, String body) throws Exception {
    return app.send("PUT", path, body, "If-Match", app.get(path).etag());
  }

  private static JsonNode last(Answer lines) {
    return JsonMapper.shared().readTree(lines.body().lines().reduce((a, b) -> b).orElseThrow());
  }

  @Test
  void nothingIsSeenBeforeItIsForetoldAndWhatWasForetoldStays() throws Exception {
    String path = begun();
    assertThat(seen(path, SEEN).status()).as("hindsight").isEqualTo(422);
    assertThat(app.send("POST", path + "/marks", MARKED).status()).isEqualTo(422);
    JsonNode foretold = last(app.get(path + "/foretold")).get("foretold");
    assertThat(foretold.get("ways").size()).isPositive();
    assertThat(foretold.get("bearsMg").size()).isEqualTo(19);
    JsonNode before = app.get(path).json();
    assertThat(before.at("/test/foretold")).isEqualTo(foretold);
    JsonNode kept = seen(path, SEEN).json();
    assertThat(kept.at("/beside/1/what").asString()).isEqualTo("angle");
    assertThat(kept.at("/beside/1/seen/text").asString()).isEqualTo("21° tail down ± 3°");
    assertThat(kept.at("/measures/1/errorByCaliper").asDouble()).isEqualTo(0.2);
    last(app.get(path + "/foretold"));
    JsonNode after = app.get(path).json();
    assertThat(after.at("/test/foretold")).isEqualTo(foretold);
    assertThat(after.at("/test/seen/measured/0/value").asDouble()).isEqualTo(21);
    assertThat(app.send("PUT", path, SEEN, "If-Match", "\"0\"").status()).isEqualTo(412);
  }

  @Test
  void whatContradictsItselfIsRefused() throws Exception {
    String path = foretold();
    for (String wrong :
        new String[] {
          SEEN.replace("ON_TIPS", "SUNK"),
          SEEN.replace("\"value\":21", "\"value\":210"),
          SEEN.replace("\"mg\":20", "\"mg\":-1"),
          SEEN.replace("ON_TIPS", "UNSETTLED")
        }) {
      Answer refused = seen(path, wrong);
      assertThat(refused.status()).as(wrong).isEqualTo(422);
      assertThat(refused.json().at("/errors/0/bound").asString()).isNotEmpty();
    }
    assertThat(seen(path, SEEN.replace("ON_TIPS", "STANDING")).status()).isEqualTo(400);
  }

  @Test
  void marksOfAPictureTakeThePlaceOfWhatWasReadByEye() throws Exception {
    String path = foretold();
    seen(path, SEEN);
    JsonNode read = app.send("POST", path + "/marks", MARKED).json();
    JsonNode measured = read.at("/test/test/seen/measured");
    assertThat(measured.size()).isEqualTo(3);
    assertThat(measured.get(0).get("by").asString()).isEqualTo("PHOTOGRAPH");
    assertThat(read.at("/test/test/picture/wallToFlyMm").asDouble()).isEqualTo(30);
    Answer near = app.send("POST", path + "/marks", MARKED.replace(":30,", ":9,"));
    assertThat(near.status()).as("nearer to the wall than the water that climbs it").isEqualTo(422);
  }

  @Test
  void testsTeachAndASwitchShowsTheTableAlone() throws Exception {
    for (JsonNode other : app.get("/api/tests").json()) {
      app.send("DELETE", "/api/tests/" + other.at("/test/id").asString(), null);
    }
    String fly = example();
    double before = pitch(fly);
    String path = foretold();
    String higher = SEEN.replace("\"value\":21", "\"value\":" + (before + 9));
    seen(path, higher.replaceAll("\"hung\":\\[.*?\\]", "\"hung\":[]"));
    JsonNode found = last(app.send("POST", "/api/tests/learning", null)).get("learning");
    assertThat(found.get("believed").asBoolean()).isTrue();
    JsonNode state = app.get("/api/tests/learning").json();
    assertThat(state.at("/learnt/0/current").asBoolean()).isTrue();
    assertThat(state.at("/learnt/0/lessons").size()).isPositive();
    double taught = pitch(fly);
    JsonNode by = last(app.send("POST", "/api/answers?ask=BY_TESTS", fly)).get("byTests");
    assertThat(by.get("tests").asInt()).isEqualTo(state.get("tests").asInt());
    assertThat(by.at("/without/pitchDeg").asDouble()).isCloseTo(before, within(0.01));
    assertThat(by.at("/with/pitchDeg").asDouble()).isCloseTo(taught, within(0.01));
    assertThat(taught).as("drawn towards what was seen").isGreaterThan(before + 0.2);
    app.send("PUT", "/api/tests/learning", "{\"inUse\":false}");
    assertThat(pitch(fly)).isCloseTo(before, within(1e-9));
    app.send("PUT", "/api/tests/learning", "{\"inUse\":true}");
    assertThat(pitch(fly)).isCloseTo(taught, within(1e-9));
    seen(path, SEEN.replace("\"leftOut\":false", "\"leftOut\":true"));
    assertThat(app.get("/api/tests/learning").json().at("/learnt/0/current").asBoolean())
        .as("a test was left out since")
        .isFalse();
    app.send("PUT", "/api/tests/learning", "{\"inUse\":false}");
  }

  private String example() throws Exception {
    return app.get("/api/patterns/" + pattern).json().get("document").toString();
  }

  private double pitch(String fly) throws Exception {
    return app.send("POST", "/api/estimates", fly).json().at("/rest/pitchDeg").asDouble();
  }

  @Test
  void testsGoOutAndComeBackWithTheirFlies() throws Exception {
    String path = foretold();
    seen(path, SEEN);
    JsonNode before = app.get(path).json().get("test");
    String file = app.get("/api/tests.json").body();
    String table = app.get("/api/tests.csv").body();
    assertThat(table).contains("seen-pops-back").contains("seen-hung,floats,");
    assertThat(take(file).json().get("added").asInt()).as("all are here").isZero();
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.get(path).status()).isEqualTo(404);
    assertThat(app.get("/api/deleted").body()).contains(path.substring("/api/tests/".length()));
    assertThat(take(file).json().get("added").asInt()).isEqualTo(1);
    assertThat(app.get(path).json().get("test")).isEqualTo(before);
    app.send("DELETE", path, null);
    assertThat(takeTable(table).json().get("added").asInt())
        .as("by the table as well")
        .isEqualTo(1);
    assertThat(app.get(path).json().get("test")).isEqualTo(before);
    Answer nobodys =
        takeTable(
            table
                .replace(before.get("fly").asString(), NOBODY)
                .replace(path.substring(11), NOBODY));
    assertThat(nobodys.status()).isEqualTo(422);
    assertThat(nobodys.json().at("/errors/0/remedy").asString()).contains("Import the log");
    ObjectNode other = (ObjectNode) JsonMapper.shared().readTree(file);
    ((ObjectNode) other.at("/tests/0")).put("fly", NOBODY);
    assertThat(take(other.toString()).json().at("/errors/0/pointer").asString())
        .isEqualTo("/tests/0/fly");
  }

  private Answer takeTable(String table) throws Exception {
    return app.send("POST", "/api/tests/table", table, "Content-Type", "text/csv");
  }

  private Answer take(String file) throws Exception {
    return app.send("POST", "/api/tests/imports", file, "Content-Type", "application/octet-stream");
  }
}
