package ripplerest.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import ripplerest.app.people.CurrentPerson;

/** What is asked for from here on is asked as whoever is signed in, for them or for the club. */
final class AsVisitor extends OncePerRequestFilter {
  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false; // it may be on another thread
  }

  @Override
  protected boolean shouldNotFilterErrorDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    CurrentPerson.Stay stay = acting(request).begin();
    try {
      chain.doFilter(request, response);
    } finally {
      stay.end();
    }
  }

  private static CurrentPerson.Acting acting(HttpServletRequest request) {
    Authentication now = SecurityContextHolder.getContext().getAuthentication();
    if (now == null || !(now.getPrincipal() instanceof Visitor visitor)) {
      return new CurrentPerson.Acting(CurrentPerson.NOBODY, CurrentPerson.NOBODY);
    }
    if (visitor.isTablet()) {
      return new CurrentPerson.Acting(visitor.follows().owner(), visitor.account().id());
    }
    return new CurrentPerson.Acting(
        ClubRoom.isIn(request) ? CurrentPerson.CLUB : visitor.account().id(),
        visitor.account().id());
  }
}
