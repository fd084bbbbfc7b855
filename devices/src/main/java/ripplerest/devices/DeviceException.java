package ripplerest.devices;

/** A device gave no reading that can be used. */
public final class DeviceException extends Exception {
  private static final long serialVersionUID = 1;

  /** Why. */
  public enum Why {
    /** Nothing listens there. */
    ABSENT,
    /** It does not answer in time. */
    SILENT,
    /** It says that it cannot read yet. */
    BUSY,
    /** What it says is no reading. */
    GARBLED,
    /** It reads what it cannot. */
    OUT_OF_RANGE
  }

  private final Why why;

  public DeviceException(Why why, String message) {
    super(message);
    this.why = why;
  }

  public Why why() {
    return why;
  }
}
