package ripplerest.app.store;

import java.util.UUID;

/** There is no such pattern, or it was deleted. */
public final class NotFoundException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  NotFoundException(UUID id) {
    super("There is no pattern " + id + "; it may have been deleted. Open another from the list.");
  }
}
