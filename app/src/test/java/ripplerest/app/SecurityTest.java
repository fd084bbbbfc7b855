package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import ripplerest.app.door.DoorAccess;

/** Who may come in and what they may do, tried as somebody who means harm would. */
class SecurityTest {
  private static final String SESSION = "__Host-ripple-rest";

  /** What is refused where one is alone; tried here. */
  static final List<String> AMONG_PEOPLE =
      List.of(
          "POST /api/join",
          "POST /api/join/look",
          "POST /api/tablet",
          "POST /api/shared",
          "POST /api/shared/copies",
          "POST /api/invitations",
          "PUT /api/me/name",
          "PUT /api/me/password",
          "POST /api/me/leaving",
          "POST /api/patterns/{id}/club",
          "POST /api/patterns/{id}/own",
          "POST /api/patterns/{id}/comments");

  private static Someone warden;
  private static Someone tier;
  private static Someone guest;

  @BeforeAll
  static void people() throws Exception {
    warden = Someone.warden();
    tier = Someone.fresh("TIER");
    guest = Someone.fresh("GUEST");
  }

  private static Someone stranger() {
    return new Someone(RunningApplication.shared());
  }

  private static List<String> endpoints() {
    Set<String> all = new TreeSet<>();
    RunningApplication.shared()
        .context
        .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
        .getHandlerMethods()
        .keySet()
        .forEach(
            info ->
                info.getPatternValues()
                    .forEach(
                        pattern ->
                            info.getMethodsCondition()
                                .getMethods()
                                .forEach(m -> all.add(m + " " + pattern))));
    return List.copyOf(all);
  }

  @Test
  void everyEndpointIsClassified() {
    List<String> api = endpoints().stream().filter(e -> e.contains(" /api/")).toList();
    assertThat(api).hasSizeGreaterThan(100).allMatch(DoorAccess::isListed);
    // and nothing is listed that there is not, but what Spring Security answers itself
    assertThat(DoorAccess.listed())
        .filteredOn(e -> !e.endsWith(" /api/session"))
        .allMatch(e -> api.contains(e));
  }

  @Test
  void whoeverIsNotSignedInIsRefusedEverywhere() throws Exception {
    Someone stranger = stranger();
    for (String endpoint : endpoints()) {
      String[] words = endpoint.split(" ");
      if (words[1].startsWith("/api/") && !DoorAccess.isForAnybody(endpoint)) {
        String path = words[1].replaceAll("\\{\\w+\\}", UUID.randomUUID().toString());
        int status = stranger.send(words[0], path, words[0].equals("GET") ? null : "{}").status();
        assertThat(status).as(endpoint).isEqualTo(401);
      }
    }
  }

  @Test
  void aGuestChangesNothingAndATierInvitesNobody() throws Exception {
    int tried = 0;
    for (String endpoint : endpoints()) {
      String[] words = endpoint.split(" ");
      String path = words[1].replaceAll("\\{\\w+\\}", UUID.randomUUID().toString());
      if (DoorAccess.isForTiers(endpoint)) {
        assertThat(guest.send(words[0], path, words[0].equals("GET") ? null : "{}").status())
            .as(endpoint)
            .isEqualTo(403);
        tried++;
      }
      if (DoorAccess.isForWardens(endpoint)) {
        assertThat(tier.send(words[0], path, "{}").status()).as(endpoint).isEqualTo(403);
        tried++;
      }
    }
    assertThat(tried).isGreaterThan(60);
  }

  /** Every sound call that names something, sent by somebody whose it is not. */
  @Test
  void anothersIdAnswersLikeOneThatNeverWas() throws Exception {
    Map<String, String> ids = new HashMap<>();
    ids.put("patterns", first("/api/patterns", "/0/id"));
    ids.put("log", first("/api/log", "/0/id"));
    ids.put("tests", first("/api/tests", "/0/test/id"));
    ids.put("boxes", first("/api/boxes", "/boxes/0/id"));
    ids.put("outings", first("/api/outings", "/0/id"));
    ids.put("drawer", first("/api/drawer", "/items/0/id"));
    int tried = 0;
    for (String endpoint : endpoints()) {
      String[] words = endpoint.split(" ");
      String kind = words[1].split("/").length > 2 ? words[1].split("/")[2] : "";
      if (!words[1].contains("{id}") || !ids.containsKey(kind)) {
        continue;
      }
      String rest = words[1].replace("{comment}", UUID.randomUUID().toString());
      rest = rest.replace("{link}", UUID.randomUUID().toString());
      String never = UUID.randomUUID().toString();
      RunningApplication.Answer others = as(words[0], rest.replace("{id}", ids.get(kind)));
      RunningApplication.Answer none = as(words[0], rest.replace("{id}", never));
      assertThat(others.status()).as(endpoint).isEqualTo(none.status()).isLessThan(500);
      assertThat(others.body().replace(ids.get(kind), "…"))
          .as(endpoint)
          .isEqualTo(none.body().replace(never, "…"));
      tried++;
    }
    assertThat(tried).isGreaterThan(35);
    assertThat(warden.get("/api/patterns/" + ids.get("patterns")).status()).isEqualTo(200);
  }

