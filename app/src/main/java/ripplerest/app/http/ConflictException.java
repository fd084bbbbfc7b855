package ripplerest.app.http;

/** Something was changed elsewhere since whoever changes it now has read it. */
public final class ConflictException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Object stored;

  /**
   * @param what was changed, with the sentence's own end
   * @param stored as it is now
   */
  public ConflictException(String what, Object stored) {
    super(what);
    this.stored = stored;
  }

  /** What is stored now, so that neither version is lost. */
  public Object stored() {
    return stored;
  }
}
