package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ripplerest.app.people.CurrentPerson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What people do together: the club's book, links, remarks, loans, and what is left of who left.
 */
class ClubApiTest {
  private Someone warden;
  private Someone tier;
  private Someone guest;

  @BeforeEach
  void people() throws Exception {
    warden = Someone.warden();
    tier = Someone.fresh("TIER");
    guest = Someone.fresh("GUEST");
  }

  private static JdbcTemplate jdbc() {
    return RunningApplication.shared().context.getBean(JdbcTemplate.class);
  }

  private static String name(Someone someone) throws Exception {
    return someone.get("/api/me").json().at("/person/name").asString();
  }

  private static String pattern(Someone someone, String style) throws Exception {
    return someone
        .send("POST", "/api/patterns", "{\"style\":\"%s\"}".formatted(style))
        .json()
        .get("id")
        .asString();
  }

  /** Calls a pattern something else, in its room. */
  private static int call(Someone someone, String path, String name) throws Exception {
    JsonNode opened = someone.get(path).json();
    ((ObjectNode) opened.at("/document/pattern")).put("name", name);
    return someone
        .send(
            "PUT",
            path,
            opened.get("document").toString(),
            "If-Match",
            "\"" + opened.get("revision").asLong() + "\"")
        .status();
  }

  @Test
  void aCopyForTheClubIsChangedByAllAndItSaysByWhom() throws Exception {
    String own = pattern(tier, "parachute");
    String id =
        tier.send("POST", "/api/patterns/" + own + "/club", "{}").json().get("id").asString();
    Someone other = Someone.fresh("TIER");
    assertThat(tier.get("/api/patterns/" + id).status()).isEqualTo(404); // it is not one's own
    assertThat(call(other, "/club/api/patterns/" + id, "Club Dun")).isEqualTo(200);
    assertThat(call(other, "/club/api/patterns/" + id, "Club Dun again")).isEqualTo(200);
    assertThat(call(tier, "/club/api/patterns/" + id, "Hut Dun")).isEqualTo(200);
    assertThat(call(guest, "/club/api/patterns/" + id, "Guest Dun")).isEqualTo(403);
    tier.send("DELETE", "/club/api/patterns/" + id, null);
    tier.send("POST", "/club/api/patterns/" + id + "/restoration", "{}");
    JsonNode changes = guest.get("/club/api/patterns/" + id + "/changes").json();
    assertThat(changes.findValuesAsString("what"))
        .containsExactly("RESTORED", "DELETED", "CHANGED", "CHANGED", "ADDED");
    assertThat(changes.findValuesAsString("by"))
        .containsExactly(name(tier), name(tier), name(tier), name(other), name(tier));
    assertThat(changes.get(2).get("words").asString()).isEqualTo("named Hut Dun");
    // two that one made soon after each other are one, from what it was before the first
    assertThat(changes.get(3).get("words").asString()).isEqualTo("named Club Dun again");
    assertThat(guest.get("/club/api/changes").json().get(0).get("pattern").asString())
        .isEqualTo(id);
    assertThat(tier.get("/api/changes").json()).isEmpty();
  }

  @Test
  void aCopyOfTheClubsIsOnesOwn() throws Exception {
    String id = warden.get("/club/api/patterns").json().get(0).get("id").asString();
    String own =
        tier.send("POST", "/club/api/patterns/" + id + "/own", "{}").json().get("id").asString();
    assertThat(tier.get("/api/patterns/" + own).status()).isEqualTo(200);
    assertThat(warden.get("/api/patterns/" + own).status()).isEqualTo(404);
    assertThat(guest.send("POST", "/club/api/patterns/" + id + "/own", "{}").status())
        .isEqualTo(403);
  }

