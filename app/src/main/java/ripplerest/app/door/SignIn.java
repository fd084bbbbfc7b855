package ripplerest.app.door;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Component;
import ripplerest.app.people.Account;
import ripplerest.app.people.Accounts;

/** Accounts as Spring Security asks for them. */
@Component
class SignIn implements UserDetailsService {
  private final Accounts accounts;

  SignIn(Accounts accounts) {
    this.accounts = accounts;
  }

  @Override
  public Known loadUserByUsername(String name) {
    Account account =
        accounts.called(name).orElseThrow(() -> new UsernameNotFoundException("nobody"));
    return new Known(account.id(), accounts.password(account.id()));
  }

  /** Somebody who is asked for a password. */
  static final class Known implements UserDetails, CredentialsContainer {
    private static final long serialVersionUID = 1L;

    private final UUID id;
    private String password;

    Known(UUID id, String password) {
      this.id = id;
      this.password = password;
    }

    UUID id() {
      return id;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
      return List.of();
    }

    @Override
    public String getPassword() {
      return password;
    }

    @Override
    public String getUsername() {
      return id.toString();
    }

    @Override
    public void eraseCredentials() {
      password = null;
    }
  }
}
