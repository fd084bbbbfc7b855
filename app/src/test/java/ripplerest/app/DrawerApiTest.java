package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;

class DrawerApiTest {
  static final String ITEM =
      """
      {"label":"Test cape","kind":"dry-hackle","colour":"ginger","marking":"plain","second":"",
       "ink":"","place":"box","pieces":false,"amount":30,"low":5,"useBy":"","barbs":[5,6,7,8],"lengthMm":70,
       "hookSize":0,"note":""}""";

  static final String TABLE =
      "label,kind,colour,marking,second-colour,ink,place,amount,unit,low,use-by,barbs-mm,length-mm,"
          + "hook-size,note\r\n"
          + "'=1+1,dry-hackle,ginger,plain,,#c98b4a,box,12,feathers,3,2031-05-02,5 6.5,60,,dyed\r\n";

  static final String MARKED =
      """
      {"knownMm":10,"known":{"from":{"x":100,"y":100},"to":{"x":340,"y":280}},
       "barbs":[{"from":{"x":400,"y":50},"to":{"x":400,"y":260}}]}""";

  private RunningApplication app;
  private JdbcTemplate jdbc;

  @BeforeEach
  void start() {
    app = RunningApplication.get();
    jdbc = app.context.getBean(JdbcTemplate.class);
  }

  private JsonNode item(String label) throws Exception {
    for (JsonNode item : app.get("/api/drawer?most=1000").json().get("items")) {
      if (item.get("label").asString().equals(label)) {
        return item;
      }
    }
    throw new AssertionError("no " + label);
  }

  private String pattern(String name) throws Exception {
    for (JsonNode p : app.get("/api/patterns").json()) {
      if (p.get("name").asString().equals(name)) {
        return p.get("id").asString();
      }
    }
    throw new AssertionError("no " + name);
  }

  @Test
  void theHutsDrawerIsThereAndSomeOfItIsLow() throws Exception {
    JsonNode all = app.get("/api/drawer?most=1000").json();
    assertThat(all.get("items").size()).isEqualTo(all.get("all").asInt()).isGreaterThan(59);
    assertThat(all.get("low").asInt()).isPositive();
    assertThat(item("Cream floss").get("isLow").asBoolean()).isTrue();
    assertThat(item("Brown cape, the good one").get("feathers").size()).isGreaterThan(5);
    JsonNode ends = item("Copper wire ends");
    assertThat(ends.get("left").asString()).isEqualTo("6 pieces");
    assertThat(ends.get("lengthMm").asDouble()).isEqualTo(70);
    assertThat(item("Olive dun, dyed at home").get("looks").asString()).isEqualTo("#77764a");
  }

  @ParameterizedTest
  @CsvSource({
    "words=tin good,Brown cape",
    "kind=hook-steel&hookSize=16,Dry hooks 16",
    "colour=claret,Claret dubbing",
    "kind=dry-hackle&hookSize=14&words=ginger,Ginger cape",
    "lowOnly=true&words=cream,Cream floss"
  })
  void whatIsLookedForComesFirst(String query, String label) throws Exception {
    JsonNode found = app.get("/api/drawer?" + query.replace(" ", "%20")).json();
    assertThat(found.at("/items/0/label").asString()).startsWith(label);
    assertThat(found.get("found").asInt()).isLessThanOrEqualTo(found.get("all").asInt());
  }

