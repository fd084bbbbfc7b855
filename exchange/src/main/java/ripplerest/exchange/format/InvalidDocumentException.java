package ripplerest.exchange.format;

import java.util.List;

/** A document that cannot be read, with every field that is wrong. */
public final class InvalidDocumentException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<FieldProblem> problems;

  public InvalidDocumentException(String detail, List<FieldProblem> problems) {
    super(detail);
    this.problems = List.copyOf(problems);
  }

  public List<FieldProblem> problems() {
    return problems;
  }

  /** The same problems of a document that stands under a pointer in another. */
  InvalidDocumentException under(String pointer) {
    return new InvalidDocumentException(
        getMessage(),
        problems.stream()
            .map(p -> new FieldProblem(pointer + p.pointer(), p.value(), p.bound(), p.remedy()))
            .toList());
  }

  /** The same as a problem document (RFC 9457), for those who do not speak HTTP. */
  public ProblemDocument document() {
    return new ProblemDocument(
        ProblemDocument.INVALID_DOCUMENT, "The document is not valid", 422, getMessage(), problems);
  }
}
