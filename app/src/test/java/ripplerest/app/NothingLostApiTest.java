package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Nothing that was kept becomes unreadable. */
class NothingLostApiTest {
  private RunningApplication app;
  private JdbcTemplate jdbc;
  private String example;

  @BeforeEach
  void start() throws Exception {
    app = RunningApplication.get();
    jdbc = app.context.getBean(JdbcTemplate.class);
    example = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
  }

  private String style(String label) throws Exception {
    String wanted = "{\"copyOf\":\"upright-collar\",\"label\":\"%s\"}".formatted(label);
    return app.send("POST", "/api/styles", wanted).json().get("id").asString();
  }

  private Answer pattern(String style) throws Exception {
    String document = example.replace("\"upright-collar\"", "\"" + style + "\"");
    Answer made = app.send("POST", "/api/patterns/imports", document);
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return made;
  }

  private static String id(Answer made) {
    return made.json().get("id").asString();
  }

  private Answer follow(String id, String style) throws Exception {
    Answer now = app.get("/api/patterns/" + id);
    ObjectNode document = (ObjectNode) now.json().get("document");
    ((ObjectNode) document.get("pattern")).put("style", style);
    return app.send("PUT", "/api/patterns/" + id, document.toString(), "If-Match", now.etag());
  }

  private static String unique(String name) {
    return name + " " + UUID.randomUUID().toString().substring(0, 8);
  }

  @Test
  void aStyleThatWasDeletedLeavesStepsLogAndDeletedPatternsReadable() throws Exception {
    String style = style(unique("Gone way"));
    String kept = id(pattern(style));
    String fly = app.send("POST", "/api/log?pattern=" + kept, null).json().at("/fly/id").asString();
    String dropped = id(pattern(style));
    app.send("DELETE", "/api/patterns/" + dropped, null);
    Answer otherwise = follow(kept, "upright-collar");
    assertThat(app.send("DELETE", "/api/styles/" + style, null).status()).isEqualTo(204);
    assertThat(app.get("/api/styles").body()).doesNotContain(style);

    assertThat(app.get("/api/log/" + fly).status()).isEqualTo(200);
    String back = "/api/patterns/" + kept + "/undo";
    Answer undone = app.send("POST", back, null, "If-Match", otherwise.etag());
    assertThat(undone.json().at("/document/pattern/style").asString()).isEqualTo(style);
    String restore = "/api/patterns/" + dropped + "/restoration";
    assertThat(app.send("POST", restore, null).status()).isEqualTo(200);
    assertThat(app.get("/api/book/file").body()).contains(style);
    assertThat(app.get("/api/log.json").body()).contains(fly);
    assertThat(app.send("POST", "/api/deleted/STYLE/" + style + "/restoration", null).status())
        .isEqualTo(204);
    assertThat(app.get("/api/styles").body()).contains(style);
  }

  @Test
  void anExportCarriesTheStyleAndIsReadWhereThatIsUnknown() throws Exception {
    String style = style(unique("Carried way"));
    String rule = "/api/styles/" + style + "/rules/collar-hackle/turns";
    String six = "{\"value\":\"6\",\"low\":\"4\",\"high\":\"8\",\"words\":\"six\"}";
    assertThat(app.send("PUT", rule, six).status()).isEqualTo(200);
    String exported = app.get("/api/patterns/" + id(pattern(style)) + "/export").body();
    assertThat(JsonMapper.shared().readTree(exported).at("/carries/styles/0/rules").toString())
        .contains("six");
    String elsewhere = exported.replace(style, style + "-x");
    Answer taken = app.send("POST", "/api/patterns/imports", elsewhere);
    assertThat(taken.json().at("/document/pattern/style").asString()).isEqualTo(style + "-x");
    assertThat(app.get("/api/styles").body()).contains(style + "-x");
    Answer differs =
        app.send("POST", "/api/patterns/imports", elsewhere.replace("\"six\"", "\"half a dozen\""));
    assertThat(differs.json().at("/document/pattern/style").asString())
        .as("ours stays, theirs gets an id of its own")
        .isEqualTo(style + "-x-2");
  }

