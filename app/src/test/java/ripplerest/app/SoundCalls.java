package ripplerest.app;

import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;

/** For every endpoint a request that should be answered, on things made for it. */
final class SoundCalls {
  private final RunningApplication app;
  private final String example;
  private final SplittableRandom random;
  private String foretold;

  SoundCalls(RunningApplication app, String example, SplittableRandom random) {
    this.random = random;
    this.app = app;
    this.example = example;
  }

  /** A request as it is sent. */
  record Call(String method, String path, String body, Map<String, String> headers) {}

  /** A request that should be answered, on things made for it. */
  Call of(String method, String path) throws Exception {
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
    } else if (path.startsWith("/api/boxes/{id}")) {
      JsonNode box = app.send("POST", "/api/boxes", OutingsApiTest.BOX).json();
      headers.put("If-Match", "\"" + box.get("revision").asLong() + "\"");
      place = path.replace("{id}", box.get("id").asString());
    } else if (path.startsWith("/api/boxes/moves/{id}")) {
      JsonNode moved = app.send("POST", "/api/boxes/moves", move(pattern)).json();
      place = path.replace("{id}", moved.at("/moves/0/id").asString());
    } else if (path.startsWith("/api/outings/{id}")) {
      JsonNode kept = app.send("POST", "/api/outings", OutingsApiTest.outing(pattern)).json();
      headers.put("If-Match", "\"" + kept.get("revision").asLong() + "\"");
      place = path.replace("{id}", kept.get("id").asString());
    } else if (path.startsWith("/api/practice/exercises/{id}")) {
      String asked = PracticeApiTest.next("SET_BY_EYE");
      JsonNode exercise = app.send("POST", "/api/practice/exercises", asked).json();
      place = path.replace("{id}", exercise.get("id").asString());
    } else if (path.startsWith("/api/evenings")) {
      headers.put("If-Match", app.get("/api/evenings").etag());
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
      case "POST /api/boxes", "PUT /api/boxes/{id}" -> body = OutingsApiTest.BOX;
      case "POST /api/boxes/moves" -> body = move(pattern);
      case "POST /api/boxes/selections" -> body = OutingsApiTest.selection(pattern, 2);
      case "POST /api/boxes/moves/table" -> {
        headers.put("Content-Type", "text/csv");
        body = app.get("/api/boxes/moves.csv").body();
      }
      case "POST /api/outings", "PUT /api/outings/{id}" -> body = OutingsApiTest.outing(pattern);
      case "POST /api/outings/{id}/report" -> body = OutingsApiTest.report(pattern, 0);
      case "POST /api/practice/exercises" -> body = PracticeApiTest.next("PART_OFF");
      case "POST /api/practice/exercises/{id}/answer" -> body = "{\"said\":[1.5]}";
      case "POST /api/practice/looks/table" -> {
        headers.put("Content-Type", "text/csv");
        body = app.get("/api/practice/looks.csv").body();
      }
      case "PUT /api/evenings" -> body = OutingsApiTest.plan(pattern, 2);
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
      case "POST /api/tests/table" -> {
        body = app.get("/api/tests.csv").body();
        headers.put("Content-Type", "text/csv");
      }
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
        || path.equals("/api/tests/learning") && method.equals("POST")
        || path.matches("/api/(outings/.id./lives|evenings/(plan|lacking))")) {
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

  private String move(String pattern) throws Exception {
    String box = app.get("/api/boxes").json().at("/boxes/0/id").asString();
    return OutingsApiTest.move(pattern, "VISE", "", "BOX", box, 2);
  }

  private static String hook() {
    return "{\"name\":\"F\",\"size\":12,\"shape\":\"straight\",\"shankMm\":9.1,\"gapMm\":4.5,\"wireMm\":0.46,\"eyeMm\":1.1,\"tenMg\":0}";
  }

  private String value() {
    return "material,label,property,value,spread,unit,kind,source\r\nfoam,,density,0.%d,0.02,g/cm3,MEMORY,fuzz\r\n"
        .formatted(100 + random.nextInt(99));
  }
}
