package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Long questions over HTTP: streamed, queued, refused past a limit, given up with the client. */
class AnswersApiTest {
  private static final String LONG = "/api/answers?ask=LANDING&casts=5000";
  private RunningApplication app;
  private String example;

  /** A fly that lands in so many ways that all casts are made. */
  private String unsure;

  @BeforeEach
  void start() throws IOException {
    app = RunningApplication.get();
    example = Files.readString(Path.of("../docs/format/examples/parachute.json"));
    unsure = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
  }

  private static List<JsonNode> lines(Answer answer) {
    return answer.body().lines().map(JsonMapper.shared()::readTree).toList();
  }

  @Test
  void aLandingIsStreamedWithItsProgress() throws Exception {
    Answer answer = app.send("POST", "/api/answers?ask=LANDING&casts=40&seed=3", example);
    assertThat(answer.status()).isEqualTo(200);
    List<JsonNode> lines = lines(answer);
    assertThat(lines.stream().filter(l -> l.at("/progress/all").asInt(0) == 40)).isNotEmpty();
    JsonNode landing = lines.get(lines.size() - 1).get("landing");
    assertThat(landing.get("casts").asInt()).isEqualTo(40);
    JsonNode first = landing.at("/postures/0");
    assertThat(first.get("posture").asString()).isEqualTo("FLUSH");
    assertThat(first.get("share").asDouble())
        .isBetween(first.get("low").asDouble(), first.get("high").asDouble());
    Answer again = app.send("POST", "/api/answers?ask=LANDING&casts=40&seed=3", example);
    List<JsonNode> same = lines(again);
    assertThat(same.get(same.size() - 1)).isEqualTo(lines.get(lines.size() - 1));
  }

  @Test
  void carryAndFloatOverTimeAreAnswered() throws Exception {
    List<JsonNode> carry = lines(app.send("POST", "/api/answers?ask=CARRY", example));
    JsonNode hung = carry.get(carry.size() - 1).get("carry");
    assertThat(hung.get("inWaterMg").asDouble()).isPositive();
    assertThat(hung.get("beads").size()).isPositive();
    String hanger = Files.readString(Path.of("../docs/format/examples/forward-plume.json"));
    List<JsonNode> drift = lines(app.send("POST", "/api/answers?ask=OVER_TIME", hanger));
    JsonNode waters = drift.get(drift.size() - 1).at("/overTime/waters");
    assertThat(waters.findValuesAsString("water"))
        .containsExactly("STILL", "GLIDE", "RIFFLE", "POCKET");
    assertThat(waters.at("/0/up/0").asDouble()).isEqualTo(1);
  }

  @Test
  void whatWasAnsweredIsToldAgainAtOnce() throws Exception {
    String ask = "/api/answers?ask=LANDING&casts=30&seed=";
    Answer first = app.send("POST", ask + 71, example);
    assertThat(lines(first)).hasSizeGreaterThan(1);
    JsonNode found = lines(first).get(lines(first).size() - 1);
    assertThat(lines(app.send("POST", ask + 71, example))).containsExactly(found);
    assertThat(lines(app.send("POST", ask + 72, example))).hasSizeGreaterThan(1);
    String warmer = example.replace("\"temperature\": 12", "\"temperature\": 13");
    assertThat(warmer).isNotEqualTo(example);
    assertThat(lines(app.send("POST", ask + 71, warmer))).hasSizeGreaterThan(1);
  }

  private JsonNode asked(String query, String document) throws Exception {
    Answer answer = app.send("POST", "/api/answers?ask=" + query, document);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    List<JsonNode> lines = lines(answer);
    return lines.get(lines.size() - 1);
  }