  @Test
  void aThingIsPutInChangedTakenOutAndPutBack() throws Exception {
    Answer added = app.send("POST", "/api/drawer", ITEM);
    assertThat(added.status()).isEqualTo(201);
    String path = "/api/drawer/" + added.json().get("id").asString();
    String tag = "\"" + added.json().get("revision").asLong() + "\"";
    String fewer = ITEM.replace("30", "28");
    Answer changed = app.send("PUT", path, fewer, "If-Match", tag);
    assertThat(changed.json().get("amount").asDouble()).isEqualTo(28);
    Answer late = app.send("PUT", path, ITEM, "If-Match", tag);
    assertThat(late.status()).isEqualTo(412);
    assertThat(late.json().at("/stored/amount").asDouble()).isEqualTo(28);
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.get("/api/drawer?most=1000").body()).doesNotContain(path.substring(12));
    String back = "/api/deleted/ITEM/" + path.substring(12) + "/restoration";
    assertThat(app.send("POST", back, null).status()).isBetween(200, 204);
    assertThat(app.get("/api/drawer?most=1000").body()).contains(path.substring(12));
    app.send("DELETE", path, null);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"amount\":30|\"amount\":-1|amount",
        "\"label\":\"Test cape\"|\"label\":\" \"|label",
        "dry-hackle|moon-hair|kind",
        "\"marking\":\"plain\"|\"marking\":\"striped\"|marking",
        "\"ink\":\"\"|\"ink\":\"red\"|ink",
        "\"useBy\":\"\"|\"useBy\":\"soon\"|use-by",
        "[5,6,7,8]|[5,600]|barb length",
        "[5,6,7,8]|[null]|barbs",
        "\"hookSize\":0|\"hookSize\":99|hookSize"
      })
  void whatIsNoThingIsRefusedByName(String right, String wrong, String field) throws Exception {
    Answer refused = app.send("POST", "/api/drawer", ITEM.replace(right, wrong));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().at("/errors/0/pointer").asString()).isEqualTo("/" + field);
  }

  @Test
  void theTableGoesOutAndComesBackTheSame() throws Exception {
    Answer in = app.send("POST", "/api/drawer/table", TABLE, "Content-Type", "text/csv");
    assertThat(in.json().get("added").asInt()).isEqualTo(1);
    JsonNode kept = item("=1+1");
    assertThat(kept.get("ink").asString()).isEqualTo("#c98b4a");
    assertThat(kept.get("useBy").asString()).isEqualTo("2031-05-02");
    assertThat(app.get("/api/drawer/table").body())
        .contains(
            "'=1+1,dry-hackle,ginger,plain,,\"#c98b4a\",box,12.0,feathers,3.0,2031-05-02,5.0 6.5,60.0,,dyed");
    String bad = TABLE.replace("feathers", "m");
    Answer refused = app.send("POST", "/api/drawer/table", bad, "Content-Type", "text/csv");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.body()).contains("line 2/unit");
    app.send("DELETE", "/api/drawer/" + kept.get("id").asString(), null);
  }

  @Test
  void aLoggedFlyTakesAndADeletedOneGivesBack() throws Exception {
    double before = item("Dry hooks 14").get("amount").asDouble();
    JsonNode fly = app.send("POST", "/api/log?pattern=" + pattern("Lantern Dun"), null).json();
    String id = fly.at("/fly/id").asString();
    assertThat(item("Dry hooks 14").get("amount").asDouble()).isEqualTo(before - 1);
    JsonNode took = app.get("/api/log/" + id + "/stock").json();
    assertThat(took.get(0).get("label").asString()).isEqualTo("Dry hooks 14");
    assertThat(took.get(0).get("amount").asString()).isEqualTo("1 piece");
    app.send("DELETE", "/api/log/" + id, null);
    assertThat(item("Dry hooks 14").get("amount").asDouble()).isEqualTo(before);
    app.send("POST", "/api/deleted/FLY/" + id + "/restoration", null);
    app.send("POST", "/api/deleted/FLY/" + id + "/restoration", null); // twice is once
    assertThat(item("Dry hooks 14").get("amount").asDouble()).isEqualTo(before - 1);
    app.send("DELETE", "/api/log/" + id, null);
    assertThat(app.send("DELETE", "/api/log/" + id, null).status()).isEqualTo(404);
    assertThat(item("Dry hooks 14").get("amount").asDouble()).isEqualTo(before);
  }

  @Test
  void twoWhoLogAndUndoAtOnceLoseNothing() throws Exception {
    List<String> patterns = List.of(pattern("Lantern Dun"), pattern("Willow Skate"));
    double whole = whole();
    ExecutorService two = Executors.newFixedThreadPool(2);
    List<Future<Integer>> done = new ArrayList<>();
    for (long seed : new long[] {5, 6}) {
      done.add(two.submit(() -> logAndUndo(new SplittableRandom(seed), patterns)));
    }
    int changes = 0;
    for (Future<Integer> one : done) {
      changes += one.get();
    }
    two.shutdown();
    assertThat(changes).isEqualTo(500);
    assertThat(whole()).isCloseTo(whole, within(1e-6));
    assertThat(jdbc.queryForObject("select min(amount) from drawer_item", Double.class))
        .isNotNegative();
  }

  /** What lies in the drawer and what flies have out of it. */
  private double whole() {
    return jdbc.queryForObject("select sum(amount) from drawer_item", Double.class)
        + jdbc.queryForObject(
            "select coalesce(sum(amount), 0) from drawer_use where not given_back"
                + " and item_id is not null",
            Double.class);
  }

  private int logAndUndo(SplittableRandom random, List<String> patterns) throws Exception {
    List<String> here = new ArrayList<>();
    List<String> gone = new ArrayList<>();
    int changes = 0;
    while (changes < 250) {
      Answer answer;
      if (!gone.isEmpty() && random.nextInt(4) == 0) {
        String id = gone.remove(random.nextInt(gone.size()));
        answer = app.send("POST", "/api/deleted/FLY/" + id + "/restoration", null);
        here.add(id);
      } else if (!here.isEmpty() && random.nextInt(2) == 0) {
        String id = here.remove(random.nextInt(here.size()));
        answer = app.send("DELETE", "/api/log/" + id, null);
        gone.add(id);
      } else {
        answer = app.send("POST", "/api/log?pattern=" + patterns.get(random.nextInt(2)), null);
        here.add(answer.json().at("/fly/id").asString());
      }
      assertThat(answer.status()).isBetween(200, 204);
      changes++;
    }
    for (String id : here) {
      app.send("DELETE", "/api/log/" + id, null);
    }
    return changes;
  }

  @Test
  void barbsAreMeasuredOnAPhotograph() throws Exception {
    JsonNode barb = app.send("POST", "/api/drawer/gauge", MARKED).json().get(0);
    assertThat(barb.get("mm").asDouble()).isEqualTo(7);
    assertThat(barb.get("error").asDouble()).isBetween(0.05, 0.15);
    Answer none =
        app.send("POST", "/api/drawer/gauge", MARKED.replace("340", "101").replace("280", "100"));
    assertThat(none.status()).isEqualTo(422);
    assertThat(app.send("POST", "/api/drawer/gauge", "{\"knownMm\":10}").status()).isEqualTo(422);
  }

  @Test
  void aKindOfOnesOwnIsMadeFromANearOneAndKeptLikeIt() throws Exception {
    String kind =
        "{\"copyOf\":\"thread\",\"label\":\"Silk from the fair\",\"differs\":{\"density\":1.25}}";
    Answer made = app.send("POST", "/api/materials", kind);
    assertThat(made.status()).isEqualTo(201);
    assertThat(made.json().get("id").asString()).isEqualTo("silk-from-the-fair");
    assertThat(made.json().at("/values/0/value").asDouble()).isEqualTo(1.25);
    assertThat(app.send("POST", "/api/materials", kind).status())
        .isEqualTo(422); // its name is taken
    assertThat(
            app.send("POST", "/api/materials", kind.replace("fair", "sea").replace("1.25", "-4"))
                .status())
        .isEqualTo(422);
    assertThat(
            app.send(
                    "POST",
                    "/api/materials",
                    kind.replace("fair", "sea").replace("density", "barbs-per-mm"))
                .status())
        .isEqualTo(422);
    Answer item = app.send("POST", "/api/drawer", ITEM.replace("dry-hackle", "silk-from-the-fair"));
    assertThat(item.json().get("unit").asString()).isEqualTo("m");
    app.send("DELETE", "/api/drawer/" + item.json().get("id").asString(), null);
    app.send("DELETE", "/api/materials/silk-from-the-fair", null);
  }

  @Test
  void forAPartThereAreThingsAndWhatTheyWouldDo() throws Exception {
    String document =
        app.get("/api/patterns/" + pattern("Lantern Dun")).json().get("document").toString();
    Answer picks = app.send("POST", "/api/drawer/picks?part=collar-hackle", document);
    JsonNode offers = picks.json().at("/needs/0/offers");
    assertThat(offers.size()).isGreaterThan(4);
    assertThat(offers.get(0).get("fits").asBoolean()).isTrue();
    assertThat(picks.body()).contains("its colour is another", "another material");
    assertThat(offers.findValuesAsString("text")).anyMatch(words -> words.length() > 20);
    Answer wings = app.send("POST", "/api/drawer/picks?part=upright-wing", document);
    assertThat(wings.json().get("matches").size()).isPositive(); // two of them make the part
    Answer none = app.send("POST", "/api/drawer/picks?part=propeller", document);
    assertThat(none.status()).isEqualTo(422);
  }

  @Test
  void whatCanBeTiedAndWhatToBuy() throws Exception {
    JsonNode now = app.get("/api/drawer/tieable").json();
    JsonNode lacking = app.get("/api/drawer/tieable?missing=2").json();
    assertThat(now.get("flies").size()).isPositive();
    assertThat(now.get("flies").get(0).get("enoughFor").asString()).matches("[1-9]\\d*( or more)?");
    assertThat(lacking.get("flies").size()).isGreaterThan(now.get("flies").size());
    String plan = "plan=" + pattern("Lantern Dun") + ":200";
    JsonNode list = app.get("/api/drawer/shopping?" + plan).json();
    assertThat(list.findValuesAsString("kind")).contains("hook-steel");
    assertThat(app.get("/api/drawer/shopping.csv?" + plan).body()).startsWith("kind,name,colour");
    assertThat(app.get("/api/drawer/shopping?plan=nothing").status()).isEqualTo(422);
    assertThat(app.get("/api/drawer/shopping?plan=" + pattern("Lantern Dun") + ":0").status())
        .isEqualTo(422);
  }
}
