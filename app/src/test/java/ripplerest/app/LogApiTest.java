package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The log of tied flies, the fly on the vise, and pictures. */
class LogApiTest {
  private RunningApplication app;
  private String pattern;

  @BeforeEach
  void start() throws Exception {
    app = RunningApplication.get();
    pattern = app.get("/api/patterns").json().get(0).get("id").asString();
  }

  private String logged() throws Exception {
    return app.send("POST", "/api/log?pattern=" + pattern, null).json().at("/fly/id").asString();
  }

  private Answer change(String fly, String made) throws Exception {
    String body = "{\"seconds\":900,\"massMg\":22.4,\"notes\":\"by lamp\",\"made\":[%s]}";
    String path = "/api/log/" + fly;
    return app.send("PUT", path, body.formatted(made), "If-Match", app.get(path).etag());
  }

  private static String made(String part, String field, double value) {
    return "{\"part\":\"%s\",\"field\":\"%s\",\"value\":%s,\"error\":0}"
        .formatted(part, field, value);
  }

  @Test
  void whatWasMeasuredIsKeptAndJudged() throws Exception {
    String fly = logged();
    assertThat(change(fly, made("collar-hackle", "turns", 2)).status()).isEqualTo(200);
    JsonNode kept = app.get("/api/log/" + fly).json();
    assertThat(kept.at("/fly/made/0/planned").asDouble()).isEqualTo(5);
    assertThat(kept.at("/fly/massMg").asDouble()).isEqualTo(22.4);
    String last = app.get("/api/log/" + fly + "/as-tied").body().lines().reduce((a, b) -> b).get();
    JsonNode tied = JsonMapper.shared().readTree(last).get("asTied");
    assertThat(tied.at("/differences/0/words/text").asString())
        .startsWith("collar hackle 3 turns fewer: ");
    assertThat(tied.at("/made/eyeMm").asDouble()).isLessThan(tied.at("/planned/eyeMm").asDouble());
    assertThat(tied.at("/outline/fibres").size()).isPositive();
  }

  @Test
  void whatNoFlyHasIsRefusedAndWhatWasKeptStays() throws Exception {
    String fly = logged();
    change(fly, made("tail", "length", 8.1));
    Answer far = change(fly, made("tail", "length", 999));
    assertThat(far.status()).isEqualTo(422);
    assertThat(far.json().at("/errors/0/bound").asString()).isEqualTo("from 0.5 to 60 mm");
    assertThat(change(fly, made("post", "length", 8)).status()).isEqualTo(422);
    assertThat(app.get("/api/log/" + fly).json().at("/fly/made/0/value").asDouble()).isEqualTo(8.1);
  }

  @Test
  void theLogGoesOutAndComesBack() throws Exception {
    String fly = logged();
    change(fly, made("tail", "length", 8.1));
    String before = app.get("/api/log/" + fly).json().get("fly").toString();
    String file = app.get("/api/log.json").body();
    assertThat(app.get("/api/log.csv").body())
        .startsWith("fly,tied-at,name,size,seconds")
        .contains(fly);
    assertThat(take(file).json().get("added").asInt()).as("all are here").isZero();
    assertThat(app.send("DELETE", "/api/log/" + fly, null).status()).isEqualTo(204);
    assertThat(app.get("/api/log/" + fly).status()).isEqualTo(404);
    assertThat(take(file).json().get("added").asInt()).isEqualTo(1);
    assertThat(app.get("/api/log/" + fly).json().get("fly").toString()).isEqualTo(before);
  }

