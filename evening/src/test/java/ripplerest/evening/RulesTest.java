package ripplerest.evening;

import static org.assertj.core.api.Assertions.assertThat;

import ai.timefold.solver.core.api.domain.solution.ConstraintWeightOverrides;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.estimate.Work;

/** Each rule has evenings of its own that keep to it, and do not once it is taken away. */
class RulesTest {
  private static final LocalDate MONDAY = Requests.MONDAY;
  private static final LocalDate TUESDAY = MONDAY.plusDays(1);
  private static final long PLENTY = 6 * 3600;

  private static Job job(String id, String thread, String hook) {
    return new Job(id, thread, hook, Map.of(), 600, 0, 0, Map.of());
  }

  private static Request.Want want(Job job, int count) {
    return new Request.Want(job.id(), job, count, MONDAY, TUESDAY, 5);
  }

  private static Request request(long seconds, int evenings, Request.Want... wants) {
    return new Request(
        IntStream.range(0, evenings)
            .mapToObj(i -> new Request.Free("e" + i, MONDAY.plusDays(i), seconds, List.of()))
            .toList(),
        List.of(wants),
        Map.of("cape", 2000L));
  }

  private static List<String> tied(Plan plan, int evening) {
    return plan.evenings().get(evening).flies().stream().map(Fly::jobId).toList();
  }

  private static Request held(boolean fixed, String... order) {
    Request.Want a = want(job("a", "black", "14"), 1);
    Request.Want b = want(job("b", "black", "14"), 1);
    List<Request.Held> held = Stream.of(order).map(w -> new Request.Held(w, fixed)).toList();
    Request.Want c = want(job("c", "olive", "16"), 2);
    return new Request(
        List.of(
            new Request.Free("e0", MONDAY, PLENTY, List.of()),
            new Request.Free("e1", TUESDAY, PLENTY, held)),
        List.of(a, b, c),
        Map.of());
  }

  private static Arguments rule(String name, Request request, Predicate<Plan> kept) {
    return Arguments.of(name, request, kept);
  }

  static Stream<Arguments> rules() {
    Job dun = job("dun", "black", "14");
    Job caped = new Job("caped", "black", "14", Map.of(), 600, 0, 0, Map.of("cape", 1000L));
    Job glued = new Job("glued", "black", "14", Map.of(), 600, 1500, 60, Map.of());
    Job hairA = new Job("a", "tan", "12", Map.of("hair", 600L), 300, 0, 0, Map.of());
    Job hairB = new Job("b", "black", "12", Map.of("hair", 600L), 300, 0, 0, Map.of());
    Job plain = new Job("c", "tan", "12", Map.of(), 300, 0, 0, Map.of());
    Request.Want late = new Request.Want("late", dun, 1, TUESDAY, TUESDAY, 5);
    Request.Want early = new Request.Want("early", dun, 1, MONDAY, MONDAY, 5);
    return Stream.of(
        rule(
            Rules.OVER_THE_EVENING,
            request(1500, 1, want(dun, 5)),
            p -> p.evenings().get(0).timeline().seconds() <= 1500),
        rule(Rules.TOO_EARLY, request(PLENTY, 2, late), p -> tied(p, 1).size() == 1),
        rule(
            Rules.TOO_LATE,
            request(800, 2, early, new Request.Want("other", dun, 1, MONDAY, MONDAY, 9)),
            p -> tied(p, 1).isEmpty()),
        rule(Rules.STOCK, request(PLENTY, 1, want(caped, 4)), p -> tied(p, 0).size() == 2),
        rule(Rules.HELD, held(false, "a"), p -> tied(p, 1).contains("a")),
        rule(
            Rules.HELD_IN_ORDER,
            heldApart(),
            p -> tied(p, 0).indexOf("a") < tied(p, 0).lastIndexOf("c")),
        rule(Rules.WANTED, request(PLENTY, 1, want(dun, 3)), p -> tied(p, 0).size() == 3),
        rule(
            Rules.THREAD,
            request(
                PLENTY,
                1,
                want(job("a", "black", "14"), 1),
                want(job("b", "olive", "16"), 1),
                want(job("c", "black", "16"), 1),
                want(job("d", "olive", "14"), 1)),
            p -> p.evenings().get(0).timeline().threadChanges() == 2),
        rule(
            Rules.HOOKS,
            request(
                PLENTY,
                1,
                want(job("a", "black", "14"), 1),
                want(job("b", "black", "16"), 1),
                want(job("c", "black", "14"), 1),
                want(job("d", "black", "16"), 1)),
            p -> p.evenings().get(0).timeline().hookChanges() == 2),
        rule(
            Rules.KINDS,
            request(2700, 2, want(job("a", "black", "14"), 3), want(job("b", "black", "14"), 3)),
            p -> p.evenings().stream().allMatch(e -> e.timeline().layOuts() == 1)),
        rule(
            Rules.PREPARING,
            request(1500, 2, want(hairA, 1), want(plain, 1), want(hairB, 1)),
            p -> tied(p, 0).contains("a") == tied(p, 0).contains("b")),
        rule(
            Rules.WAITING,
            request(PLENTY, 1, want(glued, 1), want(dun, 4)),
            p -> p.evenings().get(0).timeline().waitingSeconds() == 0),
        rule(Rules.SOONER, request(PLENTY, 2, want(dun, 9), late), p -> tied(p, 0).size() == 9));
  }

  /** A hand put the single one between two that would rather stand together. */
  private static Request heldApart() {
    Request.Want a = want(job("a", "black", "14"), 1);
    Request.Want c = want(job("c", "olive", "16"), 2);
    return new Request(
        List.of(
            new Request.Free(
                "e0",
                MONDAY,
                PLENTY,
                Stream.of("c", "a", "c").map(w -> new Request.Held(w, false)).toList())),
        List.of(a, c),
        Map.of());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("rules")
  void eachRuleIsKeptAndOnlyBecauseItIsThere(String name, Request request, Predicate<Plan> kept) {
    assertThat(kept.test(solved(request, ConstraintWeightOverrides.none()))).isTrue();
    Map<String, HardMediumSoftLongScore> without = Map.of(name, HardMediumSoftLongScore.ZERO);
    Plan plan = solved(request, ConstraintWeightOverrides.of(without));
    assertThat(kept.test(plan)).as("kept without the rule: %s", name).isFalse();
  }

  @Test
  void everyRuleHasItsEvenings() {
    assertThat(rules().map(r -> (String) r.get()[0]))
        .containsExactlyInAnyOrderElementsOf(Rules.NAMES);
  }

  @Test
  void whatIsFixedStaysAtTheBeginningInItsOrder() {
    Plan plan = solved(held(true, "b", "a"), ConstraintWeightOverrides.none());
    assertThat(tied(plan, 1)).startsWith("b", "a");
  }

  private static Plan solved(
      Request request, ConstraintWeightOverrides<HardMediumSoftLongScore> weights) {
    return Planner.solve(request, weights, Work.unwatched());
  }
}
