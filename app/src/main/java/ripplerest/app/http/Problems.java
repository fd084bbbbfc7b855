package ripplerest.app.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.devices.DeviceException;
import ripplerest.exchange.format.FieldProblem;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.ProblemDocument;
import tools.jackson.databind.json.JsonMapper;

/** Turns what went wrong into problem details (RFC 9457) that say which field and what to do. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
public class Problems {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  private static final int AWAY = 503;
  private static final String RETRY_SECONDS = "5";

  private final List<Shown<?>> shown;

  public Problems(List<Shown<?>> shown) {
    this.shown = shown;
  }

  @ExceptionHandler
  ProblemDetail invalid(InvalidDocumentException e) {
    return detail(e);
  }

  private static ProblemDetail detail(InvalidDocumentException e) {
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

  public static ProblemDocument document(OutOfRangeException e) {
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
    problem.setProperty("stored", sent(e.stored()));
    return problem;
  }

  private Object sent(Object stored) {
    return shown.stream()
        .filter(s -> s.type().isInstance(stored))
        .findFirst()
        .map(s -> as(s, stored))
        .orElse(stored);
  }

  private static <T> Object as(Shown<T> shown, Object stored) {
    return shown.of(shown.type().cast(stored));
  }

  /** Whatever the database says no to. */
  @ExceptionHandler({DataAccessException.class, TransactionException.class})
  ResponseEntity<ProblemDetail> notKept(RuntimeException e) {
    return answer(stored(e));
  }

  /** For filters, which no handler sees. */
  public static void write(RuntimeException e, HttpServletResponse response) throws IOException {
    ProblemDetail problem =
        e instanceof OutOfRangeException o ? detail(invalidDocument(o)) : stored(e);
    response.resetBuffer();
    response.setStatus(problem.getStatus());
    if (problem.getStatus() == AWAY) {
      response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
    }
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    // by the stream: an answer that did not come to its end was begun by it
    response.getOutputStream().write(JsonMapper.shared().writeValueAsBytes(flat(problem)));
  }

  private static Map<String, Object> flat(ProblemDetail problem) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("type", String.valueOf(problem.getType()));
    all.put("title", problem.getTitle());
    all.put("status", problem.getStatus());
    all.put("detail", problem.getDetail());
    if (problem.getProperties() != null) {
      all.putAll(problem.getProperties());
    }
    return all;
  }

  private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
    ResponseEntity.BodyBuilder answer =
        ResponseEntity.status(problem.getStatus()).contentType(MediaType.APPLICATION_PROBLEM_JSON);
    if (problem.getStatus() == AWAY) {
      answer.header(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
    }
    return answer.body(problem);
  }

  /**
   * What the database refused, by its SQLSTATE (PostgreSQL's documentation, appendix A): a race
   * that was lost, a full disk, or a database that is away. Nothing was changed in any of them.
   */
  private static ProblemDetail stored(RuntimeException e) {
    String state = sqlState(e);
    if (e instanceof ConcurrencyFailureException || state.matches("23505|40001|40P01|55P03")) {
      ProblemDetail problem =
          problem(409, "urn:ripple-rest:problem:same-time", "Changed at the same moment");
      problem.setDetail(
          "Somebody else changed the same thing at the same moment. Nothing of this change was"
              + " kept; look at what is there now and send it again.");
      return problem;
    }
    if (state.startsWith("22")) {
      return detail(
          invalidDocument(
              new OutOfRangeException(
                  "value", "one that cannot be stored", "plain text and numbers", "Change it.")));
    }
    if (state.equals("53100")) {
      ProblemDetail problem = problem(507, "urn:ripple-rest:problem:disk-full", "The disk is full");
      problem.setDetail(
          "The disk with your data is full, so nothing more can be kept. What was kept before is"
              + " safe. Free some space and send this again.");
      return problem;
    }
    LOG.warn("The database did not answer as it should: {}", e.getMessage());
    ProblemDetail problem =
        problem(AWAY, "urn:ripple-rest:problem:database-away", "The database does not answer");
    problem.setDetail(
        "The database does not answer, so nothing was changed. It may be starting, or its disk may"
            + " be full; try again in a moment.");
    return problem;
  }

  private static String sqlState(Throwable e) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof SQLException s && s.getSQLState() != null) {
        return s.getSQLState();
      }
    }
    return "";
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> busy(BusyException e) {
    ProblemDetail problem =
        problem(429, "urn:ripple-rest:problem:busy", "Too much is asked at once");
    problem.setDetail(e.getMessage());
    return ResponseEntity.status(429)
        .header("Retry-After", String.valueOf(e.retrySeconds()))
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