  @Test
  void aLogThatDoesNotFitAddsNothing() throws Exception {
    String fly = logged();
    change(fly, made("tail", "length", 8.1));
    ObjectNode file = (ObjectNode) JsonMapper.shared().readTree(app.get("/api/log.json").body());
    app.send("DELETE", "/api/log/" + fly, null);
    int flies = app.get("/api/log").json().size();
    JsonNode last = file.get("flies").get(file.get("flies").size() - 1);
    ((ObjectNode) last).put("massMg", -4);
    Answer refused = take(file.toString());
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().at("/errors/0/pointer").asString()).endsWith("/massMg");
    assertThat(take("{}").status()).isEqualTo(422);
    assertThat(take("no log").status()).isEqualTo(422);
    assertThat(app.get("/api/log").json().size()).isEqualTo(flies);
  }

  private Answer take(String file) throws Exception {
    return app.send("POST", "/api/log/imports", file, "Content-Type", "application/octet-stream");
  }

  @Test
  void aFlyOnTheViseIsKeptStepByStepAndTeachesTheClock() throws Exception {
    String vise = "/api/patterns/" + pattern + "/tying";
    JsonNode card = app.get("/api/patterns/" + pattern + "/card").json();
    double assumed = card.at("/steps/1/seconds").asDouble();
    String at = "{\"step\":2,\"seconds\":[30,%s]}".formatted(4 * assumed);
    assertThat(app.send("PUT", vise, at).status()).isEqualTo(428);
    String empty = app.get(vise).etag();
    String tag = app.send("PUT", vise, at, "If-Match", empty).etag();
    assertThat(app.get(vise).json().get("step").asInt()).isEqualTo(2);
    Answer late = app.send("PUT", vise, at, "If-Match", empty);
    assertThat(late.status()).isEqualTo(412);
    assertThat(late.json().at("/stored/step").asInt()).isEqualTo(2);
    String far = "{\"step\":999,\"seconds\":[]}";
    assertThat(app.send("PUT", vise, far, "If-Match", tag).status()).isEqualTo(422);
    JsonNode fly = app.send("POST", vise + "/finish", null, "If-Match", tag).json();
    Answer twice = app.send("POST", vise + "/finish", null, "If-Match", tag);
    assertThat(twice.status()).as("it is off the vise").isEqualTo(412);
    assertThat(app.send("PUT", vise, at, "If-Match", tag).status()).isEqualTo(412);
    assertThat(fly.get("seconds").asDouble()).isCloseTo(30 + 4 * assumed, within(1e-9));
    assertThat(app.get(vise).json().get("step").asInt()).isZero();
    JsonNode after = app.get("/api/patterns/" + pattern + "/card").json();
    assertThat(after.at("/steps/1/timed").asInt()).isEqualTo(1);
    assertThat(after.at("/steps/1/seconds").asDouble())
        .as("one timing in three, four times as long")
        .isCloseTo(assumed * Math.cbrt(4), within(1.0));
  }

  @Test
  void aPictureIsKeptAndMeasured() throws Exception {
    JsonNode demo = app.get("/api/log").json();
    String source = "";
    for (JsonNode line : demo) {
      source = line.get("pictured").asBoolean() ? line.get("id").asString() : source;
    }
    String fly = logged();
    byte[] png = bytes(source);
    HttpResponse<String> kept = put(fly, png, "image/png");
    assertThat(kept.statusCode()).isEqualTo(200);
    assertThat(JsonMapper.shared().readTree(kept.body()).get("widthPx").asInt()).isEqualTo(1400);
    assertThat(bytes(fly)).isEqualTo(png);
    String marks =
        "{\"eye\":{\"x\":400,\"y\":400},\"bend\":{\"x\":770,\"y\":400},"
            + "\"film\":[{\"x\":100,\"y\":400},{\"x\":1300,\"y\":400}],"
            + "\"lines\":[{\"name\":\"tail length\",\"from\":{\"x\":770,\"y\":400},"
            + "\"to\":{\"x\":1170,\"y\":400}}]}";
    JsonNode told = app.send("POST", "/api/log/" + fly + "/marks", marks).json();
    assertThat(told.get("pxPerMm").asDouble()).isCloseTo(370 / 7.4, within(0.01));
    assertThat(told.at("/rest/0/pitchDeg").asDouble()).isCloseTo(0, within(1e-9));
    assertThat(told.at("/lengths/0/mm").asDouble()).isCloseTo(8, within(0.01));
    assertThat(app.get("/api/log/" + fly).json().at("/fly/photograph/lengths/0/error").asDouble())
        .isBetween(0.1, 0.3);
    String near = "{\"eye\":{\"x\":400,\"y\":400},\"bend\":{\"x\":410,\"y\":400}}";
    assertThat(app.send("POST", "/api/log/" + fly + "/marks", near).status()).isEqualTo(422);
    for (String nothing :
        new String[] {"{}", "{\"eye\":null}", near.replace("}}", "},\"film\":[null,null]}")}) {
      assertThat(app.send("POST", "/api/log/" + fly + "/marks", nothing).status()).isEqualTo(422);
    }
  }

  @Test
  void whatIsNoPictureOrTooLargeIsRefusedAndTheOldOneStays() throws Exception {
    String fly = logged();
    byte[] noise = new byte[40_000_000];
    new Random(1).nextBytes(noise);
    HttpResponse<String> large = put(fly, noise, "image/jpeg");
    assertThat(large.statusCode()).isEqualTo(422);
    assertThat(large.body()).contains("at most 12 MB");
    assertThat(put(fly, "words".getBytes(), "image/png").body()).contains("no whole PNG or JPEG");
    ByteArrayOutputStream vast = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(9000, 9000, BufferedImage.TYPE_BYTE_BINARY), "png", vast);
    assertThat(put(fly, vast.toByteArray(), "image/png").body())
        .contains("at most 60 million pixels");
    byte[] broken = java.util.Arrays.copyOf(bytes(picturedFly()), 5000);
    assertThat(put(fly, broken, "image/png").statusCode()).isEqualTo(422);
    assertThat(app.get("/api/log/" + fly).json().get("pictured").asBoolean()).isFalse();
  }

  private String picturedFly() throws Exception {
    for (JsonNode line : app.get("/api/log").json()) {
      if (line.get("pictured").asBoolean()) {
        return line.get("id").asString();
      }
    }
    throw new AssertionError("the demo has pictures");
  }

  private byte[] bytes(String fly) throws Exception {
    HttpRequest get = HttpRequest.newBuilder(picture(fly)).build();
    return HttpClient.newHttpClient().send(get, HttpResponse.BodyHandlers.ofByteArray()).body();
  }

  private HttpResponse<String> put(String fly, byte[] bytes, String type) throws Exception {
    HttpRequest put =
        HttpRequest.newBuilder(picture(fly))
            .header("Content-Type", type)
            .PUT(HttpRequest.BodyPublishers.ofByteArray(bytes))
            .build();
    return HttpClient.newHttpClient().send(put, HttpResponse.BodyHandlers.ofString());
  }

  private URI picture(String fly) {
    return URI.create(app.address() + "/api/log/" + fly + "/picture");
  }

  @Test
  void aDeviceThatIsNotThereIsSaidPlainly() throws Exception {
    Answer absent = app.send("POST", "/api/devices/caliper/reading", null);
    assertThat(absent.status()).isEqualTo(502);
    assertThat(absent.json().get("detail").asString()).startsWith("No caliper answers at");
    assertThat(app.send("POST", "/api/devices/ruler/reading", null).status()).isEqualTo(422);
  }
}
