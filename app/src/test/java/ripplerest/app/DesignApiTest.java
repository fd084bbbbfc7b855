package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the bench asks for while a fly is designed. */
class DesignApiTest {
  private RunningApplication app;
  private String fly;

  @BeforeEach
  void start() throws IOException {
    app = RunningApplication.get();
    fly = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
  }

  private Answer typed(String text, int part, String document) throws Exception {
    return app.send(
        "POST",
        "/api/lengths",
        "{\"text\":%s,\"part\":%d,\"field\":\"length\",\"document\":%s}"
            .formatted(JsonMapper.shared().writeValueAsString(text), part, document));
  }

  private int tail() {
    JsonNode parts = JsonMapper.shared().readTree(fly).at("/pattern/parts");
    for (int i = 0; i < parts.size(); i++) {
      if (parts.get(i).get("part").asString().equals("tail")) {
        return i;
      }
    }
    throw new AssertionError("the example has no tail");
  }

  @Test
  void aTypedLengthIsReadForItsPartAndHook() throws Exception {
    JsonNode gaps = typed("1.5 gaps", tail(), fly).json();
    assertThat(gaps.get("rule").asString()).isEqualTo("gap");
    assertThat(gaps.get("factor").asDouble()).isEqualTo(1.5);
    JsonNode inches = typed("3/8 in", tail(), fly).json();
    assertThat(inches.get("rule").asString()).isEmpty();
    assertThat(inches.get("mm").asDouble()).isCloseTo(9.525, within(1e-3));
  }

