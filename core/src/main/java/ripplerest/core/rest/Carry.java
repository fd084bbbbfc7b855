package ripplerest.core.rest;

import java.util.Optional;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.rest.Settler.Settled;

/**
 * What a fly can carry: the largest weight in water hung from the start of its bend with which it
 * still sinks at {@link #SAFE} times fly and weight together, or more.
 *
 * @param mg largest weight in water, mg; 0 if the fly falls short by itself
 * @param under how it sits with that weight; empty if it carries nothing
 * @param film what was solved there; empty if it carries nothing
 * @param more whether it carries more than that: the search ends where the reserve stops counting
 */
public record Carry(
    double mg, Optional<Rest.End> under, Optional<FilmSolution> film, boolean more) {
  /** Nothing at all. */
  public static final Carry NOTHING = new Carry(0, Optional.empty(), Optional.empty(), false);

  /** A fly that sinks sooner than at this factor carries nothing. */
  public static final double SAFE = 1.25;

  /** How much better the answer may be: a twentieth. */
  private static final double PRECISION = 0.05;

  private static final double LEAST_MG = 0.2;

  /** How far all forces may still move in a sweep where it is drawn, in weights. */
  private static final double SOLVED = 1e-4;

  private static final int STEPS = 4;

  /**
   * @param rest where the fly sits with nothing hung from it
   * @param sinksAt of that rest, in its own weight
   */
  public static Carry of(Rest rest, double sinksAt, RestFinder finder) {
    return of(rest, sinksAt, SAFE, finder);
  }

  /**
   * The same to the last: the largest weight with which it floats at all.
   *
   * @param sinksAt of that rest, in its own weight
   */
  public static Carry most(Rest rest, double sinksAt, RestFinder finder) {
    return of(rest, sinksAt, 1, finder);
  }

  private static Carry of(Rest rest, double sinksAt, double safe, RestFinder finder) {
    double fails = finder.film().body().massMg() * (sinksAt / safe - 1);
    if (fails < LEAST_MG) {
      return NOTHING;
    }
    double holds = 0;
    Optional<Under> under = hung(fails, rest, safe, finder);
    if (under.isPresent()) {
      return with(fails, under.get(), sinksAt >= FilmReserve.MOST, finder);
    }
    while (fails - holds > Math.max(LEAST_MG, PRECISION * fails)) {
      double middle = (holds + fails) / 2;
      Optional<Under> there = hung(middle, rest, safe, finder);
      if (there.isPresent()) {
        holds = middle;
        under = there;
      } else {
        fails = middle;
      }
    }
    return under.isPresent() ? with(holds, under.get(), false, finder) : NOTHING;
  }

  private record Under(Rest.End end, FilmState state) {}

  /** Solved once more in the pose it was found in, since the search has gone on from there. */
  private static Carry with(double mg, Under under, boolean more, RestFinder finder) {
    FilmSolver film = finder.film();
    film.setTolerance(SOLVED * film.weight());
    film.evaluate(under.end().pose(), under.state(), ContactLine.MEAN);
    return new Carry(
        mg,
        Optional.of(under.end()),
        Optional.of(film.solution(under.end().pose(), under.state())),
        more);
  }

  /** How the fly sits with a weight hung from it; empty if that is too much for it. */
  private static Optional<Under> hung(double mg, Rest rest, double safe, RestFinder finder) {
    FilmState state = rest.state().copy();
    Pose pose = rest.pose();
    try {
      for (int k = 1; k <= STEPS; k++) {
        finder.hang(mg * k / STEPS);
        Settled settled = finder.settler().settle(pose, state, ContactLine.MEAN, 1, Settler.ROUGH);
        if (settled.outcome() != Outcome.RESTS) {
          return Optional.empty();
        }
        pose = settled.pose();
      }
      FilmState there = state.copy();
      boolean bears = safe <= 1 || FilmReserve.sinksAt(pose, state, finder) >= safe;
      return bears ? Optional.of(new Under(finder.end(pose), there)) : Optional.empty();
    } finally {
      finder.hang(0);
    }
  }
}