  @Test
  void aCopyTakesItsStyleAlong() throws Exception {
    String style =
        tier.send("POST", "/api/styles", "{\"copyOf\":\"parachute\",\"label\":\"My own way\"}")
            .json()
            .get("id")
            .asString();
    String own = pattern(tier, style);
    String id =
        tier.send("POST", "/api/patterns/" + own + "/club", "{}").json().get("id").asString();
    assertThat(guest.get("/club/api/styles").json().findValuesAsString("label"))
        .contains("My own way");
    String document = guest.get("/club/api/patterns/" + id).json().get("document").toString();
    RunningApplication.Answer sits = guest.send("POST", "/club/api/estimates", document);
    assertThat(sits.status()).as(sits.body()).isEqualTo(200);
    // and under one key it is given once
    String key = UUID.randomUUID().toString();
    String path = "/api/patterns/" + own + "/club";
    JsonNode first = tier.send("POST", path, "{}", "Idempotency-Key", key).json();
    assertThat(tier.send("POST", path, "{}", "Idempotency-Key", key).json()).isEqualTo(first);
    // what comes after it in the same session is one's own again
    assertThat(tier.get("/api/patterns/" + own).status()).isEqualTo(200);
  }

  @Test
  void whatIsSaidIsSaidBySomebody() throws Exception {
    String id = warden.get("/club/api/patterns").json().get(1).get("id").asString();
    String path = "/club/api/patterns/" + id + "/comments";
    guest.send("POST", path, "{\"words\":\"Too long in the tail.\"}");
    JsonNode said = tier.send("POST", path, "{\"words\":\"  I tie it shorter.\\n\"}").json();
    assertThat(said.findValuesAsString("words"))
        .endsWith("Too long in the tail.", "I tie it shorter.");
    JsonNode last = said.get(said.size() - 1);
    assertThat(last.get("mine").asBoolean()).isTrue();
    assertThat(last.get("by").asString()).isEqualTo(name(tier));
    JsonNode first = said.get(said.size() - 2);
    assertThat(first.get("mine").asBoolean()).isFalse();
    String guests = path + "/" + first.get("id").asString();
    assertThat(tier.send("DELETE", guests, null).status()).isEqualTo(404); // not one's own
    assertThat(guest.send("DELETE", guests, null).status()).isEqualTo(204);
    String tiers = path + "/" + last.get("id").asString();
    assertThat(warden.send("DELETE", tiers, null).status()).isEqualTo(204); // anybody's
    assertThat(tier.send("POST", path, "{\"words\":\" \"}").status()).isEqualTo(422);
    assertThat(tier.get("/api/patterns/" + id + "/comments").status()).isEqualTo(404);
  }

  @Test
  void whoeverHasTheLinkReadsAndWhoHasAnAccountCopies() throws Exception {
    String own = pattern(tier, "parachute");
    call(tier, "/api/patterns/" + own, "Linked Dun");
    JsonNode made = tier.send("POST", "/api/patterns/" + own + "/links", "{}").json();
    String body = "{\"token\":\"%s\"}".formatted(made.get("token").asString());
    Someone stranger = new Someone(RunningApplication.shared());
    RunningApplication.Answer read = stranger.send("POST", "/api/shared", body);
    assertThat(read.status()).as(read.body()).isEqualTo(200);
    assertThat(read.json().at("/document/pattern/name").asString()).isEqualTo("Linked Dun");
    assertThat(read.json().get("by").asString()).isEqualTo(name(tier));
    assertThat(read.json().at("/card/steps").size()).isPositive();
    assertThat(read.json().at("/estimate/outline/wire").size()).isPositive();
    assertThat(stranger.send("POST", "/api/shared/copies", body).status()).isEqualTo(401);
    assertThat(guest.send("POST", "/api/shared/copies", body).status()).isEqualTo(403);
    Someone other = Someone.fresh("TIER");
    String copy = other.send("POST", "/api/shared/copies", body).json().get("id").asString();
    assertThat(other.get("/api/patterns/" + copy).json().at("/document/pattern/name").asString())
        .isEqualTo("Linked Dun");
    JsonNode links = tier.get("/api/patterns/" + own + "/links").json();
    assertThat(links.get(0).get("copies").asInt()).isEqualTo(1);
    // taken back, or its fly deleted, it leads nowhere, in the words of one that never was
    String never = refusal(stranger, "{\"token\":\"never-given\"}");
    assertThat(other.send("DELETE", linkOf(own, made), null).status()).isEqualTo(404);
    tier.send("DELETE", "/api/patterns/" + own, null);
    assertThat(refusal(stranger, body)).isEqualTo(never);
    tier.send("POST", "/api/patterns/" + own + "/restoration", "{}");
    assertThat(stranger.send("POST", "/api/shared", body).status()).isEqualTo(200);
    assertThat(tier.send("DELETE", linkOf(own, made), null).status()).isEqualTo(204);
    assertThat(refusal(stranger, body)).isEqualTo(never);
  }

