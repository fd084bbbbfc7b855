package ripplerest.app.store;

/** A pattern was changed elsewhere since it was read. */
public final class ConflictException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient PatternEntity stored;

  ConflictException(PatternEntity stored) {
    super("This pattern was changed elsewhere since it was opened here.");
    this.stored = stored;
  }

  /** What the store holds now. */
  public PatternEntity stored() {
    return stored;
  }
}
