package ripplerest.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What a browser may do with an answer: nothing from elsewhere, in no frame, as the type it says.
 * The page itself has a policy of its own, with a nonce; see {@link Pages}.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class SafetyHeaders extends OncePerRequestFilter {
  static final String POLICY = "Content-Security-Policy";

  private final boolean shared;

  SafetyHeaders(@Value("${ripplerest.shared:false}") boolean shared) {
    this.shared = shared;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader(POLICY, "default-src 'none'; frame-ancestors 'none'");
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("X-Frame-Options", "DENY");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    if (shared) {
      // what is somebody's is not left in a browser that others use too
      response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    }
    if (request.isSecure()) {
      response.setHeader("Strict-Transport-Security", "max-age=31536000");
    }
    String type = request.getContentType();
    if (type != null && type.contains("*")) {
      response.sendError(
          415, "Content-Type names the one type of the body."); // Spring faults on it
      return;
    }
    chain.doFilter(request, response);
  }
}
