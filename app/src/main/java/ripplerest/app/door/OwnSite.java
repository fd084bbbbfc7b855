package ripplerest.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses a change that another site asks for (cross-site request forgery). Where one is alone
 * there are no accounts: then the application answers on loopback only, and refuses a foreign Host
 * header (DNS rebinding).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnSite extends OncePerRequestFilter {
  private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]", "::1");
  private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");
  private static final Set<String> OWN_SITES = Set.of("same-origin", "none");

  private final boolean shared;

  OwnSite(@Value("${ripplerest.shared:false}") boolean shared) {
    this.shared = shared;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!shared && !LOOPBACK.contains(request.getServerName())) {
      response.sendError(421, "This application answers on 127.0.0.1 only.");
    } else if (!READS.contains(request.getMethod()) && isForeign(request)) {
      response.sendError(403, "Changes are taken from this application's own pages only.");
    } else {
      chain.doFilter(request, response);
    }
  }

  private boolean isForeign(HttpServletRequest request) {
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
      int port = from.getPort() < 0 && "https".equals(from.getScheme()) ? 443 : from.getPort();
      return host == null || !isOurs(host, request) || port != request.getServerPort();
    } catch (URISyntaxException e) {
      return true;
    }
  }

  private boolean isOurs(String host, HttpServletRequest request) {
    return shared ? host.equalsIgnoreCase(request.getServerName()) : LOOPBACK.contains(host);
  }
}
