package ripplerest.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ripplerest.core.film.laws.CrossingLaw;

/**
 * When a fibre changes its state. Each rule asks whether the state a fibre is in can still be, with
 * a dead band, so that no fibre flickers between two.
 *
 * <ul>
 *   <li>A lying barb pierces when the energy that a pierced length sets free exceeds what wetting
 *       it costs, Γ of the advancing angle at the tip, if what would drown is deeper than its
 *       dimple.
 *   <li>A lying barb floods when the film bears all it can along what lies on it, or its root lies
 *       deeper than a film leaving the root at the advancing angle can bridge.
 *   <li>A crossing barb surfaces when it cannot be held bent that far, or when its drowned end is
 *       shallower than 1.1 of its own dimple.
 *   <li>Beyond that: drowned, and back, as root and tip pass the film.
 * </ul>
 */
public final class StateRules {
  private static final int MANY = 4;
  private static final double DEAD_BAND = 1.02;
  private static final double GATE = 1.1;
  private static final double GATE_INTO = 1.4;

  /** Share of a barb under water up to which its tip can come out. */
  private static final double OUT_BY = 0.98;

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
  public static List<Change> due(FilmSolver film, FilmState state, ContactLine line) {
    Fibres fibres = film.fibres();
    List<Change> due = new ArrayList<>();
    for (int i = 0; i < fibres.count; i++) {
      if (state.isCaught(i)) {
        continue;
      }
      Change change =
          switch (state.fibres[i]) {
            case LYING -> lying(fibres, i, line);
            case CROSSING_TIP_DOWN -> tipDown(fibres, i);
            case CROSSING_ROOT_DOWN -> rootDown(fibres, i);
            case DROWNED -> drowned(fibres, i, line);
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
        state.change(change.fibre(), change.to());
      }
    }
    return true;
  }

  private static Change lying(Fibres f, int i, ContactLine line) {
    double deep = f.level[i] - f.z[i] - f.floodDepth[i];
    boolean rootUnder = deep > 0 && -f.z[i] > f.floodDepth[i] + 1e-9;
    if (f.floods(i) || rootUnder) {
      FibreState to = f.tip[i] > 0.05 ? FibreState.CROSSING_ROOT_DOWN : FibreState.DROWNED;
      return new Change(i, to, 1 + Math.max(0, deep));
    }
    if (f.force[i] <= 0) {
      return null;
    }
    double pull = f.piercingPull(i);
    double push = f.push(i);
    if (push > DEAD_BAND * Math.max(pull, 0)
        && f.down[i] > SHALLOWEST_CROSSING
        && canCross(f, i, line)) {
      return new Change(
          i, FibreState.CROSSING_TIP_DOWN, push / Math.max(pull, 0.1 * Math.abs(pull) + 1e-3) - 1);
    }
    return null;
  }

  /** Whether a barb that pierced now would stay pierced. */
  private static boolean canCross(Fibres f, int i, ContactLine line) {
    CrossingLaw trial = f.ifCrossing(i, FibreState.CROSSING_TIP_DOWN, line);
    double dimple = Math.abs(trial.force) * f.dimplePerUnit(i);
    double end = (1 - trial.arc) * f.length[i] * trial.sine;
    return !trial.springsOut && !trial.rootPassed && end > GATE_INTO * dimple;
  }

  /** Whether a drowned barb whose tip came out now would stay so. */
  private static boolean canRise(Fibres f, int i, ContactLine line) {
    CrossingLaw trial = f.ifCrossing(i, FibreState.CROSSING_ROOT_DOWN, line);
    return !trial.springsOut && !trial.rootPassed && trial.arc < OUT_BY;
  }

  private static Change tipDown(Fibres f, int i) {
    if (f.rootPassed[i]) {
      return new Change(i, FibreState.DROWNED, 0.5);
    }
    double end = (f.length[i] - f.arc[i]) * f.sine[i];
    double gate = GATE * Math.abs(f.force[i]) * f.selfDepth[i];
    if (f.springsOut[i] || f.down[i] < SHALLOWEST_CROSSING / 2 || end < gate) {
      return new Change(i, FibreState.LYING, 1 + Math.max(0, gate - end));
    }
    return null;
  }

  private static Change rootDown(Fibres f, int i) {
    if (f.rootPassed[i]) {
      return new Change(i, FibreState.LYING, 0.5);
    }
    if (f.arc[i] >= f.length[i] * (1 - 1e-9) || f.springsOut[i] || f.down[i] > 0) {
      return new Change(i, FibreState.DROWNED, 0.5);
    }
    return null;
  }

  private static Change drowned(Fibres f, int i, ContactLine line) {
    double sine = Math.sin(f.down[i]);
    double root = f.z[i] - f.level[i];
    double tip = root - f.length[i] * sine;
    double steep = Math.max(Math.abs(sine), Math.sin(SHALLOWEST_CROSSING));
    double out = GATE * Math.abs(f.rootPull(i, line)) / steep * f.selfDepth[i] + 0.01;
    if (root > out && tip > out) {
      return new Change(i, FibreState.LYING, Math.min(root, tip));
    }
    if (root > out && -tip > out && f.down[i] > SHALLOWEST_CROSSING && canCross(f, i, line)) {
      return new Change(i, FibreState.CROSSING_TIP_DOWN, root);
    }
    if (tip > out && -root > out && -f.down[i] > SHALLOWEST_CROSSING && canRise(f, i, line)) {
      return new Change(i, FibreState.CROSSING_ROOT_DOWN, tip);
    }
    return null;
  }
}