  private static String linkOf(String pattern, JsonNode made) {
    return "/api/patterns/" + pattern + "/links/" + made.get("id").asString();
  }

  private static String refusal(Someone someone, String body) throws Exception {
    RunningApplication.Answer refused = someone.send("POST", "/api/shared", body);
    assertThat(refused.status()).isEqualTo(422);
    return refused.body();
  }

  @Test
  void whoHasWhatOfTheLoanBox() throws Exception {
    JsonNode loans = guest.get("/club/api/loans").json();
    assertThat(loans.findValuesAsString("to")).contains("the Tuesday party");
    JsonNode boxes = tier.get("/club/api/boxes").json();
    JsonNode in = null;
    for (JsonNode count : boxes.get("flies")) {
      in = count.at("/place/kind").asString().equals("BOX") ? count : in;
    }
    String move =
        "{\"flies\":%s,\"from\":%s,\"to\":{\"kind\":\"LENT\",\"name\":\"%s\"},\"count\":1,\"day\":\"2026-11-20\"}"
            .formatted(in.get("flies"), in.get("place"), name(guest));
    assertThat(tier.send("POST", "/club/api/boxes/moves", move).status()).isEqualTo(200);
    JsonNode moved = guest.get("/club/api/boxes").json().at("/moves/0");
    assertThat(moved.get("by").asString()).isEqualTo(name(tier));
    JsonNode mine = null;
    for (JsonNode loan : guest.get("/club/api/loans").json()) {
      mine = loan.get("to").asString().equals(name(guest)) ? loan : mine;
    }
    assertThat(mine.get("count").asInt()).isEqualTo(1);
    assertThat(mine.get("since").asString()).isEqualTo("2026-11-20");
    assertThat(mine.get("days").asInt()).isPositive();
    assertThat(guest.send("POST", "/club/api/boxes/moves", move).status()).isEqualTo(403);
  }

  @Test
  void whoeverLeavesTakesTheirThingsAndLeavesNothing() throws Exception {
    String linked = pattern(tier, "parachute");
    call(tier, "/api/patterns/" + linked, "Left Dun");
    String token =
        tier.send("POST", "/api/patterns/" + linked + "/links", "{}")
            .json()
            .get("token")
            .asString();
    String own = pattern(tier, "upright-collar");
    tier.send("POST", "/api/log?pattern=" + own, "{}");
    tier.send("POST", "/api/boxes", "{\"name\":\"Mine\",\"note\":\"\"}");
    String clubs =
        tier.send("POST", "/api/patterns/" + own + "/club", "{}").json().get("id").asString();
    tier.send("POST", "/club/api/patterns/" + clubs + "/comments", "{\"words\":\"Goodbye.\"}");
    UUID id = UUID.fromString(tier.get("/api/me").json().at("/person/id").asString());

    Map<String, String> taken = things(tier);
    assertThat(taken.keySet())
        .contains("book.json", "log.json", "tests.json", "drawer.csv", "moves.csv", "practice.csv")
        .contains("rows/pattern.json", "rows/fly_box.json", "rows/logged_fly.json");
    assertThat(taken.get("book.json")).contains("Left Dun");
    assertThat(taken.get("rows/fly_box.json")).contains("Mine");
    assertThat(taken.get("rows/pattern.json")).doesNotContain("Lantern Dun"); // the warden's
    assertThat(things(warden).get("book.json")).contains("Lantern Dun").doesNotContain("Left Dun");

    assertThat(tier.send("POST", "/api/me/leaving", "{\"password\":\"not it\"}").status())
        .isEqualTo(422);
    String leave = "{\"password\":\"%s\"}".formatted(Someone.PASSWORD);
    assertThat(tier.send("POST", "/club/api/me/leaving", leave).status()).isEqualTo(422);
    String name = name(tier);
    JsonNode left = tier.send("POST", "/api/me/leaving", leave).json();
    assertThat(left.get("passedOn").asInt()).isEqualTo(1);

    assertThat(tier.get("/api/patterns").status()).isEqualTo(401);
    assertThat(new Someone(RunningApplication.shared()).signIn(name, Someone.PASSWORD).status())
        .isEqualTo(401);
    for (String table : owned()) {
      assertThat(CurrentPerson.as(id, () -> count(table))).as(table).isZero();
    }
    assertThat(jdbc().queryForObject("select count(*) from person where id = ?", int.class, id))
        .isZero();
    // what others use is the club's, and nobody's name is on it
    Someone stranger = new Someone(RunningApplication.shared());
    JsonNode read =
        stranger.send("POST", "/api/shared", "{\"token\":\"%s\"}".formatted(token)).json();
    assertThat(read.at("/document/pattern/name").asString()).isEqualTo("Left Dun");
    assertThat(read.get("by").asString()).isEqualTo("the club");
    assertThat(warden.get("/club/api/patterns/" + linked).status()).isEqualTo(200);
    JsonNode changes = warden.get("/club/api/patterns/" + linked + "/changes").json();
    assertThat(changes.findValuesAsString("by")).containsOnly("");
    JsonNode said = warden.get("/club/api/patterns/" + clubs + "/comments").json();
    assertThat(said.get(0).get("words").asString()).isEqualTo("Goodbye.");
    assertThat(said.get(0).get("by").asString()).isEmpty();
  }

