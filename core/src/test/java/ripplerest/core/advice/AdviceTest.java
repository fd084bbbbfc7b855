package ripplerest.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;
import ripplerest.core.material.Form;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.Posture;
import ripplerest.core.sizing.SizeRules;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;

class AdviceTest {
  private static final Materials MATERIALS = Materials.standard();

  private static SizedPattern fly(String style, int size) {
    return new Sizer(MATERIALS).size(Flies.of(style, size));
  }

  private static int index(SizedPattern fly, String part) {
    return fly.pattern().names().indexOf(part);
  }

  // Common practice, no source: three plumes at 16 and 14, two at 18 and smaller.
  @Test
  void countsMoveByTheirRuleAndDeparturesAreKept() {
    Pattern plain = Flies.of("flat-plume", 14);
    Part wing = plain.part(Part.FlatWing.class).orElseThrow();
    Pattern three = plain.withPart(wing.with("count", 3));
    assertThat(plumes(SizeRules.onto(three, 18))).isEqualTo(2);
    assertThat(plumes(SizeRules.onto(three, 16))).isEqualTo(3);
    assertThat(plumes(SizeRules.onto(three, 12))).isEqualTo(4);
    Pattern five = plain.withPart(wing.with("count", 5));
    assertThat(plumes(SizeRules.onto(five, 18))).isEqualTo(4);
    assertThat(SizeRules.onto(three, 14)).isEqualTo(three);
  }

  @Test
  void pinnedLengthsStayAndRulesFollowTheHook() {
    Pattern plain = Flies.of("upright-collar", 14);
    Part hackle = plain.part(Part.CollarHackle.class).orElseThrow();
    Pattern pinned = plain.withPart(hackle.with("barb", new Length.Pinned(6)));
    SizedPattern small = new Sizer(MATERIALS).size(SizeRules.onto(pinned, 18));
    SizedPattern own = new Sizer(MATERIALS).size(pinned);
    assertThat(small.mm("collar-hackle", "barb")).isEqualTo(6);
    assertThat(small.mm("tail", "length")).isLessThan(own.mm("tail", "length"));
    assertThat(small.hook().gapMm()).isEqualTo(3.1);
  }

  @Test
  void countsStayWhatAPartCanHave() {
    Pattern plain = Flies.of("flat-plume", 8);
    Part wing = plain.part(Part.FlatWing.class).orElseThrow();
    Pattern one = plain.withPart(wing.with("count", 1));
    assertThat(plumes(SizeRules.onto(one, 22))).isEqualTo(1);
  }

  private static int plumes(Pattern pattern) {
    return pattern.part(Part.FlatWing.class).orElseThrow().count();
  }

  @Test
  void aSizeRunPutsEverySizeOnTheWaterAndTellsWhatStops() {
    List<SizeRun.Row> rows =
        SizeRun.of(
            PreparedFly.of(fly("upright-collar", 14), MATERIALS, Flies.GEL), Work.unwatched());
    assertThat(rows)
        .extracting(SizeRun.Row::size)
        .containsExactly(6, 8, 10, 12, 14, 16, 18, 20, 22);
    SizeRun.Row own = rows.get(4);
    assertThat(own.works()).isTrue();
    assertThat(own.why().toString()).isEmpty();
    assertThat(rows).allMatch(r -> r.works() == r.why().saysNothing());
    // Common practice, no source: the same dressing floats a small hook and not a large one, for
    // weight goes with the cube of the size and the film only with its length.
    assertThat(rows.get(6).works()).isTrue();
    assertThat(bears(rows.get(0))).isLessThan(bears(rows.get(6)));
    double[] mass = rows.stream().mapToDouble(r -> r.estimate().massMg()).toArray();
    for (int i = 1; i < mass.length; i++) {
      assertThat(mass[i]).isLessThan(mass[i - 1]);
    }
  }

  private static double bears(SizeRun.Row row) {
    return row.estimate().reserve().orElseThrow().sinksAt();
  }

  /**
   * A fly that stands on its tail does so on its own hook too: that is no reason to call it well.
   */
  @Test
  void aSizeRunJudgesByWhatTheStyleWants() {
    List<SizeRun.Row> rows =
        SizeRun.of(
            PreparedFly.of(fly("hair-wing-sedge", 14), MATERIALS, Flies.GEL), Work.unwatched());
    SizeRun.Row own = rows.get(4);
    assertThat(own.works()).isFalse();
    assertThat(own.why().toString())
        .contains("this style wants it")
        .contains("from 20° head down to 20° tail down");
  }

  @Test
  void longWorkCanBeGivenUp() {
    assertThatThrownBy(
            () ->
                SizeRun.of(
                    PreparedFly.of(fly("upright-collar", 14), MATERIALS, Flies.GEL),
                    Work.until(() -> true)))
        .isInstanceOf(Cancelled.class);
  }

