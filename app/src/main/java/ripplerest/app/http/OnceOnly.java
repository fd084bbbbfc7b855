package ripplerest.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;
import ripplerest.exchange.format.LogFile;

/**
 * A change that names an idempotency key happens once however often it is sent. The whole request
 * is one transaction with its key, and is answered when that is kept. It comes after those filters
 * that say who asks (at -100), for a key is its sender's own.
 */
@Component
@Order(-50)
public class OnceOnly extends OncePerRequestFilter {
  public static final String KEY = "Idempotency-Key";

  private static final Set<String> CHANGES = Set.of("POST", "PUT", "DELETE", "PATCH");

  /**
   * Questions that are asked by POST change nothing; an import sees to its key itself, and coming
   * in is a session's, which is kept outside of the change.
   */
  private static final Set<String> NO_CHANGES =
      Set.of(
          "/api/answers",
          "/api/estimates",
          "/api/surfaces",
          "/api/settlings",
          "/api/comparisons",
          "/api/disagreements",
          "/api/lengths",
          "/api/practice/exercises",
          "/api/tests/learning",
          "/api/book/imports",
          "/api/join/look",
          "/api/join",
          "/api/tablet",
          "/api/shared");

  private static final List<String> KEPT_HEADERS =
      List.of(HttpHeaders.CONTENT_TYPE, HttpHeaders.ETAG, HttpHeaders.LOCATION);

  private final AnsweredChanges changes;

  public OnceOnly(AnsweredChanges changes) {
    this.changes = changes;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return request.getHeader(KEY) == null
        || !CHANGES.contains(request.getMethod())
        || NO_CHANGES.contains(request.getRequestURI())
        || request.getContentLengthLong() > LogFile.MOST_BYTES; // refused further on
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    byte[] body = request.getInputStream().readNBytes(LogFile.MOST_BYTES + 1);
    String query = request.getQueryString() == null ? "" : request.getQueryString();
    String named = request.getMethod() + " " + request.getRequestURI() + "?" + query;
    try {
      ContentCachingResponseWrapper buffer = new ContentCachingResponseWrapper(response);
      AnsweredChanges.Answer answer =
          changes.once(
              request.getHeader(KEY),
              Fingerprint.of(named, request.getHeader(HttpHeaders.IF_MATCH), body),
              a -> a.status() < 400,
              () -> answer(chain, new Whole(request, body), buffer));
      response.setStatus(answer.status());
      answer.headers().forEach(response::setHeader);
      byte[] bytes = answer.body();
      response.setContentLength(bytes.length);
      response.getOutputStream().write(bytes);
    } catch (Wrapped e) {
      throw e.servlet;
    } catch (UncheckedIOException e) {
      throw e.getCause();
    } catch (RuntimeException e) {
      Problems.write(e, response);
    }
  }

  private static AnsweredChanges.Answer answer(
      FilterChain chain, HttpServletRequest request, ContentCachingResponseWrapper buffer) {
    try {
      chain.doFilter(request, buffer);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (ServletException e) {
      throw new Wrapped(e);
    }
    Map<String, String> headers = new HashMap<>();
    for (String name : KEPT_HEADERS) {
      String value =
          name.equals(HttpHeaders.CONTENT_TYPE) ? buffer.getContentType() : buffer.getHeader(name);
      if (value != null) {
        headers.put(name, value);
      }
    }
    return new AnsweredChanges.Answer(buffer.getStatus(), headers, buffer.getContentAsByteArray());
  }

  /** What a filter may throw, through a transaction that may not. */
  private static final class Wrapped extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient ServletException servlet;

    Wrapped(ServletException servlet) {
      super(servlet);
      this.servlet = servlet;
    }
  }

  /** A request whose body was read already: no transaction waits for a slow sender. */
  private static final class Whole extends HttpServletRequestWrapper {
    private final ByteArrayInputStream body;

    Whole(HttpServletRequest request, byte[] body) {
      super(request);
      this.body = new ByteArrayInputStream(body);
    }

    @Override
    public ServletInputStream getInputStream() {
      return new ServletInputStream() {
        @Override
        public int read() {
          return body.read();
        }

        @Override
        public int read(byte[] into, int from, int most) {
          return body.read(into, from, most);
        }

        @Override
        public boolean isFinished() {
          return body.available() == 0;
        }

        @Override
        public boolean isReady() {
          return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
          throw new UnsupportedOperationException("read at once");
        }
      };
    }
  }
}
