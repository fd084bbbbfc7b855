package ripplerest.app;

import java.net.HttpCookie;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/** Somebody's browser before the shared application: keeps cookies, sends the token of changes. */
final class Someone {
  static final String PASSWORD = "amber heron walks late";

  final RunningApplication app;
  final Map<String, String> cookies = new TreeMap<>();

  Someone(RunningApplication app) {
    this.app = app;
  }

  /** The same person's browser, sent to another copy of the application. */
  Someone at(RunningApplication other) {
    Someone same = new Someone(other);
    same.cookies.putAll(cookies);
    return same;
  }

  /** A warden of the shared application; the first of them has what was there. */
  static Someone warden() throws Exception {
    Someone first = new Someone(RunningApplication.shared());
    if (first.signIn("Warden", PASSWORD).status() != 204) {
      first.join(RunningApplication.FIRST, "Warden");
    }
    return first;
  }

  /** Somebody new, in a role. */
  static Someone fresh(String role) throws Exception {
    RunningApplication.Answer link =
        warden().send("POST", "/api/invitations", "{\"role\":\"%s\"}".formatted(role));
    Someone someone = new Someone(RunningApplication.shared());
    someone.join(
        link.json().get("token").asString(), "P" + UUID.randomUUID().toString().substring(0, 8));
    return someone;
  }

  RunningApplication.Answer join(String token, String name) throws Exception {
    return send(
        "POST",
        "/api/join",
        "{\"token\":\"%s\",\"name\":\"%s\",\"password\":\"%s\"}".formatted(token, name, PASSWORD));
  }

  RunningApplication.Answer signIn(String name, String password) throws Exception {
    String form =
        "name=%s&password=%s"
            .formatted(
                URLEncoder.encode(name, StandardCharsets.UTF_8),
                URLEncoder.encode(password, StandardCharsets.UTF_8));
    return send("POST", "/api/session", form, "Content-Type", "application/x-www-form-urlencoded");
  }

  RunningApplication.Answer get(String path) throws Exception {
    return send("GET", path, null);
  }

  RunningApplication.Answer send(String method, String path, String body, String... headers)
      throws Exception {
    if (!cookies.containsKey("XSRF-TOKEN")) {
      keep(app.send("GET", "/api/me", null, cookie()));
    }
    return raw(method, path, body, with(headers, "X-XSRF-TOKEN", cookies.get("XSRF-TOKEN")));
  }

  /** With these headers and the cookies, and nothing else. */
  RunningApplication.Answer raw(String method, String path, String body, String... headers)
      throws Exception {
    return keep(app.send(method, path, body, with(headers, cookie())));
  }

  private String[] cookie() {
    List<String> pairs = new ArrayList<>();
    cookies.forEach((name, value) -> pairs.add(name + "=" + value));
    return new String[] {"Cookie", String.join("; ", pairs)};
  }

  private static String[] with(String[] headers, String... more) {
    List<String> all = new ArrayList<>(List.of(headers));
    all.addAll(List.of(more));
    return all.toArray(String[]::new);
  }

  private RunningApplication.Answer keep(RunningApplication.Answer answer) {
    for (String line : answer.response().headers().allValues("Set-Cookie")) {
      HttpCookie cookie = HttpCookie.parse(line).get(0);
      if (cookie.getValue().isEmpty()) {
        cookies.remove(cookie.getName());
      } else {
        cookies.put(cookie.getName(), cookie.getValue());
      }
    }
    return answer;
  }
}
