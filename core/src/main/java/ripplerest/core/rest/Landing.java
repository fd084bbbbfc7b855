package ripplerest.core.rest;

import java.util.Optional;

/**
 * How a landing ended.
 *
 * @param from attitude at touchdown
 * @param pressed the most the water pushed back with, in weights, up to what was asked
 * @param rest where the fly came to rest, if it did
 * @param reason why it did not, empty if it did
 */
public record Landing(Attitude from, double pressed, Optional<Rest> rest, String reason) {}
