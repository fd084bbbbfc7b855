package ripplerest.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Component;
import ripplerest.app.people.Accounts;
import ripplerest.app.people.Tablets;

/**
 * Who is signed in, by what stands in the session: an id, no more. Who that is and what they may do
 * is asked of the database each time, so that a role that changes, or a tablet that is sent away,
 * is so at once, everywhere.
 */
@Component
class Sessions implements SecurityContextRepository {
  private static final String PERSON = "person";
  private static final String PAIRING = "pairing";
  private static final Duration TABLET_IDLE = Duration.ofHours(12);

  private final Accounts accounts;
  private final Tablets tablets;

  Sessions(Accounts accounts, Tablets tablets) {
    this.accounts = accounts;
    this.tablets = tablets;
  }

  /** Signs somebody in; a session that was there before goes on under another id. */
  void begin(HttpServletRequest request, UUID person) {
    keep(request, person);
  }

  /** The same for a tablet, which follows one fly and is signed in no longer than that. */
  void begin(HttpServletRequest request, UUID person, UUID pairing) {
    HttpSession session = keep(request, person);
    session.setAttribute(PAIRING, pairing.toString());
    session.setMaxInactiveInterval((int) TABLET_IDLE.toSeconds());
  }

  private static HttpSession keep(HttpServletRequest request, UUID person) {
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    HttpSession session = request.getSession(true);
    session.removeAttribute(PAIRING);
    session.setAttribute(PERSON, person.toString());
    session.setAttribute(
        FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME, person.toString());
    return session;
  }

  /** Whoever asks, if that is known. */
  Optional<Visitor> visitor(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session == null || !(session.getAttribute(PERSON) instanceof String person)) {
      return Optional.empty();
    }
    return accounts
        .find(UUID.fromString(person))
        .flatMap(
            account ->
                session.getAttribute(PAIRING) instanceof String pairing
                    ? tablets
                        .followed(UUID.fromString(pairing))
                        .map(followed -> new Visitor(account, followed))
                    : Optional.of(new Visitor(account, null)));
  }

  private SecurityContext context(HttpServletRequest request) {
    return visitor(request)
        .map(
            v ->
                new SecurityContextImpl(
                    UsernamePasswordAuthenticationToken.authenticated(v, null, List.of())))
        .orElseGet(SecurityContextImpl::new);
  }

  @Override
  public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
    return new Deferred(() -> context(request), containsContext(request));
  }

  @Override
  @SuppressWarnings("deprecation") // asked for by the interface
  public SecurityContext loadContext(HttpRequestResponseHolder holder) {
    return context(holder.getRequest());
  }

  /** By name and password; an empty one is signed out, and its session is gone already. */
  @Override
  public void saveContext(
      SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
    Authentication now = context.getAuthentication();
    if (now != null && now.getPrincipal() instanceof SignIn.Known known) {
      begin(request, known.id());
    }
  }

  @Override
  public boolean containsContext(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    return session != null && session.getAttribute(PERSON) != null;
  }

  /** Read when it is first asked for. */
  private static final class Deferred implements DeferredSecurityContext {
    private final Supplier<SecurityContext> read;
    private final boolean there;
    private SecurityContext context;

    Deferred(Supplier<SecurityContext> read, boolean there) {
      this.read = read;
      this.there = there;
    }

    @Override
    public SecurityContext get() {
      if (context == null) {
        context = read.get();
      }
      return context;
    }

    @Override
    public boolean isGenerated() {
      return !there;
    }
  }
}
