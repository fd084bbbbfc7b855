package ripplerest.app.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.app.people.Account;
import ripplerest.app.people.Role;
import ripplerest.app.people.Tablets;

class AccessTest {
  private static final UUID FLY = UUID.randomUUID();

  private static boolean may(Optional<Visitor> who, String method, String path) {
    return Access.may(who, method, path);
  }

  private static Optional<Visitor> as(Role role) {
    return Optional.of(
        new Visitor(new Account(UUID.randomUUID(), "x", role, Instant.EPOCH, false), null));
  }

  private static Optional<Visitor> tablet(Role shownBy) {
    Account account = new Account(UUID.randomUUID(), "x", shownBy, Instant.EPOCH, false);
    return Optional.of(
        new Visitor(
            account, new Tablets.Followed(UUID.randomUUID(), account.id(), account.id(), FLY)));
  }

  @ParameterizedTest
  @CsvSource({
    "GET, /, true, true, true, true",
    "GET, /bench/x/tie, true, true, true, true",
    "POST, /, false, false, false, false",
    "GET, /api/me, true, true, true, true",
    "GET, /api/patterns, false, true, true, true",
    "HEAD, /api/patterns, false, true, true, true",
    "POST, /api/patterns, false, false, true, true",
    "PATCH, /api/patterns, false, false, false, false",
    "POST, /api/estimates, false, true, true, true",
    "POST, /api/invitations, false, false, false, true",
    "PUT, /api/people/x/role, false, false, false, true",
    "GET, /api/none-such, false, false, false, false",
    "GET, /api/patterns/x/none-such, false, false, false, false",
    "GET, /API/patterns, true, true, true, true", // a page that there is not
    "GET, /actuator/health, true, true, true, true",
    "GET, /actuator/env, false, false, false, false",
    "GET, /v3/api-docs, false, false, false, false",
    "TRACE, /api/patterns, false, false, false, false"
  })
  void whoMayAskForWhat(
      String method, String path, boolean nobody, boolean guest, boolean tier, boolean warden) {
    assertThat(may(Optional.empty(), method, path)).as("nobody").isEqualTo(nobody);
    assertThat(may(as(Role.GUEST), method, path)).as("guest").isEqualTo(guest);
    assertThat(may(as(Role.TIER), method, path)).as("tier").isEqualTo(tier);
    assertThat(may(as(Role.WARDEN), method, path)).as("warden").isEqualTo(warden);
  }

  @Test
  void aTabletMayWhatItsFlyNeedsAsLongAsWhoShowedItMay() {
    String at = "/api/patterns/" + FLY;
    for (String path : List.of(at, at + "/card", at + "/tying")) {
      assertThat(may(tablet(Role.TIER), "GET", path)).as(path).isTrue();
      assertThat(may(tablet(Role.GUEST), "GET", path)).as(path).isFalse();
    }
    assertThat(may(tablet(Role.TIER), "PUT", at + "/tying")).isTrue();
    assertThat(may(tablet(Role.WARDEN), "PUT", at)).isFalse();
    assertThat(may(tablet(Role.WARDEN), "POST", "/api/invitations")).isFalse();
    assertThat(may(tablet(Role.TIER), "GET", "/api/patterns/" + UUID.randomUUID())).isFalse();
    assertThat(may(tablet(Role.TIER), "GET", "/api/me")).isTrue();
  }

  /** Five tries are free, then each pause is twice the one before, up to a quarter of an hour. */
  @Test
  void pausesDoubleUpToTheLongest() {
    assertThat(Limits.pause(1)).isZero();
    assertThat(Limits.pause(4)).isZero();
    for (int failures = 5; failures < 40; failures++) {
      Duration pause = Limits.pause(failures);
      Duration twice = Limits.pause(failures - 1).multipliedBy(2);
      assertThat(pause)
          .isEqualTo(
              failures == 5
                  ? Duration.ofSeconds(30)
                  : twice.compareTo(Limits.LONGEST_PAUSE) < 0 ? twice : Limits.LONGEST_PAUSE);
    }
    assertThat(Limits.pause(1_000_000)).isEqualTo(Duration.ofMinutes(15));
  }
}
