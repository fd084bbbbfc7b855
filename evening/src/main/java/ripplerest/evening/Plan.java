package ripplerest.evening;

import ai.timefold.solver.core.api.domain.solution.ConstraintWeightOverrides;
import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.quantity.OutOfRangeException;

/** Evenings and flies as the solver has them. */
@PlanningSolution
public class Plan {
  /** What there is of a thing, in thousandths of its unit. */
  record Stock(String thing, long left) {}

  /** What a fly of a kind takes of a thing. */
  record Take(String job, String thing, long amount) {}

  @PlanningEntityCollectionProperty private List<Evening> evenings;

  @ValueRangeProvider @PlanningEntityCollectionProperty private List<Fly> flies;

  @ProblemFactCollectionProperty private List<Stock> stock;

  @ProblemFactCollectionProperty private List<Take> takes;

  private ConstraintWeightOverrides<HardMediumSoftLongScore> weights =
      ConstraintWeightOverrides.none();

  @PlanningScore private HardMediumSoftLongScore score;

  public Plan() {} // for the solver's copies

  Plan(Request request) {
    Map<String, List<Fly>> free = new LinkedHashMap<>();
    flies = new ArrayList<>();
    for (Request.Want want : request.wants()) {
      for (int i = 0; i < want.count(); i++) {
        Fly fly = new Fly(want, i);
        flies.add(fly);
        free.computeIfAbsent(want.id(), w -> new ArrayList<>()).add(fly);
      }
    }
    evenings = new ArrayList<>();
    for (Request.Free evening : request.evenings()) {
      Evening here = new Evening(evenings.size(), evening);
      evenings.add(here);
      evening.held().stream().filter(Request.Held::fixed).forEach(h -> hold(here, h, free));
      evening.held().stream().filter(h -> !h.fixed()).forEach(h -> hold(here, h, free));
    }
    stock =
        request.stock().entrySet().stream().map(s -> new Stock(s.getKey(), s.getValue())).toList();
    Map<String, Job> jobs = new HashMap<>();
    request.wants().forEach(w -> jobs.put(w.job().id(), w.job()));
    takes = new ArrayList<>();
    for (Job job : jobs.values()) {
      job.takes().forEach((thing, amount) -> takes.add(new Take(job.id(), thing, amount)));
    }
  }

  private static void hold(Evening here, Request.Held held, Map<String, List<Fly>> free) {
    List<Fly> left = free.getOrDefault(held.want(), List.of());
    if (left.isEmpty()) {
      throw new OutOfRangeException(
          "held", held.want(), "no more flies than are wanted", "Take one off, or want one more.");
    }
    here.hold(left.remove(0), held.fixed());
  }

  Plan weighed(ConstraintWeightOverrides<HardMediumSoftLongScore> other) {
    weights = other;
    return this;
  }

  List<Evening> evenings() {
    return evenings;
  }

  List<Fly> flies() {
    return flies;
  }

  HardMediumSoftLongScore score() {
    return score;
  }
}
