package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ripplerest.app.RunningApplication.Answer;
import ripplerest.app.work.LongWork;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class BookApiTest {
  /** 5,000 when the format changes: -Dmutations=5000. */
  private static final int MUTATIONS = Integer.getInteger("mutations", 400);

  private RunningApplication app;
  private JdbcTemplate jdbc;

  @BeforeEach
  void start() {
    app = RunningApplication.get();
    jdbc = app.context.getBean(JdbcTemplate.class);
  }

  private JsonNode find(String query) throws Exception {
    Answer answer = app.get("/api/book?" + query);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private static List<String> names(JsonNode page) {
    return page.get("rows").findValuesAsString("name");
  }

  private long stored() {
    return jdbc.queryForObject("select count(*) from pattern", Long.class);
  }

  private long distinct() {
    return jdbc.queryForObject("select count(distinct document) from pattern", Long.class);
  }

  private JsonNode lastLine(byte[] book) throws Exception {
    HttpRequest request = importing(book);
    HttpResponse<Stream<String>> response =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofLines());
    assertThat(response.statusCode()).isEqualTo(200);
    String last = response.body().reduce("{}", (before, line) -> line);
    return JsonMapper.shared().readTree(last);
  }

  private HttpRequest importing(byte[] book) {
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + app.port + "/api/book/imports"))
        .POST(HttpRequest.BodyPublishers.ofByteArray(book))
        .header("Content-Type", "application/octet-stream")
        .build();
  }

  private byte[] download(String path) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + app.port + path)).build();
    return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofByteArray()).body();
  }

  @Test
  void findsByWordsMaterialHookNaturalStyleAndPosture() throws Exception {
    assertThat(names(find("words=lantern"))).contains("Lantern Dun");
    assertThat(names(find("words=lant+dun"))).contains("Lantern Dun");
    assertThat(names(find("words=nosuchword"))).isEmpty();
    assertThat(find("words=%27%3B--+%26+%7C+%3A*").get("total").asLong()).isPositive();
    assertThat(find("material=foam").get("total").asLong()).isPositive();
    assertThat(find("hook=14&style=upright-collar").get("total").asLong()).isPositive();
    for (JsonNode row : find("material=foam&size=200").get("rows")) {
      assertThat(row.get("materials").toString()).contains("foam");
    }
    for (JsonNode row : find("hook=14&style=upright-collar").get("rows")) {
      assertThat(row.get("hookSize").asInt()).isEqualTo(14);
      assertThat(row.get("style").asString()).isEqualTo("upright-collar");
    }
    String natural = app.get("/api/book/naturals").json().get(0).asString();
    JsonNode found = find("natural=" + URLEncoder.encode(natural, StandardCharsets.UTF_8));
    assertThat(found.get("total").asLong()).isPositive();
    assertThat(app.get("/api/book?missing=7").status()).isEqualTo(422);
    assertThat(app.get("/api/book?sort=colour").json().at("/errors/0/bound").asString())
        .contains("NAME");
  }

  @Test
  void patternsThatWaitArePutOnTheWaterAndFoundByTheirPosture() throws Exception {
    jdbc.update("update pattern set updated_at = now() - interval '1 hour'");
    for (int i = 0; i < 60 && find("posture=HANGING").get("total").asLong() == 0; i++) {
      Thread.sleep(500);
    }
    for (JsonNode row : find("posture=HANGING").get("rows")) {
      assertThat(row.get("posture").asString()).isEqualTo("HANGING");
    }
    assertThat(find("posture=HANGING").get("total").asLong()).isPositive();
  }

  @Test
  void tellsWhatCanBeTiedWithWhatIsAtHand() throws Exception {
    JsonNode all = app.get("/api/materials").json();
    List<String> ids = all.findValuesAsString("id");
    String everything = String.join(",", ids);
    long total = find("atHand=" + everything).get("total").asLong();
    assertThat(total).isEqualTo(find("").get("total").asLong());
    Set<String> few = Set.of("dry-hackle", "tail-barb", "dry-dubbing", "wing-tips", "thread");
    JsonNode tied = find("size=200&atHand=" + String.join(",", few));
    assertThat(tied.get("total").asLong()).isBetween(1L, total - 1);
    for (JsonNode row : tied.get("rows")) {
      row.get("materials").forEach(m -> assertThat(few).contains(m.asString()));
    }
    long short1 = find("missing=1&atHand=" + String.join(",", few)).get("total").asLong();
    assertThat(short1).isGreaterThan(tied.get("total").asLong());
    for (JsonNode m : all) {
      if (m.get("id").asString().equals("dry-hackle")) {
        assertThat(m.get("patterns").asLong()).isPositive();
      }
    }
  }

  @Test
  void pagesAreCutFromOneSortedList() throws Exception {
    List<String> whole = names(find("size=200"));
    List<String> paged = new ArrayList<>();
    for (int page = 0; page * 7 < whole.size(); page++) {
      paged.addAll(names(find("size=7&page=" + page)));
    }
    assertThat(paged).isEqualTo(whole);
    assertThat(whole).isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER);
  }

  @Test
  void anArchivedPatternLeavesTheBoxAndStaysInTheBook() throws Exception {
    String id = added(new Mutations(1).sound());
    assertThat(app.send("POST", "/api/patterns/" + id + "/archive", null).status()).isEqualTo(204);
    assertThat(app.get("/api/patterns").body()).doesNotContain(id);
    assertThat(find("size=200").toString()).doesNotContain(id);
    assertThat(find("size=200&archived=true").toString()).contains(id);
    assertThat(app.get("/api/patterns/" + id).status()).isEqualTo(200);
    assertThat(app.send("DELETE", "/api/patterns/" + id + "/archive", null).status())
        .isEqualTo(204);
    assertThat(find("size=200").toString()).contains(id);
    app.send("DELETE", "/api/patterns/" + id, null);
  }

  private String added(String document) throws Exception {
    return app.send("POST", "/api/patterns/imports", document).json().get("id").asString();
  }

  @Test
  void aBookComesBackAsItWentOutAsOneFileAndAsAFolder() throws Exception {
    byte[] file = download("/api/book/file");
    JsonNode book = JsonMapper.shared().readTree(file);
    int patterns = book.get("patterns").size();
    assertThat((long) patterns)
        .isEqualTo(
            jdbc.queryForObject(
                "select count(*) from pattern where deleted_at is null", Long.class));
    byte[] folder = download("/api/book/folder");
    int entries = 0;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(folder))) {
      for (var e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
        assertThat(e.getName()).matches("patterns/[a-z0-9_-]+\\.json");
        entries++;
      }
    }
    assertThat(entries).isEqualTo(patterns);
    for (byte[] sent : List.of(file, folder)) {
      long before = stored();
      long distinct = distinct();
      assertThat(lastLine(sent).at("/added/patterns").asInt()).isEqualTo(patterns);
      assertThat(stored()).isEqualTo(before + patterns);
      assertThat(distinct()).isEqualTo(distinct); // every copy is the same to the last field
      jdbc.update(
          "delete from pattern where id in (select id from pattern order by created_at desc limit ?)",
          patterns);
    }
    assertThat(JsonMapper.shared().readTree(download("/api/book/file"))).isEqualTo(book);
  }

  @Test
  void everyBrokenFileGivesAProblemAndSavesNothing() throws Exception {
    Mutations mutations = new Mutations(20261124);
    long before = stored();
    List<String> all = Stream.generate(mutations::broken).limit(MUTATIONS).toList();
    all.parallelStream().forEach(this::isRefused);
    assertThat(stored()).isEqualTo(before);
  }

  private void isRefused(String broken) {
    try {
      Answer answer = app.send("POST", "/api/patterns/imports", broken);
      assertThat(answer.status()).as(answer.body() + broken).isEqualTo(422);
      JsonNode problem = answer.json();
      assertThat(problem.get("errors").size()).isPositive();
      assertThat(problem.at("/errors/0/remedy").asString()).isNotBlank();
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void oneBrokenPatternKeepsTheWholeBookOut() throws Exception {
    Mutations mutations = new Mutations(7);
    long before = stored();
    for (int n = 0; n < 12; n++) {
      List<String> documents = new ArrayList<>();
      for (int i = 0; i < 150; i++) {
        documents.add(mutations.sound());
      }
      documents.set(120 + n % 30, mutations.broken());
      JsonNode last = lastLine(Mutations.book(documents));
      assertThat(last.at("/problem/errors/0/remedy").asString()).as(last.toString()).isNotBlank();
    }
    assertThat(stored()).isEqualTo(before);
    JsonNode last = lastLine("not a book".getBytes(StandardCharsets.UTF_8));
    assertThat(last.at("/problem/detail").asString()).contains("not a book");
    JsonNode zip = lastLine("PK\u0003\u0004 not a zip".getBytes(StandardCharsets.UTF_8));
    assertThat(zip.at("/problem/errors").size()).isPositive();
  }

  @Test
  void anImportThatIsStoppedAddsNothing() throws Exception {
    Mutations mutations = new Mutations(11);
    List<String> documents = new ArrayList<>();
    for (int i = 0; i < 10_000; i++) {
      documents.add(mutations.sound());
    }
    long before = stored();
    HttpResponse<InputStream> response =
        HttpClient.newHttpClient()
            .send(importing(Mutations.book(documents)), HttpResponse.BodyHandlers.ofInputStream());
    try (InputStream in = response.body()) {
      byte[] line = new byte[400];
      int n = in.read(line);
      assertThat(new String(line, 0, n, StandardCharsets.UTF_8)).contains("progress");
    }
    LongWork queue = app.context.getBean(LongWork.class);
    long deadline = System.nanoTime() + 60_000_000_000L;
    while (queue.size() > 0 && System.nanoTime() < deadline) {
      Thread.sleep(50);
    }
    assertThat(queue.size()).as("nobody listens any more, so it was given up").isZero();
    assertThat(stored()).as("and undone").isEqualTo(before);
  }

  @Test
  void aFavouriteIsMarkedWithoutTouchingWhatIsBeingWorkedOn() throws Exception {
    JsonNode first = app.get("/api/patterns").json().get(0);
    String id = first.get("id").asString();
    long revision = app.get("/api/patterns/" + id).json().get("revision").asLong();
    assertThat(app.send("PUT", "/api/patterns/" + id + "/favourite", "").status()).isEqualTo(204);
    assertThat(app.get("/api/patterns").json().get(0).get("favourite").asBoolean()).isTrue();
    assertThat(app.get("/api/patterns/" + id).json().get("revision").asLong()).isEqualTo(revision);
    assertThat(app.send("DELETE", "/api/patterns/" + id + "/favourite", "").status())
        .isEqualTo(204);
    assertThat(app.get("/api/patterns").json().get(0).get("favourite").asBoolean()).isFalse();
    String nobody = "/api/patterns/00000000-0000-0000-0000-00000000abcd/favourite";
    assertThat(app.send("PUT", nobody, "").status()).isEqualTo(404);
    assertThat(app.get("/api/about").json().get("version").asString()).isNotBlank();
  }

  @Test
  void tablesGoOutAndInAsCsv() throws Exception {
    String hooks = app.get("/api/hooks/table").body();
    assertThat(hooks).startsWith("name,size,shape,shank-mm");
    String mine = "name,size,shape,shank-mm,gap-mm,wire-mm,eye-mm,ten-mg\r\n";
    String row = "Hut \"long\",12,straight,9.1,4.5,0.46,1.1,310\r\n".replace("\"long\"", "long");
    Answer added = app.send("POST", "/api/hooks/table", mine + row, "Content-Type", "text/csv");
    assertThat(added.status()).as(added.body()).isEqualTo(200);
    assertThat(app.get("/api/hooks/table").body()).contains("Hut long,12,straight,9.1,4.5,0.46");
    Answer wrong =
        app.send(
            "POST",
            "/api/hooks/table",
            mine + row + "Broken,12,straight,900,4.5,0.46,1.1,\r\n",
            "Content-Type",
            "text/csv");
    assertThat(wrong.status()).isEqualTo(422);
    assertThat(wrong.json().at("/errors/0/pointer").asString())
        .contains("line 3")
        .contains("shank");
    String materials = app.get("/api/materials/table").body();
    Answer same = app.send("POST", "/api/materials/table", materials, "Content-Type", "text/csv");
    assertThat(same.json().get("added").asInt()).isZero();
    String stiffer =
        materials.replace("dry-hackle,,youngs-modulus,2.5", "dry-hackle,,youngs-modulus,3.0");
    Answer one = app.send("POST", "/api/materials/table", stiffer, "Content-Type", "text/csv");
    assertThat(one.json().get("added").asInt()).isEqualTo(1);
    assertThat(app.get("/api/materials/table").body()).isEqualTo(stiffer);
    String nonsense =
        stiffer.replace("dry-hackle,,youngs-modulus,3.0", "dry-hackle,,youngs-modulus,9000");
    Answer refused = app.send("POST", "/api/materials/table", nonsense, "Content-Type", "text/csv");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().at("/errors/0/pointer").asString()).contains("youngs-modulus");
    assertThat(app.send("DELETE", "/api/materials/dry-hackle", null).status()).isEqualTo(204);
    assertThat(app.get("/api/materials/table").body()).isEqualTo(materials);
  }
}
