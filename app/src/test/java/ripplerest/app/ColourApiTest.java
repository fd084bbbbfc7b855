package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.app.RunningApplication.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class ColourApiTest {
  private final RunningApplication app = RunningApplication.get();

  @Test
  void aNamedColourIsTheNearestToItself() throws Exception {
    JsonNode all = app.get("/api/colours").json();
    assertThat(all.size()).isGreaterThanOrEqualTo(60);
    JsonNode olive = app.get("/api/colours/nearest?ink=%236d6b34").json();
    assertThat(olive.size()).isEqualTo(5);
    assertThat(olive.get(0).get("name").asString()).isEqualTo("olive");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "olive", "%23fff", "%23gggggg", "%23ffffff0", "%00"})
  void whatIsNoInkIsRefused(String ink) throws Exception {
    assertThat(app.get("/api/colours/nearest?ink=" + ink).status()).isEqualTo(422);
  }

  @Test
  void theColourOfAPartComesWithItsOutline() throws Exception {
    JsonNode tint = tints(coloured("pale olive")).get(0);
    assertThat(tint.get("ink").asString()).isEqualTo("#afae8f");
    assertThat(tint.get("marking").asString()).isEqualTo("BARRED");
    assertThat(tint.get("second").isNull()).isTrue();
  }

  @Test
  void aPatternIsFoundByTheColoursOfItsParts() throws Exception {
    assertThat(app.get("/api/book?words=quince").json().get("rows").size()).isZero();
    Answer added = app.send("POST", "/api/patterns/imports", coloured("pale quince").toString());
    assertThat(added.status()).isEqualTo(201);
    assertThat(app.get("/api/book?words=quince").json().get("rows").size()).isOne();
  }

  /** The example with its first part in a colour. */
  private static ObjectNode coloured(String name) throws Exception {
    Path example = Path.of("../docs/format/examples/parachute.json");
    ObjectNode document = (ObjectNode) JsonMapper.shared().readTree(Files.readString(example));
    ObjectNode part = (ObjectNode) document.get("pattern").get("parts").get(0);
    part.putObject("colour").put("name", name).put("marking", "barred").put("second", "x");
    return document;
  }

  private JsonNode tints(ObjectNode document) throws Exception {
    return app.send("POST", "/api/estimates", document.toString()).json().at("/outline/tints");
  }
}
