package ripplerest.core.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Month;
import java.util.List;
import org.junit.jupiter.api.Test;
import ripplerest.core.drift.Stretch;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.HookStrength;
import ripplerest.core.hook.Natural;

class HistoryTest {
  private static final Flies DUN = new Flies("p", "Dun", 14, "");
  private static final Flies SEDGE = new Flies("q", "Sedge", 12, "");

  @Test
  void historyIsByWaterAndMonthTheBestFirst() {
    List<History.Fished> all =
        List.of(
            new History.Fished(Stretch.RIFFLE, Month.MAY, DUN, 2, 1, 0, 3),
            new History.Fished(Stretch.RIFFLE, Month.MAY, DUN, 3, 0, 1, 2),
            new History.Fished(Stretch.RIFFLE, Month.MAY, SEDGE, 1, 0, 0, 4),
            new History.Fished(Stretch.STILL, Month.MAY, DUN, 2, 2, 0, 0));
    List<History.Line> lines = History.lines(all);
    assertThat(lines).hasSize(3);
    assertThat(lines.get(0).water()).isEqualTo(Stretch.STILL);
    assertThat(lines.get(1).flies()).isEqualTo(SEDGE);
    assertThat(lines.get(2))
        .isEqualTo(new History.Line(Stretch.RIFFLE, Month.MAY, DUN, 2, 5, 5, 2));
    assertThat(lines.get(1).fishAnHour()).isEqualTo(4);
    assertThat(lines.get(2).fishAnHour()).isEqualTo(1);
    assertThat(History.wear(all, Stretch.RIFFLE)).isEqualTo(new Wear(1, 6, 1, 9));
  }

  @Test
  void seasonsStartSmallAndDarkAndGoLargeAndPale() {
    List<Season> seasons = Season.all();
    assertThat(seasons).hasSizeGreaterThanOrEqualTo(5);
    Season early = seasons.get(0);
    Season high = seasons.get(2);
    assertThat(longest(high)).isGreaterThan(longest(early));
    assertThat(seasons).allMatch(s -> s.firstMonth() <= s.lastMonth() && s.naturals().size() > 1);
    for (Season s : seasons) {
      assertThat(s.naturals())
          .anyMatch(n -> !Imitates.styles(n.order(), n.stage()).isEmpty())
          .allMatch(n -> !n.natural().hooks().isEmpty());
    }
    assertThat(Imitates.styles(Natural.Order.MAYFLY, Natural.Stage.SPENT))
        .containsExactly("spent-drake");
  }

  private static double longest(Season s) {
    return s.naturals().stream().mapToDouble(Outing.Expected::bodyMm).max().orElseThrow();
  }

  /**
   * Against the sum done by hand: a ring of 0.41 mm wire, gap 4.0 mm. 2211 / 0.41^0.145 = 2516 MPa
   * (Shigley, table 10-4), 0.78 of it 1963 MPa; × 0.41³ / 6 = 22.5 N mm; / 4.0 mm = 5.6 N.
   */
  @Test
  void aHookOpensWhereItsWireYields() {
    HookStrength fourteen =
        HookStrength.of(Hook.of(new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0)));
    assertThat(fourteen.opensN()).isCloseTo(5.6, within(0.15));
    assertThat(HookStrength.of(Hook.of(new HookSpec(10, HookSpec.Shape.STRAIGHT, 0, 0))).opensN())
        .isGreaterThan(fourteen.opensN());
    assertThat(fourteen.enough(200)).isEqualTo(HookStrength.Enough.YES);
    assertThat(fourteen.enough(600)).isEqualTo(HookStrength.Enough.JUST);
    assertThat(
            HookStrength.of(Hook.of(new HookSpec(20, HookSpec.Shape.STRAIGHT, 0, 0))).enough(3000))
        .isEqualTo(HookStrength.Enough.NO);
    assertThatThrownBy(() -> fourteen.enough(0)).hasMessageContaining("fish");
  }

  @Test
  void anOutingNamesWhatDoesNotFit() {
    assertThatThrownBy(() -> outing(0, List.of())).hasMessageContaining("hours");
    Outing.Wanted dun = new Outing.Wanted(DUN, 0.5, 0);
    assertThatThrownBy(() -> outing(4, List.of(dun, dun))).hasMessageContaining("each once");
    assertThat(outing(4, List.of(dun)).hoursOf(dun)).isEqualTo(2);
  }

  private static Outing outing(double hours, List<Outing.Wanted> wanted) {
    return new Outing(
        "The weir",
        LocalDate.of(2026, 12, 5),
        LocalTime.of(16, 0),
        hours,
        Stretch.GLIDE,
        1,
        false,
        2,
        400,
        List.of(),
        wanted,
        List.of(),
        "");
  }
}
