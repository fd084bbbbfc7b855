package ripplerest.app.people;

import java.time.Instant;
import java.util.UUID;

/** Somebody who may come in, unless it was closed to them. */
public record Account(UUID id, String name, Role role, Instant since, boolean closed) {}
