package ripplerest.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ripplerest.core.drawer.BarbLengths;
import ripplerest.core.drawer.Item;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.Work;
import ripplerest.core.outline.Outline;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.tied.Trend;

/** What exercises ask is what the drawing shows, the rules say and the one estimate finds. */
class ExercisesTest {
  private static final List<PreparedFly> FLIES =
      Stream.of(
              "upright-collar",
              "parachute",
              "thorax",
              "tent-wing",
              "hair-wing-sedge",
              "spent-drake",
              "folded-shuttle",
              "looped-wing",
              "flat-plume",
              "forward-plume",
              "palmered-stone",
              "high-floating-hopper")
          .flatMap(style -> Stream.of(12, 16).map(size -> Flies.of(style, size)))
          .map(p -> Flies.prepared(p, Flies.GEL))
          .toList();
  private static final Item CAPE =
      new Item(
          "ginger cape",
          "dry-hackle",
          Colour.of("ginger"),
          OptionalInt.empty(),
          "",
          false,
          40,
          0,
          Optional.empty(),
          Optional.of(new BarbLengths(List.of(4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.5, 12.0))),
          OptionalDouble.empty(),
          OptionalInt.empty(),
          "");
  private static final Trend LONG_WINGS = new Trend("wing", "length", 9, 0.12, 0.04);
  private static final Sources SOURCES = new Sources(FLIES, List.of(CAPE), List.of(LONG_WINGS));
  private static final Programme FRESH =
      new Programme(
          Exercises.skills(SOURCES, Set.of()),
          List.of(),
          List.of(),
          LocalDate.of(2026, 5, 1),
          ZoneOffset.UTC);

  private static List<Exercise> made(String skill, int seeds) {
    return IntStream.range(0, seeds)
        .mapToObj(
            seed -> Exercises.make(Skill.named(skill), FRESH, SOURCES, seed, Work.unwatched()))
        .flatMap(Optional::stream)
        .toList();
  }

  /** The fly whose dressing is told. */
  private static PreparedFly askedAbout(Exercise e) {
    return FLIES.stream()
        .filter(f -> e.told().equals(HowItSits.dressing(f)))
        .findFirst()
        .orElseThrow();
  }

  private static Key.Question asked(Exercise e) {
    return e.key().questions().get(0);
  }

  private static String right(Exercise e) {
    return e.choices().get((int) asked(e).truth()).words().toString();
  }

