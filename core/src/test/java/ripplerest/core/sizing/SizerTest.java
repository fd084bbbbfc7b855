package ripplerest.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Trim;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Warning;

class SizerTest {
  private static final Sizer SIZER = new Sizer(Materials.standard());

  private static Pattern defaults(String style, int size) {
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    return Sizer.defaults(Style.named(style), hook, "test");
  }

  private static Pattern collar(double turns) {
    Part hackle =
        new Part.CollarHackle(
            Tie.of("dry-hackle"),
            turns,
            new Length.Rule(Length.Reference.GAP, 1.75),
            Trim.BELOW,
            new Length.Rule(Length.Reference.GAP, 0.45),
            0);
    return defaults("upright-collar", 14).withPart(hackle);
  }

  // Common practice, no source: the styles' rules on a standard 14, worked by hand.
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
    Part wing = new Part.UprightWing(Tie.of("wing-tips"), new Length.Pinned(6.5), 30);
    Pattern pinned = defaults("upright-collar", 14).withPart(wing);
    SizedPattern small = SIZER.size(pinned.withHook(pinned.hook().withSize(18)));
    assertThat(small.mm("upright-wing", "length")).isEqualTo(6.5);
    assertThat(small.dimensions()).anyMatch(d -> d.rule().equals("pinned"));
    assertThat(small.mm("tail", "length")).isLessThan(SIZER.size(pinned).mm("tail", "length"));
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 12, 14, 18, 22})
  void theShankIsSharedOutWithoutGapsOrOverlaps(int size) {
    for (Style style : Styles.standard().offered()) {
      SizedPattern sized = SIZER.size(defaults(style.id(), size));
      double at = 0;
      for (SizedPattern.Piece span : sized.pieces()) {
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
    assertThat(crowded.message().toString())
        .contains("0.2 mm")
        .contains("eye lengths")
        .contains("turn");
  }

  @Test
  void whatLeavesTheStyleIsWarnedOfNotRefused() {
    Part tail =
        new Part.Tail(
            Tie.of("tail-barb"), 20, new Length.Rule(Length.Reference.HOOK_LENGTH, 2), 30);
    List<Warning> warnings = SIZER.size(defaults("parachute", 14).withPart(tail)).warnings();
    assertThat(warnings).extracting(Warning::code).containsOnly("outside-style").hasSize(2);
    assertThat(warnings.get(0).message().toString()).contains("parachute ties");
  }

  @Test
  void unknownStylesAreRefusedWithThoseThereAre() {
    assertThatThrownBy(() -> Style.named("elbow"))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("upright-collar");
  }

  @Test
  void aPartThatTheStyleDoesNotTieIsADeparture() {
    List<Part> parts = new ArrayList<>(defaults("forward-plume", 14).parts());
    parts.add(0, DefaultParts.of(Style.named("forward-plume"), PartKind.named("shuck")));
    List<Warning> warnings = SIZER.size(defaults("forward-plume", 14).withParts(parts)).warnings();
    assertThat(warnings).extracting(Warning::code).containsExactly("outside-style");
    assertThat(warnings.get(0).message().toString()).contains("ties no shuck");
  }

  @Test
  void aMaterialThatDoesNotSuitIsRefusedWithThoseThatDo() {
    Pattern wrong = defaults("parachute", 14).withPart(new Part.Body(Tie.of("dry-hackle"), 2));
    assertThatThrownBy(() -> SIZER.size(wrong))
        .hasMessageContaining("material")
        .hasMessageContaining("dry-dubbing");
  }

  @Test
  void severalOfAKindAreToldApart() {
    Pattern one = defaults("upright-collar", 14);
    List<Part> parts = new ArrayList<>(one.parts());
    parts.add(parts.get(parts.size() - 1).with("turns", 2.0));
    SizedPattern sized = SIZER.size(one.withParts(parts));
    assertThat(sized.pattern().names()).endsWith("collar-hackle", "collar-hackle-2");
    assertThat(sized.spansOf("collar-hackle-2")).hasSize(2);
    assertThat(sized.mm("collar-hackle-2", "barb")).isCloseTo(7, within(1e-9));
  }

  @Test
  void aSecondBodyIsExplained() {
    List<Part> parts = new ArrayList<>(defaults("upright-collar", 14).parts());
    parts.add(2, new Part.Body(Tie.of("floss"), 2));
    List<Warning> warnings = SIZER.size(defaults("upright-collar", 14).withParts(parts)).warnings();
    assertThat(warnings).extracting(Warning::message).first().asString().contains("has one body");
  }

  @Test
  void landmarksAreToldInMillimetresEyesAndShares() {
    SizedPattern sized = SIZER.size(collar(5));
    assertThat(sized.landmarks()).extracting(SizedPattern.Landmark::name).hasSize(5);
    SizedPattern.Landmark middle = sized.landmarks().get(1);
    assertThat(middle.mm()).isCloseTo(3.7, within(1e-9));
    assertThat(middle.shareOfShank()).isCloseTo(0.5, within(1e-9));
    assertThat(sized.landmarks().get(0).mm()).isCloseTo(sized.span("body").fromMm(), within(1e-9));
  }

  // By hand: four turns round wire and thread of 0.41 + 0.26 mm with a 0.25 mm stem use
  // 4·π·0.92 = 11.6 mm; with 4 mm tied in and 15 mm held, 30.6 mm.
  @Test
  void aFeatherRunsOutWhereItsLengthSays() {
    Pattern parachute = defaults("parachute", 14);
    Part hackle = parachute.part(Part.ParachuteHackle.class).orElseThrow();
    Feather unmeasured = SIZER.size(parachute).feathers().get(0);
    assertThat(unmeasured.usedMm()).isCloseTo(30.6, within(0.1));
    assertThat(unmeasured.hackleSize()).isCloseTo(14, within(0.01));
    SizedPattern shortOne = SIZER.size(parachute.withPart(hackle.with("feather", 29.0)));
    assertThat(shortOne.feathers().get(0).runsOutAfter().orElseThrow()).isCloseTo(3.5, within(0.1));
    assertThat(shortOne.warnings()).extracting(Warning::code).containsExactly("feather-short");
    SizedPattern enough = SIZER.size(parachute.withPart(hackle.with("feather", 40.0)));
    assertThat(enough.warnings()).isEmpty();
  }

  @Test
  void aHouseStyleRowIsACopyWithItsOwnRules() {
    Style.Rule turns = new Style.Rule("turns", "3", "2", "4", "our way");
    Style house =
        Style.named("parachute").copy("hut", "Hut way").with("parachute-hackle", "turns", turns);
    Sizer sizer = new Sizer(Materials.standard(), Styles.standard().with(house));
    Pattern ours = Sizer.defaults(house, defaults("parachute", 14).hook(), "ours");
    assertThat(ours.part(Part.ParachuteHackle.class).orElseThrow().turns()).isEqualTo(3);
    assertThat(sizer.size(ours).warnings()).isEmpty();
    Part more = ours.part(Part.ParachuteHackle.class).orElseThrow().with("turns", 5.0);
    assertThat(sizer.size(ours.withPart(more)).warnings().get(0).message().toString())
        .contains("hut way ties");
    Style.Rule wrong = new Style.Rule("turns", "9", "2", "4", "");
    assertThatThrownBy(() -> house.with("parachute-hackle", "turns", wrong))
        .hasMessageContaining("parachute-hackle turns is 9");
  }

  // Common practice, no source: a style's own fly has room on its own hook.
  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void noStyleDepartsFromItselfOrCrowdsItsHook(int size) {
    for (Style style : Styles.standard().offered()) {
      assertThat(SIZER.size(defaults(style.id(), size)).warnings()).as(style.id()).isEmpty();
    }
  }

  @Test
  void everyStylesOwnDefaultsLieInItsOwnRanges() {
    for (Style style : Styles.standard().offered()) {
      style
          .rules()
          .forEach(
              (key, rule) -> {
                if (!rule.low().isEmpty() && !rule.value().isEmpty()) {
                  assertThat(rule.isUsual(rule.number())).as(style.id() + " " + key).isTrue();
                }
              });
    }
  }

  @Test
  void nothingIsCrowdedByWhatIsToldAsNothing() {
    int crowded = 0;
    for (int size = 8; size <= 22; size += 2) {
      for (double turns = 2; turns <= 12; turns += 0.25) {
        Pattern fly =
            Sizer.defaults(
                Style.named("upright-collar"),
                new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0),
                "x");
        Part hackle = fly.part(Part.CollarHackle.class).orElseThrow().with("turns", turns);
        for (Warning w : new Sizer(Materials.standard()).size(fly.withPart(hackle)).warnings()) {
          if (w.code().endsWith("crowded")) {
            crowded++;
            assertThat(w.message().toString()).doesNotContain("by 0.0 mm", "is 0.0 mm");
            assertThat(w.amount()).isGreaterThanOrEqualTo(0.05);
          }
        }
      }
    }
    assertThat(crowded).as("some are").isPositive();
  }
}
