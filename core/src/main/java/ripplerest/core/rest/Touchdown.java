package ripplerest.core.rest;

import java.util.List;
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

  /** How exactly the depth is found at which the water pushes back as hard as asked. */
  private static final double FINEST_STEP_MM = 0.005;

  /** Share of the factor by which the push may rise in one step; it decides what pierces first. */
  private static final double RISE = 0.15;

  private static final double PAST_PEAK_MM = 0.6;
  private static final int CHANGES_A_STEP = 60;
  private static final int MAX_STEPS = 300;

  /**
   * Brings a fly down.
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
      Landed now = new Landed(at, state, push(balance, at, state));
      double rise = Math.abs(now.pressed() - before.pressed());
      boolean tooFar = now.pressed() >= factor || rise > 2 * RISE * factor;
      if (tooFar && step > FINEST_STEP_MM) {
        step = Math.max(FINEST_STEP_MM, now.pressed() >= factor ? step / 3 : step / 2);
        continue; // the same way again, more slowly
      }
      step = Math.min(LONGEST_STEP_MM, step * Math.min(2, 0.8 * RISE * factor / (rise + 1e-9)));
      step = Math.max(FINEST_STEP_MM, step);
      before = now;
      balance.pass(at, state);
      if (now.pressed() == 0) {
        touch = at.heaveMm();
      }
      if (now.pressed() > hardest.pressed()) {
        hardest = now;
      }
      if (now.pressed() >= factor) {
        return now;
      }
      boolean pastPeak = hardest.pose().heaveMm() - at.heaveMm() > PAST_PEAK_MM;
      if (pastPeak && touch - at.heaveMm() > extent) {
        break;
      }
    }
    return hardest;
  }

  /** Settles the states at one depth; returns how many weights the water pushes back with. */
  private static double push(Balance balance, Pose pose, FilmState state) {
    FilmSolver film = balance.film();
    double lift = 0;
    state.letGo();
    for (int round = 0; round < CHANGES_A_STEP && !film.isSpent(); round++) {
      lift = balance.residual(pose, state, ContactLine.ADVANCING, 0)[0] / balance.weight();
      boolean soaked = film.remember(state, ContactLine.ADVANCING);
      List<StateRules.Change> due = StateRules.due(film, state, ContactLine.ADVANCING);
      if (!StateRules.fire(due, state) && !soaked) {
        break;
      }
    }
    return lift;
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
