package ripplerest.core.rest;

import java.util.List;
import org.hipparchus.linear.RealMatrix;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.StateRules;

/**
 * Follows a fly under a steady load to where it comes to rest, as if everything moved slowly.
 *
 * <p>Between changes of state the forces have a potential, so each step is a trust-region step down
 * it (Nocedal and Wright, Numerical Optimization, 2nd ed. 2006, ch. 4) with the stiffness kept up
 * to date by symmetric rank-one updates and measured afresh now and then. After each step the
 * states that can no longer be are changed, the most urgent first. There is no scanning for roots:
 * the rest that is found is one that the fly can reach.
 */
final class Settler {
  static final int MAX_STEPS = 150;
  private static final double LONGEST_STEP_MM = 0.5;
  private static final double FIRST_STEP_MM = 0.2;
  private static final int REFRESH = 8;

  /** Steps by which a stiffness ages when a state changes. */
  private static final int CHANGED = 2;

  /** Share of the weight that may be left over at a rest that is reported. */
  static final double EXACT = 3e-4;

  /** The same at an end of the interval that contact lines allow. */
  static final double FAIR = 8e-4;

  /** The same where only whether and how a fly floats is asked. */
  static final double ROUGH = 3e-3;

  /**
   * A step that ends so far past the balance has gone where no overdamped fly goes: what the film
   * would let go of there is not let go.
   */
  private static final double OVERSHOT = 0.05;

  private final Balance balance;
  private final double deepest;

  /** Stiffness of a fly that was last turned at a height, for the next height. */
  private RealMatrix heldStiffness;

  /**
   * @param deepest depth of the centre of mass at which a fly counts as sunk, mm
   */
  Settler(Balance balance, double deepest) {
    this.balance = balance;
    this.deepest = deepest;
  }

  /**
   * Where following a load ended.
   *
   * @param outcome at rest, sunk, or neither within the bound on steps
   * @param pose last pose
   * @param residual what is left, µN, over one shank for the moments
   * @param pending state changes still due
   * @param steps taken
   * @param stiffness as far as the way there told it, for who goes on from there; null where not
   */
  record Settled(
      Outcome outcome,
      Pose pose,
      double[] residual,
      int pending,
      int steps,
      RealMatrix stiffness) {}

  /**
   * Settles from a pose; {@code state} is changed along the way.
   *
   * @param load in weights of the fly
   * @param accuracy share of the weight that may be left over
   */
  Settled settle(Pose start, FilmState state, ContactLine line, double load, double accuracy) {
    return settle(start, state, line, load, accuracy, MAX_STEPS);
  }

  /**
   * The same from where another way ended, under the weight of the fly.
   *
   * @param stiffness there, about; null where it is not known
   */
  Settled goOn(
      Pose start, FilmState state, ContactLine line, double accuracy, RealMatrix stiffness) {
    return settle(start, state, line, 1, accuracy, MAX_STEPS, false, stiffness);
  }

  /** The same, given up after so many steps. */
  Settled settle(
      Pose start, FilmState state, ContactLine line, double load, double accuracy, int mostSteps) {
    return settle(start, state, line, load, accuracy, mostSteps, false, null);
  }

  /**
   * Turns a fly that is held at its height until nothing turns it further.
   *
   * @return whose first residual is all that lifts it, µN
   */
  Settled turn(Pose start, FilmState state, ContactLine line, double accuracy, int mostSteps) {
    return settle(start, state, line, 0, accuracy, mostSteps, true, heldStiffness);
  }

  private Settled settle(
      Pose start,
      FilmState state,
      ContactLine line,
      double load,
      double accuracy,
      int mostSteps,
      boolean held,
      RealMatrix guess) {
    FilmSolver film = balance.film();
    double close = accuracy * (held ? 1 : load) * balance.weight();
    film.setTolerance(0.2 * close);
    state.letGo();
    Pose pose = start;
    double[] g = balance.residual(pose, state, line, load);
    if (held) {
      close = Math.max(close, accuracy * Math.abs(g[0]));
    }
    RealMatrix stiffness = guess == null ? null : guess.copy();
    double radius = FIRST_STEP_MM;
    int age = 0;
    int pending = 0;
    int n = 0;
    boolean overshot = false;
    for (; n < mostSteps && !film.isSpent(); n++) {
      boolean there = (held || Math.abs(g[0]) < close) && Math.hypot(g[1], g[2]) < close;
      boolean soaked = (there || !overshot) && film.remember(state, line);
      List<StateRules.Change> due = StateRules.due(film, state, line);
      pending = due.size();
      if (StateRules.fire(due, state) || soaked) {
        g = balance.residual(pose, state, line, load);
        age += CHANGED;
        radius = Math.min(radius, FIRST_STEP_MM);
        if (held) {
          continue; // barbs first: they are quicker than the hand that presses
        }
      } else if (there) {
        heldStiffness = stiffness;
        return new Settled(Outcome.RESTS, pose, g, pending, n, stiffness);
      }
      if (pose.heaveMm() < -deepest) {
        return new Settled(Outcome.SINKS, pose, g, pending, n, null);
      }
      if (stiffness == null || age >= REFRESH) {
        stiffness = balance.roughStiffness(pose, state, line, load, g);
        age = 0;
      }
      age++;
      double[] step = balance.step(stiffness, g, radius, held);
      film.setTolerance(Math.max(0.2 * close, 0.02 * (held ? Math.hypot(g[1], g[2]) : length(g))));
      Pose next = balance.moved(pose, step);
      double[] after = balance.residual(next, state, line, load);
      double before = Balance.dot(g, step);
      double ahead = Balance.dot(after, step);
      update(stiffness, step, g, after);
      if (ahead < -0.8 * Math.abs(before)) {
        radius = Math.max(1e-7, 0.4 * Math.min(radius, length(step)));
        g = balance.residual(pose, state, line, load);
        continue;
      }
      if (ahead < -0.3 * Math.abs(before)) {
        radius = Math.max(1e-7, 0.6 * length(step));
      } else {
        radius = Math.min(LONGEST_STEP_MM, Math.max(radius, 1.6 * length(step)));
      }
      overshot = ahead < -OVERSHOT * Math.abs(before);
      pose = next;
      g = after;
      balance.pass(pose, state);
    }
    heldStiffness = null;
    return new Settled(Outcome.UNSETTLED, pose, g, pending, n, null);
  }

  /** Symmetric rank-one update (Nocedal and Wright, ch. 6.2), skipped where it is ill-defined. */
  private static void update(RealMatrix k, double[] step, double[] before, double[] after) {
    double[] miss = new double[3];
    for (int i = 0; i < 3; i++) {
      miss[i] = before[i] - after[i];
      for (int j = 0; j < 3; j++) {
        miss[i] -= k.getEntry(i, j) * step[j];
      }
    }
    double denominator = Balance.dot(miss, step);
    if (Math.abs(denominator) < 1e-3 * length(step) * length(miss) + 1e-300) {
      return;
    }
    for (int i = 0; i < 3; i++) {
      for (int j = 0; j < 3; j++) {
        k.addToEntry(i, j, miss[i] * miss[j] / denominator);
      }
    }
  }

  private static double length(double[] v) {
    return Math.sqrt(Balance.dot(v, v));
  }
}
