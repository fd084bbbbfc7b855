package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Coming in and going out, tried as somebody who means harm would. */
class SignInApiTest {
  private static final String SESSION = "__Host-ripple-rest";
  private static Someone warden;
  private static Someone tier;

  @BeforeAll
  static void people() throws Exception {
    warden = Someone.warden();
    tier = Someone.fresh("TIER");
  }

  private static Someone stranger() {
    return new Someone(RunningApplication.shared());
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
}
