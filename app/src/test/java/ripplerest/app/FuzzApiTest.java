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
import org.junit.jupiter.api.Test;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every endpoint of the application's own description, asked as it should be and then as it should
 * not: no input gives a 5xx. 22,000 requests when the API changes: -Dfuzz=22000.
 */
class FuzzApiTest {
  private static final int REQUESTS = Integer.getInteger("fuzz", 380);
  private static final JsonMapper MAPPER = JsonMapper.shared();

  /** 502: there is no caliper in these tests, which is what that means. */
  private static final String DEVICES = "/api/devices/{what}/reading";

  private record Call(String method, String path, String body, Map<String, String> headers) {}

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
  private String example;
  private String foretold;

  @Test
  void noInputGivesAFault() throws Exception {
    app = RunningApplication.get();
    example = Files.readString(Path.of("../docs/format/examples/parachute.json"));
    Map<String, Map<Integer, Integer>> statuses = new TreeMap<>();
    TreeSet<String> answered = new TreeSet<>();
    List<String> faults = new ArrayList<>();
    List<String[]> endpoints = endpoints();
    int rounds = REQUESTS / endpoints.size();
    for (String[] e : endpoints) {
      String name = e[0] + " " + e[1];
      int most = LONG.contains(name) ? 0 : rounds;
      for (int i = 0; i <= most; i++) {
        Call sound = sound(e[0], e[1]);
        Call call = i == 0 ? sound : i % 2 == 0 ? fitting(sound) : broken(sound);
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

  /** A request that should be answered, on things made for it. */
  private Call sound(String method, String path) throws Exception {
    Map<String, String> headers = new HashMap<>();
    Answer made = app.send("POST", "/api/patterns/imports", example);
    String pattern = made.json().get("id").asString();
    String place = path;
    String body = null;
    headers.put("If-Match", made.etag());
    if (path.startsWith("/api/log/{id}")) {
      JsonNode fly = app.send("POST", "/api/log?pattern=" + pattern, null).json();
      String id = fly.at("/fly/id").asString();
      headers.put("If-Match", "\"" + fly.get("revision").asLong() + "\"");
      place = path.replace("{id}", id);
      if (path.endsWith("/picture") && method.equals("GET")) {
        for (JsonNode line : app.get("/api/log").json()) {
          place =
              line.get("pictured").asBoolean()
                  ? "/api/log/" + line.get("id").asString() + "/picture"
                  : place;
        }
      }
    } else if (path.startsWith("/api/patterns/{id}")) {
      place = path.replace("{id}", pattern);
      if (path.contains("tying")) {
        headers.put("If-Match", app.get("/api/patterns/" + pattern + "/tying").etag());
      }
      if (path.endsWith("/undo") || path.endsWith("/redo")) {
        Answer changed =
            app.send(
                "PUT",
                "/api/patterns/" + pattern,
                example.replaceFirst("\"name\": \"[^\"]+\"", "\"name\": \"Fuzz Dun\""),
                "If-Match",
                made.etag());
        if (path.endsWith("/redo")) {
          String undo = "/api/patterns/" + pattern + "/undo";
          changed = app.send("POST", undo, null, "If-Match", changed.etag());
        }
        headers.put("If-Match", changed.etag());
      }
    } else if (path.startsWith("/api/styles/{id}")) {
      String label = "{\"copyOf\":\"parachute\",\"label\":\"F %s\"}".formatted(UUID.randomUUID());
      String id = app.send("POST", "/api/styles", label).json().get("id").asString();
      place =
          path.replace("{id}", id)
              .replace("{part}", "parachute-hackle")
              .replace("{dimension}", "turns");
    } else if (path.startsWith("/api/hooks/{id}")) {
      place =
          path.replace("{id}", app.send("POST", "/api/hooks", hook()).json().get("id").asString());
    } else if (path.startsWith("/api/drawer/{id}")) {
      JsonNode item = app.send("POST", "/api/drawer", DrawerApiTest.ITEM).json();
      headers.put("If-Match", "\"" + item.get("revision").asLong() + "\"");
      place = path.replace("{id}", item.get("id").asString());
    } else if (path.startsWith("/api/tests/{id}")) {
      boolean known = path.endsWith("/marks") || method.equals("PUT");
      String test = known ? foretoldTest(pattern) : test(pattern);
      place = path.replace("{id}", test);
      if (method.equals("GET") && path.endsWith("/picture")) {
        Call kept = picture(place);
        app.send(kept.method(), kept.path(), kept.body(), "Content-Type", "image/png");
      }
      headers.put("If-Match", app.get("/api/tests/" + test).etag());
    } else if (path.startsWith("/api/materials/{id}")) {
      app.send("POST", "/api/materials/table", value(), "Content-Type", "text/csv");
      place = path.replace("{id}", "foam");
    } else if (path.startsWith("/api/deleted/{kind}")) {
      app.send("DELETE", "/api/patterns/" + pattern, null);
      place = path.replace("{kind}", "PATTERN").replace("{id}", pattern);
    }
    place =
        place
            .replace("{style}", "parachute")
            .replace("{kind}", "tail")
            .replace("{what}", "caliper");
    switch (method + " " + path) {
      case "POST /api/materials" ->
          body =
              "{\"copyOf\":\"deer-hair\",\"label\":\"F %s\",\"differs\":{\"density\":0.9}}"
                  .formatted(UUID.randomUUID());
      case "POST /api/drawer", "PUT /api/drawer/{id}" -> body = DrawerApiTest.ITEM;
      case "POST /api/drawer/table" -> {
        headers.put("Content-Type", "text/csv");
        body = DrawerApiTest.TABLE;
      }
      case "POST /api/drawer/gauge" -> body = DrawerApiTest.MARKED;
      case "POST /api/drawer/picks" -> {
        place = "/api/drawer/picks?part=hook";
        body = example;
      }
      case "POST /api/patterns" -> body = "{\"style\":\"parachute\"}";
      case "POST /api/styles" ->
          body = "{\"copyOf\":\"parachute\",\"label\":\"G %s\"}".formatted(UUID.randomUUID());
      case "PUT /api/styles/{id}/rules/{part}/{dimension}" ->
          body = "{\"value\":\"6\",\"low\":\"4\",\"high\":\"8\",\"words\":\"six\"}";
      case "POST /api/hooks" -> body = hook();
      case "POST /api/hooks/table" -> {
        body =
            "name,size,shape,shank-mm,gap-mm,wire-mm,eye-mm,ten-mg\r\nF,12,straight,9.1,4.5,0.46,1.1,\r\n";
        headers.put("Content-Type", "text/csv");
      }
      case "POST /api/materials/table" -> {
        body = value();
        headers.put("Content-Type", "text/csv");
      }
      case "POST /api/log" -> place = "/api/log?pattern=" + pattern;
      case "PUT /api/log/{id}" ->
          body =
              "{\"seconds\":9,\"massMg\":20,\"notes\":\"x\",\"made\":[{\"part\":\"tail\",\"field\":\"length\",\"value\":9,\"error\":0}]}";
      case "POST /api/tests" ->
          place =
              "/api/tests?fly="
                  + app.send("POST", "/api/log?pattern=" + pattern, null)
                      .json()
                      .at("/fly/id")
                      .asString();
      case "POST /api/tests/learning" -> {
        for (JsonNode known : app.get("/api/tests").json()) {
          app.send("DELETE", "/api/tests/" + known.at("/test/id").asString(), null);
        }
      }
      case "PUT /api/tests/{id}" -> body = TestsApiTest.SEEN;
      case "POST /api/tests/{id}/marks" -> body = TestsApiTest.MARKED;
      case "PUT /api/tests/learning" -> body = "{\"inUse\":false}";
      case "GET /api/tests/next" -> place = path + "?pattern=" + pattern;
      case "POST /api/tests/imports" -> {
        body =
            "{\"format\":\"ripple-rest/tests\",\"version\":1,\"tests\":[],\"log\":"
                + "{\"format\":\"ripple-rest/log\",\"version\":1,\"flies\":[]}}";
        headers.put("Content-Type", "application/octet-stream");
      }
      case "PUT /api/log/{id}/picture", "PUT /api/tests/{id}/picture" -> {
        body = null;
        return picture(place);
      }
      case "POST /api/log/{id}/marks" ->
          body =
              "{\"eye\":{\"x\":400,\"y\":400},\"bend\":{\"x\":770,\"y\":400},\"film\":[],\"lines\":[]}";
      case "POST /api/log/imports" -> {
        body = "{\"format\":\"ripple-rest/log\",\"version\":1,\"flies\":[]}";
        headers.put("Content-Type", "application/octet-stream");
      }
      case "POST /api/book/imports" -> headers.put("Content-Type", "application/octet-stream");
      case "PUT /api/patterns/{id}/tying" -> body = "{\"step\":1,\"seconds\":[12]}";
      case "POST /api/lengths" ->
          body =
              "{\"text\":\"9mm\",\"part\":0,\"field\":\"length\",\"document\":%s}"
                  .formatted(example);
      case "POST /api/differences" -> {
        String figures =
            app.send("POST", "/api/estimates", example).json().get("figures").toString();
        body = "{\"before\":%s,\"now\":%s}".formatted(figures, figures);
      }
      case "POST /api/comparisons" -> body = "[" + example + "]";
      case "POST /api/answers" -> place = "/api/answers?ask=AMOUNTS";
      case "GET /api/hooks/matches" -> place = "/api/hooks/matches?order=MAYFLY&bodyMm=9";
      case "GET /api/materials/unobtainable" -> place = path + "?named=heron";
      case "GET /api/colours/nearest" -> place = "/api/colours/nearest?ink=%236d6b34";
      default -> body = method.equals("GET") || method.equals("DELETE") ? null : example;
    }
    if (body == null && (path.equals("/api/book/imports") || path.equals("/api/answers"))) {
      body = example;
    }
    if (path.matches(".*/(undo|redo|archive|copies|restoration|finish|reading)")
        || path.equals("/api/log")
        || path.equals("/api/tests")
        || path.equals("/api/tests/learning") && method.equals("POST")) {
      body = null;
    }
    return new Call(method, place, body, headers);
  }

  private String test(String pattern) throws Exception {
    String fly =
        app.send("POST", "/api/log?pattern=" + pattern, null).json().at("/fly/id").asString();
    return app.send("POST", "/api/tests?fly=" + fly, null).json().at("/test/id").asString();
  }

  /** The same one each time, since foretelling takes seconds. */
  private String foretoldTest(String pattern) throws Exception {
    if (foretold == null || app.get("/api/tests/" + foretold).status() != 200) {
      foretold = test(pattern);
      app.get("/api/tests/" + foretold + "/foretold");
    }
    return foretold;
  }

  private static Call picture(String place) {
    var png = new java.io.ByteArrayOutputStream();
    try {
      var one = new java.awt.image.BufferedImage(9, 9, java.awt.image.BufferedImage.TYPE_BYTE_GRAY);
      javax.imageio.ImageIO.write(one, "png", png);
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    String body =
        RunningApplication.BYTES + java.util.Base64.getEncoder().encodeToString(png.toByteArray());
    return new Call("PUT", place, body, new HashMap<>(Map.of("Content-Type", "image/png")));
  }

  private static String hook() {
    return "{\"name\":\"F\",\"size\":12,\"shape\":\"straight\",\"shankMm\":9.1,\"gapMm\":4.5,\"wireMm\":0.46,\"eyeMm\":1.1,\"tenMg\":0}";
  }

  private String value() {
    return "material,label,property,value,spread,unit,kind,source\r\nfoam,,density,0.%d,0.02,g/cm3,MEMORY,fuzz\r\n"
        .formatted(100 + random.nextInt(99));
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