  @ParameterizedTest
  @CsvSource({"nine, 0", "'', 0", "9mm, 99", "9mm, -1", "90 mm, 0"})
  void whatCannotBeReadIsAProblemWithARemedy(String text, int part) throws Exception {
    Answer refused = typed(text, part == 0 ? tail() : part, fly);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().at("/errors/0/remedy").asString()).isNotBlank();
    assertThat(refused.json().at("/errors/0/bound").asString()).isNotBlank();
  }

  @Test
  void aLengthNeedsItsFly() throws Exception {
    String body = "{\"text\":\"9mm\",\"part\":0,\"field\":\"length\"}";
    assertThat(app.send("POST", "/api/lengths", body).status()).isEqualTo(422);
  }

  @Test
  void thePoseCarriesItsHandles() throws Exception {
    JsonNode handles = app.send("POST", "/api/estimates", fly).json().get("handles");
    assertThat(handles.get(0).get("part").asString()).isEqualTo("hook");
    for (JsonNode handle : handles) {
      assertThat(handle.get("low").asDouble()).isLessThanOrEqualTo(handle.get("value").asDouble());
      assertThat(handle.get("high").asDouble())
          .isGreaterThanOrEqualTo(handle.get("value").asDouble());
    }
  }

  private JsonNode answer(String path, String body) throws Exception {
    return JsonMapper.shared().readTree(lastLine(app.send("POST", path, body)));
  }

  /** What the page is told of a change are the core's own differences of two estimates it sent. */
  @Test
  void whatAChangeDidIsAskedOfTheCore() throws Exception {
    JsonNode before = app.send("POST", "/api/estimates", fly).json().get("figures");
    String larger = fly.replace("\"size\": 14", "\"size\": 12");
    JsonNode now = app.send("POST", "/api/estimates", larger).json().get("figures");
    String both = "{\"before\":" + before + ",\"now\":" + now + "}";
    JsonNode told = app.send("POST", "/api/differences", both).json();
    assertThat(told.at("/words/text").asString()).startsWith("Compared with before: ");
    assertThat(told.at("/eye/value").asDouble())
        .isCloseTo(now.get("eyeMm").asDouble() - before.get("eyeMm").asDouble(), within(1e-9));
    Answer refused = app.send("POST", "/api/differences", "{\"before\":" + before + "}");
    assertThat(refused.status()).isEqualTo(422);
  }

  @Test
  void theFilmIsMappedAndTheWayToTheRestIsDrawn() throws Exception {
    JsonNode surface = answer("/api/answers?ask=SURFACE", fly).at("/film/surface");
    assertThat(surface.get("heightMm").size()).isEqualTo(surface.at("/heightMm/0").size());
    assertThat(surface.get("windowPerDepth").asDouble()).isCloseTo(1.134, within(1e-3));
    JsonNode way = answer("/api/answers?ask=SETTLING", fly).get("settling");
    assertThat(way.get("pictures").size()).isBetween(10, 26);
    assertThat(way.get("films").size()).isEqualTo(way.get("pictures").size());
    JsonNode scene = answer("/api/answers?ask=SCENE", fly).get("scene");
    assertThat(scene.at("/film/cellMm").asDouble()).isEqualTo(0.1);
    assertThat(scene.at("/film/heightUm").size() % scene.at("/film/columns").asInt()).isZero();
    assertThat(scene.at("/fly/fibres").size()).isEqualTo(scene.at("/inVise/fibres").size());
    assertThat(answer("/api/answers?ask=SCENE&rest=1", fly).toString()).contains("\"scene\"");
    assertThat(app.send("POST", "/api/answers?ask=SCENE&rest=99", fly).status()).isEqualTo(422);
  }

  @Test
  void dressingsAreComparedAndABadOneIsNamedByItsNumber() throws Exception {
    JsonNode ways = answer("/api/answers?ask=DISAGREEMENTS", fly).at("/disagreements/ways");
    assertThat(ways.findValuesAsString("name")).contains("collar hackle: full or clipped below");
    String other = ways.get(0).get("document").toString();
    JsonNode both = answer("/api/comparisons", "[" + fly + "," + other + "]").get("comparison");
    assertThat(both.get("flies").size()).isEqualTo(2);
    assertThat(both.at("/rows/0/against/0").isNull()).isTrue();
    String bad = other.replace("\"size\":16", "\"size\":99");
    Answer refused = app.send("POST", "/api/comparisons", "[" + fly + "," + bad + "]");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().at("/errors/0/pointer").asString()).startsWith("/1/pattern/hook");
    String five = "[" + String.join(",", java.util.Collections.nCopies(5, fly)) + "]";
    assertThat(app.send("POST", "/api/comparisons", five).status()).isEqualTo(422);
    assertThat(app.send("POST", "/api/comparisons", fly).status()).isEqualTo(422);
  }

  @Test
  void anOutcomeIsReachedOrRefusedByItsBounds() throws Exception {
    String path = "/api/answers?ask=GOAL&goal=FLUSH&amount=0";
    String last = lastLine(app.send("POST", path, fly));
    JsonNode changes = JsonMapper.shared().readTree(last).get("changes");
    assertThat(changes.at("/changes/0/words").asString()).contains("trim full → below");
    String changed = changes.at("/changes/0/document").toString();
    JsonNode pose = app.send("POST", "/api/estimates", changed).json();
    assertThat(pose.get("sits").asString()).isEqualTo("FLUSH");
    assertThat(app.send("POST", "/api/answers?ask=GOAL", fly).status()).isEqualTo(422);
    assertThat(app.send("POST", "/api/answers?ask=GOAL&goal=HANG&amount=400", fly).status())
        .isEqualTo(422);
  }

  @Test
  void aStoredFlyHasItsCardOnScreenAsTextAndOnPaper() throws Exception {
    String id =
        app.send("POST", "/api/patterns/imports", fly.replace("Lantern Dun", "Card Dun"))
            .json()
            .get("id")
            .asString();
    String path = "/api/patterns/" + id + "/card";
    JsonNode card = app.get(path).json();
    assertThat(card.get("name").asString()).isEqualTo("Card Dun");
    assertThat(card.at("/steps/0/how/text").asString()).isNotBlank();
    assertThat(app.get(path + ".txt").body()).startsWith("Card Dun\nHook: size 14");
    Answer pdf = app.get(path + ".pdf?paper=A5");
    assertThat(pdf.body()).startsWith("%PDF");
    assertThat(pdf.response().headers().firstValue("content-disposition").orElseThrow())
        .contains("card-dun-card.pdf");
    assertThat(app.get(path + ".pdf?paper=A3").status()).isBetween(400, 422);
    assertThat(app.get(path.replace(id, new java.util.UUID(1, 2).toString())).status())
        .isEqualTo(404);
  }

  private static String lastLine(Answer answer) {
    String[] lines = answer.body().strip().split("\n");
    return lines[lines.length - 1];
  }

  @Test
  void outcomesSayHowMuchCanBeAsked() throws Exception {
    JsonNode outcomes = app.get("/api/outcomes").json();
    assertThat(outcomes.size()).isEqualTo(8);
    for (JsonNode o : outcomes) {
      assertThat(o.get("usual").asDouble())
          .isBetween(o.get("low").asDouble(), o.get("high").asDouble());
    }
  }

  @Test
  void aFlyWithMoreFibresThanThereIsRoomForIsRefusedInWordsAndBothWays() throws Exception {
    var heavy = (tools.jackson.databind.node.ObjectNode) JsonMapper.shared().readTree(fly);
    var parts = (tools.jackson.databind.node.ArrayNode) heavy.at("/pattern/parts");
    JsonNode hackle = null;
    for (JsonNode part : parts) {
      hackle = part.get("part").asString().endsWith("hackle") ? part : hackle;
    }
    ((tools.jackson.databind.node.ObjectNode) hackle).put("turns", 12);
    while (parts.size() < 20) {
      parts.add(
          JsonMapper.shared()
              .readTree(
                  "{\"part\":\"palmered-hackle\",\"material\":\"dry-hackle\",\"turns\":14,"
                      + "\"barb\":{\"rule\":\"gap\",\"factor\":3}}"));
    }
    Answer pose = app.send("POST", "/api/estimates", heavy.toString());
    assertThat(pose.status()).isEqualTo(422);
    assertThat(pose.json().at("/errors/0/remedy").asString()).contains("Wind fewer turns");
    Answer answer = app.send("POST", "/api/answers?ask=CARRY", heavy.toString());
    assertThat(answer.body()).contains("Wind fewer turns");
    assertThat(app.send("POST", "/api/estimates", fly).status()).isEqualTo(200);
  }
}
