package ripplerest.app.http;

/** So much is asked for already that another would wait for too long. */
public final class BusyException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final int retrySeconds;

  /**
   * @param message what is asked for already, and what to do
   * @param retrySeconds after which it may be asked again
   */
  public BusyException(String message, int retrySeconds) {
    super(message);
    this.retrySeconds = retrySeconds;
  }

  int retrySeconds() {
    return retrySeconds;
  }
}
