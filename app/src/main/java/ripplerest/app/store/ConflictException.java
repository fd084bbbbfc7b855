package ripplerest.app.store;

import java.util.Optional;

/** A thing was changed elsewhere since it was read; carries what is stored, so neither is lost. */
public final class ConflictException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient PatternEntity pattern;
  private final transient LogStore.Entry fly;
  private final transient LogStore.Tying tying;

  ConflictException(PatternEntity stored) {
    super("This pattern was changed elsewhere since it was opened here.");
    pattern = stored;
    fly = null;
    tying = null;
  }

  ConflictException(LogStore.Entry stored) {
    super("This fly of the log was changed elsewhere since it was opened here.");
    pattern = null;
    fly = stored;
    tying = null;
  }

  ConflictException(LogStore.Tying stored) {
    super("This fly was gone on with elsewhere since this page was opened.");
    pattern = null;
    fly = null;
    tying = stored;
  }

  /** The pattern as it is stored now, if that is what was changed. */
  public Optional<PatternEntity> pattern() {
    return Optional.ofNullable(pattern);
  }

  /** The logged fly as it is stored now, if that is what was changed. */
  public Optional<LogStore.Entry> fly() {
    return Optional.ofNullable(fly);
  }

  /** The fly on the vise as it is stored now, if that is what was changed. */
  public Optional<LogStore.Tying> tying() {
    return Optional.ofNullable(tying);
  }
}
