package ripplerest.exchange.format;

import java.util.List;

/**
 * A problem detail (RFC 9457) that points to fields.
 *
 * @param type stable name of the kind of problem
 * @param title short, the same for every problem of this kind
 * @param status HTTP status it goes with
 * @param detail what happened here
 * @param errors one entry a field
 */
public record ProblemDocument(
    String type, String title, int status, String detail, List<FieldProblem> errors) {
  public static final String INVALID_DOCUMENT = "urn:ripple-rest:problem:invalid-document";
}
