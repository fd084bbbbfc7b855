package ripplerest.app.http;

import java.util.UUID;

/** There is no such thing, or it was deleted. */
public final class NotFoundException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /**
   * @param what pattern, fly, hook, style or material
   * @param id which
   */
  public NotFoundException(String what, Object id) {
    super(
        "There is no %s %s; it may have been deleted. Look among what was lately deleted, or choose another from the list."
            .formatted(what, id));
  }

  public NotFoundException(UUID pattern) {
    this("pattern", pattern);
  }
}
