package ripplerest.app.log;

import java.time.Instant;
import java.util.UUID;
import ripplerest.core.box.Flies;

/**
 * A fly was tied and stands in the log now; who hears it does so within the same transaction.
 *
 * @param fly its entry
 */
public record FlyTied(UUID fly, Flies flies, Instant at) {}
