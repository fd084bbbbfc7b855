package ripplerest.exchange.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ripplerest.core.advice.Goal;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;
import ripplerest.core.material.Materials;
import ripplerest.core.question.Details;
import ripplerest.core.question.Question;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Internal: whatever can be asked has a view, and exactly one. */
class EveryAnswerHasAViewTest {
  @ParameterizedTest
  @EnumSource(Question.class)
  void aLineHoldsOneThing(Question question) {
    Sizer sizer = new Sizer(Materials.standard());
    HookSpec hook = new HookSpec(16, HookSpec.Shape.STRAIGHT, 0, 0);
    PreparedFly fly =
        PreparedFly.of(
            sizer.size(Sizer.defaults(Style.named("forward-plume"), hook, "test")),
            sizer.materials(),
            Conditions.DEFAULT);
    Natural natural =
        new Natural(Natural.Order.MAYFLY, Natural.Stage.ADULT, Natural.Sex.UNKNOWN, 8, 0);
    Goal goal = new Goal(Goal.Wanted.HANG, 60);
    Details with =
        new Details(
            4, 1, "forward-plume", 2, Optional.of(natural), Optional.of(goal), 0, List.of());
    AnswerLine line = AnswerLine.of(question.answer(with, fly, Work.unwatched()));
    JsonNode sent = JsonMapper.shared().valueToTree(line);
    assertThat(sent.properties().stream().filter(e -> !e.getValue().isNull())).hasSize(1);
  }
}
