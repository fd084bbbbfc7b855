package ripplerest.evening;

import ai.timefold.solver.core.api.domain.solution.ConstraintWeightOverrides;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.solver.SolverConfigOverride;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListSwapMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.SubListChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.SubListSwapMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.util.List;
import ripplerest.core.estimate.Work;

/**
 * Finds an order for flies over evenings: simulated annealing (Kirkpatrick, Gelatt & Vecchi,
 * Science 220, 1983) over moves of flies and of runs of flies, by a solver of constraints. It runs
 * on one thread for a number of moves, not for a time, so that the same request gives the same plan
 * on any machine. It is not proven to be the best; of small requests it is (tests).
 */
public final class Planner {
  private static final long SEED = 1;

  /** Times that it is heated and cooled, each from the best plan so far. */
  private static final int ROUNDS = 8;

  private static final long MOVES_AT_LEAST = 2_000;
  private static final long MOVES_A_FLY = 500;

  /**
   * Nothing hard is ever given up; a fly of middling worth and ten minutes are, while it is hot.
   */
  private static final String HOT = "0hard/5medium/600soft";

  private static final SolverFactory<Plan> FACTORY = SolverFactory.create(config());

  private Planner() {}

  /** Plans; told of its rounds, and given up between two. */
  public static Schedule plan(Request request, Work work) {
    Plan solved = solve(request, ConstraintWeightOverrides.none(), work);
    return Explanation.of(request, solved, ROUNDS * moves(request));
  }

  static Plan solve(
      Request request, ConstraintWeightOverrides<HardMediumSoftLongScore> weights, Work work) {
    Plan best = new Plan(request).weighed(weights);
    for (int round = 0; round < ROUNDS; round++) {
      work.throwIfCancelled();
      SolverConfigOverride<Plan> limit =
          new SolverConfigOverride<Plan>()
              .withTerminationConfig(new TerminationConfig().withMoveCountLimit(moves(request)));
      best = FACTORY.buildSolver(limit).solve(best);
      work.progress(round + 1, ROUNDS);
    }
    return best;
  }

  /** In one round. */
  private static long moves(Request request) {
    int flies = request.wants().stream().mapToInt(Request.Want::count).sum();
    return Math.max(MOVES_AT_LEAST, flies * MOVES_A_FLY);
  }

  private static SolverConfig config() {
    return new SolverConfig()
        .withSolutionClass(Plan.class)
        .withEntityClasses(Evening.class, Fly.class)
        .withConstraintProviderClass(Rules.class)
        .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
        .withRandomSeed(SEED)
        .withPhaseList(
            List.of(
                new ConstructionHeuristicPhaseConfig(),
                new LocalSearchPhaseConfig()
                    .withAcceptorConfig(
                        new LocalSearchAcceptorConfig()
                            .withSimulatedAnnealingStartingTemperature(HOT))
                    .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1))
                    .withMoveSelectorConfig(
                        new UnionMoveSelectorConfig()
                            .withMoveSelectors(
                                new ListChangeMoveSelectorConfig(),
                                new ListSwapMoveSelectorConfig(),
                                new SubListChangeMoveSelectorConfig(),
                                new SubListSwapMoveSelectorConfig()))));
  }
}