  // By hand: E·r⁴ of hackle 2.5 GPa at 22.6 µm against soft game-bird hackle at 17 µm.
  @Test
  void likenessIsTheRatioOfWhatCounts() {
    Map<Likeness.Trait, Double> ratios =
        Likeness.of(MATERIALS.get("dry-hackle"), MATERIALS.get("game-hackle"), Form.HACKLE)
            .ratios();
    assertThat(ratios.get(Likeness.Trait.STIFFNESS))
        .isCloseTo(Math.pow(17 / 22.6, 4), within(1e-3));
    assertThat(ratios.get(Likeness.Trait.THICKNESS)).isCloseTo(17 / 22.6, within(1e-3));
    Likeness same =
        Likeness.of(MATERIALS.get("dry-hackle"), MATERIALS.get("dry-hackle"), Form.HACKLE);
    assertThat(same.distance()).isZero();
  }

  // Common practice, no source: a puff and a thin farmed plume are the likest to a dense plume, and
  // hold less.
  @Test
  void theLikestSubstituteComesFirst() {
    for (int size : new int[] {12, 14, 16}) {
      SizedPattern fly = fly("forward-plume", size);
      Substitutes found =
          Substitutes.forPart(
              PreparedFly.of(fly, MATERIALS, Flies.GEL),
              index(fly, "forward-plume"),
              Work.unwatched());
      assertThat(found.materials().subList(0, 2))
          .extracting(s -> s.material().id())
          .containsExactly("plume-puff", "farmed-plume");
      assertThat(found.materials())
          .extracting(s -> s.likeness().distance())
          .isSortedAccordingTo(Double::compare);
      assertThat(found.materials().get(0).then().sinksAt()).isLessThan(found.now().sinksAt());
    }
  }

  @Test
  void hooksStandInByShankGapAndWire() {
    SizedPattern fly = fly("upright-collar", 14);
    HookSpec own =
        new HookSpec(
            14,
            HookSpec.Shape.STRAIGHT,
            0,
            0,
            Optional.of(new HookSpec.Measured("mine", 7.4, 4.0, 0.41, 0.94, Optional.empty())));
    Substitutes found =
        Substitutes.forHook(
            PreparedFly.of(fly, MATERIALS, Flies.GEL), List.of(own), Work.unwatched());
    assertThat(found.hooks()).hasSize(8);
    assertThat(found.hooks().get(0).hook().measured()).isPresent();
    assertThat(found.hooks().get(0).distance()).isLessThan(0.05);
    assertThat(found.hooks()).noneMatch(h -> h.hook().equals(fly.pattern().hook()));
  }

  // Common practice, no source: more turns hold more.
  @Test
  void enoughTurnsReachAWantedReserve() {
    SizedPattern fly = fly("upright-collar", 14);
    int hackle = index(fly, "collar-hackle");
    WantedSupport two =
        WantedSupport.of(PreparedFly.of(fly, MATERIALS, Flies.GEL), hackle, 2, Work.unwatched());
    WantedSupport three =
        WantedSupport.of(PreparedFly.of(fly, MATERIALS, Flies.GEL), hackle, 3, Work.unwatched());
    assertThat(two.enough()).isPresent();
    assertThat(three.enough()).isPresent();
    assertThat(three.enough().get()).isGreaterThanOrEqualTo(two.enough().get());
    assertThat(two.tried())
        .filteredOn(t -> t.number() == two.enough().get())
        .allMatch(t -> t.sits().keepsPostureTo() >= 2);
    assertThat(two.tried())
        .filteredOn(t -> t.number() < two.enough().get())
        .allMatch(t -> t.sits().keepsPostureTo() < 2 || !t.sits().posture().equals(posture(two)));
  }

  private static Optional<Posture> posture(WantedSupport s) {
    return s.tried().stream()
        .filter(t -> t.number() == s.now())
        .findFirst()
        .orElseThrow()
        .sits()
        .posture();
  }

  @Test
  void whatIsNotCountedIsRefused() {
    SizedPattern fly = fly("upright-collar", 14);
    assertThatThrownBy(
            () ->
                WantedSupport.of(
                    PreparedFly.of(fly, MATERIALS, Flies.GEL),
                    index(fly, "body"),
                    2,
                    Work.unwatched()))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("counted");
    assertThatThrownBy(
            () ->
                WantedSupport.of(
                    PreparedFly.of(fly, MATERIALS, Flies.GEL), 0, 40, Work.unwatched()))
        .isInstanceOf(OutOfRangeException.class);
  }

  // Common practice, no source: the footprint of a fly on the same size reads larger than one size
  // down.
  @Test
  void bothWaysOfChoosingTheHookAreLaidBesideTheNatural() {
    Natural dun =
        new Natural(Natural.Order.MAYFLY, Natural.Stage.ADULT, Natural.Sex.UNKNOWN, 7.4, 3);
    for (String style : List.of("upright-collar", "parachute", "spent-drake")) {
      FootprintMatch match =
          FootprintMatch.of(
              PreparedFly.of(fly(style, 14), MATERIALS, Flies.GEL), dun, Work.unwatched());
      assertThat(match.natural().lengthMm()).isCloseTo(1.3 * 7.4, within(1e-9));
      assertThat(match.ways())
          .extracting(FootprintMatch.WayMatch::way)
          .containsExactly(Natural.Way.SAME_SIZE, Natural.Way.ONE_SMALLER);
      double same = match.ways().get(0).fly().footprint().orElseThrow().lengthMm();
      double smaller = match.ways().get(1).fly().footprint().orElseThrow().lengthMm();
      assertThat(smaller).as(style).isLessThan(same);
    }
  }
}
