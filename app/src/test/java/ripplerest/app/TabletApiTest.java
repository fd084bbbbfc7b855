package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.LuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A tablet at the vise: what it may do, how long, and what is of no use to whoever looks on. */
class TabletApiTest {
  private Someone tier;
  private String path;

  @BeforeEach
  void tyingSomething() throws Exception {
    tier = Someone.fresh("TIER");
    path =
        "/api/patterns/"
            + tier.send("POST", "/api/patterns", "{\"style\":\"parachute\"}")
                .json()
                .get("id")
                .asString();
  }

  private JsonNode shown() throws Exception {
    RunningApplication.Answer shown = tier.send("POST", path + "/tablets", "{}");
    assertThat(shown.status()).as(shown.body()).isEqualTo(201);
    return shown.json();
  }

  private static String scanned(JsonNode shown) {
    String address = shown.get("address").asString();
    return "{\"token\":\"%s\"}".formatted(address.substring(address.indexOf('#') + 1));
  }

  private static Someone tablet() {
    return new Someone(RunningApplication.shared());
  }

  private static JdbcTemplate jdbc() {
    return RunningApplication.shared().context.getBean(JdbcTemplate.class);
  }

  @Test
  void nextAndBackOnEither() throws Exception {
    Someone tablet = tablet();
    JsonNode follows = tablet.send("POST", "/api/tablet", scanned(shown())).json();
    assertThat(path).endsWith(follows.get("pattern").asString());
    assertThat(follows.get("club").asBoolean()).isFalse();
    turn(tablet, 1);
    assertThat(tier.get(path + "/tying").json().get("step").asInt()).isEqualTo(1);
    turn(tier, 2);
    JsonNode there = tablet.get(path + "/tying").json();
    assertThat(there.get("step").asInt()).isEqualTo(2);
    // whoever turns from where the fly is no more is told where it is
    RunningApplication.Answer late = turned(tablet, 1, "\"1\"");
    assertThat(late.status()).isEqualTo(412);
    assertThat(late.json().at("/stored/step").asInt()).isEqualTo(2);
    assertThat(tablet.get(path + "/card").json().get("steps").size()).isPositive();
  }

  private void turn(Someone someone, int step) throws Exception {
    String revision = "\"" + someone.get(path + "/tying").json().get("revision").asLong() + "\"";
    assertThat(turned(someone, step, revision).status()).isEqualTo(200);
  }

  private RunningApplication.Answer turned(Someone someone, int step, String revision)
      throws Exception {
    String at = "{\"step\":%d,\"seconds\":[]}".formatted(step);
    return someone.send("PUT", path + "/tying", at, "If-Match", revision);
  }

  @Test
  void itSeesThisFlyAndNothingElse() throws Exception {
    String other =
        tier.send("POST", "/api/patterns", "{\"style\":\"parachute\"}").json().get("id").asString();
    Someone tablet = tablet();
    tablet.send("POST", "/api/tablet", scanned(shown()));
    assertThat(tablet.get(path).status()).isEqualTo(200);
    for (String elsewhere :
        List.of(
            "/api/patterns",
            "/api/patterns/" + other,
            "/api/patterns/" + other + "/card",
            path + "/export",
            path + "/tablets",
            "/api/log",
            "/api/people",
            "/api/me/things",
            "/club/api/patterns")) {
      assertThat(tablet.get(elsewhere).status()).as(elsewhere).isEqualTo(403);
    }
    assertThat(tablet.send("DELETE", path, null).status()).isEqualTo(403);
    assertThat(tablet.send("POST", path + "/tying/finish", "{}").status()).isEqualTo(403);
    assertThat(tablet.send("PUT", "/api/me/password", "{}").status()).isEqualTo(403);
    assertThat(tablet.get("/api/me").json().get("follows").isNull()).isFalse();
  }

  @Test
  void aCodeIsGoodOnceAndForAShortWhile() throws Exception {
    JsonNode shown = shown();
    assertThat(tablet().send("POST", "/api/tablet", scanned(shown)).status()).isEqualTo(200);
    String replayed = refusal(scanned(shown));
    assertThat(replayed).isEqualTo(refusal("{\"token\":\"never-shown\"}"));
    JsonNode late = shown();
    jdbc().update("update pairing set until = now() - interval '1 second' where paired_at is null");
    assertThat(refusal(scanned(late))).isEqualTo(replayed);
    assertThat(jdbc().queryForList("select token from pairing", String.class))
        .noneMatch(t -> scanned(shown).contains(t)); // only its hash is kept
  }

