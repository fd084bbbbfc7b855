package ripplerest.core.rest;

import java.util.Optional;

/**
 * How a landing ended.
 *
 * @param from attitude at touchdown
 * @param pressed the most the water pushed back with, in weights, up to what was asked
 * @param outcome whether it rests, sinks, or neither was found
 * @param rest where the fly came to rest, if it did
 * @param noRest why it did not come to rest, empty if it did
 * @param film what of the film was left unsolved on the way
 */
public record Landing(
    Attitude from,
    double pressed,
    Outcome outcome,
    Optional<Rest> rest,
    Optional<NoRest> noRest,
    Unsolved film) {

  /**
   * Poses on the way in which the film's forces had not settled when their sweeps ran out.
   *
   * @param poses that were asked for
   * @param unconverged how many of them
   * @param worstWeights by how much all forces together still moved in the last sweep of the worst,
   *     in weights of the fly
   */
  public record Unsolved(long poses, long unconverged, double worstWeights) {}
}
