package ripplerest.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.people.Account;
import ripplerest.app.people.Accounts;
import ripplerest.app.people.CurrentPerson;
import ripplerest.app.people.Invitations;
import ripplerest.app.people.Role;
import ripplerest.app.people.Tablets;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * Coming in: who one is here, and for the first time by a link, or as a tablet by what it scanned.
 */
@RestController
class JoinController {
  private final Sessions sessions;
  private final Invitations invitations;
  private final Tablets tablets;
  private final Accounts accounts;
  private final CsrfAuthenticationStrategy csrf;
  private final boolean shared;

  JoinController(
      Sessions sessions,
      Invitations invitations,
      Tablets tablets,
      Accounts accounts,
      CsrfAuthenticationStrategy csrf,
      @Value("${ripplerest.shared:false}") boolean shared) {
    this.sessions = sessions;
    this.invitations = invitations;
    this.tablets = tablets;
    this.accounts = accounts;
    this.csrf = csrf;
    this.shared = shared;
  }

  /** Somebody who is signed in. */
  record Somebody(UUID id, String name, Role role) {}

  /** What a tablet follows, and whether it is the club's. */
  record Follows(UUID pattern, boolean club) {}

  /**
   * Who asks.
   *
   * @param shared whether there are people here at all
   * @param person null where nobody is signed in
   * @param follows of a tablet, else null
   */
  record MeView(boolean shared, Somebody person, Follows follows) {}

  record Secret(String token) {}

  /** As what one would come in, and by which name one is here already; empty for somebody new. */
  record Offer(Role role, String name) {}

  record Joining(String token, String name, String password) {}

  /** Asks for the token that changes carry, too, so that a page that was just opened has one. */
  @GetMapping("/api/me")
  MeView me(HttpServletRequest request) {
    if (!shared) {
      return new MeView(false, null, null);
    }
    Optional<Visitor> visitor = sessions.visitor(request);
    return new MeView(
        true,
        visitor
            .map(Visitor::account)
            .map(a -> new Somebody(a.id(), a.name(), a.role()))
            .orElse(null),
        visitor.map(Visitor::follows).map(JoinController::follows).orElse(null));
  }

  private static Follows follows(Tablets.Followed followed) {
    return new Follows(followed.pattern(), followed.owner().equals(CurrentPerson.CLUB));
  }

  /** Looks at a link before anything is typed. */
  @PostMapping("/api/join/look")
  Offer look(@RequestBody Secret link) {
    Invitations.Offer offer = invitations.good(Require.text("link", link.token(), 100));
    return new Offer(
        offer.role(),
        accounts.all().stream()
            .filter(a -> a.id().equals(offer.person()))
            .map(Account::name)
            .findFirst()
            .orElse(""));
  }

  /** Comes in for the first time, and is signed in. */
  @PostMapping("/api/join")
  Somebody join(
      @RequestBody Joining joining, HttpServletRequest request, HttpServletResponse response) {
    requireShared();
    Account account =
        invitations.join(
            Require.text("link", joining.token(), 100), joining.name(), joining.password());
    sessions.begin(request, account.id());
    csrf.onAuthentication(null, request, response);
    return new Somebody(account.id(), account.name(), account.role());
  }

  /** A tablet comes in by what it scanned; whoever is signed in here already is not sent away. */
  @PostMapping("/api/tablet")
  Follows follow(
      @RequestBody Secret scanned, HttpServletRequest request, HttpServletResponse response) {
    requireShared();
    String token = Require.text("code", scanned.token(), 100);
    if (sessions.visitor(request).filter(v -> !v.isTablet()).isPresent()) {
      throw new OutOfRangeException(
          "tablet",
          "somebody is signed in on it",
          "one on which nobody is signed in",
          "Sign out on it first, or open the fly from the book.");
    }
    Tablets.Followed followed = tablets.scan(token);
    sessions.begin(request, followed.actor(), followed.pairing());
    csrf.onAuthentication(null, request, response);
    return follows(followed);
  }

  private void requireShared() {
    if (!shared) {
      throw new OutOfRangeException(
          "people", "one alone", "several", "Start it with ./ripple-rest start --shared.");
    }
  }
}
