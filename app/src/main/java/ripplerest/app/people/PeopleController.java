package ripplerest.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.quantity.Require;

/** Who is here, and who may come. */
@RestController
class PeopleController {
  private final Accounts accounts;
  private final Invitations invitations;
  private final Visits visits;
  private final boolean shared;

  PeopleController(
      Accounts accounts,
      Invitations invitations,
      Visits visits,
      @Value("${ripplerest.shared:false}") boolean shared) {
    this.accounts = accounts;
    this.invitations = invitations;
    this.visits = visits;
    this.shared = shared;
  }

  /** Somebody who may come in. */
  record Member(UUID id, String name, Role role, Instant since, boolean closed) {
    static Member of(Account a) {
      return new Member(a.id(), a.name(), a.role(), a.since(), a.closed());
    }
  }

  /** All who may come in; links that nobody has used yet, where a warden asks. */
  record PeopleView(List<Member> people, List<Invitations.Invitation> invitations) {}

  record NewInvitation(Role role, String note) {}

  record NewRole(Role role) {}

  record NewName(String name) {}

  record NewPassword(String before, String password) {}

  @GetMapping("/api/people")
  PeopleView people() {
    boolean warden =
        !shared
            || accounts
                .find(CurrentPerson.actor())
                .filter(a -> a.role() == Role.WARDEN)
                .isPresent();
    return new PeopleView(
        accounts.all().stream().map(Member::of).toList(), warden ? invitations.open() : List.of());
  }

  @PutMapping("/api/people/{id}/role")
  Member become(@PathVariable UUID id, @RequestBody NewRole role) {
    return Member.of(accounts.become(id, Require.sent("role", role.role())));
  }

  @PostMapping("/api/invitations")
  @ResponseStatus(HttpStatus.CREATED)
  Invitations.FreshInvitation invite(@RequestBody NewInvitation wanted) {
    return invitations.add(Require.sent("role", wanted.role()), wanted.note());
  }

  @DeleteMapping("/api/invitations/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revoke(@PathVariable UUID id) {
    invitations.revoke(id);
  }

  /**
   * A link by which somebody who forgot their password, or to whom it was closed, comes in again.
   */
  @PostMapping("/api/people/{id}/invitation")
  @ResponseStatus(HttpStatus.CREATED)
  Invitations.FreshInvitation inviteAgain(@PathVariable UUID id) {
    return invitations.again(id);
  }

  /** Closes it to somebody; what is theirs stays until they come again. */
  @DeleteMapping("/api/people/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void close(@PathVariable UUID id) {
    accounts.close(id);
    visits.end(id, "");
  }

  @PutMapping("/api/me/name")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void call(@RequestBody NewName to) {
    accounts.call(CurrentPerson.actor(), to.name());
  }

  /** Another password; wherever else one is signed in one is so no more. */
  @PutMapping("/api/me/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(@RequestBody NewPassword to, HttpServletRequest request) {
    accounts.change(CurrentPerson.actor(), to.before(), to.password());
    visits.end(
        CurrentPerson.actor(),
        request.getRequestedSessionId() == null ? "" : request.getSession().getId());
  }
}
