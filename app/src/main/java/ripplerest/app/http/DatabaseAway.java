package ripplerest.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says that the database is away where people share it: who is signed in stands there too, so that
 * no request gets as far as those who would say so.
 */
@Component
@ConditionalOnProperty("ripplerest.shared")
@Order(Ordered.HIGHEST_PRECEDENCE + 20) // before sessions
class DatabaseAway extends OncePerRequestFilter {
  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (RuntimeException e) {
      if (response.isCommitted() || !isOfDatabase(e)) {
        throw e;
      }
      Problems.write(e, response);
    }
  }

  private static boolean isOfDatabase(Throwable e) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof SQLException) {
        return true;
      }
    }
    return false;
  }
}
