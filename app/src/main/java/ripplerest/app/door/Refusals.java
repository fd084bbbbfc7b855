package ripplerest.app.door;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** What is answered at the door, as problem details (RFC 9457). */
final class Refusals {
  private Refusals() {}

  static void notSignedIn(HttpServletResponse response) throws IOException {
    write(response, 401, "not-signed-in", "Nobody is signed in", "Sign in, then ask again.");
  }

  static void notAllowed(HttpServletResponse response) throws IOException {
    write(
        response,
        403,
        "not-allowed",
        "This is not for you to do",
        "Ask a warden to do it, or to let you.");
  }

  /** The page was opened before somebody signed in or out in the same browser. */
  static void oldPage(HttpServletResponse response) throws IOException {
    write(
        response,
        403,
        "old-page",
        "This page is older than who is signed in",
        "Nothing was changed. Reload the page, then do it again.");
  }

  /** The same words whether the name or the password was wrong. */
  static void wrong(HttpServletResponse response) throws IOException {
    write(
        response,
        401,
        "wrong",
        "Name and password do not belong together",
        "Type both anew; whoever has forgotten the password asks a warden for a new invitation.");
  }

  static void tooOften(HttpServletResponse response, long seconds) throws IOException {
    response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(seconds));
    String wait = seconds < 120 ? seconds + " seconds" : (seconds + 59) / 60 + " minutes";
    write(
        response,
        429,
        "too-often",
        "Tried too often",
        "Wait " + wait + ", then try again. Nothing was looked at this time.");
  }

  private static void write(
      HttpServletResponse response, int status, String type, String title, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response
        .getWriter()
        .write(
            JsonMapper.shared()
                .writeValueAsString(
                    Map.of(
                        "type",
                        "urn:ripple-rest:problem:" + type,
                        "title",
                        title,
                        "status",
                        status,
                        "detail",
                        detail)));
  }
}