  private static String refusal(String body) throws Exception {
    RunningApplication.Answer refused = tablet().send("POST", "/api/tablet", body);
    assertThat(refused.status()).isEqualTo(422);
    return refused.body();
  }

  @Test
  void whoIsSentAwayIsOutAtOnce() throws Exception {
    JsonNode shown = shown();
    Someone tablet = tablet();
    tablet.send("POST", "/api/tablet", scanned(shown));
    String id = shown.get("id").asString();
    assertThat(tier.get(path + "/tablets").json().get(0).get("id").asString()).isEqualTo(id);
    assertThat(Someone.fresh("TIER").send("DELETE", "/api/tablets/" + id, null).status())
        .isEqualTo(404);
    assertThat(tablet.get(path).status()).isEqualTo(200);
    assertThat(tier.send("DELETE", "/api/tablets/" + id, null).status()).isEqualTo(204);
    assertThat(tablet.get(path).status()).isEqualTo(401);
    // and a day later it is out by itself
    JsonNode next = shown();
    tablet.send("POST", "/api/tablet", scanned(next));
    assertThat(tablet.get(path).status()).isEqualTo(200);
    jdbc().update("update pairing set paired_at = now() - interval '25 hours'");
    assertThat(tablet.get(path).status()).isEqualTo(401);
  }

  @Test
  void whoeverIsSignedInIsNotMadeATablet() throws Exception {
    Someone other = Someone.fresh("TIER");
    assertThat(other.send("POST", "/api/tablet", scanned(shown())).status()).isEqualTo(422);
    assertThat(other.get("/api/patterns").status()).isEqualTo(200);
    Someone guest = Someone.fresh("GUEST");
    String clubs = guest.get("/club/api/patterns").json().get(0).get("id").asString();
    assertThat(guest.send("POST", "/club/api/patterns/" + clubs + "/tablets", "{}").status())
        .isEqualTo(403);
    // another's fly is shown to nobody
    assertThat(other.send("POST", path + "/tablets", "{}").status()).isEqualTo(404);
  }

  @Test
  void aTabletFollowsTheClubsFlyToo() throws Exception {
    String clubs = tier.get("/club/api/patterns").json().get(2).get("id").asString();
    String at = "/club/api/patterns/" + clubs;
    JsonNode shown = tier.send("POST", at + "/tablets", "{}").json();
    Someone tablet = tablet();
    JsonNode follows = tablet.send("POST", "/api/tablet", scanned(shown)).json();
    assertThat(follows.get("club").asBoolean()).isTrue();
    assertThat(tablet.get(at + "/card").status()).isEqualTo(200);
    // whose it is is the pairing's to say, whatever address it is asked at
    assertThat(tablet.get("/api/patterns/" + clubs + "/card").status()).isEqualTo(200);
  }

  /** The drawn squares are read by a decoder, which is none of ours. */
  @Test
  void theCodeIsReadAsItsAddress() throws Exception {
    JsonNode shown = shown();
    int size = shown.get("size").asInt();
    int scale = 4;
    byte[] light = new byte[size * size * scale * scale];
    Arrays.fill(light, (byte) 255);
    Matcher square =
        Pattern.compile("M(\\d+) (\\d+)h1v1h-1z").matcher(shown.get("squares").asString());
    int squares = 0;
    while (square.find()) {
      squares++;
      for (int dy = 0; dy < scale; dy++) {
        for (int dx = 0; dx < scale; dx++) {
          int x = Integer.parseInt(square.group(1)) * scale + dx;
          int y = Integer.parseInt(square.group(2)) * scale + dy;
          light[y * size * scale + x] = 0;
        }
      }
    }
    assertThat(squares).isGreaterThan(200);
    LuminanceSource picture =
        new LuminanceSource(size * scale, size * scale) {
          @Override
          public byte[] getRow(int y, byte[] row) {
            return Arrays.copyOfRange(light, y * getWidth(), (y + 1) * getWidth());
          }

          @Override
          public byte[] getMatrix() {
            return light;
          }
        };
    String read =
        new QRCodeReader().decode(new BinaryBitmap(new HybridBinarizer(picture))).getText();
    assertThat(read).isEqualTo(shown.get("address").asString()).contains("/tablet#");
  }
}
