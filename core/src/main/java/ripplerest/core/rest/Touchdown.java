package ripplerest.core.rest;

import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;

/**
 * How a fly comes down on the film: it decides which fibres pierce and what gets wet. A stated
 * rule, not a simulation, and one that can be replaced.
 */
interface Touchdown {
  /**
   * Brings a fly down.
   *
   * @param clear attitude, and a heave clear of the water
   * @param extent how far any point of the fly may lie from its centre of mass, mm
   */
  Landed press(Balance balance, Pose clear, double extent);

  /**
   * The fly at the bottom of its fall.
   *
   * @param pose there
   * @param state what has pierced and what is wet
   * @param pressed how many times its weight the water pushed back with
   */
  record Landed(Pose pose, FilmState state, double pressed) {}
}