  /** The longest that a part reaches in a drawing, from its root to its tip, mm. */
  private static double reach(Outline outline, String part) {
    return Stream.concat(
            outline.fibres().stream().filter(f -> f.part().equals(part)).map(Outline.Thin::line),
            outline.members().stream().filter(m -> m.part().equals(part)).map(Outline.Thick::axis))
        .mapToDouble(line -> line.get(0).distance(line.get(line.size() - 1)))
        .max()
        .orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(Drill.class)
  void everyDrillHasExercises(Drill drill) {
    Skill skill = FRESH.skills().stream().filter(s -> s.drill() == drill).findFirst().orElseThrow();
    List<Exercise> all = made(skill.id(), 4);
    assertThat(all).isNotEmpty();
    for (Exercise e : all) {
      assertThat(e.question().toString()).isNotBlank();
      assertThat(e.key().truth().toString()).isNotBlank();
      assertThat(e.choices().isEmpty()).isNotEqualTo(e.dials().isEmpty());
      assertThat(e.told()).allSatisfy(s -> assertThat(s.toString()).isNotBlank());
    }
  }

  @Test
  void thePartThatIsOffIsDrawnOffByJustThatMuch() {
    for (String skill : List.of("part-off/tail length", "part-off/hackle barb")) {
      List<Exercise> all = made(skill, 12);
      assertThat(all).hasSizeGreaterThan(8);
      for (Exercise e : all) {
        String part = right(e).toLowerCase().replace(' ', '-');
        Outline shown = e.shown().fly().orElseThrow();
        Outline plan = e.then().orElseThrow();
        double ratio = reach(shown, part) / reach(plan, part);
        double more = 1 + asked(e).level();
        assertThat(Math.abs(Math.log(ratio))).isCloseTo(Math.log(more), within(0.01));
        e.choices().stream()
            .map(c -> c.words().toString().toLowerCase().replace(' ', '-'))
            .filter(p -> !p.equals(part))
            .forEach(p -> assertThat(reach(shown, p)).isCloseTo(reach(plan, p), within(0.02)));
      }
    }
  }

  @Test
  void aHabitGoesItsOwnWayMoreOftenThanNot() {
    List<Exercise> all = made("part-off/wing length", 200);
    long longer = all.stream().filter(e -> e.key().truth().toString().contains("too long")).count();
    assertThat(longer / (double) all.size()).isBetween(0.65, 0.85); // three in four
  }

  /** A standard 12 has a gap of 4.6 mm, a 16 one of 3.5 mm (table of standard dry-fly hooks). */
  @Test
  void whatIsSetIsWhatTheRuleSays() {
    List<Exercise> barbs = made("set-by-eye/hackle barb", 20);
    assertThat(barbs).anyMatch(e -> e.question().toString().contains("1.75 × gap"));
    for (Exercise e : barbs) {
      if (e.question().toString().contains("1.75 × gap")) {
        assertThat(asked(e).truth())
            .satisfiesAnyOf(
                mm -> assertThat(mm).isCloseTo(1.75 * 4.6, within(1e-6)),
                mm -> assertThat(mm).isCloseTo(1.75 * 3.5, within(1e-6)));
      }
      assertThat(e.dials().get(0).high()).isGreaterThan(asked(e).truth());
      assertThat(e.dials().get(0).start()).isBetween(0.05, e.dials().get(0).high());
    }
    for (Exercise e : made("set-by-eye/seat", 20)) {
      double shank = asked(e).scale();
      double share = asked(e).truth() / shank;
      assertThat(List.of(1 / 4.0, 1 / 3.0, 1 / 2.0, 2 / 3.0))
          .anySatisfy(s -> assertThat(share).isCloseTo(s, within(1e-9)));
    }
  }

  @Test
  void asManyAreDrawnAsAreToBeCounted() {
    for (Exercise e : made("count/tail fibres", 20)) {
      Outline outline = e.shown().fly().orElseThrow();
      assertThat(outline.fibres().stream().filter(f -> f.part().equals("tail")).count())
          .isEqualTo((long) asked(e).truth());
      assertThat(e.shown().glance()).isTrue();
    }
    for (Exercise e : made("count/turns of rib", 20)) {
      List<Vector3D> rib =
          e.shown().fly().orElseThrow().strands().stream()
              .filter(s -> s.part().equals("rib"))
              .findFirst()
              .orElseThrow()
              .axis();
      assertThat(turns(rib)).isCloseTo(asked(e).truth(), within(0.1));
    }
  }

  /** How often a strand goes round, seen along the shank. */
  private static double turns(List<Vector3D> strand) {
    double z = strand.stream().mapToDouble(Vector3D::getZ).average().orElseThrow();
    double turned = 0;
    for (int i = 1; i < strand.size(); i++) {
      Vector3D a = strand.get(i - 1);
      Vector3D b = strand.get(i);
      double from = Math.atan2(a.getY(), a.getZ() - z);
      double to = Math.atan2(b.getY(), b.getZ() - z);
      turned += Math.abs(Math.IEEEremainder(to - from, 2 * Math.PI));
    }
    return turned / (2 * Math.PI);
  }

  @Test
  void theHeadIsCrowdedWhereThePlanOfTheShankSaysSo() {
    List<Exercise> all = made("room-left/room for the head", 60);
    assertThat(all).hasSizeGreaterThan(50);
    List<Boolean> crowded = new ArrayList<>();
    for (Exercise e : all) {
      boolean says = e.key().truth().toString().contains("crowded");
      crowded.add(says);
      if (says) {
        assertThat(asked(e).truth()).isLessThan(1.25);
      } else {
        assertThat(asked(e).truth()).isGreaterThanOrEqualTo(1 - 1e-9);
      }
    }
    assertThat(crowded).contains(true, false); // neither is always the answer
  }

  @Test
  void howItSitsIsWhatTheEstimateFinds() {
    List<Exercise> all = made("how-it-sits/angle", 6);
    assertThat(all).hasSizeGreaterThan(3);
    for (Exercise e : all) {
      PreparedFly fly = e.water().orElseThrow();
      RestSummary sits = RestSummary.posed(fly);
      assertThat(asked(e).truth()).isCloseTo(sits.pitchDeg(), within(1e-9));
      assertThat(e.key().questions().get(1).truth()).isCloseTo(sits.eyeMm(), within(1e-9));
    }
  }

  /** Casts of another seed, many of them: nobody is judged by a toss-up. */
  @Test
  @Tag("slow")
  void noFlyIsAskedAboutThatSitsTwoWays() {
    for (Exercise e : made("how-it-sits/angle", 8)) {
      PreparedFly fly = e.water().orElseThrow();
      RestSummary sits = RestSummary.posed(fly);
      LandingShares casts = Answers.landing(fly, 200, 77, Work.unwatched());
      int so =
          casts.shares().stream()
              .filter(s -> s.rest().posture() == sits.posture().orElseThrow())
              .filter(s -> Math.abs(s.rest().eyeMm() - sits.eyeMm()) < 1)
              .mapToInt(LandingShares.Share::count)
              .sum();
      assertThat(so / (double) casts.throwsMade()).as(fly.pattern().style()).isGreaterThan(0.5);
    }
  }

  @Test
  void aFlyThatSitsAsOftenOneWayAsTheOtherIsPassedOver() {
    List<PreparedFly> doubtful =
        FLIES.stream().filter(f -> f.pattern().style().equals("forward-plume")).toList();
    assertThat(doubtful).allMatch(f -> PlainRest.of(f, Work.unwatched()).isEmpty());
    Sources only = new Sources(doubtful, List.of(), List.of());
    assertThat(Exercises.make(Skill.named("how-it-sits/angle"), FRESH, only, 1, Work.unwatched()))
        .isEmpty();
  }

  @Test
  @Tag("slow")
  void theLossThatSinksItSoonestIsPutOnTheWaterToo() {
    List<Exercise> all = made("what-holds/losses", 6);
    assertThat(all).hasSize(6); // it does not run dry
    for (Exercise e : all) {
      PreparedFly fly = askedAbout(e);
      List<Double> bears =
          e.choices().stream()
              .map(c -> c.words().toString().replaceFirst("Its ", "").replace(' ', '-'))
              .map(part -> WhatIfs.without(fly, List.of(part)).sinksAtMg())
              .toList();
      int least =
          IntStream.range(0, bears.size())
              .boxed()
              .min(Comparator.comparingDouble(bears::get))
              .orElseThrow();
      assertThat((int) asked(e).truth()).isEqualTo(least);
      List<Double> sorted = bears.stream().sorted().toList();
      assertThat(1 - sorted.get(0) / sorted.get(1)).isGreaterThanOrEqualTo(0.1);
    }
  }

  @Test
  @Tag("slow")
  void theChangeThatLevelsItIsPutOnTheWaterToo() {
    List<Exercise> all = made("what-holds/changes", 6);
    assertThat(all).hasSizeGreaterThan(3);
    for (Exercise e : all) {
      PreparedFly fly = askedAbout(e);
      double now = Math.abs(RestSummary.posed(fly).pitchDeg());
      assertThat(e.key().truth().toString()).startsWith("It leans by %.0f°".formatted(now));
      assertThat(asked(e).level()).isBetween(0.1, 1.0);
      assertThat(e.choices()).hasSizeBetween(3, 4).doesNotHaveDuplicates();
    }
  }

  /**
   * Standard shanks: 12 is 8.5 mm, 14 is 7.4 mm, 16 is 6.4 mm (table of standard dry-fly hooks).
   */
  @Test
  void theRightHookIsThatOfTheWayThatIsAsked() {
    List<Exercise> all = made("which-hook/hooks", 60);
    assertThat(all).hasSizeGreaterThan(50);
    for (Exercise e : all) {
      double body = e.shown().natural().orElseThrow().bodyMm();
      List<Double> shanks = e.choices().stream().map(c -> shank(c.hook().orElseThrow())).toList();
      double right = shanks.get((int) asked(e).truth());
      if (e.question().toString().contains("by the length")) {
        shanks.forEach(s -> assertThat(off(right, body)).isLessThanOrEqualTo(off(s, body) + 1e-9));
      } else {
        assertThat(right / body).isBetween(0.8, 0.95); // a size is a seventh or so
      }
    }
  }

  private static double off(double a, double b) {
    return Math.abs(Math.log(a / b));
  }

  /** Of a straight hook: from the eye to where its wire begins to turn down. */
  private static double shank(Outline hook) {
    return hook.wire().stream()
        .filter(p -> Math.abs(p.getZ()) < 1e-6)
        .mapToDouble(Vector3D::getX)
        .max()
        .orElseThrow();
  }

  @Test
  void theRightFeatherIsTheNearestOfTheDrawer() {
    List<Exercise> all = made("which-feather/barbs", 30);
    assertThat(all).hasSizeGreaterThan(20);
    for (Exercise e : all) {
      List<Double> barbs = e.choices().stream().map(c -> c.barbMm().getAsDouble()).toList();
      assertThat(CAPE.barbs().orElseThrow().measured()).containsAll(barbs);
      double wanted =
          Double.parseDouble(e.key().truth().toString().replaceFirst(".* is ([0-9.]+) mm.$", "$1"));
      double right = barbs.get((int) asked(e).truth());
      barbs.forEach(
          b ->
              assertThat(Math.abs(right - wanted))
                  .isLessThanOrEqualTo(Math.abs(b - wanted) + 0.11)); // told to a tenth
    }
    Sources none = new Sources(FLIES, List.of(), List.of());
    assertThat(Exercises.skills(none, Set.of())).noneMatch(s -> s.drill() == Drill.WHICH_FEATHER);
  }

  @Test
  void sameSeedSameExercise() {
    for (Skill skill : FRESH.skills()) {
      if (!skill.drill().isSlow()) {
        Optional<Key> one = key(skill, 5);
        assertThat(key(skill, 5)).isEqualTo(one);
      }
    }
    assertThat(made("part-off/tail length", 20).stream().map(Exercise::key).distinct().count())
        .isGreaterThan(10);
  }

  private static Optional<Key> key(Skill skill, long seed) {
    return Exercises.make(skill, FRESH, SOURCES, seed, Work.unwatched()).map(Exercise::key);
  }

  @Test
  void nothingIsAskedWhereThereIsNothingToAskAbout() {
    Sources empty = new Sources(List.of(), List.of(), List.of());
    assertThat(Exercises.skills(empty, Set.of()))
        .extracting(Skill::drill)
        .containsOnly(Drill.WHICH_HOOK);
    assertThat(Exercises.skills(SOURCES, Set.of(Drill.COUNT)))
        .isNotEmpty()
        .noneMatch(s -> s.drill() == Drill.COUNT);
  }

  @Test
  void theTruthIsJudgedRightAndAllElseWrong() {
    Instant now = Instant.EPOCH;
    for (Exercise e : made("part-off/tail length", 4)) {
      double truth = asked(e).truth();
      for (int i = 0; i < e.choices().size(); i++) {
        Key.Judged judged = e.key().judge(List.of((double) i), now);
        assertThat(judged.right()).contains(i == truth);
        assertThat(judged.trials()).hasSize(1);
        assertThat(judged.trials().get(0).level()).isEqualTo(asked(e).level());
      }
    }
  }
}
