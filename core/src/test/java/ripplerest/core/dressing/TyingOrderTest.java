package ripplerest.core.dressing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.Style;

/** Common practice, no source: what has to be on the hook before what. */
class TyingOrderTest {
  private static List<Part> parts(String kinds) {
    Style style = Style.named("upright-collar");
    return Arrays.stream(kinds.split(" "))
        .map(kind -> DefaultParts.of(style, PartKind.named(kind)))
        .toList();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "thread tail rib body upright-wing collar-hackle head",
        "bead weight-wire tail body thorax head",
        "shuck body looped-wing thorax",
        "tail post body parachute-hackle",
        "thorax-cover body thorax legs",
        "body hair-wing collar-hackle collar-hackle",
        "body bands upright-wing collar-hackle"
      })
  void whatTiersDoRaisesNoQuestion(String kinds) {
    assertThat(TyingOrder.problems(parts(kinds))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "body rib, body has to come after the rib",
    "body tail, covers where it is tied in",
    "palmered-hackle body, wound over the body",
    "thorax body, begins where the body ends",
    "body thorax thorax-cover, tied in first and folded",
    "hair-wing body, would be in its way",
    "collar-hackle upright-wing, behind and in front of the standing wing",
    "head body, whip finish closes the fly",
    "tail bead, bare hook",
    "body body, has one body",
    "bands body, over the finished body"
  })
  void whatCannotBeTiedIsExplained(String kinds, String words) {
    List<TyingOrder.Problem> problems = TyingOrder.problems(parts(kinds));
    assertThat(problems).isNotEmpty();
    assertThat(problems).anyMatch(p -> p.words().contains(words));
  }
}
