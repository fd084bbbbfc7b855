package ripplerest.app.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.NotFoundException;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * Links by which somebody comes in for the first time: good once, for a week. The very first is
 * told by whoever starts the application, and makes a warden whose what is here already becomes.
 */
@Service
@Transactional
public class Invitations {
  static final Duration GOOD = Duration.ofDays(7);
  private static final int MOST = 500;

  private final JdbcTemplate jdbc;
  private final Accounts accounts;
  private final String first;

  Invitations(
      JdbcTemplate jdbc,
      Accounts accounts,
      @Value("${ripplerest.first-invitation:}") String first) {
    this.jdbc = jdbc;
    this.accounts = accounts;
    this.first = first;
  }

  /** One that is still good. */
  public record Invitation(UUID id, Role role, String note, Instant until) {}

  /** A new one, and what is in its link, which is told this once. */
  public record FreshInvitation(Invitation invitation, String token) {}

  /** Those that nobody has used. */
  public List<Invitation> open() {
    return jdbc.query(
        "select id, role, note, until from invitation where used_at is null and until > now()"
            + " order by made_at desc",
        (row, n) ->
            new Invitation(
                row.getObject(1, UUID.class),
                Role.valueOf(row.getString(2)),
                row.getString(3),
                row.getTimestamp(4).toInstant()));
  }

  /**
   * @param note for whom, in the words of whoever invites
   */
  public FreshInvitation add(Role role, String note) {
    String words = note == null ? "" : note.strip();
    Require.inRange("note", words.length(), 0, 80, "characters");
    Require.inRange("invitations", open().size() + 1, 1, MOST);
    Token token = Token.fresh();
    Instant until = Instant.now().plus(GOOD);
    Invitation made = new Invitation(UUID.randomUUID(), role, words, until);
    jdbc.update(
        "insert into invitation (id, token, role, note, made_by, made_at, until)"
            + " values (?, ?, ?, ?, ?, now(), ?)",
        made.id(),
        token.hash(),
        role.name(),
        words,
        CurrentPerson.actor(),
        Timestamp.from(until));
    return new FreshInvitation(made, token.text());
  }

  public void revoke(UUID id) {
    if (jdbc.update("delete from invitation where id = ? and used_at is null", id) == 0) {
      throw new NotFoundException("invitation", id);
    }
  }

  /** One by which somebody who is here already chooses a new password. */
  public FreshInvitation again(UUID person) {
    Account account =
        accounts.all().stream()
            .filter(a -> a.id().equals(person))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("person", person));
    FreshInvitation fresh = add(account.role(), account.name());
    jdbc.update(
        "update invitation set person_id = ? where id = ?", person, fresh.invitation().id());
    return fresh;
  }

  /** As what whoever has this would come in; refuses what is used up, over or never was. */
  public Offer good(String token) {
    if (isFirst(token)) {
      return new Offer(Role.WARDEN, null);
    }
    return jdbc
        .query(
            "select role, person_id from invitation"
                + " where token = ? and used_at is null and until > now()",
            (row, n) -> new Offer(Role.valueOf(row.getString(1)), row.getObject(2, UUID.class)),
            new Token(token).hash())
        .stream()
        .findFirst()
        .orElseThrow(Invitations::over);
  }

  /**
   * As what one would come in.
   *
   * @param person who chooses a new password by it; null for somebody new
   */
  public record Offer(Role role, UUID person) {}

  /** Comes in by an invitation, which is used up by it. */
  public Account join(String token, String name, String password) {
    jdbc.queryForList("select 1 from pg_advisory_xact_lock(hashtext('account'))");
    if (isFirst(token)) {
      return accounts.add(CurrentPerson.LOCAL, name, password, Role.WARDEN);
    }
    Offer offer = good(token);
    int used =
        jdbc.update(
            "update invitation set used_at = now() where token = ? and used_at is null",
            new Token(token).hash());
    if (used == 0) {
      throw over();
    }
    return offer.person() == null
        ? accounts.add(UUID.randomUUID(), name, password, offer.role())
        : accounts.renew(offer.person(), password);
  }

  private boolean isFirst(String token) {
    boolean same =
        MessageDigest.isEqual(
            token.getBytes(StandardCharsets.UTF_8), first.getBytes(StandardCharsets.UTF_8));
    return same && !first.isEmpty() && !accounts.any();
  }

  private static OutOfRangeException over() {
    return new OutOfRangeException(
        "link",
        "used up, over or never given",
        "a link of the last seven days that nobody has used",
        "Ask whoever sent it for another.");
  }
}
