package ripplerest.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ripplerest.core.advice.Goal.Wanted;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.tying.TyingTime;

/** Outcomes reached by small changes, ways that practitioners disagree, dressings side by side. */
class ChangesTest {
  private static SizedPattern sized(Pattern pattern) {
    return new Sizer(Flies.MATERIALS).size(pattern);
  }

  private static SmallestChanges find(Pattern fly, Wanted wanted, double amount) {
    Goal goal = new Goal(wanted, amount);
    return SmallestChanges.of(
        PreparedFly.of(sized(fly), Flies.MATERIALS, Flies.GEL), goal, Work.unwatched());
  }

  /** What is said to reach an outcome does, when it is put on the water by itself. */
  @Test
  void changesReachWhatWasWantedAndTheSmallestStandFirst() {
    SmallestChanges found = find(Flies.of("upright-collar", 14), Wanted.HIGHER, 0.4);
    assertThat(found.reached()).isFalse();
    assertThat(found.changes()).isNotEmpty();
    assertThat(found.changes()).extracting(SmallestChanges.Change::effort).isSorted();
    for (SmallestChanges.Change change : found.changes()) {
      RestSummary again =
          RestSummary.posed(PreparedFly.of(change.pattern(), Flies.MATERIALS, Flies.GEL));
      assertThat(again.posture()).isEqualTo(found.now().posture());
      assertThat((again.eyeMm() + again.bendMm()) / 2)
          .isGreaterThanOrEqualTo((found.now().eyeMm() + found.now().bendMm()) / 2 + 0.4);
      assertThat(change.words()).isNotBlank();
    }
  }

  // Common practice, no source: clipped underneath lies flush.
  @Test
  void aCollarLiesFlushByClippingIt() {
    SmallestChanges found = find(Flies.of("upright-collar", 14), Wanted.FLUSH, 0);
    assertThat(found.changes().get(0).words()).contains("trim full → below");
    assertThat(found.changes().get(0).sits().posture()).contains(Posture.FLUSH);
  }

  // Common practice, no source: to make a parachute go under one wets it before anything else.
  @Test
  void aFlyIsMadeToGoUnderWithAWetThumb() {
    SmallestChanges found = find(Flies.of("forward-plume", 14), Wanted.UNDER, 0);
    assertThat(found.changes()).isNotEmpty();
    assertThat(found.changes().get(0).words()).contains("wetted");
    assertThat(found.changes().get(0).sits().outcome()).isEqualTo(Outcome.SINKS);
  }

  // By geometry: a longer wing above the film shows more.
  @Test
  void aFlyIsSeenFromAfarByItsWing() {
    SmallestChanges found = find(Flies.of("parachute", 14), Wanted.SEEN, 1.2);
    assertThat(found.have()).isPositive();
    assertThat(found.changes()).isNotEmpty();
    assertThat(found.changes().get(0).have()).isGreaterThanOrEqualTo(1.2 * found.have());
    assertThat(found.changes()).anyMatch(c -> c.words().contains("post"));
  }

  /** What hands do at the waterside is tried, by itself and first where it is least. */
  @Test
  void handsComeFirst() {
    List<Move> moves =
        Moves.of(Flies.of("hair-wing-sedge", 12), Style.named("hair-wing-sedge"), Flies.MATERIALS);
    assertThat(moves).filteredOn(m -> m.words().isPresent()).hasSize(4);
    assertThat(moves.get(0).words()).contains("the abdomen wetted");
    Pattern clipped =
        moves.stream()
            .filter(m -> m.words().equals(Optional.of("every hackle clipped below")))
            .findFirst()
            .orElseThrow()
            .on(Flies.of("hair-wing-sedge", 12));
    assertThat(clipped.parts())
        .filteredOn(p -> p instanceof Part.PalmeredHackle || p instanceof Part.CollarHackle)
        .allMatch(p -> p.toString().contains("BELOW"));
  }

  @Test
  void whatItDoesAlreadyNeedsNoChange() {
    SmallestChanges found = find(Flies.of("parachute", 14), Wanted.FLUSH, 0);
    assertThat(found.reached()).isTrue();
    assertThat(found.changes()).isEmpty();
  }

  @Test
  void theNearestIsToldWhereNoneReachesIt() {
    SmallestChanges found = find(Flies.of("forward-plume", 16), Wanted.CARRY, 2000);
    assertThat(found.changes()).isEmpty();
    assertThat(found.nearest()).isPresent();
    double carries =
        Answers.carry(
                PreparedFly.of(found.nearest().get().pattern(), Flies.MATERIALS, Flies.GEL),
                Work.unwatched())
            .carry()
            .mg();
    assertThat(carries).isCloseTo(found.nearest().get().have(), within(1e-9));
    assertThat(carries).isGreaterThanOrEqualTo(found.have());
  }

  @Test
  void aSearchIsGivenUpWithWhoAsked() {
    AtomicBoolean gone = new AtomicBoolean();
    Work work =
        new Work() {
          @Override
          public boolean cancelled() {
            return gone.get();
          }

          @Override
          public void progress(int completed, int total) {
            gone.set(true);
          }
        };
    SizedPattern fly = sized(Flies.of("upright-collar", 14));
    Goal goal = new Goal(Wanted.HIGHER, 1);
    assertThatThrownBy(
            () -> SmallestChanges.of(PreparedFly.of(fly, Flies.MATERIALS, Flies.GEL), goal, work))
        .isInstanceOf(Cancelled.class);
  }

