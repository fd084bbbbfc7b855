package ripplerest.app.door;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.stereotype.Component;

/**
 * The cookie of a session: kept by a browser for this address alone (its prefix says so), never
 * sent in the clear nor seen by scripts. What is no session's id is not looked for.
 */
@Component
@ConditionalOnProperty("ripplerest.shared")
class SessionCookie extends DefaultCookieSerializer {
  static final String NAME = "__Host-ripple-rest";
  private static final Duration KEPT = Duration.ofDays(14);
  private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

  SessionCookie() {
    setCookieName(NAME);
    setCookiePath("/");
    setUseSecureCookie(true);
    setUseHttpOnlyCookie(true);
    setSameSite("Lax");
    setCookieMaxAge((int) KEPT.toSeconds());
  }

  @Override
  public List<String> readCookieValues(HttpServletRequest request) {
    return super.readCookieValues(request).stream().filter(v -> ID.matcher(v).matches()).toList();
  }
}
