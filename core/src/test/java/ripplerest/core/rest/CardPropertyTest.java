package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Piece;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.steps.OrderOfWork;
import ripplerest.core.tying.Amount;
import ripplerest.core.tying.Amounts;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;

/** Cards of random flies, each kind of part with any other. */
class CardPropertyTest {
  private static final int PATTERNS = Integer.getInteger("patterns", 400);

  @Tag("slow")
  @Test
  void everyValidPatternHasACardThatCanBeTied() {
    SplittableRandom random = new SplittableRandom(20261128);
    for (int n = 0; n < PATTERNS; n++) {
      SizedPattern fly = new Sizer(Flies.MATERIALS).size(RandomFlies.pattern(random));
      Card card;
      try {
        card = CardWriter.of(fly, Flies.MATERIALS);
      } catch (OutOfRangeException e) {
        assertThat(e).hasMessageContaining("fibres");
        continue;
      }
      assertThat(card.problems()).as("%s", fly.pattern()).isEmpty();
      assertThat(OrderOfWork.broken(fly, Flies.MATERIALS))
          .as("%s", fly.pattern().names())
          .isEmpty();
      assertThat(card.steps()).extracting(Card.Step::key).doesNotHaveDuplicates();
      for (Card.Step step : card.steps()) {
        String all =
            Sentence.join(" ", List.of(step.how(), step.check(), step.mistake(), step.remedy()))
                .toString();
        assertThat(all).doesNotContain("{").doesNotContain("null").doesNotContain("NaN");
      }
      Set<String> told = new HashSet<>();
      for (Amount a : Amounts.of(fly, Flies.MATERIALS)) {
        assertThat(told.add(a.part() + "/" + a.what())).as("named once: %s", a).isTrue();
      }
      double at = 0;
      for (Piece piece : fly.pieces()) {
        assertThat(piece.fromMm()).isGreaterThanOrEqualTo(at - 1e-9);
        at = piece.toMm();
      }
    }
  }
}
