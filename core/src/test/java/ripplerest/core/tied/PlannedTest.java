package ripplerest.core.tied;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

/** Internal: what can be measured on every style's own fly, and put back into its pattern. */
class PlannedTest {
  private static final Sizer SIZER = new Sizer(Materials.standard());
  private static final double A_LITTLE = 0.13;

  static Stream<String> styles() {
    return Styles.standard().offered().stream().map(Style::id);
  }

  private static SizedPattern fly(String style) {
    HookSpec hook = new HookSpec(12, HookSpec.Shape.STRAIGHT, 0, 0);
    return SIZER.size(Sizer.defaults(Style.named(style), hook, "test"));
  }

  private static double moved(Planned p) {
    double step = p.unit().equals("mm") ? A_LITTLE : 1;
    return p.value() + step <= p.high() ? p.value() + step : p.value() - step;
  }

  private static double valueOf(SizedPattern fly, Planned like) {
    return Planned.of(fly).stream()
        .filter(p -> p.part().equals(like.part()) && p.field().equals(like.field()))
        .findFirst()
        .orElseThrow()
        .value();
  }

  @ParameterizedTest
  @MethodSource("styles")
  void everythingMeasuredGoesIntoItsOwnPlaceAndNowhereElse(String style) {
    SizedPattern plan = fly(style);
    List<Planned> all = Planned.of(plan);
    assertThat(all).hasSizeGreaterThan(2);
    for (Planned p : all) {
      SizedPattern made = p.with(plan, moved(p), SIZER);
      assertThat(valueOf(made, p)).as("%s", p).isCloseTo(moved(p), within(1e-9));
      int parts = 0;
      for (int i = 0; i < plan.pattern().parts().size(); i++) {
        Part before = plan.pattern().parts().get(i);
        Part after = made.pattern().parts().get(i);
        assertThat(PartKind.of(after)).isEqualTo(PartKind.of(before));
        parts += after.equals(before) ? 0 : 1;
      }
      assertThat(parts).as("only %s is otherwise", p).isEqualTo(1);
    }
  }

  @ParameterizedTest
  @MethodSource("styles")
  void everyPlanIsWithinWhatAFlyCanHave(String style) {
    for (Planned p : Planned.of(fly(style))) {
      assertThat(p.value()).as("%s", p).isBetween(p.low(), p.high());
      assertThat(p.handError()).isBetween(0.0, 0.5);
      assertThat(new Made(p, p.value()).differs()).isFalse();
    }
  }

  @ParameterizedTest
  @MethodSource("styles")
  void everythingThatCanComeOutOtherwiseHasItsWordsAndItsCorrection(String style) {
    for (Planned p : Planned.of(fly(style))) {
      for (double to : new double[] {p.low(), p.high()}) {
        if (to != p.value()) {
          Made made = new Made(p, to);
          assertThat(Correction.of(made).words()).endsWith(".");
          assertThat(made.words().toString())
              .startsWith(p.part().replace('-', ' ') + " ")
              .matches(".*(too (long|short|thick|thin)|more|fewer)");
        }
      }
    }
  }
}
