package ripplerest.app.http;

/** Revisions as entity tags (RFC 9110, 8.8.3), there and back. */
public final class Revisions {
  private Revisions() {}

  public static String tag(long revision) {
    return "\"" + revision + "\"";
  }

  /** The revision of an If-Match header; refuses a missing or foreign one. */
  public static long required(String ifMatch) {
    if (ifMatch == null || !ifMatch.matches("\"\\d{1,18}\"")) {
      throw new PreconditionRequiredException();
    }
    return Long.parseLong(ifMatch.substring(1, ifMatch.length() - 1));
  }

  /** A change did not say which revision it was made to. */
  static final class PreconditionRequiredException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    PreconditionRequiredException() {
      super("Send the revision you changed in If-Match, as in If-Match: \"3\".");
    }
  }
}
