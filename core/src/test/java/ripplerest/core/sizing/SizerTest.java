package ripplerest.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Warning;

class SizerTest {
  private static final Sizer SIZER = new Sizer(Materials.standard());

  private static Pattern defaults(String school, int size) {
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    return Sizer.defaults(School.named(school), hook, "test");
  }

  private static Pattern collar(double turns) {
    Part hackle =
        new Part.CollarHackle(
            "dry-hackle", turns, new Length.Rule(Length.Reference.GAP, 1.75), true);
    return defaults("upright-collar", 14).withPart(hackle);
  }

  // Common practice, no source: the schools' rules on a standard 14, worked by hand.
  @Test
  void rulesBecomeMillimetresAndEyeLengths() {
    SizedPattern sized = SIZER.size(collar(5));
    SizedPattern.Dimension barb =
        sized.dimensions().stream().filter(d -> d.name().equals("barb")).findFirst().orElseThrow();
    assertThat(barb.mm()).isCloseTo(1.75 * 4.0, within(1e-9));
    assertThat(barb.eyeLengths()).isCloseTo(7.0 / (2.3 * 0.41), within(1e-9));
    assertThat(barb.rule()).isEqualTo("1.75 × gap");
    assertThat(sized.mm("upright-wing", "length")).isCloseTo(7.4, within(1e-9));
    assertThat(sized.mm("collar-hackle", "clip")).isCloseTo(0.45 * 4.0, within(1e-9));
    assertThat(sized.mm("tail", "length")).isCloseTo(sized.hook().hookLengthMm(), within(1e-9));
  }

  @Test
  void aPinnedLengthStaysOnAnotherHook() {
    Part wing = new Part.UprightWing("wing-tips", new Length.Pinned(6.5));
    Pattern pinned = defaults("upright-collar", 14).withPart(wing);
    SizedPattern small = SIZER.size(pinned.withHook(pinned.hook().withSize(18)));
    assertThat(small.mm("upright-wing", "length")).isEqualTo(6.5);
    assertThat(small.dimensions()).anyMatch(d -> d.rule().equals("pinned"));
    assertThat(small.mm("tail", "length")).isLessThan(SIZER.size(pinned).mm("tail", "length"));
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 12, 14, 18, 22})
  void theShankIsSharedOutWithoutGapsOrOverlaps(int size) {
    for (School school : School.standard()) {
      SizedPattern sized = SIZER.size(defaults(school.id(), size));
      double at = 0;
      for (SizedPattern.Span span : sized.spans()) {
        assertThat(span.fromMm()).isCloseTo(at, within(1e-9));
        assertThat(span.lengthMm()).isNotNegative();
        at = span.toMm();
      }
      assertThat(at).isCloseTo(sized.hook().shankMm(), within(1e-9));
    }
  }

  @Test
  void turnsAreSharedBeforeAndBehindTheWing() {
    List<SizedPattern.Span> hackle = SIZER.size(collar(5)).spansOf("collar-hackle");
    assertThat(hackle).extracting(SizedPattern.Span::label).containsExactly("hackle 2", "hackle 3");
    assertThat(hackle.get(1).lengthMm()).isCloseTo(3 * 0.25, within(1e-9));
  }

  @Test
  void aCrowdedHeadIsWarnedOfWithItsAmountAndWhatCouldGiveWay() {
    assertThat(SIZER.size(collar(5)).warnings()).isEmpty();
    Warning crowded =
        SIZER.size(collar(12)).warnings().stream()
            .filter(w -> w.code().equals("head-crowded"))
            .findFirst()
            .orElseThrow();
    // Seat 2.22 mm less half a wing seat 0.31 and 4.8 turns of 0.25 leaves 0.71 of 0.94 mm wanted.
    assertThat(crowded.amount()).isCloseTo(0.23, within(0.02));
    assertThat(crowded.message()).contains("0.2 mm").contains("eye lengths").contains("turn");
  }

  @Test
  void whatLeavesTheSchoolIsWarnedOfNotRefused() {
    Part tail = new Part.Tail("tail-barb", 20, new Length.Rule(Length.Reference.HOOK_LENGTH, 2));
    List<Warning> warnings = SIZER.size(defaults("parachute", 14).withPart(tail)).warnings();
    assertThat(warnings).extracting(Warning::code).containsOnly("outside-school").hasSize(2);
    assertThat(warnings.get(0).message()).contains("parachute ties");
  }

  @Test
  void unknownSchoolsAndStrayPartsAreRefusedWithWhatThereIs() {
    assertThatThrownBy(() -> School.named("elbow"))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("upright-collar");
    Pattern stray =
        new Pattern(
            "stray",
            "forward-plume",
            new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0),
            List.of(new Part.Post("post-yarn", new Length.Pinned(5))),
            "");
    assertThatThrownBy(() -> SIZER.size(stray)).hasMessageContaining("post");
  }

  @Test
  void everySchoolsOwnDefaultsLieInItsOwnRanges() {
    for (School school : School.standard()) {
      school
          .rules()
          .forEach(
              (key, rule) -> {
                if (!rule.low().isEmpty()) {
                  assertThat(rule.isUsual(rule.number())).as(school.id() + " " + key).isTrue();
                }
              });
    }
  }
}
