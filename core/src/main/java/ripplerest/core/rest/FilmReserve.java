package ripplerest.core.rest;

import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.rest.Settler.Outcome;
import ripplerest.core.rest.Settler.Settled;

/**
 * How much heavier a fly could be and still float, followed from one rest.
 *
 * @param keepsPostureTo factor on the whole weight up to which it sits as it does
 * @param sinksAt factor at which it goes under
 * @param beyond true if it still floats at {@link #MOST}, where the search ends
 */
public record FilmReserve(double keepsPostureTo, double sinksAt, boolean beyond) {
  /** Past this factor a reserve is "more than enough". */
  public static final double MOST = 10;

  private static final double GROWTH = 1.5;
  private static final int HALVINGS = 3;

  /** Steps after which a loaded fly counts as sinking: it found nothing to rest on. */
  private static final int MOST_STEPS = 40;

  /** Loads the fly until it sinks. */
  public static FilmReserve from(Rest rest, RestFinder finder) {
    return from(rest, finder, false);
  }

  /**
   * Only the first factor, {@link #keepsPostureTo}: loads the fly until it no longer sits as it
   * did.
   */
  public static double keepsPostureTo(Rest rest, RestFinder finder) {
    return from(rest, finder, true).keepsPostureTo();
  }

  private static FilmReserve from(Rest rest, RestFinder finder, boolean postureOnly) {
    double keeps = 0;
    double floats = 1;
    double factor = 1;
    Stage at = new Stage(rest.pose(), rest.state().copy());
    double broken = Double.POSITIVE_INFINITY;
    while (factor < MOST) {
      double next = Math.min(MOST, factor * GROWTH);
      Stage there = at.under(next, finder);
      if (there == null) {
        broken = next;
        break;
      }
      if (keeps == 0 && finder.posture(there.pose()) != rest.posture()) {
        keeps = between(at, factor, next, rest.posture(), finder);
        if (postureOnly) {
          return new FilmReserve(keeps, keeps, false);
        }
      }
      at = there;
      factor = next;
      floats = next;
    }
    if (Double.isInfinite(broken)) {
      return new FilmReserve(keeps == 0 ? MOST : keeps, MOST, true);
    }
    double sinks = between(at, floats, broken, null, finder);
    return new FilmReserve(keeps == 0 ? sinks : keeps, sinks, false);
  }

  /** Bisects for the factor at which a posture (or, with none given, floating) ends. */
  private static double between(
      Stage from, double low, double high, Posture posture, RestFinder finder) {
    double holds = low;
    double fails = high;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = Math.sqrt(holds * fails);
      Stage there = from.under(middle, finder);
      boolean ok = there != null && (posture == null || finder.posture(there.pose()) == posture);
      if (ok) {
        holds = middle;
      } else {
        fails = middle;
      }
    }
    return Math.sqrt(holds * fails);
  }

  /** A loaded fly at rest. */
  private record Stage(Pose pose, FilmState state) {
    /** The same fly under another load, or null if it does not come to rest. */
    Stage under(double factor, RestFinder finder) {
      FilmState next = state.copy();
      Settled settled =
          finder.settler().settle(pose, next, ContactLine.MEAN, factor, Settler.ROUGH, MOST_STEPS);
      return settled.outcome() == Outcome.RESTS ? new Stage(settled.pose(), next) : null;
    }
  }
}
