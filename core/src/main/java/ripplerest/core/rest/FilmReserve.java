package ripplerest.core.rest;

import java.util.Optional;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.rest.Settler.Settled;

/**
 * How much heavier a fly could be and still float, followed from one rest: it is pressed slowly
 * under, free to turn, contact lines at their mean, and the most that the water pushes back with on
 * the way is the weight at which it sinks.
 *
 * @param keepsPostureTo factor on the whole weight up to which it sits as it does
 * @param sinksAt factor at which it goes under
 * @param beyond true if it still floats at {@link #MOST}, where the search ends, or at the most
 *     that its {@link Raft} allows
 * @param path how the way down was followed
 */
public record FilmReserve(double keepsPostureTo, double sinksAt, boolean beyond, Path path) {
  /**
   * How the way down was followed.
   *
   * @param heights at which the fly was held
   * @param unturned at how many of them it still turned when its steps ran out
   * @param ranOut whether the heights ran out before it was under; then the factors are least ones
   * @param deepestMm how deep the film was pressed where it was last seen to sit as it did
   */
  public record Path(int heights, int unturned, boolean ranOut, double deepestMm) {
    /** A way that was not followed. */
    public static final Path NONE = new Path(0, 0, false, 0);

    /** Share of heights at which a fly may still have turned in a reserve that is told as it is. */
    private static final double MOST_UNTURNED = 0.25;

    /** Whether the factors are rough: the way was not followed to its end, or not in balance. */
    public boolean isRough() {
      return ranOut || unturned > MOST_UNTURNED * heights;
    }
  }

  /** Past this factor a reserve is "more than enough". */
  public static final double MOST = 10;

  /** Share of its weight by which the push may rise in one step down. */
  private static final double RISE = 0.15;

  private static final double FIRST_STEP_MM = 0.05;
  private static final double SHORTEST_STEP_MM = 0.02;
  private static final double LONGEST_STEP_MM = 0.4;

  /** Share of what bears that may be left over to turn the fly at a height. */
  private static final double ACCURACY = 0.01;

  private static final int MOST_TURNS = 25;
  private static final int MOST_STEPS = 200;

  /**
   * So far below where it pushed back most, with less than this share of its weight, it is taken to
   * go on down: a fly that breaks through its hackle tips can be caught again by its body.
   */
  private static final double PAST_PEAK_MM = 1.5;

  private static final double GIVES_WAY = 0.9;

  /** The fly is under once the film bears less than this share of its weight. */
  private static final double NOTHING = 0.02;

  /** Presses the fly down until it is under. */
  public static FilmReserve from(Rest rest, RestFinder finder) {
    return from(rest, finder, false);
  }

  /**
   * Only the first factor, {@link #keepsPostureTo}: presses the fly down until it no longer sits as
   * it did.
   */
  public static double keepsPostureTo(Rest rest, RestFinder finder) {
    return from(rest, finder, true).keepsPostureTo();
  }

  /** Only the factor at which a pose under its load goes under, {@link #MOST} at most. */
  static double sinksAt(Pose pose, FilmState state, RestFinder finder) {
    return press(pose, state.copy(), Optional.empty(), finder, false).sinksAt();
  }

  private static FilmReserve from(Rest rest, RestFinder finder, boolean postureOnly) {
    Optional<Posture> posture = Optional.of(rest.posture());
    return press(rest.pose(), rest.state().copy(), posture, finder, postureOnly);
  }

  private static FilmReserve press(
      Pose from, FilmState state, Optional<Posture> posture, RestFinder finder, boolean first) {
    double weight = finder.weight();
    double raft = Math.max(1, Raft.most(finder.film(), from, MOST * weight) / weight);
    Pose pose = from;
    double push = 1;
    double most = 1;
    double keeps = 0;
    double step = FIRST_STEP_MM;
    double peak = pose.heaveMm();
    finder.film().allow();
    int heights = 0;
    int unturned = 0;
    boolean under = false;
    double deepest = 0;
    double limit = Math.min(MOST, raft);
    while (heights < MOST_STEPS && most < limit && !under && !finder.film().isSpent()) {
      heights++;
      Pose lower = pose.moved(-step, 0, 0);
      Settled there = finder.settler().turn(lower, state, ContactLine.MEAN, ACCURACY, MOST_TURNS);
      unturned += there.outcome() == Outcome.RESTS ? 0 : 1;
      double now = there.residual()[0] / weight;
      pose = there.pose();
      Posture sits = finder.posture(pose);
      if (keeps == 0 && posture.filter(p -> p != sits).isPresent()) {
        keeps = Math.max(most, (push + now) / 2);
        if (first) {
          under = true;
          continue;
        }
      }
      double rise = Math.abs(now - push) / Math.max(1, now);
      step *= Math.max(0.5, Math.min(2, RISE / (rise + 1e-9)));
      step = Math.max(SHORTEST_STEP_MM, Math.min(LONGEST_STEP_MM, step));
      push = now;
      deepest = keeps == 0 ? finder.film().deepestMm() : deepest;
      if (now > most) {
        most = now;
        peak = pose.heaveMm();
      }
      under =
          now < GIVES_WAY && peak - pose.heaveMm() > PAST_PEAK_MM
              || finder.isUnder(pose, state, NOTHING);
    }
    Path path = new Path(heights, unturned, !under && most < limit, deepest);
    most = Math.min(limit, most);
    return new FilmReserve(keeps == 0 ? most : Math.min(most, keeps), most, most >= limit, path);
  }
}
