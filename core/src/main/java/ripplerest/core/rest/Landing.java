package ripplerest.core.rest;

import java.util.Optional;

/**
 * How a landing ended.
 *
 * @param from attitude at touchdown
 * @param pressed the most the water pushed back with, in weights, up to what was asked
 * @param rest where the fly came to rest, if it did
 * @param sinks whether it went under; false also where no balance was found
 * @param reason why it did not come to rest, empty if it did
 */
public record Landing(
    Attitude from, double pressed, Optional<Rest> rest, boolean sinks, String reason) {}
