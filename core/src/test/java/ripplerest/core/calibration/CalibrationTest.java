package ripplerest.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import ripplerest.core.calibration.Seen.By;
import ripplerest.core.calibration.Seen.Lasted;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Learnt;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.rest.Sitting;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/** Learning as a whole, on flies that the whole model puts on the water. */
@Tag("slow")
class CalibrationTest {
  private static final Materials TABLE = Materials.standard();

  /** Enough to see what is so, in a tenth of the time. */
  private static final Calibration.Effort QUICK = new Calibration.Effort(120, 40, 600, 200);

  private static final PreparedFly COLLAR = fly("upright-collar", 14, Floatant.GEL);

  private static PreparedFly fly(String style, int size, Floatant floatant) {
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    return PreparedFly.of(
        new Sizer(TABLE).size(Sizer.defaults(Style.named(style), hook, "x")),
        TABLE,
        Conditions.DEFAULT.with(floatant));
  }

  private static Seen seen(Sitting sits, double angle, double eye) {
    return new Seen(
        Optional.of(sits),
        List.of(new Measure(What.ANGLE, angle, 3, By.EYE), new Measure(What.EYE, eye, 0.4, By.EYE)),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        false);
  }

  private static TankTest test(String id, String tied, PreparedFly fly, Seen seen) {
    return new TankTest(id, "a fly", tied, fly, seen);
  }

