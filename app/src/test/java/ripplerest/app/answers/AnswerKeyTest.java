package ripplerest.app.answers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.HouseStyle;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;

/** Whatever moves an answer moves its key, and nothing else does. */
class AnswerKeyTest {
  private final AnswerKey keys = new AnswerKey(Optional.of("0123abc"));

  private static PreparedFly fly(Style style, Materials materials) {
    Sizer sizer = new Sizer(materials);
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    return PreparedFly.of(
        sizer.size(Sizer.defaults(style, hook, "a fly")), materials, Conditions.DEFAULT);
  }

  private String key(String question, PreparedFly... flies) {
    return keys.of(question, List.of(flies));
  }

  @Test
  void theSameFlyHasTheSameKey() {
    Materials materials = Materials.standard();
    Style style = Style.named("parachute");
    assertThat(key("CARRY", fly(style, materials))).hasSize(64);
    assertThat(key("CARRY", fly(style, Materials.standard())))
        .isEqualTo(key("CARRY", fly(style, materials)));
  }

  @Test
  void questionFlyStyleAndMaterialsMoveIt() {
    Materials materials = Materials.standard();
    Style style = Style.named("parachute");
    PreparedFly fly = fly(style, materials);
    MaterialRow row = MaterialRow.of(materials.offered().get(0)).get(0);
    Materials moved =
        materials.with(
            List.of(
                new MaterialRow(
                    row.material(),
                    row.label(),
                    row.property(),
                    row.value() * 1.001,
                    row.spread(),
                    row.kind(),
                    row.source())));
    List<String> all =
        new ArrayList<>(
            List.of(
                key("CARRY", fly),
                key("WHOLE", fly),
                key("CARRY", fly, fly),
                key("CARRY", fly(Style.named("upright-collar"), materials)),
                key(
                    "CARRY",
                    PreparedFly.of(fly.sized(), materials, fly.conditions().withTouchdown(3))),
                key("CARRY", PreparedFly.of(fly.sized(), moved, fly.conditions())),
                key(
                    "CARRY",
                    PreparedFly.of(
                        fly.sized(), materials.retiring(Set.of(row.material())), fly.conditions())),
                key("CARRY", inHouse("0.8")),
                key("CARRY", inHouse("0.9"))));
    assertThat(all).doesNotHaveDuplicates();
  }

  /** A fly in a house style of the same name, whose post is as tall by default. */
  private static PreparedFly inHouse(String height) {
    Materials materials = Materials.standard();
    Style.Rule rule = Style.named("parachute").rule("post", "length");
    Style.Rule own =
        new Style.Rule(rule.reference(), height, rule.low(), rule.high(), rule.words());
    HouseStyle house = new HouseStyle("house", "House", "parachute", Map.of("post/length", own));
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    Sizer sizer = new Sizer(materials).knowing(List.of(house), List.of());
    Pattern pinned = Sizer.defaults(house.style(), hook, "a fly");
    return PreparedFly.of(sizer.size(pinned), materials, Conditions.DEFAULT);
  }

  @Test
  void noBuildTakesAnothersAnswersNorOneThatDoesNotKnowItselfItsOwn() {
    PreparedFly fly = fly(Style.named("parachute"), Materials.standard());
    AnswerKey later = new AnswerKey(Optional.of("4567def"));
    assertThat(later.of("CARRY", List.of(fly))).isNotEqualTo(key("CARRY", fly));
    AnswerKey again = new AnswerKey(Optional.of("0123abc"));
    assertThat(again.of("CARRY", List.of(fly))).isEqualTo(key("CARRY", fly));
    AnswerKey unknown = new AnswerKey(Optional.empty());
    assertThat(unknown.of("CARRY", List.of(fly)))
        .isNotEqualTo(new AnswerKey(Optional.empty()).of("CARRY", List.of(fly)));
  }
}
