package ripplerest.core.rest;

import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;

/** Told every pose that a fly passes through on its way down and to rest. */
@FunctionalInterface
public interface Passing {
  /** Tells nobody. */
  Passing UNSEEN = (pose, state, line) -> {};

  /**
   * @param state as it is now; it changes afterwards
   * @param line which way contact lines slide
   */
  void through(Pose pose, FilmState state, ContactLine line);
}
