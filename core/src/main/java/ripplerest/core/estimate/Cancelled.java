package ripplerest.core.estimate;

/** An estimate was given up because nobody waits for it any more. */
public final class Cancelled extends RuntimeException {
  private static final long serialVersionUID = 1L;

  Cancelled() {
    super("The estimate was cancelled.");
  }
}