  @Test
  void adviceIsAnswered() throws Exception {
    String collar = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
    JsonNode amounts = asked("AMOUNTS", collar).at("/amounts/amounts");
    assertThat(amounts.findValuesAsString("what")).contains("noodle long", "feather used", "wraps");
    JsonNode rows = asked("SIZE_RUN", collar).at("/sizeRun/rows");
    assertThat(rows.size()).isEqualTo(9);
    assertThat(rows.at("/4/works").asBoolean()).isTrue();
    assertThat(rows.at("/0/outline/fibres").size()).isPositive();
    JsonNode instead = asked("SUBSTITUTES&part=collar-hackle", collar).get("substitutes");
    assertThat(instead.at("/materials/0/id").asString()).isEqualTo("game-hackle");
    assertThat(instead.at("/materials/0/traits/0/trait").asString()).isEqualTo("stiffness");
    JsonNode hooks = asked("SUBSTITUTES&part=hook", collar).at("/substitutes/hooks");
    assertThat(hooks.size()).isEqualTo(8);
    JsonNode support = asked("SUPPORT&part=collar-hackle&reserve=3", collar).get("support");
    assertThat(support.get("enough").asInt()).isBetween(5, 12);
    assertThat(support.get("unit").asString()).isEqualTo("turns");
    JsonNode prints =
        asked("FOOTPRINT&bodyMm=8&order=MAYFLY&stage=SPENT", collar).get("footprints");
    assertThat(prints.get("flies").findValuesAsString("way"))
        .containsExactly("own", "same-size", "one-smaller");
    assertThat(prints.get("lengthMm").asDouble()).isEqualTo(17.6);
  }

  @Test
  void whatAdviceCannotBeAskedIsRefusedBeforeAnyWork() throws Exception {
    for (String query :
        List.of(
            "SUBSTITUTES&part=antenna",
            "SUPPORT&part=body",
            "SUPPORT&part=post&reserve=2",
            "SUPPORT&part=parachute-hackle&reserve=40",
            "FOOTPRINT",
            "FOOTPRINT&bodyMm=500",
            "FOOTPRINT&bodyMm=8&order=CRAB",
            "LANDING&casts=0")) {
      Answer answer = app.send("POST", "/api/answers?ask=" + query, example);
      assertThat(answer.status()).as(query).isEqualTo(422);
      JsonNode error = answer.json().at("/errors/0");
      assertThat(error.get("bound").asString()).as(query).isNotBlank();
      assertThat(error.get("remedy").asString()).as(query).isNotBlank();
    }
  }

  @Test
  void theWholeEstimateComesWithItsBandAndWithLinesForEveryRest() throws Exception {
    String collar = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
    JsonNode pose = app.send("POST", "/api/estimates", collar).json();
    List<JsonNode> lines = lines(app.send("POST", "/api/answers?ask=WHOLE", collar));
    assertThat(lines.stream().filter(l -> l.at("/progress/all").asInt(0) == 64)).isNotEmpty();
    JsonNode whole = lines.get(lines.size() - 1).get("estimate");
    assertThat(whole.get("rest")).isEqualTo(pose.get("rest"));
    JsonNode early = lines.stream().filter(l -> l.has("estimate")).findFirst().orElseThrow();
    assertThat(early.at("/estimate/headline/casts").asInt())
        .as("told before the band")
        .isEqualTo(8);
    assertThat(early.at("/estimate/band/samples").isMissingNode()).isTrue();
    assertThat(whole.at("/band/samples").asInt()).isEqualTo(64);
    assertThat(whole.get("others").size()).isPositive();
    assertThat(whole.at("/others/0/outline/fibres").size()).isGreaterThan(20);
  }

  @Test
  void whatATierAsksIsAnswered() throws Exception {
    String collar = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
    List<JsonNode> lines = lines(app.send("POST", "/api/answers?ask=WHAT_IF", collar));
    JsonNode answer = lines.get(lines.size() - 1).get("whatIfs");
    assertThat(answer.at("/weakest/0").asString()).isEqualTo("collar-hackle");
    assertThat(answer.get("soaked").findValues("parts").toString()).contains("[\"tail\"]");
    assertThat(answer.at("/heavier/then/massMg").asDouble())
        .isGreaterThan(answer.at("/now/massMg").asDouble());
    assertThat(answer.at("/lean/words").asString()).isNotEmpty();
  }

