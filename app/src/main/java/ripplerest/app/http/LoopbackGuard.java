package ripplerest.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The application has one user and no accounts: it answers on loopback only, refuses a foreign Host
 * header (DNS rebinding) and a change that another site asks for (cross-site request forgery).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LoopbackGuard extends OncePerRequestFilter {
  private static final Set<String> OURS = Set.of("127.0.0.1", "localhost", "[::1]", "::1");
  private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");
  private static final Set<String> OWN_SITES = Set.of("same-origin", "none");

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!OURS.contains(request.getServerName())) {
      response.sendError(421, "This application answers on 127.0.0.1 only.");
    } else if (!READS.contains(request.getMethod()) && isForeign(request)) {
      response.sendError(403, "Changes are taken from this application's own pages only.");
    } else {
      chain.doFilter(request, response);
    }
  }

  private static boolean isForeign(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    if (site != null && !OWN_SITES.contains(site)) {
      return true;
    }
    String origin = request.getHeader("Origin");
    if (origin == null) {
      return false;
    }
    try {
      URI from = new URI(origin);
      String host = from.getHost(); // none in "null", mailto: and the like
      return host == null || !OURS.contains(host) || from.getPort() != request.getServerPort();
    } catch (URISyntaxException e) {
      return true;
    }
  }
}
