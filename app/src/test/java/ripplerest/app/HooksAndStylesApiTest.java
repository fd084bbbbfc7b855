package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;

class HooksAndStylesApiTest {
  private static final String HOOK =
      """
      {"name":"bin 3","size":14,"shape":"straight","shankMm":7.1,"gapMm":4.2,"wireMm":0.4,
       "eyeMm":0.9,"tenMg":175}""";

  private RunningApplication app;

  @BeforeEach
  void start() {
    app = RunningApplication.get();
  }

  @Test
  void aHookIsMeasuredListedAndForgotten() throws Exception {
    Answer kept = app.send("POST", "/api/hooks", HOOK);
    assertThat(kept.status()).isEqualTo(201);
    assertThat(kept.json().at("/hook/massMg").asDouble()).isEqualTo(17.5);
    JsonNode hooks = app.get("/api/hooks").json();
    assertThat(hooks.get("catalogue").size()).isEqualTo(27);
    assertThat(hooks.get("own").findValuesAsString("name")).contains("bin 3");
    String path = "/api/hooks/" + kept.json().get("id").asString();
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.get("/api/hooks").json().get("own").findValuesAsString("name"))
        .doesNotContain("bin 3");
    Answer bad = app.send("POST", "/api/hooks", HOOK.replace("7.1", "999"));
    assertThat(bad.status()).isEqualTo(422);
    assertThat(bad.json().at("/errors/0/pointer").asString()).isEqualTo("/shankMm");
    assertThat(app.send("POST", "/api/hooks", HOOK.replace("straight", "elbow")).status())
        .isEqualTo(422);
  }

  @Test
  void aNaturalGetsHooksByBothWays() throws Exception {
    JsonNode found = app.get("/api/hooks/matches?order=MAYFLY&bodyMm=7.4&sex=MALE&tails=2").json();
    assertThat(found.at("/hooks/0/hook/size").asInt()).isEqualTo(14);
    assertThat(found.at("/hooks/1/hook/size").asInt()).isEqualTo(16);
    assertThat(found.get("otherSexSize").asInt()).isEqualTo(12);
    assertThat(app.get("/api/hooks/matches?order=MAYFLY&bodyMm=900").status()).isEqualTo(422);
  }

  @Test
  void aHouseStyleRowIsCopiedChangedFollowedAndThenCannotBeRemoved() throws Exception {
    String wanted = "{\"copyOf\":\"parachute\",\"label\":\"Hut way\"}";
    Answer made = app.send("POST", "/api/styles", wanted);
    assertThat(made.status()).isEqualTo(201);
    String id = made.json().get("id").asString();
    assertThat(app.send("POST", "/api/styles", wanted).status()).isEqualTo(422);
    String rule = "/api/styles/" + id + "/rules/parachute-hackle/turns";
    String three = "{\"value\":\"3\",\"low\":\"2\",\"high\":\"4\",\"words\":\"ours\"}";
    assertThat(app.send("PUT", rule, three).status()).isEqualTo(200);
    assertThat(app.send("PUT", rule, three.replace("\"3\"", "\"9\"")).status()).isEqualTo(422);
    assertThat(app.send("PUT", rule, three.replace("\"3\"", "\"x\"")).status()).isEqualTo(422);
    String standard = "/api/styles/parachute/rules/parachute-hackle/turns";
    assertThat(app.send("PUT", standard, three).status()).isEqualTo(422);
    Answer fly = app.send("POST", "/api/patterns", "{\"style\":\"" + id + "\"}");
    assertThat(fly.status()).isEqualTo(201);
    assertThat(fly.json().at("/document/pattern/parts/3/turns").asInt()).isEqualTo(3);
    Answer refused = app.send("DELETE", "/api/styles/" + id, null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().get("detail").asString()).contains("no pattern follows");
    Answer unused = app.send("POST", "/api/styles", wanted.replace("Hut way", "Barn way"));
    String other = unused.json().get("id").asString();
    assertThat(app.send("DELETE", "/api/styles/" + other, null).status()).isEqualTo(204);
  }
}
