package ripplerest.core.rest;

import java.util.List;
import java.util.OptionalDouble;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.StateRules;

/**
 * How a fly comes down on the film: it decides which fibres pierce and what gets wet. A stated
 * rule, not a simulation: the fall ends within a few thousandths of a second, far sooner than a fly
 * can tip over, so the attitude is kept while the fly is pressed down, contact lines advancing,
 * until the water pushes back with a given multiple of its weight. If it never pushes that hard,
 * the fly goes down to where it pushed hardest. After that it is let go.
 *
 * @param factor how many weights the water has to push back with
 */
record Touchdown(double factor) {
  private static final double LONGEST_STEP_MM = 0.25;

  /** Depths closer than this are one depth. */
  private static final double FINEST_STEP_MM = 0.005;

  /** How exactly the push that was asked for is met, as a share of it. */
  private static final double MET = 0.005;

  /** In longer steps than this no more than a pair may be due; in shorter ones whatever is. */
  private static final double CROWDED_STEP_MM = 0.01;

  /** A barb and its mirror image change together. */
  private static final int PAIR = 2;

  private static final double PAST_PEAK_MM = 0.6;
  private static final int CHANGES_A_STEP = 60;
  private static final int MAX_STEPS = 300;

  /**
   * Brings a fly down. A step is as long as what happens in it can be told apart: where only a barb
   * and its mirror image are due, it does not matter where in the step they became so; where more
   * are, the step is taken again, shorter, so that the first goes first.
   *
   * @param clear attitude, and a heave clear of the water
   * @param extent how far any point of the fly may lie from its centre of mass, mm
   */
  Landed press(Balance balance, Pose clear, double extent) {
    FilmSolver film = balance.film();
    film.setTolerance(5e-3 * balance.weight());
    Landed before = new Landed(clear, film.dryState(), 0);
    Landed hardest = before;
    double touch = clear.heaveMm();
    double step = LONGEST_STEP_MM;
    for (int n = 0; n < MAX_STEPS && before.pose().heaveMm() > -extent && !film.isSpent(); n++) {
      Pose at = before.pose().moved(-step, 0, 0);
      FilmState state = before.state().copy();
      OptionalDouble pushed = push(balance, at, state, step > CROWDED_STEP_MM);
      if (pushed.isEmpty()) {
        step = Math.max(CROWDED_STEP_MM, step / 2);
        continue; // the same way again, less far
      }
      double rise = pushed.getAsDouble() - before.pressed();
      double left = factor - before.pressed();
      if (rise > left + MET * factor && step > FINEST_STEP_MM) {
        step = Math.max(FINEST_STEP_MM, step * Math.max(0.1, Math.min(0.7, left / rise)));
        continue;
      }
      double wanted = rise > 0 ? step * (left - rise) / rise : LONGEST_STEP_MM;
      step = Math.max(FINEST_STEP_MM, Math.min(LONGEST_STEP_MM, Math.min(2 * step, wanted)));
      before = new Landed(at, state, pushed.getAsDouble());
      balance.pass(at, state);
      if (before.pressed() == 0) {
        touch = at.heaveMm();
      }
      if (before.pressed() > hardest.pressed()) {
        hardest = before;
      }
      if (before.pressed() >= factor * (1 - MET)) {
        return before;
      }
      boolean pastPeak = hardest.pose().heaveMm() - at.heaveMm() > PAST_PEAK_MM;
      if (pastPeak && touch - at.heaveMm() > extent) {
        break;
      }
    }
    return hardest;
  }

  /**
   * Settles the states at one depth.
   *
   * @param alone whether no more than a pair of barbs may be due at once
   * @return how many weights the water pushes back with; empty if more were due
   */
  private static OptionalDouble push(Balance balance, Pose pose, FilmState state, boolean alone) {
    FilmSolver film = balance.film();
    double lift = 0;
    state.letGo();
    for (int round = 0; round < CHANGES_A_STEP && !film.isSpent(); round++) {
      lift = balance.residual(pose, state, ContactLine.ADVANCING, 0)[0] / balance.weight();
      boolean soaked = film.remember(state, ContactLine.ADVANCING);
      List<StateRules.Change> due = StateRules.due(film, state, ContactLine.ADVANCING);
      if (alone && round == 0 && due.size() > PAIR) {
        return OptionalDouble.empty();
      }
      if (!StateRules.fire(due, state) && !soaked) {
        break;
      }
    }
    return OptionalDouble.of(lift);
  }

  /**
   * The fly at the bottom of its fall.
   *
   * @param pose there
   * @param state what has pierced and what is wet
   * @param pressed how many times its weight the water pushed back with
   */
  record Landed(Pose pose, FilmState state, double pressed) {}
}
