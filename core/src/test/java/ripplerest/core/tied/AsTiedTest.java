package ripplerest.core.tied;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.tying.OwnTimes;
import ripplerest.core.water.Conditions;

class AsTiedTest {
  private static final Materials MATERIALS = Materials.standard();
  private static final Sizer SIZER = new Sizer(MATERIALS);
  private static final SizedPattern COLLAR = fly("upright-collar");

  private static SizedPattern fly(String style) {
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    return SIZER.size(Sizer.defaults(Style.named(style), hook, "test"));
  }

  private static AsTied tied(SizedPattern plan, Made... made) {
    return AsTied.of(
        PreparedFly.of(plan, MATERIALS, Conditions.DEFAULT), List.of(made), Work.unwatched());
  }

  private static Planned planned(SizedPattern fly, String part, String field) {
    return Planned.of(fly).stream()
        .filter(p -> p.part().equals(part) && p.field().equals(field))
        .findFirst()
        .orElseThrow();
  }

  private static Made off(SizedPattern fly, String part, String field, double by) {
    Planned p = planned(fly, part, field);
    return new Made(p, p.value() + by);
  }

  @Test
  void asPlannedNothingChanges() {
    AsTied same = tied(COLLAR, off(COLLAR, "tail", "length", 0));
    assertThat(same.made()).isEqualTo(same.planned());
    assertThat(same.differences()).isEmpty();
    assertThat(same.words().toString()).isEqualTo("It sits as planned.");
  }

  @Test
  void theFlyAsTiedIsTheFlyWithItsMeasures() {
    AsTied made =
        tied(
            COLLAR,
            off(COLLAR, "tail", "length", 2),
            off(COLLAR, "collar-hackle", "turns", 2),
            off(COLLAR, "body", "thickness", 0.3));
    assertThat(made.made())
        .isEqualTo(
            RestSummary.of(PreparedFly.of(made.estimate().sized(), MATERIALS, Conditions.DEFAULT)));
    assertThat(planned(made.estimate().sized(), "tail", "length").value())
        .isCloseTo(planned(COLLAR, "tail", "length").value() + 2, within(1e-9));
    assertThat(planned(made.estimate().sized(), "body", "thickness").value())
        .isCloseTo(planned(COLLAR, "body", "thickness").value() + 0.3, within(1e-9));
    assertThat(made.made().massMg()).isGreaterThan(made.planned().massMg());
    assertThat(made.differences()).hasSize(3);
  }

  // Common practice, no source: fewer turns ride lower; a shorter tail lets the tail end down.
  @Test
  void tellsWhatADifferenceDoesAndWhatToDo() {
    AsTied sparse = tied(COLLAR, off(COLLAR, "collar-hackle", "turns", -3));
    AsTied.Difference d = sparse.differences().get(0);
    assertThat(d.words().toString()).startsWith("collar hackle 3 turns fewer: ");
    assertThat(d.alone().eyeMm()).isLessThan(sparse.planned().eyeMm());
    assertThat(d.now()).isFalse();
    assertThat(d.advice()).startsWith("Next time count the turns");
    AsTied longPost = tied(fly("parachute"), off(fly("parachute"), "post", "length", 1.5));
    assertThat(longPost.differences().get(0).now()).isTrue();
    assertThat(longPost.differences().get(0).advice()).isEqualTo("Cut the post to length.");
  }

  @Test
  void whatCannotBeToldApartIsNoDifference() {
    assertThat(off(COLLAR, "tail", "length", 0.3).differs()).isFalse();
    assertThat(off(COLLAR, "tail", "length", 0.5).differs()).isTrue();
    assertThat(new Made(planned(COLLAR, "tail", "length"), 9, 2).differs()).isFalse();
  }

  @Test
  void whatNoFlyCouldHaveIsRefused() {
    Planned tail = planned(COLLAR, "tail", "length");
    assertThatThrownBy(() -> new Made(tail, 999))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("tail length is 999.0, must be from 0.5 to 60 mm");
    assertThatThrownBy(() -> Made.of(Planned.of(COLLAR), "post", "length", 5, 0))
        .isInstanceOf(OutOfRangeException.class);
    Planned count = planned(COLLAR, "tail", "count");
    assertThatThrownBy(() -> tied(COLLAR, new Made(count, 5.5)))
        .hasMessageContaining("whole number");
  }

  // Source: Student's t for 4 degrees of freedom, 90 % both sides, is 2.132 (Student, Biometrika 6
  // (1908) 1; value from memory).
  @Test
  void aHabitIsToldWithItsInterval() {
    Planned tail = planned(COLLAR, "tail", "length");
    List<Made> long8 =
        DoubleStream.of(0.04, 0.06, 0.08, 0.10, 0.12)
            .mapToObj(share -> new Made(tail, tail.value() * (1 + share)))
            .toList();
    Trend trend = Trend.of(long8).get(0);
    double spread = Math.sqrt((2 * 0.04 * 0.04 + 2 * 0.02 * 0.02) / 4);
    assertThat(trend.share()).isCloseTo(0.08, within(1e-12));
    assertThat(trend.error()).isCloseTo(2.132 * spread / Math.sqrt(5), within(1e-5));
    assertThat(trend.words()).isEqualTo("Your tail length runs 8 ± 3 % long over 5 flies.");
    assertThat(Trend.of(long8.subList(0, 2))).isEmpty();
  }

  @Test
  void noHabitIsMadeOfChance() {
    Planned tail = planned(COLLAR, "tail", "length");
    List<Made> scattered =
        DoubleStream.of(-0.1, 0.12, 0.02)
            .mapToObj(share -> new Made(tail, tail.value() * (1 + share)))
            .toList();
    assertThat(Trend.of(scattered).get(0).isHabit()).isFalse();
  }

  @Test
  void timesAreLearntLittleByLittle() {
    assertThat(OwnTimes.none().seconds("tail", 60)).isEqualTo(60);
    OwnTimes slow = new OwnTimes(Map.of("tail", List.of(2.0, 2.0)));
    assertThat(slow.seconds("tail", 60)).isCloseTo(60 * Math.sqrt(2), within(1e-9));
    assertThat(slow.seconds("post", 60)).isEqualTo(60);
    assertThat(
            new OwnTimes(Map.of("tail", java.util.Collections.nCopies(50, 2.0)))
                .seconds("tail", 60))
        .isBetween(115.0, 120.0);
  }
}
