package ripplerest.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.Sizer;

class WhatIfsTest {
  private static WhatIfs ask(Pattern pattern) {
    return WhatIfs.of(
        PreparedFly.of(new Sizer(Flies.MATERIALS).size(pattern), Flies.MATERIALS, Flies.GEL),
        Work.unwatched());
  }

  // Common practice, no source: a fly is as good as what holds it up.
  @ParameterizedTest
  @CsvSource({"upright-collar, collar-hackle", "forward-plume, forward-plume"})
  void theWeakestLinkIsWhatHoldsTheFlyUp(String style, String part) {
    for (int size : new int[] {12, 14, 16}) {
      WhatIfs answer = ask(Flies.of(style, size));
      assertThat(answer.weakest().orElseThrow().parts()).contains(part);
      assertThat(answer.soaked())
          .filteredOn(w -> w.parts().size() == 1)
          .hasSize(Flies.of(style, size).parts().size());
    }
  }

  /** What the water joins holds together: it is asked about together too. */
  @Test
  void whatTheWaterJoinsIsLeftOffTogether() {
    WhatIfs answer = ask(Flies.of("parachute", 14));
    List<WhatIfs.WhatIf> joined =
        answer.without().stream().filter(w -> w.parts().size() > 1).toList();
    assertThat(joined).isNotEmpty();
    for (WhatIfs.WhatIf group : joined) {
      assertThat(answer.soaked()).extracting(WhatIfs.WhatIf::parts).contains(group.parts());
      assertThat(group.then().massMg()).isLessThan(answer.now().massMg());
      assertThat(group.then().sinksAt()).isLessThan(answer.now().sinksAt());
    }
    assertThat(
            WhatIfs.mainstay(
                Flies.prepared(Flies.of("flat-plume", 10), Flies.GEL), Work.unwatched()))
        .contains(List.of("flat-wing"));
  }

  // Common practice, no source.
  @Test
  void aSoakedTailHoldsLess() {
    WhatIfs answer = ask(Flies.of("upright-collar", 14));
    RestSummary soaked =
        answer.soaked().stream()
            .filter(w -> w.parts().equals(List.of("tail")))
            .findFirst()
            .get()
            .then();
    assertThat(soaked.bearsMg(answer.now())).isLessThan(answer.now().bearsMg(answer.now()));
    assertThat(soaked.massMg()).isGreaterThan(answer.now().massMg());
  }

  // Common practice, no source: wire for bigger fish costs float.
  @Test
  void aHeavierWireCostsReserve() {
    WhatIfs answer = ask(Flies.of("upright-collar", 16));
    RestSummary heavier = answer.heavier().orElseThrow().then();
    assertThat(heavier.massMg()).isGreaterThan(answer.now().massMg());
    assertThat(heavier.keepsPostureTo()).isLessThan(answer.now().keepsPostureTo());
    Pattern heaviest = Flies.of("upright-collar", 16);
    assertThat(ask(heaviest.withHook(heaviest.hook().withWire(HookSpec.HEAVIEST))).heavier())
        .isEmpty();
  }

  // Statics: at rest the shares make one weight and their moments about it cancel.
  @ParameterizedTest
  @CsvSource({"upright-collar, 14", "parachute, 16", "forward-plume, 14"})
  void leversBalance(String style, int size) {
    Rest rest = Flies.rest(Flies.of(style, size), Flies.GEL);
    double weight = rest.support().stream().mapToDouble(Rest.Support::totalUn).sum();
    double turns = rest.support().stream().mapToDouble(Rest.Support::turnsUnMm).sum();
    assertThat(turns / weight).isCloseTo(0, within(0.01)); // mm
    PitchBalance lean = ask(Flies.of(style, size)).lean().orElseThrow();
    assertThat(lean.levers().stream().mapToDouble(PitchBalance.Lever::share).sum())
        .isCloseTo(1, within(0.03));
    assertThat(lean.levers().stream().mapToDouble(l -> l.share() * l.behindMm()).sum())
        .isCloseTo(0, within(0.1));
  }

  @Test
  void aHangerFallsOnItsTailAndSaysWhy() {
    WhatIfs answer = ask(Flies.of("forward-plume", 14));
    assertThat(answer.now().posture()).contains(Posture.HANGING);
    PitchBalance lean = answer.lean().orElseThrow();
    assertThat(lean.way()).isEqualTo(PitchBalance.Way.HANGING);
    assertThat(lean.changes())
        .extracting(PitchBalance.Change::words)
        .containsExactly("hook one wire finer");
  }

  @Test
  void aCollarLeansBecauseItsHackleIsAheadOfItsWeight() {
    PitchBalance lean = ask(Flies.of("upright-collar", 14)).lean().orElseThrow();
    assertThat(lean.way()).isEqualTo(PitchBalance.Way.TAIL_DOWN);
    assertThat(lean.levers().get(0).part()).isEqualTo("collar-hackle");
    assertThat(lean.levers().get(0).behindMm()).isNegative();
    assertThat(lean.changes()).hasSize(4).allMatch(c -> c.pitchDeg().isPresent());
  }

  @Test
  void aParachuteIsLevel() {
    PitchBalance lean = ask(Flies.of("parachute", 14)).lean().orElseThrow();
    assertThat(lean.words()).contains("does not fall on its tail");
  }

  @Test
  void givenUpItEnds() {
    assertThatThrownBy(
            () ->
                WhatIfs.of(
                    PreparedFly.of(
                        new Sizer(Flies.MATERIALS).size(Flies.of("parachute", 14)),
                        Flies.MATERIALS,
                        Flies.GEL),
                    Work.until(() -> true)))
        .isInstanceOf(Cancelled.class);
  }
}