  @Test
  void aMaterialThatWasDeletedLeavesWhatNamesItReadable() throws Exception {
    String material = "hair-" + UUID.randomUUID().toString().substring(0, 8);
    String table = app.get("/api/materials/table").body();
    StringBuilder own = new StringBuilder(table.substring(0, table.indexOf('\n') + 1));
    table
        .lines()
        .filter(l -> l.startsWith("tail-barb,"))
        .forEach(l -> own.append(l.replaceFirst("tail-barb", material)).append("\r\n"));
    Answer added =
        app.send("POST", "/api/materials/table", own.toString(), "Content-Type", "text/csv");
    assertThat(added.status()).as(added.body()).isEqualTo(200);
    String document = example.replace("\"tail-barb\"", "\"" + material + "\"");
    String id = id(app.send("POST", "/api/patterns/imports", document));
    assertThat(app.send("DELETE", "/api/materials/" + material, null).status()).isEqualTo(422);
    String exported = app.get("/api/patterns/" + id + "/export").body();
    app.send("DELETE", "/api/patterns/" + id, null);
    assertThat(app.send("DELETE", "/api/materials/" + material, null).status()).isEqualTo(204);
    assertThat(app.get("/api/materials").body()).doesNotContain(material);
    assertThat(app.get("/api/parts").body()).doesNotContain(material);
    assertThat(app.send("POST", "/api/patterns/" + id + "/restoration", null).status())
        .isEqualTo(200);
    assertThat(app.send("POST", "/api/estimates", exported).status()).isEqualTo(200);
    assertThat(
            app.send("POST", "/api/deleted/MATERIAL/" + material + "/restoration", null).status())
        .isEqualTo(204);
    assertThat(app.get("/api/materials").body()).contains(material);
  }

  @Test
  void whatCannotBeReadIsNamedAndHidesNothingElse() throws Exception {
    Answer made = pattern("upright-collar");
    String id = id(made);
    jdbc.update(
        "update pattern set name = 'Broken Dun', posture = null, updated_at = now() - interval '1"
            + " hour', document = jsonb_set(document, '{pattern,style}', '\"nowhere\"')"
            + " where id = ?::uuid",
        id);
    String fly =
        app.send("POST", "/api/log?pattern=" + id(pattern("upright-collar")), null)
            .json()
            .at("/fly/id")
            .asString();
    jdbc.update(
        "update logged_fly set name = 'Broken Fly', entry = entry || '{\"seconds\": null}'"
            + " where id = ?::uuid",
        fly);
    try {
      JsonNode book = app.get("/api/book/file").json();
      assertThat(book.at("/skipped/0/name").asString()).isEqualTo("Broken Dun");
      assertThat(book.get("patterns").size()).isGreaterThan(20);
      assertThat(app.get("/api/book/folder").status()).isEqualTo(200);
      JsonNode log = app.get("/api/log.json").json();
      assertThat(log.at("/skipped/0/name").asString()).isEqualTo("Broken Fly");
      assertThat(log.get("flies").size()).isGreaterThan(10);
      assertThat(app.get("/api/log.csv").body()).contains("Broken Fly", "could not be read");
      assertThat(app.get("/api/log").json().get(0).get("unreadable").asString()).isNotBlank();
      assertThat(app.get("/api/log/trends").status()).isEqualTo(200);
      long deadline = System.nanoTime() + Duration.ofSeconds(60).toNanos();
      while (tries(id) < 3 && System.nanoTime() < deadline) {
        Thread.sleep(200);
      }
      assertThat(tries(id)).as("given up").isEqualTo(3);
    } finally {
      jdbc.update("delete from pattern where id = ?::uuid", id);
      jdbc.update("delete from logged_fly where id = ?::uuid", fly);
    }
  }

  private int tries(String id) {
    return jdbc.queryForObject(
        "select posture_tries from pattern where id = ?::uuid", Integer.class, id);
  }

  @Test
  void anEntryThatComesInIsCheckedAsFullyAsAPattern() throws Exception {
    String fly =
        app.send("POST", "/api/log?pattern=" + id(pattern("upright-collar")), null)
            .json()
            .at("/fly/id")
            .asString();
    String path = "/api/log/" + fly;
    String tail =
        "{\"seconds\":9,\"massMg\":0,\"notes\":\"\",\"made\":[{\"part\":\"tail\",\"field\":\"length\","
            + "\"value\":8.1,\"error\":0}]}";
    app.send("PUT", path, tail, "If-Match", app.get(path).etag());
    JsonNode whole = app.get("/api/log.json").json();
    ObjectNode file = (ObjectNode) JsonMapper.shared().readTree(whole.toString());
    JsonNode one = null;
    for (JsonNode f : whole.get("flies")) {
      one = f.get("id").asString().equals(fly) ? f : one;
    }
    app.send("DELETE", path, null);
    for (String broken :
        new String[] {
          one.toString().replace("\"unit\":\"mm\"", "\"unit\":null"),
          one.toString().replaceFirst("\"planned\":[0-9.]+", "\"planned\":-7")
        }) {
      file.putArray("flies").add(JsonMapper.shared().readTree(broken));
      app.send("DELETE", path, null);
      assertThat(take(file).status()).isEqualTo(200);
      JsonNode made = app.get(path).json().at("/fly/made/0");
      assertThat(made.get("unit").asString()).as("the plan's, not the file's").isEqualTo("mm");
      assertThat(made.get("planned").asDouble()).isGreaterThan(5);
      assertThat(app.get("/api/log").status()).isEqualTo(200);
      assertThat(app.get("/api/log.csv").status()).isEqualTo(200);
    }
    app.send("DELETE", path, null);
    for (String broken :
        new String[] {
          one.toString().replaceFirst("\"tiedAt\":\"\\d{4}", "\"tiedAt\":\"+199999"),
          one.toString().replaceFirst("\"notes\":\"[^\"]*\"", "\"notes\":\"a\\\\u0000b\""),
          one.toString().replaceFirst("\"value\":8.1", "\"value\":999"),
          one.toString().replaceFirst("\"made\":\\[", "\"made\":[null,"),
          one.toString()
              .replace("\"photograph\":null", "\"photograph\":{\"pxPerMm\":-3,\"pxPerMmError\":0}")
        }) {
      assertThat(broken).isNotEqualTo(one.toString());
      file.putArray("flies").add(JsonMapper.shared().readTree(broken));
      Answer refused = take(file);
      assertThat(refused.status()).as(broken + refused.body()).isEqualTo(422);
    }
  }