  @Test
  void aFlyThatSitsLowerIsForetoldLowerFromThenOnAndSoIsEveryOtherOfItsMaterials() {
    RestSummary before = RestSummary.of(COLLAR);
    List<TankTest> tests = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      Seen lower = seen(Sitting.ON_TIPS, before.pitchDeg() - 7, before.eyeMm() - 1.2);
      tests.add(test("t" + i, "fly " + i, COLLAR, lower));
    }
    Calibration found = Calibration.of(tests, QUICK, 1, Work.unwatched());
    assertThat(found.isBelievable()).isTrue();
    assertThat(found.judged()).noneMatch(Judged::disagrees);
    Learnt learnt = found.learnt("id", 3).orElseThrow();
    Materials taught = TABLE.taught(learnt);
    RestSummary after = RestSummary.of(COLLAR.with(taught));
    assertThat(after.eyeMm()).isBetween(before.eyeMm() - 1.5, before.eyeMm() - 0.4);
    PreparedFly other = fly("upright-collar", 12, Floatant.GEL);
    ByTests by = ByTests.of(other.with(taught));
    assertThat(by.tests()).isEqualTo(3);
    assertThat(by.with().eyeMm()).isLessThan(by.without().eyeMm() - 0.2);
    assertThat(by.lessons()).isNotEmpty();
    assertThat(by.lessons().get(0).words()).contains("assumed: by").endsWith(".");
    assertThat(RestSummary.of(COLLAR.with(taught.untaught())).eyeMm())
        .isCloseTo(before.eyeMm(), within(1e-12));
  }

  @Test
  void theSameTestsTeachTheSameAndTheSecondLookAgreesWithTheFirst() {
    TankTest one = test("a", "fly a", COLLAR, seen(Sitting.ON_TIPS, 12, 1.8));
    Calibration first = Calibration.of(List.of(one), QUICK, 3, Work.unwatched());
    Calibration again = Calibration.of(List.of(one), QUICK, 3, Work.unwatched());
    assertThat(first.draws()).isDeepEqualTo(again.draws());
    assertThat(first.agreement()).isBetween(0.2, 1.0);
  }

  @Test
  void noTestsAndTooManyAreRefusedWithAWayOut() {
    TankTest one = test("a", "fly a", COLLAR, seen(Sitting.ON_TIPS, 12, 1.8));
    assertThatThrownBy(() -> Calibration.of(List.of(), 1, Work.unwatched()))
        .hasMessageContaining("Test a fly");
    assertThatThrownBy(
            () ->
                Calibration.of(
                    java.util.Collections.nCopies(Calibration.MOST_TESTS + 1, one),
                    1,
                    Work.unwatched()))
        .hasMessageContaining("Leave the oldest ones out");
  }

  @Test
  void theOneThatDisagreesWithAllOthersIsFound() {
    List<TankTest> tests = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      tests.add(test("t" + i, "fly " + i, COLLAR, seen(Sitting.ON_TIPS, 14.5 + 0.5 * i, 2.2)));
    }
    tests.add(test("wrong", "fly 9", COLLAR, seen(Sitting.ON_TIPS, 38, 7)));
    Calibration found = Calibration.of(tests, QUICK, 1, Work.unwatched());
    assertThat(found.judged())
        .filteredOn(Judged::disagrees)
        .extracting(Judged::id)
        .containsExactly("wrong");
  }

  @Test
  void testsThatAgreeOnWhatNobodyWouldHaveThoughtPossibleAreNoticed() {
    Calibration usual = standing(14.5);
    assertThat(usual.before()).isGreaterThan(0.05);
    assertThat(usual.isMisfit()).isFalse();
    Calibration strange = standing(-60); // three collars that stand on their heads, all alike
    assertThat(strange.before()).isLessThan(0.01);
    assertThat(strange.isMisfit()).isTrue();
  }

  private static Calibration standing(double angle) {
    List<TankTest> tests =
        IntStream.range(0, 3)
            .mapToObj(i -> test("t" + i, "fly " + i, COLLAR, seen(Sitting.ON_TIPS, angle, 2.2)))
            .toList();
    return Calibration.of(tests, QUICK, 5, Work.unwatched());
  }

  @Test
  void repeatedTestsOfOneFlyTeachLessThanTestsOfSeveral() {
    List<TankTest> repeated = new ArrayList<>();
    List<TankTest> several = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      Seen lower = seen(Sitting.ON_TIPS, 8, 1.0);
      repeated.add(test("t" + i, "the one", COLLAR, lower));
      several.add(test("t" + i, "fly " + i, COLLAR, lower));
    }
    assertThat(eye(Calibration.of(several, QUICK, 1, Work.unwatched())))
        .isLessThan(eye(Calibration.of(repeated, QUICK, 1, Work.unwatched())));
  }

  private static double eye(Calibration found) {
    Learnt learnt = found.learnt("id", 5).orElseThrow();
    return RestSummary.of(COLLAR.with(TABLE.taught(learnt))).eyeMm();
  }

  @Test
  void aParachuteTeachesNextToNothingButHowFastWaterGetsIn() {
    PreparedFly parachute = fly("parachute", 14, Floatant.GEL);
    RestSummary sits = RestSummary.of(parachute);
    Seen asForetold = seen(sits.sits(), sits.pitchDeg(), sits.eyeMm());
    Seen soon =
        new Seen(
            asForetold.sits(),
            asForetold.measured(),
            List.of(),
            Optional.empty(),
            Optional.of(new Lasted(6, true, 0, 0)),
            false);
    Learnt learnt = learnt(parachute, soon);
    assertThat(learnt.mean(Learnt.WETTING)).isGreaterThan(0.4);
    assertThat(learnt.causes()).hasSizeLessThan(12);
    Seen fished =
        new Seen(
            soon.sits(),
            soon.measured(),
            List.of(),
            Optional.empty(),
            Optional.of(new Lasted(6, true, 0, 2)),
            false);
    assertThat(learnt(parachute, fished).mean(Learnt.WETTING)).isCloseTo(0, within(0.15));
  }

  private static Learnt learnt(PreparedFly fly, Seen seen) {
    return Calibration.of(List.of(test("a", "fly", fly, seen)), QUICK, 1, Work.unwatched())
        .learnt("id", 1)
        .orElse(new Learnt("nothing", 1, List.of(), new double[10][0]));
  }

  @Test
  void itSaysHowFarItIsAndIsGivenUp() {
    TankTest one = test("a", "fly a", COLLAR, seen(Sitting.ON_TIPS, 12, 1.8));
    AtomicInteger told = new AtomicInteger();
    Work work =
        new Work() {
          @Override
          public boolean cancelled() {
            return told.get() > 30;
          }

          @Override
          public void progress(int completed, int total) {
            told.incrementAndGet();
            assertThat(completed).isLessThanOrEqualTo(total);
          }
        };
    assertThatThrownBy(() -> Calibration.of(List.of(one), 1, work)).isInstanceOf(Cancelled.class);
    assertThat(told.get()).isLessThan(60);
  }

  @Test
  void aTestOfACollarTeachesMoreOfACollarThanOneOfAHanger() {
    List<NextTest> next =
        NextTest.of(
            fly("upright-collar", 12, Floatant.GEL),
            NextTest.Goal.ANGLE,
            List.of(
                new NextTest.Candidate("collar", COLLAR),
                new NextTest.Candidate("hanger", fly("forward-plume", 12, Floatant.GEL))),
            1,
            Work.unwatched());
    assertThat(next.get(0).candidate()).isEqualTo("collar");
    assertThat(next.get(0).how()).isEqualTo(NextTest.How.LOOK);
    assertThat(next.get(0).narrows()).isBetween(0.05, 0.6);
  }

  @Test
  void whatIsForetoldHoldsWhatThenHappensAboutAsOftenAsItSays() {
    Prediction p = Prediction.of(COLLAR, 1, Work.unwatched());
    assertThat(p.ways().stream().mapToDouble(Prediction.Way::share).sum())
        .isCloseTo(1, within(0.02));
    Prediction.Range eye =
        p.measures().stream().filter(m -> m.what() == What.EYE).findFirst().orElseThrow();
    Runs runs = Runs.of(COLLAR, 100, false, 77, Work.unwatched());
    long inside =
        runs.all().stream()
            .filter(r -> !r.measures().isEmpty())
            .filter(r -> r.measures().get(What.EYE) > eye.low())
            .filter(r -> r.measures().get(What.EYE) < eye.high())
            .count();
    assertThat(inside).isBetween(65L, 95L); // 80 of 100, three standard deviations to either side
    assertThat(p.bearsMg()).isSorted().hasSize(19);
  }

  @Test
  void aSimulatedTierLearnsWhatIsSo() {
    SimulatedTiers.Outcome o =
        SimulatedTiers.of(
            List.of(COLLAR),
            new SimulatedTiers.Plan(1, 3, 4, 0, UnaryOperator.identity(), true),
            3,
            Work.unwatched());
    assertThat(o.coverage()).isBetween(0.4, 1.0);
    assertThat(o.width()).isLessThan(0.95);
    assertThat(o.judged()).isEqualTo(3);
    assertThat(o.blamed()).isLessThan(2);
  }

  @Test
  void valuesAreDrawnTogetherAsTheyWereLearnt() {
    String cause =
        TABLE.causes(List.of("dry-hackle")).stream()
            .filter(c -> c.startsWith("angle clean feather"))
            .findFirst()
            .orElseThrow();
    double[][] draws = new double[40][];
    for (int i = 0; i < draws.length; i++) {
      draws[i] = new double[] {-1 + 0.01 * i};
    }
    Materials taught = TABLE.taught(new Learnt("x", 2, List.of(cause), draws));
    double before = TABLE.get("dry-hackle").get(Property.ADVANCING_UNTREATED);
    double after = taught.get("dry-hackle").get(Property.ADVANCING_UNTREATED);
    double spread = TABLE.get("dry-hackle").priors().get(Property.ADVANCING_UNTREATED).spread();
    // the cause is the root of 0.6 of the deviate; its mean is -0.8
    assertThat(after - before).isCloseTo(-0.805 * Math.sqrt(0.6) * spread, within(0.06 * spread));
    double sum = 0;
    SplittableRandom random = new SplittableRandom(1);
    for (int i = 0; i < 400; i++) {
      sum += taught.sampled(random).get("dry-hackle").get(Property.ADVANCING_UNTREATED) / 400;
    }
    assertThat(sum).isCloseTo(after, within(0.15 * spread));
    assertThat(taught.untaught().get("dry-hackle")).isEqualTo(TABLE.get("dry-hackle"));
    assertThat(taught.get("hook-steel")).isEqualTo(TABLE.get("hook-steel"));
  }
}