  private static List<String> owned() {
    return jdbc()
        .queryForList(
            "select table_name from information_schema.columns where table_schema = 'public'"
                + " and column_name = 'owner_id'",
            String.class);
  }

  private static long count(String table) {
    return jdbc().queryForObject("select count(*) from " + table, Long.class);
  }

  private static Map<String, String> things(Someone someone) throws Exception {
    byte[] zip =
        java.net.http.HttpClient.newHttpClient()
            .send(
                java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create(someone.app.address() + "/api/me/things"))
                    .header(
                        "Cookie", "__Host-ripple-rest=" + someone.cookies.get("__Host-ripple-rest"))
                    .build(),
                java.net.http.HttpResponse.BodyHandlers.ofByteArray())
            .body();
    Map<String, String> files = new HashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        files.put(e.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    return files;
  }

  @Test
  void theSameFileIsTakenInByEachAndTwiceByNobody() throws Exception {
    String log = warden.get("/api/log.json").body();
    String tests = warden.get("/api/tests.json").body();
    String moves = warden.get("/api/boxes/moves.csv").body();
    for (Someone someone : List.of(tier, Someone.fresh("TIER"))) {
      for (int time = 0; time < 2; time++) {
        RunningApplication.Answer flies =
            someone.send(
                "POST", "/api/log/imports", log, "Content-Type", "application/octet-stream");
        assertThat(flies.status()).as(flies.body()).isEqualTo(200);
        assertThat(flies.json().get("added").asInt() > 0).isEqualTo(time == 0);
        RunningApplication.Answer sat =
            someone.send(
                "POST", "/api/tests/imports", tests, "Content-Type", "application/octet-stream");
        assertThat(sat.status()).as(sat.body()).isEqualTo(200);
        assertThat(sat.json().get("added").asInt() > 0).isEqualTo(time == 0);
        RunningApplication.Answer moved =
            someone.send("POST", "/api/boxes/moves/table", moves, "Content-Type", "text/csv");
        assertThat(moved.status()).as(moved.body()).isEqualTo(200);
        assertThat(moved.json().get("added").asInt() > 0).isEqualTo(time == 0);
      }
      assertThat(someone.get("/api/log").json().size())
          .isEqualTo(warden.get("/api/log").json().size());
      assertThat(someone.get("/api/tests").json().size())
          .isEqualTo(warden.get("/api/tests").json().size());
    }
  }
}
