package ripplerest.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import ripplerest.core.tied.Trend;

class ProgrammeTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 1);
  private static final Instant EVENING = Instant.parse("2026-05-01T19:00:00Z");
  private static final Skill WINGS = Skill.named("part-off/wing length");
  private static final Skill TAILS = Skill.named("part-off/tail length");
  private static final Skill BARBS = Skill.named("set-by-eye/hackle barb");
  private static final Skill SITS = Skill.named("how-it-sits/angle");
  private static final Skill HOOKS = Skill.named("which-hook/hooks");
  private static final Skill COUNT = Skill.named("count/tail fibres");
  private static final List<Skill> ALL = List.of(SITS, WINGS, TAILS, BARBS, HOOKS, COUNT);

  private static Programme programme(List<Trial> trials, Trend... habits) {
    return new Programme(ALL, trials, List.of(habits), TODAY, ZoneOffset.UTC);
  }

  private static List<Trial> on(Skill skill, int daysAgo, double threshold) {
    Instant evening = EVENING.minus(daysAgo, ChronoUnit.DAYS);
    return skill.drill().isChosen()
        ? EyeTest.looks(skill, threshold, 12, evening, daysAgo)
        : EyeTest.settings(skill, evening, threshold, -threshold, threshold, -threshold);
  }

  @Test
  void whatHandsDoWrongComesFirst() {
    Trend longTails = new Trend("tail", "length", 8, 0.15, 0.05);
    assertThat(programme(List.of(), longTails).order().get(0)).isEqualTo(TAILS);
    Trend chance = new Trend("tail", "length", 8, 0.03, 0.05);
    assertThat(programme(List.of(), chance).order().get(0)).isNotEqualTo(TAILS);
  }

  @Test
  void thenWhatWasNeverPractisedThenWhatIsOverdue() {
    List<Trial> all = new ArrayList<>(on(WINGS, 30, 0.1));
    all.addAll(on(BARBS, 0, 0.1)); // this evening: does not count before tomorrow
    List<Skill> order = programme(all).order();
    assertThat(order).containsExactlyInAnyOrderElementsOf(ALL);
    assertThat(order.indexOf(WINGS)).isGreaterThan(order.indexOf(TAILS));
    List<Trial> restful = new ArrayList<>();
    ALL.forEach(s -> restful.addAll(on(s, s.equals(HOOKS) ? 40 : 1, 0.1)));
    assertThat(programme(restful).order().get(0)).isEqualTo(HOOKS);
  }

  @Test
  void aSittingMixesSkillsAndBeginsWithAQuickOne() {
    Programme programme = programme(List.of());
    List<Skill> sitting = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      Skill next = programme.next(sitting).orElseThrow();
      if (i > 0) {
        assertThat(next).isNotEqualTo(sitting.get(i - 1));
      } else {
        assertThat(next.drill().isSlow()).isFalse();
      }
      sitting.add(next);
    }
    assertThat(sitting.subList(0, 24).stream().distinct()).hasSize(4);
    assertThat(
            sitting.subList(0, 24).stream()
                .collect(Collectors.groupingBy(s -> s, Collectors.counting()))
                .values())
        .allMatch(n -> n == 6);
    assertThat(sitting.stream().distinct()).hasSize(ALL.size());
  }

  @Test
  void oneSkillAloneIsPractisedAllTheSame() {
    Programme one = new Programme(List.of(SITS), List.of(), List.of(), TODAY, ZoneOffset.UTC);
    assertThat(one.next(List.of())).contains(SITS);
    assertThat(one.next(List.of(SITS, SITS))).contains(SITS);
    Programme none = new Programme(List.of(), List.of(), List.of(), TODAY, ZoneOffset.UTC);
    assertThat(none.next(List.of())).isEmpty();
  }

  @Test
  void levelsFollowTheEye() {
    double before = programme(List.of()).level(WINGS, 0.02, 0.6, 4);
    double sharp = programme(on(WINGS, 1, 0.02)).level(WINGS, 0.02, 0.6, 4);
    double dull = programme(on(WINGS, 1, 0.6)).level(WINGS, 0.02, 0.6, 4);
    assertThat(sharp).isLessThan(before);
    assertThat(dull).isGreaterThan(before);
  }

  @Test
  void eachGoodDayDoublesTheRest() {
    List<Trial> all = new ArrayList<>();
    int[] rests = {1, 2, 4, 8};
    LocalDate day = LocalDate.of(2026, 1, 1);
    for (int i = 0; i < rests.length; i++) {
      all.addAll(
          EyeTest.settings(
              BARBS,
              day.atTime(18, 0).toInstant(ZoneOffset.UTC),
              0.05,
              -0.05,
              0.05,
              -0.05,
              0.05,
              -0.05));
      Repetition now = Repetition.of(Eye.of(BARBS, all, ZoneOffset.UTC));
      assertThat(now.box()).isEqualTo(i);
      assertThat(now.due()).contains(day.plusDays(rests[i]));
      assertThat(now.isDue(day.plusDays(rests[i] - 1L))).isFalse();
      assertThat(now.isDue(day.plusDays(rests[i]))).isTrue();
      day = day.plusDays(rests[i]);
    }
    all.addAll(
        EyeTest.settings(
            BARBS, day.atTime(18, 0).toInstant(ZoneOffset.UTC), 0.5, -0.5, 0.5, -0.5, 0.5, -0.5));
    assertThat(Repetition.of(Eye.of(BARBS, all, ZoneOffset.UTC)).box()).isEqualTo(2); // one back
  }

  @Test
  void aDayOfOneLookCountsAsNone() {
    List<Trial> one = EyeTest.settings(BARBS, EVENING, 0.1);
    assertThat(Repetition.of(Eye.of(BARBS, one, ZoneOffset.UTC)).due()).isEqualTo(Optional.empty());
    assertThat(Repetition.of(Eye.of(BARBS, one, ZoneOffset.UTC)).isDue(TODAY)).isTrue();
  }
}
