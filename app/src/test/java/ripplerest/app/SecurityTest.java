package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import ripplerest.app.door.DoorAccess;
import tools.jackson.databind.JsonNode;

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
  void aSessionThatWasThereBeforeIsNotTheOneThatIsSignedIn() throws Exception {
    Someone victim = stranger();
    victim.cookies.put(SESSION, "AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA");
    assertThat(victim.get("/api/patterns").status()).isEqualTo(401);
    victim.signIn("Warden", Someone.PASSWORD);
    assertThat(victim.get("/api/me").json().at("/person/name").asString()).isEqualTo("Warden");
    assertThat(victim.cookies.get(SESSION)).doesNotStartWith("AAAA");
    // and one that is signed in already goes on under another id
    String before = victim.cookies.get(SESSION);
    String tokenBefore = victim.cookies.get("XSRF-TOKEN");
    victim.signIn("Warden", Someone.PASSWORD);
    assertThat(victim.cookies.get(SESSION)).isNotEqualTo(before);
    victim.get("/api/me");
    assertThat(victim.cookies.get("XSRF-TOKEN")).isNotEqualTo(tokenBefore);
    Someone thief = stranger();
    thief.cookies.put(SESSION, before);
    assertThat(thief.get("/api/patterns").status()).isEqualTo(401);
  }

  @Test
  void whoeverSignsOutIsOutThoughTheCookieIsKept() throws Exception {
    Someone someone = Someone.fresh("TIER");
    String cookie = someone.cookies.get(SESSION);
    assertThat(someone.send("DELETE", "/api/session", null).status()).isEqualTo(204);
    someone.cookies.put(SESSION, cookie);
    assertThat(someone.get("/api/patterns").status()).isEqualTo(401);
  }

  @Test
  void aChangeThatAnotherSiteSendsIsRefused() throws Exception {
    String pattern = "{\"style\":\"parachute\"}";
    assertThat(tier.raw("POST", "/api/patterns", pattern).status()).isEqualTo(403);
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
  void whoeverTriesPasswordsWaitsLongerAndLonger() throws Exception {
    for (String name : List.of("P" + UUID.randomUUID(), nameOf(Someone.fresh("TIER")))) {
      Someone thief = stranger();
      List<String> answers = new ArrayList<>();
      for (int i = 0; i < 5; i++) {
        RunningApplication.Answer answer = thief.signIn(name, "some other password " + i);
        answers.add(answer.status() + answer.body());
      }
      assertThat(new HashSet<>(answers)).hasSize(1); // whether there is such a name is not told
      assertThat(answers.get(0)).startsWith("401");
      RunningApplication.Answer sixth = thief.signIn(name, Someone.PASSWORD);
      assertThat(sixth.status()).isEqualTo(429); // and the right one is not looked at either
      assertThat(sixth.response().headers().firstValueAsLong("Retry-After").orElse(0))
          .isBetween(20L, 31L);
      assertThat(thief.signIn(name.toUpperCase(java.util.Locale.ROOT), "x").status())
          .isEqualTo(429);
    }
  }

  private static String nameOf(Someone someone) throws Exception {
    return someone.get("/api/me").json().at("/person/name").asString();
  }

  @Test
  void manyTriesAtOnceAreCountedOneByOne() throws Exception {
    String name = nameOf(Someone.fresh("TIER"));
    List<Integer> statuses =
        IntStream.range(0, 24)
            .parallel()
            .mapToObj(
                i -> {
                  try {
                    return stranger().signIn(name, "wrong " + i).status();
                  } catch (Exception e) {
                    throw new IllegalStateException(e);
                  }
                })
            .toList();
    assertThat(statuses).filteredOn(s -> s == 401).hasSize(5);
    assertThat(statuses).filteredOn(s -> s == 429).hasSize(19);
  }

  @Test
  void whoeverHasWaitedComesInAndIsForgiven() throws Exception {
    Someone someone = Someone.fresh("TIER");
    String name = nameOf(someone);
    for (int i = 0; i < 5; i++) {
      stranger().signIn(name, "wrong");
    }
    assertThat(stranger().signIn(name, Someone.PASSWORD).status()).isEqualTo(429);
    jdbc().update("update sign_in_failure set free_at = now() - interval '1 second'");
    assertThat(stranger().signIn(name, Someone.PASSWORD).status()).isEqualTo(204);
    assertThat(stranger().signIn(name, "wrong").status()).isEqualTo(401); // counted anew
    assertThat(stranger().signIn(name, Someone.PASSWORD).status()).isEqualTo(204);
    assertThat(someone.get("/api/patterns").status()).isEqualTo(200); // who was in stayed in
  }

  private static JdbcTemplate jdbc() {
    return RunningApplication.shared().context.getBean(JdbcTemplate.class);
  }

  @ParameterizedTest
  @ValueSource(strings = {"short", "passwordpassword", "123456789012", "qwertyuiop123"})
  void aPasswordThatIsGuessedFirstIsNotTaken(String password) throws Exception {
    JsonNode refused =
        tier.send(
                "PUT",
                "/api/me/password",
                "{\"before\":\"%s\",\"password\":\"%s\"}".formatted(Someone.PASSWORD, password))
            .json();
    assertThat(refused.get("status").asInt()).isEqualTo(422);
    assertThat(refused.get("detail").asString()).contains("password");
  }

  @Test
  void aNewPasswordEndsEveryOtherSession() throws Exception {
    Someone here = Someone.fresh("TIER");
    Someone there = stranger();
    there.signIn(nameOf(here), Someone.PASSWORD);
    assertThat(there.get("/api/patterns").status()).isEqualTo(200);
    String change = "{\"before\":\"%s\",\"password\":\"%s\"}";
    assertThat(
            here.send(
                    "PUT",
                    "/api/me/password",
                    change.formatted("not it", "quiet otter sings twice"))
                .status())
        .isEqualTo(422);
    assertThat(
            here.send(
                    "PUT",
                    "/api/me/password",
                    change.formatted(Someone.PASSWORD, "quiet otter sings twice"))
                .status())
        .isEqualTo(204);
    assertThat(there.get("/api/patterns").status()).isEqualTo(401);
    assertThat(here.get("/api/patterns").status()).isEqualTo(200);
  }

  @Test
  void anInvitationIsGoodOnceAndNotWhenItWasRevoked() throws Exception {
    JsonNode made =
        warden.send("POST", "/api/invitations", "{\"role\":\"TIER\",\"note\":\"x\"}").json();
    String token = made.get("token").asString();
    assertThat(jdbc().queryForList("select token from invitation", String.class))
        .doesNotContain(token); // its hash only
    String name = "Q" + UUID.randomUUID().toString().substring(0, 8);
    assertThat(stranger().join(token, name).status()).isEqualTo(200);
    assertThat(stranger().join(token, name + "2").status()).isEqualTo(422);
    JsonNode other = warden.send("POST", "/api/invitations", "{\"role\":\"WARDEN\"}").json();
    warden.send("DELETE", "/api/invitations/" + other.at("/invitation/id").asString(), null);
    assertThat(stranger().join(other.get("token").asString(), name + "3").status()).isEqualTo(422);
    assertThat(stranger().join(RunningApplication.FIRST, name + "4").status()).isEqualTo(422);
    assertThat(stranger().join("", name).status()).isEqualTo(422);
  }

  @Test
  void oneInvitationByTwoAtOnceLetsOneIn() throws Exception {
    String token =
        warden
            .send("POST", "/api/invitations", "{\"role\":\"TIER\"}")
            .json()
            .get("token")
            .asString();
    List<Integer> statuses =
        IntStream.range(0, 6)
            .parallel()
            .mapToObj(
                i -> {
                  try {
                    return stranger().join(token, "R" + i + token.substring(0, 6)).status();
                  } catch (Exception e) {
                    throw new IllegalStateException(e);
                  }
                })
            .toList();
    assertThat(statuses).filteredOn(s -> s == 200).hasSize(1);
  }

  @Test
  void aRoleThatChangesIsSoAtOnceAndThereIsAlwaysAWarden() throws Exception {
    Someone someone = Someone.fresh("TIER");
    String id = someone.get("/api/me").json().at("/person/id").asString();
    String pattern = "{\"style\":\"parachute\"}";
    assertThat(someone.send("POST", "/api/patterns", pattern).status()).isEqualTo(201);
    warden.send("PUT", "/api/people/" + id + "/role", "{\"role\":\"GUEST\"}");
    assertThat(someone.send("POST", "/api/patterns", pattern).status()).isEqualTo(403);
    assertThat(warden.send("DELETE", "/api/people/" + id, null).status()).isEqualTo(204);
    assertThat(someone.get("/api/patterns").status()).isEqualTo(401);
    String self = warden.get("/api/me").json().at("/person/id").asString();
    assertThat(warden.send("PUT", "/api/people/" + self + "/role", "{\"role\":\"TIER\"}").status())
        .isEqualTo(422);
    // a link lets them in again, with another password and their own things
    String link =
        warden
            .send("POST", "/api/people/" + id + "/invitation", "{}")
            .json()
            .get("token")
            .asString();
    assertThat(stranger().join(link, "").status()).isEqualTo(200);
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
