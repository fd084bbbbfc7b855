package ripplerest.exchange.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.PatternWriter;

/** Sixteen flies as hands tie them (common practice, no source): what is done, in which order. */
class FliesAsTiedTest {
  private static final Path FLIES = Path.of("src/test/resources/flies");
  private static final Sizer SIZER = new Sizer(Materials.standard());
  private static final PatternReader READER = new PatternReader(SIZER);

  static Stream<Path> flies() throws IOException {
    return Files.list(FLIES).sorted();
  }

  private static SizedPattern sized(Path file) throws IOException {
    return SIZER.size(READER.read(Files.readAllBytes(file)).pattern());
  }

  private static Card card(Path file) throws IOException {
    return CardWriter.of(sized(file), Materials.standard());
  }

  @Test
  void thereAreSixteen() throws IOException {
    assertThat(flies()).hasSize(16);
  }

  @ParameterizedTest
  @MethodSource("flies")
  void eachIsDesignedWithoutBending(Path file) throws IOException {
    PatternFile read = READER.read(Files.readAllBytes(file));
    assertThat(READER.read(PatternWriter.write(read).getBytes())).isEqualTo(read);
    assertThat(sized(file).warnings())
        .extracting(Warning::code)
        .doesNotContain("place-unknown", "material-unusual", "order")
        .filteredOn(c -> c.endsWith("crowded"))
        .isEmpty();
    assertThat(read.pattern().making().steps()).as("no step of free text").isEmpty();
  }

  @ParameterizedTest
  @MethodSource("flies")
  void eachCardSpeaksOnlyOfWhatTheFlyHas(Path file) throws IOException {
    Card card = card(file);
    Pattern fly = sized(file).pattern();
    String how =
        card.steps().stream().map(s -> s.how().toString()).collect(Collectors.joining(" "));
    assertThat(how).doesNotContain("{").doesNotContain("null").doesNotContain(" 1 turns");
    boolean winged = fly.names().stream().anyMatch(n -> n.contains("wing") || n.contains("plume"));
    if (!winged && fly.names().stream().noneMatch(n -> n.contains("shuttle"))) {
      assertThat(how).doesNotContainPattern("\\bwings?\\b");
    }
    assertThat(card.problems()).isEmpty();
    assertThat(card.steps()).extracting(Card.Step::key).doesNotHaveDuplicates();
    for (Card.Step step : card.steps()) {
      boolean cut = step.key().startsWith("trim ") || step.key().startsWith("clip ");
      if (cut) {
        assertThat(step.how().quantities())
            .as("every cut has a number: %s", step.key())
            .isNotEmpty();
      }
      assertThat(Words.of(step.title())).isNotBlank();
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "01-dusk-lodger | bind-in shuck, wind body, bind-in flat-wing, spin spun-plume, wind spun-plume, glue head, whip head, clip spun-plume",
        "02-coal-lodger | bind-in shuck, bind-in rib, wind body, wind rib, wind thorax, bind-in flat-wing, glue head, whip head, trim shuck",
        "03-kiln-stone | bind-in rib, wind body, bind-in palmered-hackle, wind palmered-hackle, wind rib, bind-in hair-wing, tug hair-wing, bind-in collar-hackle, wind thorax, wind collar-hackle, whip head",
        "04-reed-drake | bind-in tail, wind segments, wind body, bind-in soft-collar, spin spun-plume, wind spun-plume, wind soft-collar",
        "05-pond-tent | wind body, half-hitch body, bind-in tent-wing, half-hitch tent-wing, bind-in collar-hackle, wind collar-hackle, half-hitch collar-hackle, whip head, trim tent-wing, clip collar-hackle",
        "06-sleet-parachute | bind-in post, post post, bind-in tail, wind body/1, bind-in parachute-hackle, wind parachute-hackle, glue head, whip head, press-level parachute-hackle",
        "07-film-loop | bind-in tail, bind-in body, wind body, bind-in flash, bind-in looped-wing, wind thorax, wind collar-hackle, clip collar-hackle, fold looped-wing, whip head, trim flash",
        "08-iron-olive | bind-in tail, wind body, wind bands, bind-in upright-wing, prop upright-wing, divide upright-wing, wind thorax/1, wind thorax/2, whip head, trim upright-wing",
        "09-barley-drake | bind-in tail, divide tail, wind body/1, bind-in collar-hackle, wind body/2, wind collar-hackle, wind body/3, spin spun-plume, wind spun-plume, bind-in soft-collar, wind soft-collar",
        "10-third-loop | bind-in shuck, brush-out shuck, make-loop rib, wind body, spin rib, wind rib, bind-in looped-wing, make-loop spun-plume, wind thorax, spin spun-plume, wind spun-plume, brush-out spun-plume, fold looped-wing, whip head",
        "11-weir-swinger | wind body, bind-in flat-wing, bind-in legs, glue herl-head, wind herl-head",
        "12-furze-hopper | bind-in tag, wind tag, wind body, wind rib, brush-out body, bind-in legs, bind-in collar-hackle, wind collar-hackle, whip head, coat head, clear-eye head",
        "13-wick-hanger | bind-in forward-plume, wind body, wind thorax, prop forward-plume, whip head",
        "14-cleft-hanger | bind-in shuck, bind-in rib, bind-in body, wind body, wind rib, break-off rib, bind-in folded-shuttle, wind thorax, fold folded-shuttle, whip head",
        "15-hollow-sedge | bind-in tail, bind-in body, wind body, bind-in hair-wing, tug hair-wing, spin spun-plume, wind spun-plume, brush-out spun-plume, whip head",
        "16-twin-parachute | bind-in post, post post, bind-in tail, wind body, bind-in parachute-hackle, wind parachute-hackle, glue head, whip head, press-level parachute-hackle"
      })
  void theStepsComeInTheToldOrder(String fly, String steps) throws IOException {
    assertThat(card(FLIES.resolve(fly.strip() + ".json")).steps())
        .extracting(Card.Step::key)
        .containsSubsequence(List.of(steps.strip().split(",\\s*")));
  }
}
