package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ripplerest.app.RunningApplication.Answer;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.PatternWriter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ApiTest {
  private static final Path EXAMPLES = Path.of("../docs/format/examples");
  private RunningApplication app;
  private String example;

  @BeforeEach
  void start() throws IOException {
    app = RunningApplication.get();
    example = Files.readString(EXAMPLES.resolve("parachute.json"));
  }

  private Answer added() throws Exception {
    Answer answer = app.send("POST", "/api/patterns/imports", example);
    assertThat(answer.status()).isEqualTo(201);
    return answer;
  }

  private static String idOf(Answer answer) {
    return answer.json().get("id").asString();
  }

  private int count() throws Exception {
    return app.get("/api/patterns").json().size();
  }

  @Test
  void demoIsLoadedOnce() throws Exception {
    JsonNode list = app.get("/api/patterns").json();
    assertThat(list.findValuesAsString("name"))
        .contains("Lantern Dun", "Slate Lodger", "Willow Skate");
    JdbcTemplate jdbc = app.context.getBean(JdbcTemplate.class);
    assertThat(jdbc.queryForObject("select count(*) from demo_load", Integer.class)).isEqualTo(1);
  }

  @Test
  void whatGoesInComesOutTheSame() throws Exception {
    String id = idOf(added());
    PatternReader reader = app.context.getBean(PatternReader.class);
    String canonical = PatternWriter.write(reader.read(example.getBytes(StandardCharsets.UTF_8)));
    Answer exported = app.get("/api/patterns/" + id + "/export");
    assertThat(exported.body()).isEqualTo(canonical);
    assertThat(exported.response().headers().firstValue("Content-Disposition").orElse(""))
        .contains("willow-skate.json");
    String original = app.send("POST", "/api/estimates", example).body();
    assertThat(app.send("POST", "/api/estimates", exported.body()).body()).isEqualTo(original);
  }

  @Test
  void aChangeNamesTheRevisionItWasMadeTo() throws Exception {
    Answer answer = added();
    String path = "/api/patterns/" + idOf(answer);
    String changed = example.replace("Willow Skate", "Osier Skate");
    assertThat(app.send("PUT", path, changed).status()).isEqualTo(428);
    Answer saved = app.send("PUT", path, changed, "If-Match", answer.etag());
    assertThat(saved.status()).isEqualTo(200);
    assertThat(saved.etag()).isNotEqualTo(answer.etag());
    Answer late = app.send("PUT", path, example, "If-Match", answer.etag());
    assertThat(late.status()).isEqualTo(412);
    assertThat(late.json().at("/stored/document/pattern/name").asString()).isEqualTo("Osier Skate");
    assertThat(app.get(path).json().at("/document/pattern/name").asString())
        .isEqualTo("Osier Skate");
  }

  @Test
  void aBadDocumentIsRefusedAndNothingIsSaved() throws Exception {
    int before = count();
    Answer bad =
        app.send("POST", "/api/patterns/imports", example.replace("\"size\": 14", "\"size\": 99"));
    assertThat(bad.status()).isEqualTo(422);
    assertThat(bad.response().headers().firstValue("Content-Type").orElse(""))
        .startsWith("application/problem+json");
    assertThat(bad.json().at("/errors/0/pointer").asString()).isEqualTo("/pattern/hook/size");
    assertThat(bad.json().at("/errors/0/remedy").asString()).isNotBlank();
    assertThat(app.send("POST", "/api/patterns/imports", "no json").status()).isEqualTo(422);
    assertThat(count()).isEqualTo(before);
    String id = idOf(added());
    Answer put = app.send("PUT", "/api/patterns/" + id, "{}", "If-Match", "\"0\"");
    assertThat(put.status()).isEqualTo(422);
    assertThat(app.get("/api/patterns/" + id).json().at("/document/pattern/name").asString())
        .isEqualTo("Willow Skate");
  }

  @Test
  void fiftyMegabytesAreAnsweredAndNothingIsSaved() throws Exception {
    int before = count();
    Answer huge = app.send("POST", "/api/patterns/imports", " ".repeat(50_000_000));
    assertThat(huge.status()).isEqualTo(422);
    assertThat(huge.json().get("detail").asString()).contains("too large");
    assertThat(count()).isEqualTo(before);
  }

  @Test
  void deletingCanBeUndone() throws Exception {
    String path = "/api/patterns/" + idOf(added());
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    Answer gone = app.get(path);
    assertThat(gone.status()).isEqualTo(404);
    assertThat(gone.json().get("detail").asString()).contains("may have been deleted");
    assertThat(app.send("POST", path + "/restoration", null).status()).isEqualTo(200);
    assertThat(app.get(path).status()).isEqualTo(200);
  }

  @Test
  void aNewStyleIsANewPatternOnTheSameHook() throws Exception {
    String id = idOf(added());
    Answer created =
        app.send(
            "POST",
            "/api/patterns",
            "{\"style\":\"forward-plume\",\"likePattern\":\"" + id + "\"}");
    assertThat(created.status()).isEqualTo(201);
    assertThat(created.json().at("/document/pattern/hook/size").asInt()).isEqualTo(14);
    assertThat(created.json().at("/document/pattern/style").asString()).isEqualTo("forward-plume");
    assertThat(app.get("/api/patterns/" + id).json().at("/document/pattern/style").asString())
        .isEqualTo("parachute");
    Answer copy = app.send("POST", "/api/patterns/" + id + "/copies", null);
    assertThat(copy.json().at("/document/pattern/name").asString()).isEqualTo("Willow Skate, copy");
    assertThat(app.send("POST", "/api/patterns", "{\"style\":\"elbow\"}").status()).isEqualTo(422);
  }

  @Test
  void theEstimateIsTheOneTheCommandLineMakes() throws Exception {
    JsonNode pose = app.send("POST", "/api/estimates", example).json();
    assertThat(pose.at("/outline/fibres").size()).isGreaterThan(20);
    PatternReader reader = app.context.getBean(PatternReader.class);
    var file = reader.read(example.getBytes(StandardCharsets.UTF_8));
    var materials = ripplerest.core.material.Materials.standard();
    var estimate =
        ripplerest.core.estimate.Estimator.estimate(
            ripplerest.core.estimate.PreparedFly.of(
                new Sizer(materials).size(file.pattern()), materials, file.conditions()),
            ripplerest.core.estimate.Options.poseOnly());
    var view = ripplerest.exchange.view.EstimateView.of(estimate);
    JsonNode byCore = JsonMapper.shared().valueToTree(view);
    assertThat(pose.get("rest")).isEqualTo(byCore.get("rest"));
  }

  @Test
  void everyKindOfPartHasASheetAndAUsualPart() throws Exception {
    JsonNode kinds = app.get("/api/parts").json();
    assertThat(kinds.findValuesAsString("id")).contains("tent-wing", "soft-collar", "bead");
    for (JsonNode kind : kinds) {
      JsonNode part = app.get("/api/styles/parachute/parts/" + kind.get("id").asString()).json();
      assertThat(kind.get("materials").findValuesAsString("id"))
          .contains(part.get("material").asString());
    }
    assertThat(app.get("/api/styles/parachute/parts/elbow").status()).isEqualTo(422);
  }

  @Test
  void aForeignHostAndAForeignSiteAreRefused() throws Exception {
    try (Socket socket = new Socket("127.0.0.1", app.port)) {
      socket
          .getOutputStream()
          .write("GET /api/patterns HTTP/1.0\r\nHost: attacker.example\r\n\r\n".getBytes());
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(answer).startsWith("HTTP/1.1 421");
    }
    int before = count();
    for (String origin :
        List.of(
            "http://evil.example",
            "null",
            "mailto:x",
            "http://127.0.0.1:1",
            "http://127.0.0.1",
            "https://127.0.0.1.evil.example:" + app.port,
            "http://[::1",
            "://",
            "file:///x",
            "")) {
      Answer cross = app.send("POST", "/api/patterns/imports", example, "Origin", origin);
      assertThat(cross.status()).as(origin).isEqualTo(403);
    }
    Answer fetch =
        app.send("POST", "/api/patterns/imports", example, "Sec-Fetch-Site", "cross-site");
    assertThat(fetch.status()).isEqualTo(403);
    assertThat(count()).isEqualTo(before);
    String own = "http://127.0.0.1:" + app.port;
    assertThat(app.send("POST", "/api/patterns/imports", example, "Origin", own).status())
        .isEqualTo(201);
  }

  @Test
  void aBrowserIsToldWhatItMayDoWithAnAnswer() throws Exception {
    for (String path : List.of("/api/patterns", "/", "/bench/x", "/api/nothing", "/ripple.svg")) {
      var headers = app.get(path).response().headers();
      assertThat(headers.firstValue("X-Content-Type-Options")).as(path).contains("nosniff");
      assertThat(headers.firstValue("Referrer-Policy")).as(path).contains("no-referrer");
      assertThat(headers.firstValue("X-Frame-Options")).as(path).contains("DENY");
      assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
          .as(path)
          .startsWith("default-src 'none'")
          .contains("frame-ancestors 'none'")
          .doesNotContain("unsafe");
    }
    Answer one = app.get("/");
    Answer two = app.get("/");
    String policy = one.response().headers().firstValue("Content-Security-Policy").orElseThrow();
    String nonce = policy.replaceAll(".*'nonce-([^']+)'.*", "$1");
    assertThat(one.body()).contains("nonce=\"" + nonce + "\"");
    assertThat(two.body()).doesNotContain(nonce);
  }

  @Test
  void pagesAnswerDeepLinksAndTheApiDoesNot() throws Exception {
    assertThat(app.get("/bench/anything").body()).contains("<div id=\"root\">");
    assertThat(app.get("/api/nothing").status()).isEqualTo(404);
  }

  /** The front end's types come from this document: it has to be the one that is checked in. */
  @Test
  void theDescriptionOfTheApiIsTheOneTheFrontEndWasBuiltFrom() throws Exception {
    JsonNode now = app.get("/v3/api-docs").json();
    JsonNode checkedIn = JsonMapper.shared().readTree(Path.of("../web/openapi.json").toFile());
    Files.createDirectories(Path.of("target"));
    Files.writeString(
        Path.of("target/openapi.json"),
        JsonMapper.shared().writerWithDefaultPrettyPrinter().writeValueAsString(now) + "\n");
    assertThat(now)
        .as("copy app/target/openapi.json over web/openapi.json if the change is meant")
        .isEqualTo(checkedIn);
  }

  @Test
  void changesAreUndoneAndRedoneByTheirNamesUntilSomethingElseIsDone() throws Exception {
    Answer answer = added();
    String path = "/api/patterns/" + idOf(answer);
    assertThat(answer.json().get("undo").asString()).isEmpty();
    Answer none = app.send("POST", path + "/undo", null, "If-Match", answer.etag());
    assertThat(none.status()).isEqualTo(422);
    String second = example.replace("Willow Skate", "Osier Skate");
    Answer two = app.send("PUT", path, second, "If-Match", answer.etag());
    String third = second.replaceFirst("\"size\": 14", "\"size\": 12");
    Answer three = app.send("PUT", path, third, "If-Match", two.etag());
    assertThat(three.json().get("undo").asString()).isEqualTo("hook 14 → 12");
    Answer back = app.send("POST", path + "/undo", null, "If-Match", three.etag());
    assertThat(back.json().at("/document/pattern/hook/size").asInt()).isEqualTo(14);
    assertThat(back.json().get("undo").asString()).isEqualTo("named Osier Skate");
    assertThat(back.json().get("redo").asString()).isEqualTo("hook 14 → 12");
    assertThat(app.send("POST", path + "/undo", null, "If-Match", three.etag()).status())
        .isEqualTo(412);
    Answer first = app.send("POST", path + "/undo", null, "If-Match", back.etag());
    assertThat(first.json().at("/document/pattern/name").asString()).isEqualTo("Willow Skate");
    Answer again = app.send("POST", path + "/redo", null, "If-Match", first.etag());
    assertThat(again.json().at("/document/pattern/name").asString()).isEqualTo("Osier Skate");
    assertThat(app.get(path).json().get("redo").asString()).isEqualTo("hook 14 → 12");
    String other = second.replace("Osier", "Withy");
    Answer another = app.send("PUT", path, other, "If-Match", again.etag());
    assertThat(another.json().get("redo").asString()).isEmpty();
    Answer same = app.send("PUT", path, other, "If-Match", another.etag());
    assertThat(same.json().get("undo").asString()).isEqualTo("named Withy Skate");
  }
}
