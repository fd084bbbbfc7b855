package ripplerest.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Every page and every question there is, once more under /club: there it is about what is the
 * club's. So the club has the book, bench, boxes and outings that each tier has, and none of them
 * knows that there is a club.
 */
@Component
@ConditionalOnProperty("ripplerest.shared")
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class ClubRoom extends OncePerRequestFilter {
  private static final String ROOM = "/club";

  static boolean isIn(HttpServletRequest request) {
    return request.getAttribute(ROOM) != null;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return !path.equals(ROOM) && !path.startsWith(ROOM + "/");
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false; // the path is written anew for each dispatch
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    request.setAttribute(ROOM, true);
    chain.doFilter(new Within(request), response);
  }

  /** The request without the room before its path. */
  private static final class Within extends HttpServletRequestWrapper {
    Within(HttpServletRequest request) {
      super(request);
    }

    private static String without(String path) {
      return path.length() == ROOM.length() ? "/" : path.substring(ROOM.length());
    }

    @Override
    public String getRequestURI() {
      return without(super.getRequestURI());
    }

    @Override
    public String getServletPath() {
      String path = super.getServletPath();
      return path.startsWith(ROOM) ? without(path) : path;
    }

    @Override
    public String getPathInfo() {
      String path = super.getPathInfo();
      return path != null && path.startsWith(ROOM) ? without(path) : path;
    }
  }
}