  @Test
  void whatCannotBeAskedIsRefused() throws Exception {
    Answer tooMany = app.send("POST", "/api/answers?ask=LANDING&casts=9999", example);
    assertThat(tooMany.status()).isEqualTo(422);
    assertThat(tooMany.json().at("/errors/0/pointer").asString()).isEqualTo("/casts");
    assertThat(app.send("POST", "/api/answers?ask=LANDING", "{}").status()).isEqualTo(422);
  }

  @Test
  void pastTheLimitItIsTurnedAwayAndWhatWaitsIsToldItsPlace() throws Exception {
    List<Socket> open = new ArrayList<>();
    assertThat(eventually(() -> queued() == 0)).isTrue();
    int limit = Runtime.getRuntime().availableProcessors() + 16;
    try {
      for (int i = 1; i <= limit; i++) {
        int asked = i;
        open.add(asked());
        assertThat(eventually(() -> queued() >= asked)).isTrue();
      }
      Answer turnedAway = app.send("POST", LONG, unsure);
      assertThat(turnedAway.status()).isEqualTo(429);
      assertThat(turnedAway.response().headers().firstValue("Retry-After")).contains("5");
      assertThat(turnedAway.json().get("detail").asString()).contains("Ask again");
      Socket last = open.get(limit - 1);
      last.setSoTimeout(20_000);
      byte[] told = last.getInputStream().readNBytes(200);
      while (!new String(told, StandardCharsets.UTF_8).contains("\"before\"")) {
        told = last.getInputStream().readNBytes(100);
      }
    } finally {
      for (Socket s : open) {
        s.close();
      }
    }
    assertThat(eventually(() -> queued() == 0)).isTrue();
  }

  @Test
  void aThousandCancelledRequestsLeaveNothingBehind() throws Exception {
    app.send("POST", "/api/answers?ask=LANDING&casts=20", example);
    long threads = threads();
    long before = used();
    for (int i = 0; i < 1000; i++) {
      Socket one = asked();
      if (i % 50 == 0) {
        assertThat(eventually(() -> queued() > 0)).as("it was taken before it went away").isTrue();
      }
      one.close();
    }
    assertThat(eventually(() -> queued() == 0)).isTrue();
    assertThat(eventually(() -> threads() <= threads + 16)).isTrue();
    assertThat(eventually(() -> used() < before + 40_000_000)).isTrue();
    assertThat(app.send("POST", "/api/answers?ask=LANDING&casts=20", example).status())
        .isEqualTo(200);
  }

  private Socket asked() throws IOException {
    Socket socket = new Socket("127.0.0.1", app.port);
    byte[] body = unsure.getBytes(StandardCharsets.UTF_8);
    OutputStream out = socket.getOutputStream();
    String head =
        "POST %s HTTP/1.1\r\nHost: 127.0.0.1:%d\r\nContent-Type: application/json\r\n"
            + "Content-Length: %d\r\n\r\n";
    out.write(head.formatted(LONG, app.port, body.length).getBytes(StandardCharsets.UTF_8));
    out.write(body);
    out.flush();
    return socket;
  }

  private int queued() {
    return app.context.getBean(ripplerest.app.work.LongWork.class).size();
  }

  /** The pool that takes requests may have filled up meanwhile; it is bounded by 16. */
  private static long threads() {
    return Thread.getAllStackTraces().size();
  }

  private static long used() {
    System.gc();
    Runtime r = Runtime.getRuntime();
    return r.totalMemory() - r.freeMemory();
  }

  private static boolean eventually(BooleanSupplier holds) throws InterruptedException {
    long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
    while (!holds.getAsBoolean() && System.nanoTime() < until) {
      Thread.sleep(100);
    }
    return holds.getAsBoolean();
  }
}