  private Answer take(ObjectNode file) throws Exception {
    return app.send(
        "POST", "/api/log/imports", file.toString(), "Content-Type", "application/octet-stream");
  }

  @Test
  void whatWasDeletedIsPurgedAfterNinetyDaysUnlessSomethingRefersToIt() throws Exception {
    String used = style(unique("Used way"));
    String unused = style(unique("Unused way"));
    String kept = id(pattern(used));
    follow(kept, "upright-collar"); // a step of its past still follows the style
    String dropped = id(pattern("upright-collar"));
    app.send("DELETE", "/api/patterns/" + dropped, null);
    app.send("DELETE", "/api/styles/" + used, null);
    app.send("DELETE", "/api/styles/" + unused, null);
    ripplerest.app.deleted.PurgeAccess.purge(app.context, Instant.now().plus(Duration.ofDays(89)));
    assertThat(app.get("/api/deleted").body()).contains(dropped, used, unused);
    ripplerest.app.deleted.PurgeAccess.purge(app.context, Instant.now().plus(Duration.ofDays(91)));
    assertThat(app.get("/api/deleted").body()).contains(used).doesNotContain(dropped, unused);
  }

  @Test
  void everyStoredThingHasAnOwner() {
    List<String> without =
        jdbc.queryForList(
            "select table_name from information_schema.tables t where table_schema = 'public'"
                + " and table_name not in ('person', 'demo_load', 'flyway_schema_history',"
                + " 'kept_answer'," // which is nobody's: the same question is told the same
                // who may come in, and what copies of the application share; by secrets or by
                // person
                + " 'account', 'invitation', 'pairing', 'pattern_link', 'sign_in_failure',"
                + " 'bucket', 'spring_session', 'spring_session_attributes', 'scheduled_tasks')"
                + " and not exists (select 1 from information_schema.columns c where"
                + " c.table_name = t.table_name and c.column_name = 'owner_id'"
                + " and c.is_nullable = 'NO')",
            String.class);
    assertThat(without).isEmpty();
    // one is alone; the club, which has nothing then, is a person too
    assertThat(jdbc.queryForObject("select count(*) from person", Integer.class)).isEqualTo(2);
  }

  @Test
  void aFullDiskAndALostDatabaseAreSaidInWords() throws Exception {
    String path = "/api/patterns/" + id(pattern("upright-collar"));
    jdbc.execute(
        "create function full_disk() returns trigger as $$ begin raise exception 'could not extend"
            + " file' using errcode = '53100'; end $$ language plpgsql");
    jdbc.execute(
        "create trigger full_disk before update on pattern for each row execute function"
            + " full_disk()");
    try {
      String changed = example.replace("Lantern Dun", "Full Dun");
      Answer full = app.send("PUT", path, changed, "If-Match", app.get(path).etag());
      assertThat(full.status()).isEqualTo(507);
      assertThat(full.json().get("detail").asString()).contains("Free some space");
      assertThat(
              app.send(
                      "POST",
                      path + "/archive",
                      null,
                      "Idempotency-Key",
                      UUID.randomUUID().toString())
                  .status())
          .isEqualTo(507);
      assertThat(app.get(path).status()).as("reading goes on").isEqualTo(200);
    } finally {
      jdbc.execute("drop trigger full_disk on pattern");
      jdbc.execute("drop function full_disk()");
    }
  }
}
