package ripplerest.app.door;

import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.distributed.proxy.ProxyManager;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.text.Normalizer;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.http.Fingerprint;

/**
 * How often somebody may try to come in: from one address so many times a minute, and by one name a
 * few times, then after a pause that doubles. Kept in the database, so that it holds whichever copy
 * of the application is asked, and a name that nobody has answers like one that somebody has.
 */
@Component
class Limits {
  /** Wrong passwords in a row before the first pause. */
  static final int FREE_TRIES = 5;

  static final Duration FIRST_PAUSE = Duration.ofSeconds(30);
  static final Duration LONGEST_PAUSE = Duration.ofMinutes(15);

  private final ProxyManager<Long> buckets;
  private final BucketConfiguration tries;
  private final JdbcTemplate jdbc;
  private final TransactionTemplate transaction;

  Limits(
      DataSource source,
      JdbcTemplate jdbc,
      TransactionTemplate transaction,
      @Value("${ripplerest.tries-a-minute:20}") int aMinute) {
    buckets = Bucket4jPostgreSQL.selectForUpdateBasedBuilder(source).build();
    tries =
        BucketConfiguration.builder()
            .addLimit(l -> l.capacity(aMinute).refillGreedy(aMinute, Duration.ofMinutes(1)))
            .build();
    this.jdbc = jdbc;
    this.transaction = transaction;
  }

  /** Takes one try from an address; seconds to wait where there is none left. */
  OptionalLong address(String address) {
    byte[] hash = Fingerprint.digest().digest(address.getBytes(StandardCharsets.UTF_8));
    ConsumptionProbe probe =
        buckets
            .builder()
            .build(ByteBuffer.wrap(hash).getLong(), () -> tries)
            .tryConsumeAndReturnRemaining(1);
    return probe.isConsumed()
        ? OptionalLong.empty()
        : OptionalLong.of(1 + TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()));
  }

  /**
   * Takes one try for a name, counted before the password is looked at, so that many at once are no
   * way round it; seconds to wait where it is too early.
   */
  OptionalLong name(String name) {
    String of = hash(name);
    return transaction.execute(
        t -> {
          jdbc.update(
              "insert into sign_in_failure values (?, 0, now(), now()) on conflict do nothing", of);
          record Row(int failures, Instant free, Instant last) {}
          Row row =
              jdbc.queryForObject(
                  "select failures, free_at, last_at from sign_in_failure where name = ? for update",
                  (r, n) ->
                      new Row(
                          r.getInt(1),
                          r.getTimestamp(2).toInstant(),
                          r.getTimestamp(3).toInstant()),
                  of);
          Instant now = Instant.now();
          if (now.isBefore(row.free())) {
            return OptionalLong.of(1 + Duration.between(now, row.free()).toSeconds());
          }
          boolean longAgo = row.last().isBefore(now.minus(Duration.ofDays(1)));
          int failures = longAgo ? 1 : row.failures() + 1;
          jdbc.update(
              "update sign_in_failure set failures = ?, free_at = ?, last_at = ? where name = ?",
              failures,
              Timestamp.from(now.plus(pause(failures))),
              Timestamp.from(now),
              of);
          return OptionalLong.empty();
        });
  }

  /** After so many failures in a row: none at first, then doubling to the longest. */
  static Duration pause(int failures) {
    if (failures < FREE_TRIES) {
      return Duration.ZERO;
    }
    int doublings = Math.min(10, failures - FREE_TRIES);
    Duration pause = FIRST_PAUSE.multipliedBy(1L << doublings);
    return pause.compareTo(LONGEST_PAUSE) < 0 ? pause : LONGEST_PAUSE;
  }

  /** Somebody came in by this name. */
  void cameIn(String name) {
    jdbc.update("delete from sign_in_failure where name = ?", hash(name));
  }

  private static String hash(String name) {
    String same = Normalizer.normalize(name == null ? "" : name, Normalizer.Form.NFKC);
    byte[] bytes = same.strip().toLowerCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8);
    return Fingerprint.hex(Fingerprint.digest().digest(bytes));
  }

  /** What is limited by address. */
  static final List<String> TRIES =
      List.of("/api/session", "/api/join", "/api/join/look", "/api/tablet", "/api/shared");
}
