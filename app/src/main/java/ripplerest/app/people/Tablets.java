package ripplerest.app.people;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.NotFoundException;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * Tablets that follow a fly at the vise. What is shown to be scanned is good once and for two
 * minutes; what came of it until somebody sends the tablet away, or for a day.
 */
@Service
@Transactional
public class Tablets {
  static final Duration SHOWN = Duration.ofMinutes(2);
  static final Duration GOOD = Duration.ofDays(1);
  private static final int MOST = 10;

  private final JdbcTemplate jdbc;

  Tablets(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** What a tablet follows, whose it is, and who showed it. */
  public record Followed(UUID pairing, UUID owner, UUID actor, UUID pattern) {}

  /** One that follows, or that is waited for; {@code since} is null until it came. */
  public record Tablet(UUID id, Instant since) {}

  /** A pairing to be, and what is in its link, which is told this once. */
  public record Fresh(UUID id, String token, Instant until) {}

  /** What is shown for a tablet to follow a pattern of one's own or of the club's. */
  public Fresh show(UUID pattern) {
    jdbc.update(
        "delete from pairing where paired_at is null and until < now() or made_at < ?",
        Timestamp.from(Instant.now().minus(GOOD)));
    Require.inRange("tablets", of(pattern).size() + 1, 1, MOST);
    Token token = Token.fresh();
    Instant until = Instant.now().plus(SHOWN);
    UUID id = UUID.randomUUID();
    int made =
        jdbc.update(
            "insert into pairing (id, whose_id, actor_id, pattern_id, token, made_at, until)"
                + " select ?, owner_id, actor_now(), id, ?, now(), ? from pattern"
                + " where id = ? and deleted_at is null",
            id,
            token.hash(),
            Timestamp.from(until),
            pattern);
    if (made == 0) {
      throw new NotFoundException(pattern);
    }
    return new Fresh(id, token.text(), until);
  }

  /** Those that follow a pattern, and those that are waited for. */
  public List<Tablet> of(UUID pattern) {
    return jdbc.query(
        "select id, paired_at from pairing where pattern_id = ? and whose_id = person_now()"
            + " and actor_id = actor_now() and (paired_at > ? or until > now()) order by made_at",
        (row, n) ->
            new Tablet(
                row.getObject(1, UUID.class),
                row.getTimestamp(2) == null ? null : row.getTimestamp(2).toInstant()),
        pattern,
        Timestamp.from(Instant.now().minus(GOOD)));
  }

  /** Sends a tablet away. */
  public void revoke(UUID id) {
    int gone = jdbc.update("delete from pairing where id = ? and actor_id = actor_now()", id);
    if (gone == 0) {
      throw new NotFoundException("tablet", id);
    }
  }

  /** What somebody scanned, once; refuses what was scanned before, is over or never was. */
  public Followed scan(String token) {
    List<Followed> found =
        jdbc.query(
            "update pairing set paired_at = now() where token = ? and paired_at is null"
                + " and until > now() returning id, whose_id, actor_id, pattern_id",
            Tablets::followed,
            new Token(token).hash());
    if (found.isEmpty()) {
      throw new OutOfRangeException(
          "code",
          "scanned before, over or never shown",
          "one that was shown in the last two minutes",
          "Show another one at the vise and scan that.");
    }
    return found.get(0);
  }

  private static Followed followed(ResultSet row, int n) throws SQLException {
    return new Followed(
        row.getObject(1, UUID.class),
        row.getObject(2, UUID.class),
        row.getObject(3, UUID.class),
        row.getObject(4, UUID.class));
  }

  /** What a tablet follows, as long as nobody sent it away. */
  public Optional<Followed> followed(UUID pairing) {
    return jdbc
        .query(
            "select id, whose_id, actor_id, pattern_id from pairing where id = ? and paired_at > ?",
            Tablets::followed,
            pairing,
            Timestamp.from(Instant.now().minus(GOOD)))
        .stream()
        .findFirst();
  }
}
