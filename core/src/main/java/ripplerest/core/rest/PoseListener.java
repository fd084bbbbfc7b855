package ripplerest.core.rest;

import java.util.function.Supplier;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.film.Pose;

/** Told every pose that a fly passes through on its way down and to rest. */
@FunctionalInterface
public interface PoseListener {
  /** Tells nobody. */
  PoseListener UNSEEN = (pose, solved) -> {};

  /**
   * @param solved what was solved there; asked for at once or not at all
   */
  void passes(Pose pose, Supplier<FilmSolution> solved);
}
