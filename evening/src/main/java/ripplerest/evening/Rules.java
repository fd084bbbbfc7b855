package ripplerest.evening;

import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.sumLong;
import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ripplerest.evening.Weights.A_SECOND;
import static ripplerest.evening.Weights.CANNOT_BE;
import static ripplerest.evening.Weights.LEFT_OUT;

import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintBuilder;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;
import ai.timefold.solver.core.api.score.stream.bi.BiConstraintStream;
import java.util.List;

/** What a plan of evenings has to keep to, and what makes one better than another. */
public class Rules implements ConstraintProvider {
  static final String OVER_THE_EVENING = "nothing goes on beyond the evening";
  static final String TOO_EARLY = "nothing is tied before what it needs is there";
  static final String TOO_LATE = "nothing is tied after the day it is for";
  static final String STOCK = "no more is taken than there is";
  static final String HELD = "what a hand put into an evening stays in it";
  static final String HELD_IN_ORDER = "what a hand put in order stays in order";
  static final String WANTED = "what is wanted is tied";
  static final String THREAD = "few changes of thread";
  static final String HOOKS = "few changes of hooks";
  static final String KINDS = "few changes of kind";
  static final String PREPARING = "what is made ready serves many";
  static final String WAITING = "nobody waits for glue";
  static final String SOONER = "sooner is safer";

  /** All of them. */
  static final List<String> NAMES =
      List.of(
          OVER_THE_EVENING,
          TOO_EARLY,
          TOO_LATE,
          STOCK,
          HELD,
          HELD_IN_ORDER,
          WANTED,
          THREAD,
          HOOKS,
          KINDS,
          PREPARING,
          WAITING,
          SOONER);

  @Override
  public Constraint[] defineConstraints(ConstraintFactory factory) {
    return new Constraint[] {
      evenings(factory)
          .penalizeLong(CANNOT_BE, Evening::secondsOver)
          .asConstraint(OVER_THE_EVENING),
      factory
          .forEach(Fly.class)
          .filter(Fly::isTooEarly)
          .penalizeLong(CANNOT_BE, f -> 1)
          .asConstraint(TOO_EARLY),
      factory
          .forEach(Fly.class)
          .filter(Fly::isTooLate)
          .penalizeLong(CANNOT_BE, f -> 1)
          .asConstraint(TOO_LATE),
      taken(factory).asConstraint(STOCK),
      factory
          .forEachIncludingUnassigned(Fly.class)
          .filter(Fly::isHeldElsewhere)
          .penalizeLong(CANNOT_BE, f -> 1)
          .asConstraint(HELD),
      factory
          .forEach(Evening.class)
          .penalizeLong(CANNOT_BE, Evening::heldOutOfOrder)
          .asConstraint(HELD_IN_ORDER),
      factory
          .forEachIncludingUnassigned(Fly.class)
          .filter(Fly::isLeftOut)
          .penalizeLong(LEFT_OUT, f -> f.want().worth())
          .asConstraint(WANTED),
      evenings(factory)
          .penalizeLong(A_SECOND, (e, t) -> t.threadChanges() * Weights.THREAD_SECONDS)
          .asConstraint(THREAD),
      evenings(factory)
          .penalizeLong(A_SECOND, (e, t) -> t.hookChanges() * Weights.HOOK_SECONDS)
          .asConstraint(HOOKS),
      evenings(factory)
          .penalizeLong(A_SECOND, (e, t) -> t.layOuts() * Weights.LAY_OUT_SECONDS)
          .asConstraint(KINDS),
      evenings(factory)
          .penalizeLong(A_SECOND, (e, t) -> t.preparingSeconds())
          .asConstraint(PREPARING),
      evenings(factory).penalizeLong(A_SECOND, (e, t) -> t.waitingSeconds()).asConstraint(WAITING),
      factory
          .forEach(Fly.class)
          .penalizeLong(A_SECOND, f -> f.evening().ordinal() * Weights.LATER_SECONDS)
          .asConstraint(SOONER),
    };
  }

  /** Evenings as they would go. */
  private static BiConstraintStream<Evening, Timeline> evenings(ConstraintFactory factory) {
    return factory.forEach(Evening.class).expand(Evening::timeline);
  }

  private static ConstraintBuilder taken(ConstraintFactory factory) {
    return factory
        .forEach(Fly.class)
        .join(Plan.Take.class, equal(Fly::jobId, Plan.Take::job))
        .groupBy((fly, take) -> take.thing(), sumLong((fly, take) -> take.amount()))
        .join(Plan.Stock.class, equal((thing, taken) -> thing, Plan.Stock::thing))
        .filter((thing, taken, stock) -> taken > stock.left())
        .penalizeLong(CANNOT_BE, (thing, taken, stock) -> taken - stock.left());
  }
}
