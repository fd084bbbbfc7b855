package ripplerest.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * When a fibre changes its state. Each rule asks whether the state a fibre is in can still be, with
 * a dead band, so that no fibre flickers between two.
 *
 * <ul>
 *   <li>A lying barb pierces when F·sin(tip inclination) exceeds Γ of the advancing angle, if what
 *       would drown is deeper than its own dimple.
 *   <li>A lying barb floods when an element bears all the film can give, or its root lies deeper
 *       than a film leaving the root at the advancing angle can bridge.
 *   <li>A crossing barb surfaces when the elastica cannot be held bent that far, or when its
 *       drowned end is shallower than 1.1 of its own dimple.
 *   <li>Beyond that: drowned, and back, as root and tip pass the film.
 * </ul>
 */
public final class StateRules {
  private static final int MANY = 6;
  private static final double DEAD_BAND = 1.02;
  private static final double GATE = 1.1;
  private static final double GATE_INTO = 1.4;
  private static final double SHALLOWEST_CROSSING = Math.toRadians(5);

  private StateRules() {}

  /**
   * A change that is due.
   *
   * @param fibre index
   * @param to the state it goes to
   * @param urgency how far its present state is violated; larger is worse
   */
  public record Change(int fibre, FibreState to, double urgency) {}

  /** All changes due after an evaluation, most urgent first. */
  public static List<Change> due(FilmSolver film, FilmState state, boolean rising) {
    List<Change> due = new ArrayList<>();
    for (int i = 0; i < film.fibreCount; i++) {
      Change change =
          switch (state.fibres[i]) {
            case LYING -> lying(film, i);
            case CROSSING_TIP_DOWN -> tipDown(film, i);
            case CROSSING_ROOT_DOWN -> rootDown(film, i);
            case DROWNED -> drowned(film, i, rising);
          };
      if (change != null) {
        due.add(change);
      }
    }
    due.sort(Comparator.comparingDouble(Change::urgency).reversed());
    return due;
  }

  /**
   * Carries out the most urgent change, and those that are exactly as urgent: a barb and its mirror
   * image change together. One at a time, since each takes load off its neighbours or puts it on;
   * only where many are due, as when a fly goes under, a few at once.
   *
   * @return whether anything changed
   */
  public static boolean fire(List<Change> due, FilmState state) {
    if (due.isEmpty()) {
      return false;
    }
    double least = due.get(due.size() / MANY).urgency() * (1 - 1e-9);
    for (Change change : due) {
      if (change.urgency() >= least) {
        state.set(change.fibre(), change.to());
      }
    }
    return true;
  }

  private static Change lying(FilmSolver film, int i) {
    BarbChain c = film.chain[i];
    double load = c.load();
    double tip = film.z[i] - film.length[i] * Math.sin(film.down[i]);
    double deep = film.level[i] - film.z[i] - film.floodDepth[i];
    if (c.floods() || (deep > 0 && -film.z[i] > film.floodDepth[i] + 1e-9)) {
      FibreState to = tip > 0.05 ? FibreState.CROSSING_ROOT_DOWN : FibreState.DROWNED;
      return new Change(i, to, 1 + Math.max(0, deep));
    }
    if (load <= 0) {
      return null;
    }
    double pull = film.piercingPull(i);
    double push = load * Math.sin(c.tipInclination());
    if (push > DEAD_BAND * Math.max(pull, 0)
        && film.down[i] > SHALLOWEST_CROSSING
        && canCross(film, i)) {
      return new Change(
          i, FibreState.CROSSING_TIP_DOWN, push / Math.max(pull, 0.1 * Math.abs(pull) + 1e-3) - 1);
    }
    return null;
  }

  /** Whether a barb that pierced now would stay pierced. */
  private static boolean canCross(FilmSolver film, int i) {
    Crossing trial = new Crossing();
    double gap = film.z[i] - film.level[i];
    trial.solve(
        film.down[i], gap, film.gamma(i, false), film.stiffness(i), film.selfDepth(i), true);
    return !trial.springsOut
        && !trial.rootPassed
        && drownedEnd(film, i, trial) > GATE_INTO * trial.dimple;
  }

  private static double drownedEnd(FilmSolver film, int i, Crossing c) {
    return (film.length[i] - c.arc) * Math.sin(c.beta);
  }

  private static Change tipDown(FilmSolver film, int i) {
    Crossing c = film.crossing[i];
    if (c.rootPassed) {
      return new Change(i, FibreState.DROWNED, 0.5);
    }
    double end = drownedEnd(film, i, c);
    if (c.springsOut || film.down[i] < SHALLOWEST_CROSSING / 2 || end < GATE * c.dimple) {
      return new Change(i, FibreState.LYING, 1 + Math.max(0, GATE * c.dimple - end));
    }
    return null;
  }

  private static Change rootDown(FilmSolver film, int i) {
    Crossing c = film.crossing[i];
    if (c.rootPassed) {
      return new Change(i, FibreState.LYING, 0.5);
    }
    if (c.arc >= film.length[i] || film.down[i] > 0) {
      return new Change(i, FibreState.DROWNED, 0.5);
    }
    return null;
  }

  private static Change drowned(FilmSolver film, int i, boolean rising) {
    double sine = Math.sin(film.down[i]);
    double root = film.z[i] - film.level[i];
    double tip = root - film.length[i] * sine;
    double steep = Math.max(Math.abs(sine), Math.sin(SHALLOWEST_CROSSING));
    double dimple = Math.abs(film.gamma(i, rising)) / steep * film.selfDepth(i);
    double out = GATE * dimple + 0.01;
    if (root > out && tip > out) {
      return new Change(i, FibreState.LYING, Math.min(root, tip));
    }
    if (root > out && -tip > out && film.down[i] > SHALLOWEST_CROSSING) {
      return new Change(i, FibreState.CROSSING_TIP_DOWN, root);
    }
    if (tip > out && -root > out && -film.down[i] > SHALLOWEST_CROSSING) {
      return new Change(i, FibreState.CROSSING_ROOT_DOWN, tip);
    }
    return null;
  }
}