  private static String first(String path, String pointer) throws Exception {
    return UUID.fromString(warden.get(path).json().at(pointer).asString()).toString();
  }

  private static RunningApplication.Answer as(String method, String path) throws Exception {
    return tier.send(
        method,
        path,
        method.equals("GET") || method.equals("DELETE") ? null : "{\"words\":\"x\"}",
        "If-Match",
        "\"0\"");
  }

  @Test
  void aChangeThatAnotherSiteSendsIsRefused() throws Exception {
    String pattern = "{\"style\":\"parachute\"}";
    RunningApplication.Answer without = tier.raw("POST", "/api/patterns", pattern);
    assertThat(without.status()).isEqualTo(403);
    assertThat(without.json().get("detail").asString()).contains("Reload the page");
    assertThat(tier.raw("POST", "/api/patterns", pattern, "X-XSRF-TOKEN", "x").status())
        .isEqualTo(403);
    for (String origin : List.of("http://elsewhere.example", "null", "http://127.0.0.1:1")) {
      assertThat(tier.send("POST", "/api/patterns", pattern, "Origin", origin).status())
          .as(origin)
          .isEqualTo(403);
    }
    assertThat(tier.send("POST", "/api/patterns", pattern, "Sec-Fetch-Site", "cross-site").status())
        .isEqualTo(403);
    String own = RunningApplication.shared().address();
    assertThat(tier.send("POST", "/api/patterns", pattern, "Origin", own).status()).isEqualTo(201);
  }

  @Test
  void whatIsOddInAnAddressOpensNothing() throws Exception {
    Someone stranger = stranger();
    for (String path :
        List.of(
            "/%61pi/patterns",
            "/api/patterns/",
            "/api/patterns;x=1",
            "//api/patterns",
            "/club/api/patterns",
            "/club/club/api/patterns",
            "/clubs/api/patterns",
            "/api%2Fpatterns",
            "/v3/api-docs",
            "/actuator",
            "/actuator/env",
            "/club/actuator/env")) {
      assertThat(stranger.get(path).status()).as(path).isBetween(400, 499);
    }
    assertThat(stranger.get("/actuator/health").body()).doesNotContain("components");
    assertThat(stranger.get("/bench/x").status()).isEqualTo(200);
    assertThat(stranger.get("/club/bench/x").status()).isEqualTo(200);
  }

  @Test
  void everyAnswerSaysWhatABrowserMayDo() throws Exception {
    for (String path :
        List.of("/", "/api/me", "/api/patterns", "/api/nowhere", "/assets/none.js")) {
      var headers = stranger().get(path).response().headers();
      assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
          .as(path)
          .contains("frame-ancestors 'none'");
      assertThat(headers.firstValue("X-Content-Type-Options")).as(path).hasValue("nosniff");
      assertThat(headers.firstValue("Referrer-Policy")).as(path).hasValue("no-referrer");
    }
    Someone someone = stranger();
    RunningApplication.Answer in = someone.signIn("Warden", Someone.PASSWORD);
    String cookie =
        in.response().headers().allValues("Set-Cookie").stream()
            .filter(c -> c.startsWith(SESSION))
            .findFirst()
            .orElseThrow();
    assertThat(cookie)
        .contains("Secure", "HttpOnly", "SameSite=Lax", "Path=/")
        .doesNotContain("Domain");
    assertThat(someone.get("/api/me").response().headers().firstValue("Cache-Control"))
        .hasValueSatisfying(c -> assertThat(c).contains("no-store"));
  }

  @Test
  void noOddValueGivesAFault() throws Exception {
    String pattern = first("/api/patterns", "/0/id");
    for (String odd : HostileValues.WORDS) {
      String json = tools.jackson.databind.json.JsonMapper.shared().writeValueAsString(odd);
      String body =
          "{\"token\":%1$s,\"name\":%1$s,\"password\":%1$s,\"before\":%1$s,\"role\":%1$s,\"note\":%1$s,\"words\":%1$s}"
              .formatted(json);
      for (String endpoint : AMONG_PEOPLE) {
        String[] words = endpoint.split(" ");
        for (String sent : List.of(body, json, "", "{}", "[]")) {
          int status = tier.send(words[0], words[1].replace("{id}", pattern), sent).status();
          assertThat(status).as(endpoint + " " + sent).isBetween(200, 499);
        }
      }
      assertThat(stranger().signIn(odd, odd).status()).as(odd).isBetween(400, 499);
      Someone odd0 = stranger();
      odd0.cookies.put(SESSION, odd.replaceAll("[^ -~]", "?"));
      assertThat(odd0.raw("GET", "/api/me", null).status()).as(odd).isBetween(200, 499);
    }
  }
}
