package ripplerest.core.tying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.dressing.Finish;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.WhipPlace;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

/** Cards to tie by; what they say is common practice, no source. */
class CardTest {
  private static SizedPattern sized(Pattern pattern) {
    return new Sizer(Flies.MATERIALS).size(pattern);
  }

  static List<String> styles() {
    return Styles.standard().offered().stream().map(Style::id).toList();
  }

  @ParameterizedTest
  @MethodSource("styles")
  void everyStylesFlyHasACardWithoutAGap(String style) {
    SizedPattern fly = sized(Flies.of(style, 14));
    Card card = CardWriter.of(fly, Flies.MATERIALS);
    assertThat(card.steps())
        .extracting(Card.Step::part)
        .containsSubsequence(fly.pattern().names())
        .contains("thread", "head");
    for (Card.Step step : card.steps()) {
      String all =
          Sentence.join(" ", List.of(step.how(), step.check(), step.mistake(), step.remedy()))
              .toString();
      assertThat(all).doesNotContain("{").doesNotContain("  ").doesNotContain("null");
      assertThat(step.how().toString()).isNotBlank();
      assertThat(step.check().toString()).isNotBlank();
      assertThat(step.remedy().toString()).isNotBlank();
      if (!Double.isNaN(step.fromMm())) {
        assertThat(step.toMm()).isBetween(step.fromMm(), fly.hook().shankMm() + 1e-9);
        assertThat(step.place().toString()).contains("eye length");
      }
      step.bar()
          .ifPresent(
              bar ->
                  assertThat(fly.dimensions())
                      .anySatisfy(d -> assertThat(d.mm()).isEqualTo(bar.mm())));
    }
    assertThat(card.cautions()).hasSizeGreaterThanOrEqualTo(2).doesNotHaveDuplicates();
    assertThat(card.seconds()).isBetween(120.0, 1500.0);
  }

  /** Every kind of part has its words: none is met only on the day that somebody ties it. */
  @Test
  void everyKindOfPartHasItsStep() {
    Style style = Style.named("upright-collar");
    for (PartKind kind : PartKind.all()) {
      Pattern fly = Flies.of("upright-collar", 12);
      List<Part> parts = new ArrayList<>(fly.parts());
      parts.removeIf(p -> p.kind().equals(kind.id()));
      if (kind.id().equals("parachute-hackle")) {
        parts.add(DefaultParts.of(style, PartKind.named("post")));
      }
      parts.add(DefaultParts.of(style, kind));
      Card card = CardWriter.of(sized(fly.withParts(parts)), Flies.MATERIALS);
      assertThat(card.steps()).anySatisfy(s -> assertThat(s.part()).isEqualTo(kind.id()));
    }
  }

  @Test
  void theNumbersOnTheCardAreTheSizedOnes() {
    SizedPattern fly = sized(Flies.of("upright-collar", 14));
    Card card = CardWriter.of(fly, Flies.MATERIALS);
    Card.Step tail = step(card, "bind-in tail");
    assertThat(tail.how().toString()).contains("%.1f mm".formatted(fly.mm("tail", "length")));
    assertThat(tail.bar().orElseThrow().mm()).isEqualTo(fly.mm("tail", "length"));
    Card.Step hackle = step(card, "wind collar-hackle");
    assertThat(hackle.ways().toString()).contains("Tiers disagree").contains("full");
    assertThat(hackle.toMm())
        .isCloseTo(
            fly.spansOf("collar-hackle").stream().mapToDouble(s -> s.toMm()).max().orElseThrow(),
            within(1e-9));
    double each = card.steps().stream().mapToDouble(Card.Step::seconds).sum();
    assertThat(card.seconds()).isGreaterThan(each);
  }

  @Test
  void glueVarnishAndLampAreCautioned() {
    Pattern fly = Flies.of("upright-collar", 14);
    for (Finish finish : Finish.values()) {
      List<Part> parts = new ArrayList<>(fly.parts());
      parts.removeIf(p -> p instanceof Part.Head);
      parts.add(new Part.Head(Tie.of("thread"), 5, 0, WhipPlace.EYE, finish, 1));
      Card card = CardWriter.of(sized(fly.withParts(parts)), Flies.MATERIALS);
      String caution =
          card.steps().stream()
              .filter(s -> s.part().equals("head"))
              .map(Card.Step::caution)
              .reduce("", String::concat);
      assertThat(caution.isEmpty()).isEqualTo(finish == Finish.NONE);
      if (!caution.isEmpty()) {
        assertThat(card.cautions()).contains(caution);
      }
    }
  }

  private static Card.Step step(Card card, String key) {
    return card.steps().stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow();
  }
}
