package ripplerest.core.tying;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.Making.OwnStep;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.steps.OrderOfWork;

/** A tier's own order and words among what is derived. */
class OrderOfWorkTest {
  private static SizedPattern sized(OwnStep... steps) {
    Making making = Making.NONE.withSteps(List.of(steps));
    Pattern fly = Flies.of("upright-collar", 14).with(making);
    return new Sizer(Flies.MATERIALS).size(fly);
  }

  private static List<String> keys(SizedPattern fly) {
    return CardWriter.of(fly, Flies.MATERIALS).steps().stream().map(Card.Step::key).toList();
  }

  private static OwnStep step(String act) {
    return new OwnStep(act, "", "");
  }

  @Test
  void withoutAnOrderOfTheTiersEveryNeedIsMet() {
    OrderOfWork.Result order = OrderOfWork.of(sized(), Flies.MATERIALS);
    assertThat(order.problems()).isEmpty();
    assertThat(keys(sized())).startsWith("start-thread thread").endsWith("clear-eye head");
  }

  @Test
  void listedStepsKeepTheOrderInWhichTheyAreListed() {
    List<String> keys = keys(sized(step("bind-in upright-wing"), step("bind-in tail")));
    assertThat(keys.indexOf("bind-in upright-wing")).isLessThan(keys.indexOf("bind-in tail"));
    assertThat(keys).hasSameSizeAs(keys(sized()));
  }

  @Test
  void anOrderThatCannotBeTiedIsExplainedWithItsNeedAndTheMoveThatMendsIt() {
    SizedPattern fly = sized(step("wind body"), step("bind-in tail"));
    assertThat(OrderOfWork.of(fly, Flies.MATERIALS).problems())
        .anySatisfy(
            p -> {
              assertThat(p.step()).isEqualTo("wind body");
              assertThat(p.after()).isEqualTo("bind-in tail");
              assertThat(p.words())
                  .contains("the body covers where it is bound in")
                  .contains("Move wind the body behind it");
            });
  }

  @Test
  void ownWordsNotesAndStepsStandOnTheCard() {
    Card card =
        CardWriter.of(
            sized(
                new OwnStep("wind body", "Wind 50 % of it \uFFFC thin.", "slowly"),
                new OwnStep("own:1", "Hold it up to the window.", "")),
            Flies.MATERIALS);
    Card.Step body = step(card, "wind body");
    assertThat(body.how().toString()).isEqualTo("Wind 50 % of it   thin.");
    assertThat(body.note()).isEqualTo("slowly");
    List<String> keys = card.steps().stream().map(Card.Step::key).toList();
    assertThat(keys.indexOf("own:1")).isEqualTo(keys.indexOf("wind body") + 1);
    assertThat(step(card, "own:1").how().toString()).contains("window");
  }

  private static Card.Step step(Card card, String key) {
    return card.steps().stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void aStepThatThePatternNoLongerHasIsPassedOver() {
    assertThat(keys(sized(step("wind rib"), step("wind body")))).isEqualTo(keys(sized()));
  }
}