  @ParameterizedTest
  @EnumSource(
      value = Wanted.class,
      names = {"HIGHER", "HANG", "CARRY", "LAND_UPRIGHT", "LAST"})
  void amountsOutOfRangeAreRefused(Wanted wanted) {
    assertThatThrownBy(() -> new Goal(wanted, wanted.high() * 1.01))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("amount");
    assertThat(new Goal(wanted, wanted.usual()).amount()).isEqualTo(wanted.usual());
  }

  @Test
  void movesStayWithinWhatTheStyleTiesAndChangeOneThing() {
    Pattern fly = Flies.of("upright-collar", 14);
    Style style = Style.named("upright-collar");
    List<Move> moves = Moves.of(fly, style, Flies.MATERIALS);
    assertThat(moves).extracting(Move::effort).isSorted();
    assertThat(moves).hasSizeGreaterThan(30);
    for (Move move : moves) {
      Pattern other = move.on(fly);
      assertThat(other).as("%s", move).isNotEqualTo(fly);
      int otherwise = other.hook().equals(fly.hook()) ? 0 : 1;
      for (int i = 0; i < fly.parts().size(); i++) {
        Part before = fly.parts().get(i);
        Part after = other.parts().get(i);
        otherwise += after.equals(before) ? 0 : 1;
        PartKind kind = PartKind.of(after);
        kind.values(after)
            .forEach(
                (field, value) -> {
                  boolean changed = !value.equals(kind.values(before).get(field));
                  if (changed && value instanceof Double number) {
                    assertThat(style.rule(kind.id(), field).isUsual(number))
                        .as("%s", move)
                        .isTrue();
                  }
                });
      }
      assertThat(otherwise).isEqualTo(move.words().isPresent() ? 0 : 1);
    }
  }

  @Test
  void aDisagreementTiesTheFlyTheOtherWayAndBackAgain() {
    Style style = Style.named("upright-collar");
    Pattern fly = Flies.of("upright-collar", 14);
    List<Disagreement> all = Disagreement.of(fly, style, Flies.MATERIALS);
    assertThat(all)
        .extracting(Disagreement::name)
        .contains(
            "as large as the natural or one size smaller",
            "collar hackle: full or clipped below",
            "collar hackle: sparse or heavy",
            "extended body or all on the hook");
    Disagreement trim =
        all.stream().filter(d -> d.name().contains("clipped")).findFirst().orElseThrow();
    assertThat(trim.asItIs()).isEqualTo("full");
    Disagreement back =
        Disagreement.of(trim.other(), style, Flies.MATERIALS).stream()
            .filter(d -> d.name().equals(trim.name()))
            .findFirst()
            .orElseThrow();
    assertThat(back.other().part(Part.CollarHackle.class))
        .isEqualTo(fly.part(Part.CollarHackle.class));
    all.forEach(d -> assertThat(sized(d.other()).spans()).isNotEmpty());
  }

  @Test
  void sideBySideEachNumberIsToldAgainstTheFirst() {
    PreparedFly full = Flies.prepared(Flies.collar(14, 5, false), Flies.GEL);
    PreparedFly clipped = Flies.prepared(Flies.collar(14, 5, true), Flies.GEL);
    Comparison both = Comparison.of(List.of(full, clipped, full), Work.unwatched());
    for (Comparison.Row row : both.rows()) {
      assertThat(row.values()).hasSize(3);
      assertThat(row.against().get(0)).isEmpty();
      row.against()
          .get(1)
          .ifPresent(
              by ->
                  assertThat(by)
                      .isCloseTo(
                          row.values().get(1).orElseThrow() - row.values().get(0).orElseThrow(),
                          within(1e-9)));
      row.against().get(2).ifPresent(by -> assertThat(by).isZero());
    }
    Comparison.Row eye = both.rows().get(0);
    assertThat(eye.differ()).isTrue();
    assertThat(eye.against().get(1).orElseThrow()).isNegative();
    assertThatThrownBy(() -> Comparison.of(List.of(), Work.unwatched()))
        .isInstanceOf(OutOfRangeException.class);
  }

  /** A hopper carries a wetted hanger below it; that hanger would not carry the hopper's hook. */
  @Test
  void twoOnOneLineEitherWay() {
    PreparedFly hopper = Flies.prepared(Flies.of("high-floating-hopper", 8), Flies.GEL);
    PreparedFly small = Flies.prepared(Flies.of("forward-plume", 16), Flies.GEL);
    List<OnOneLine> lines = Comparison.of(List.of(hopper, small), Work.unwatched()).lines();
    assertThat(lines).hasSize(2);
    assertThat(lines.get(0).top()).isZero();
    assertThat(lines.get(0).holds()).isTrue();
    assertThat(lines.get(0).weighsMg()).isBetween(5.0, small.body().massMg());
    assertThat(lines.get(1).carriesMg()).isLessThan(lines.get(0).carriesMg());
    assertThat(Comparison.of(List.of(hopper), Work.unwatched()).lines()).isEmpty();
  }

  /** Assumptions, but they have to grow with the work. */
  @Test
  void moreTurnsTakeLonger() {
    double five = TyingTime.seconds(Flies.collar(14, 5, false));
    double seven = TyingTime.seconds(Flies.collar(14, 7, false));
    assertThat(seven - five).isCloseTo(14, within(1e-9));
    assertThat(five / 60).isBetween(3.0, 15.0);
  }
}
