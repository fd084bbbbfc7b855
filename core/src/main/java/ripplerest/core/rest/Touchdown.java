package ripplerest.core.rest;

import java.util.List;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.StateRules;

/**
 * How a fly comes down on the film: what this decides is which fibres pierce and what gets wet.
 *
 * <p>A stated rule, not a simulation: the fall ends within a few thousandths of a second, far
 * sooner than a fly can tip over, so the attitude is kept while the fly is pressed down, contact
 * lines advancing, until the water pushes back with a given multiple of its weight. If it never
 * pushes that hard, the fly goes down to where it pushed hardest. After that it is let go.
 */
final class Touchdown {
  private static final double STEP_MM = 0.1;

  /** How exactly the depth is found at which the water pushes back as hard as asked. */
  private static final double FINEST_STEP_MM = 0.002;

  private static final double PAST_PEAK_MM = 0.6;
  private static final int CHANGES_A_STEP = 60;

  private final Balance balance;

  Touchdown(Balance balance) {
    this.balance = balance;
  }

  /**
   * The fly at the bottom of its fall.
   *
   * @param pose there
   * @param state what has pierced and what is wet
   * @param pressed how many times its weight the water pushed back with
   */
  record Landed(Pose pose, FilmState state, double pressed) {}

  /**
   * Presses the fly down.
   *
   * @param pose attitude, and a heave clear of the water
   * @param factor how many weights the water has to push back with
   * @param extent how far any point of the fly may lie from its centre of mass, mm
   */
  Landed press(Pose pose, double factor, double extent) {
    FilmSolver film = balance.film();
    film.setTolerance(5e-3 * balance.weight());
    Landed before = new Landed(pose, film.dryState(), 0);
    Landed hardest = before;
    double touch = pose.heaveMm();
    double step = STEP_MM;
    while (before.pose().heaveMm() > -extent) {
      Pose at = before.pose().moved(-step, 0, 0);
      FilmState state = before.state().copy();
      double lift = pressed(at, state);
      Landed now = new Landed(at, state, lift);
      if (lift >= factor && step > FINEST_STEP_MM) {
        step /= 2; // the same way again, more slowly
        continue;
      }
      before = now;
      if (lift == 0) {
        touch = at.heaveMm();
      }
      if (lift > hardest.pressed()) {
        hardest = now;
      }
      if (lift >= factor) {
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
  private double pressed(Pose pose, FilmState state) {
    FilmSolver film = balance.film();
    double lift = 0;
    for (int round = 0; round < CHANGES_A_STEP; round++) {
      lift = balance.residual(pose, state, false, 0)[0] / balance.weight();
      film.remember(state, false);
      List<StateRules.Change> due = StateRules.due(film, state, false);
      if (due.isEmpty()) {
        break;
      }
      StateRules.fire(due, state);
    }
    return lift;
  }
}
