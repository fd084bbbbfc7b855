package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import ripplerest.app.RunningApplication.Answer;
import ripplerest.app.SoundCalls.Call;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every endpoint of the application's own description, asked as it should be and then as it should
 * not: no input gives a 5xx. 22,000 requests when the API changes: -Dfuzz=22000.
 */
class FuzzApiTest {
  private static final int REQUESTS = Integer.getInteger("fuzz", 250);
  private static final JsonMapper MAPPER = JsonMapper.shared();

  /** 502: there is no caliper in these tests, which is what that means. */
  private static final String DEVICES = "/api/devices/{what}/reading";

  /** What puts flies on the water by the hundred, whatever it is sent. */
  private static final Set<String> LONG =
      Set.of(
          "GET /api/tests/next",
          "GET /api/tests/changed",
          "GET /api/tests/{id}/foretold",
          "POST /api/tests/learning");

  private final SplittableRandom random = new SplittableRandom(20261128);
  private final HostileValues hostile = new HostileValues(random);
  private RunningApplication app;
  private SoundCalls sound;

  @AfterEach
  void stop() {
    app.context.close();
  }

  @Test
  void noInputGivesAFault() throws Exception {
    app = RunningApplication.ofItsOwn(); // nothing there is as it was afterwards
    sound =
        new SoundCalls(
            app, Files.readString(Path.of("../docs/format/examples/parachute.json")), random);
    Map<String, Map<Integer, Integer>> statuses = new TreeMap<>();
    TreeSet<String> answered = new TreeSet<>();
    List<String> faults = new ArrayList<>();
    List<String[]> endpoints = endpoints();
    int rounds = REQUESTS / endpoints.size();
    for (String[] e : endpoints) {
      String name = e[0] + " " + e[1];
      int most = LONG.contains(name) ? 0 : rounds;
      for (int i = 0; i <= most; i++) {
        Call asked = sound.of(e[0], e[1]);
        Call call = i == 0 ? asked : i % 2 == 0 ? fitting(asked) : broken(asked);
        Answer answer = send(call);
        statuses
            .computeIfAbsent(name, n -> new TreeMap<>())
            .merge(answer.status(), 1, Integer::sum);
        if (answer.status() < 300) {
          answered.add(name);
        }
        boolean absent = answer.status() == 502 && e[1].equals(DEVICES);
        if (absent) {
          answered.add(name);
        }
        if (answer.status() >= 500 && !absent) {
          faults.add(answer.status() + " " + call + " → " + answer.body());
        }
        if (answer.status() >= 400 && answer.status() != 404) {
          assertThat(answer.body())
              .as(call.toString())
              .doesNotContain("Exception", "at ripplerest");
        }
      }
    }
    statuses.forEach((name, by) -> System.out.println(name + " " + by));
    assertThat(faults).isEmpty();
    List<String> never = new ArrayList<>();
    endpoints.forEach(e -> never.add(e[0] + " " + e[1]));
    never.removeAll(answered);
    never.removeAll(SecurityTest.AMONG_PEOPLE);
    assertThat(never).as("endpoints that were never answered with a 2xx").isEmpty();
  }

  private List<String[]> endpoints() throws Exception {
    List<String[]> all = new ArrayList<>();
    JsonNode paths = app.get("/v3/api-docs").json().get("paths");
    paths
        .propertyStream()
        .forEach(
            p ->
                p.getValue()
                    .propertyNames()
                    .forEach(m -> all.add(new String[] {m.toUpperCase(), p.getKey()})));
    assertThat(all).hasSizeGreaterThan(50);
    return all;
  }

  private Answer send(Call call) throws Exception {
    List<String> headers = new ArrayList<>();
    call.headers().forEach((k, v) -> headers.addAll(List.of(k, v)));
    try {
      return app.send(call.method(), call.path(), call.body(), headers.toArray(String[]::new));
    } catch (IllegalArgumentException e) {
      return app.get("/api/patterns"); // what the client itself will not send
    }
  }

  /** Something else than asked for that the description lets pass. */
  private Call fitting(Call call) {
    Map<String, String> headers = new HashMap<>(call.headers());
    switch (random.nextInt(5)) {
      case 0 -> headers.put("If-Match", "\"" + random.nextInt(1000) + "\"");
      case 1 -> headers.put("Idempotency-Key", UUID.randomUUID().toString());
      case 2 -> headers.put("Accept", random.nextBoolean() ? "*/*" : "application/json");
      case 3 -> {
        return new Call(call.method(), withQuery(call.path()), call.body(), headers);
      }
      default -> {
        String id = new UUID(random.nextLong(), random.nextLong()).toString();
        String path = call.path().replaceFirst("[0-9a-f]{8}-[0-9a-f-]{27}", id);
        return new Call(call.method(), path, call.body(), headers);
      }
    }
    return new Call(call.method(), call.path(), renamed(call.body()), headers);
  }

  /** Other words and numbers where words and numbers stand. */
  private String renamed(String body) {
    if (body == null || !body.startsWith("{")) {
      return body;
    }
    try {
      JsonNode root = MAPPER.readTree(body);
      hostile.touch(root, true);
      return root.toString();
    } catch (RuntimeException e) {
      return body;
    }
  }

  private Call broken(Call call) {
    Map<String, String> headers = new HashMap<>(call.headers());
    String path = call.path();
    String body = call.body();
    switch (random.nextInt(8)) {
      case 0 -> path = path.replaceFirst("[^/?]+$", encoded(hostile.any(HostileValues.WORDS)));
      case 1 -> path = withQuery(path);
      case 2 -> headers.put("If-Match", hostile.any(HostileValues.WORDS).replaceAll("[^ -~]", "x"));
      case 3 ->
          headers.put(
              "Idempotency-Key", hostile.any(HostileValues.WORDS).replaceAll("[^ -~]", "x"));
      case 4 ->
          headers.put(
              "Content-Type",
              hostile.any(
                  List.of("text/plain", "x", "application/json;charset=x", "image/png", "*/*")));
      case 5 ->
          body =
              body == null || body.startsWith(RunningApplication.BYTES)
                  ? hostile.any(HostileValues.WORDS)
                  : body.substring(0, random.nextInt(body.length() + 1));
      case 6 -> body = "[".repeat(random.nextInt(1, 3000));
      default -> {
        try {
          JsonNode root = MAPPER.readTree(body);
          for (int i = 0; i <= random.nextInt(3); i++) {
            hostile.touch(root, false);
          }
          body = root.toString();
        } catch (RuntimeException | AssertionError e) {
          body = hostile.any(HostileValues.WORDS);
        }
      }
    }
    return new Call(call.method(), path, body, headers);
  }

  private String withQuery(String path) {
    List<String> names =
        List.of(
            "ask",
            "casts",
            "seed",
            "part",
            "reserve",
            "bodyMm",
            "order",
            "stage",
            "goal",
            "amount",
            "pattern",
            "words",
            "material",
            "atHand",
            "missing",
            "hook",
            "natural",
            "style",
            "posture",
            "archived",
            "sort",
            "page",
            "size",
            "paper",
            "sex",
            "tails");
    return path
        + (path.contains("?") ? "&" : "?")
        + hostile.any(names)
        + "="
        + encoded(hostile.any(HostileValues.WORDS));
  }

  private static String encoded(String word) {
    return java.net.URLEncoder.encode(word, java.nio.charset.StandardCharsets.UTF_8);
  }
}
