package ripplerest.app.web;

import java.net.URI;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import ripplerest.app.store.ConflictException;
import ripplerest.app.store.NotFoundException;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.devices.DeviceException;
import ripplerest.exchange.FieldProblem;
import ripplerest.exchange.InvalidDocumentException;
import ripplerest.exchange.ProblemDocument;

/** Turns what went wrong into problem details (RFC 9457) that say which field and what to do. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems {
  private final PatternController patterns;

  Problems(PatternController patterns) {
    this.patterns = patterns;
  }

  @ExceptionHandler
  ProblemDetail invalid(InvalidDocumentException e) {
    ProblemDocument document = e.document();
    ProblemDetail problem = problem(document.status(), document.type(), document.title());
    problem.setDetail(document.detail());
    problem.setProperty("errors", document.errors());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail outOfRange(OutOfRangeException e) {
    return invalid(invalidDocument(e));
  }

  /** A query that names no such word, or a number that is none. */
  @ExceptionHandler
  ProblemDetail mismatch(MethodArgumentTypeMismatchException e) {
    Class<?> type = e.getRequiredType();
    String bound =
        type != null && type.isEnum()
            ? "one of " + Arrays.toString(type.getEnumConstants())
            : "a value of its type";
    return outOfRange(
        new OutOfRangeException(
            e.getName(), "\"" + e.getValue() + "\"", bound, "Use one of these."));
  }

  static ProblemDocument document(OutOfRangeException e) {
    return invalidDocument(e).document();
  }

  private static InvalidDocumentException invalidDocument(OutOfRangeException e) {
    FieldProblem field = new FieldProblem("/" + e.field(), e.value(), e.bound(), e.remedy());
    return new InvalidDocumentException(e.getMessage(), List.of(field));
  }

  @ExceptionHandler
  ProblemDetail notFound(NotFoundException e) {
    ProblemDetail problem =
        problem(404, "urn:ripple-rest:problem:not-found", "There is no such thing here");
    problem.setDetail(e.getMessage());
    return problem;
  }

  /** Carries what is stored, so that neither version is lost. */
  @ExceptionHandler
  ProblemDetail conflict(ConflictException e) {
    ProblemDetail problem =
        problem(412, "urn:ripple-rest:problem:changed-elsewhere", "Changed elsewhere");
    problem.setDetail(e.getMessage());
    problem.setProperties(Map.of("stored", patterns.resource(e.stored())));
    return problem;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> full(LongWork.FullException e) {
    ProblemDetail problem =
        problem(429, "urn:ripple-rest:problem:busy", "Too much is asked at once");
    problem.setDetail(e.getMessage());
    return ResponseEntity.status(429)
        .header("Retry-After", String.valueOf(LongWork.RETRY_SECONDS))
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }

  @ExceptionHandler
  ProblemDetail noReading(DeviceException e) {
    ProblemDetail problem =
        problem(502, "urn:ripple-rest:problem:no-reading", "There is no reading");
    problem.setDetail(e.getMessage());
    problem.setProperty("why", e.why());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail preconditionRequired(Revisions.PreconditionRequiredException e) {
    ProblemDetail problem =
        problem(428, "urn:ripple-rest:problem:revision-missing", "No revision was named");
    problem.setDetail(e.getMessage());
    return problem;
  }

  private static ProblemDetail problem(int status, String type, String title) {
    ProblemDetail problem = ProblemDetail.forStatus(HttpStatus.valueOf(status));
    problem.setType(URI.create(type));
    problem.setTitle(title);
    return problem;
  }
}
