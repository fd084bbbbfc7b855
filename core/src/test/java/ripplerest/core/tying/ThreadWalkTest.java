package ripplerest.core.tying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;

/** What a card says of the thread, and how it numbers and colours things. */
class ThreadWalkTest {
  private static Card card(String style) {
    SizedPattern fly = new Sizer(Flies.MATERIALS).size(Flies.of(style, 14));
    return CardWriter.of(fly, Flies.MATERIALS);
  }

  @ParameterizedTest
  @ValueSource(strings = {"upright-collar", "parachute", "forward-plume", "hair-wing-sedge"})
  void wrapsLieOnTheWholeShankAndWeighAsTheirRounds(String style) {
    SizedPattern fly = new Sizer(Flies.MATERIALS).size(Flies.of(style, 14));
    List<ThreadWalk.Stretch> wraps = card(style).wraps();
    assertThat(wraps.get(0).fromMm()).isZero();
    double at = 0;
    double thick = ThreadWraps.thickMm(70, Flies.MATERIALS.get("thread"));
    for (ThreadWalk.Stretch s : wraps) {
      assertThat(s.fromMm()).isCloseTo(at, within(1e-6));
      at = s.toMm();
      // geometry: a wrap is one round through the middle of the thread
      double mg = s.wraps() * Math.PI * (fly.hook().wireMm() + thick) * ThreadWraps.mgPerMm(70);
      assertThat(s.massMg()).isCloseTo(mg, within(1e-9));
      if (s.toMm() > s.fromMm()) {
        assertThat(s.layers()).isCloseTo(s.wraps() * thick / (s.toMm() - s.fromMm()), within(1e-9));
      }
    }
    assertThat(wraps.stream().mapToDouble(ThreadWalk.Stretch::wraps).sum()).isBetween(40.0, 300.0);
  }

  @Test
  void aHalfHitchIsWiseBehindWhatSlips() {
    assertThat(card("hair-wing-sedge").thread().toString())
        .contains("A half hitch is wise once you bind in the hair wing");
    assertThat(card("upright-collar").thread().toString()).doesNotContain("half hitch");
  }

  @Test
  void theFlyGrowsHeavierStepByStepToItsWeight() {
    Card card = card("upright-collar");
    double before = 0;
    for (int done = 1; done <= card.steps().size(); done++) {
      assertThat(card.weighsMg(done)).isGreaterThanOrEqualTo(before);
      before = card.weighsMg(done);
    }
    double all = card.massMg().values().stream().mapToDouble(m -> m).sum();
    assertThat(before).isCloseTo(all, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"brown olive, 6d6b34", "olive brown, 6b4a2f", "Black, 26241f"})
  void theLastKnownWordOfAColourSaysWhich(String words, String ink) {
    assertThat(Integer.toHexString(Shade.of(words).orElseThrow())).isEqualTo(ink);
  }

  @Test
  void paleIsLighterAndDarkDarkerThanTheWordAlone() {
    int olive = Shade.of("olive").orElseThrow() >> 8 & 0xff;
    assertThat(Shade.of("pale olive").orElseThrow() >> 8 & 0xff).isGreaterThan(olive);
    assertThat(Shade.of("dark olive").orElseThrow() >> 8 & 0xff).isLessThan(olive);
    assertThat(Shade.of("medium")).isEmpty();
  }
}
