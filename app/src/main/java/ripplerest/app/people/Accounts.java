package ripplerest.app.people;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.text.Normalizer;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.NotFoundException;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/** Who may come in, by which name and password, and as what. */
@Service
@Transactional
public class Accounts {
  private static final String ALL = "select person_id, name, role, made_at, closed_at from account";
  private static final int LONGEST_NAME = 40;

  private final JdbcTemplate jdbc;
  private final Passwords passwords;

  Accounts(JdbcTemplate jdbc, Passwords passwords) {
    this.jdbc = jdbc;
    this.passwords = passwords;
  }

  private static Account account(ResultSet row, int n) throws SQLException {
    return new Account(
        row.getObject(1, UUID.class),
        row.getString(2),
        Role.valueOf(row.getString(3)),
        row.getTimestamp(4).toInstant(),
        row.getTimestamp(5) != null);
  }

  /** Everybody, by name. */
  public List<Account> all() {
    return jdbc.query(ALL + " order by lower(name)", Accounts::account);
  }

  /** Whether anybody has an account. */
  public boolean any() {
    return jdbc.queryForObject("select exists (select from account)", Boolean.class);
  }

  /** Somebody to whom it is open. */
  public Optional<Account> find(UUID id) {
    return all(id).filter(a -> !a.closed());
  }

  private Optional<Account> all(UUID id) {
    return jdbc.query(ALL + " where person_id = ?", Accounts::account, id).stream().findFirst();
  }

  /** By the name that somebody signs in by, whatever its capitals. */
  public Optional<Account> called(String name) {
    return jdbc
        .query(
            ALL + " where lower(name) = lower(?) and closed_at is null",
            Accounts::account,
            normal(name))
        .stream()
        .findFirst();
  }

  /** The hash of somebody's password. */
  public String password(UUID id) {
    return jdbc.queryForObject(
        "select password from account where person_id = ?", String.class, id);
  }

  /** A new one; {@code id} is new, or whose things become theirs. */
  public Account add(UUID id, String name, String password, Role role) {
    String called = checked(name);
    String hash = passwords.chosen(password, called);
    jdbc.update(
        "insert into person (id, name, created_at) values (?, ?, now())"
            + " on conflict (id) do update set name = excluded.name",
        id,
        called);
    try {
      jdbc.update(
          "insert into account (person_id, name, role, password, made_at) values (?, ?, ?, ?, ?)",
          id,
          called,
          role.name(),
          hash,
          Timestamp.from(Instant.now()));
    } catch (DuplicateKeyException e) {
      throw taken(called);
    }
    return find(id).orElseThrow();
  }

  private static OutOfRangeException taken(String name) {
    return new OutOfRangeException(
        "name", name, "a name that nobody here has", "Add something to it.");
  }

  /** Composed alike however it was typed, without blanks round it. */
  private static String normal(String name) {
    return Normalizer.normalize(name == null ? "" : name, Normalizer.Form.NFKC).strip();
  }

  private static String checked(String name) {
    String normal = normal(name);
    Require.text("name", normal, LONGEST_NAME);
    if (normal.codePoints().anyMatch(c -> Character.getType(c) == Character.FORMAT)) {
      throw new OutOfRangeException(
          "name", "one with invisible characters", "letters that are seen", "Type it anew.");
    }
    return normal;
  }

  /** Calls somebody otherwise. */
  public void call(UUID id, String name) {
    String called = checked(name);
    try {
      jdbc.update("update account set name = ? where person_id = ?", called, id);
      jdbc.update("update person set name = ? where id = ?", called, id);
    } catch (DuplicateKeyException e) {
      throw taken(called);
    }
  }

  /** Another password, from whoever knows the one before. */
  public void change(UUID id, String before, String password) {
    Account account = find(id).orElseThrow(() -> new NotFoundException("person", id));
    if (!isPassword(id, before)) {
      throw new OutOfRangeException(
          "before", "another password", "the password as it is", "Type the one you have now.");
    }
    set(id, passwords.chosen(password, account.name()));
  }

  private void set(UUID id, String hash) {
    jdbc.update("update account set password = ?, closed_at = null where person_id = ?", hash, id);
  }

  /** Another password for somebody to whom a warden gave a link; it is open to them again. */
  public Account renew(UUID id, String password) {
    Account account = all(id).orElseThrow(() -> new NotFoundException("person", id));
    set(id, passwords.chosen(password, account.name()));
    return find(id).orElseThrow();
  }

  /** Whether this is somebody's password. */
  public boolean isPassword(UUID id, String password) {
    return password != null && find(id).isPresent() && passwords.matches(password, password(id));
  }

  /** What somebody may do from now on; there is always a warden. */
  public Account become(UUID id, Role role) {
    lockWardens();
    Account account = find(id).orElseThrow(() -> new NotFoundException("person", id));
    if (role != Role.WARDEN) {
      keepAWarden(account);
    }
    jdbc.update("update account set role = ? where person_id = ?", role.name(), id);
    return find(id).orElseThrow();
  }

  /** Somebody comes in no more until a warden gives them a link; what is theirs stays. */
  public void close(UUID id) {
    mayGo(id);
    jdbc.update("update account set closed_at = now() where person_id = ?", id);
  }

  /** Refuses that the only warden goes while others are here. */
  public void mayGo(UUID id) {
    lockWardens();
    Account account = find(id).orElseThrow(() -> new NotFoundException("person", id));
    if (all().size() > 1) {
      keepAWarden(account);
    }
  }

  private void keepAWarden(Account account) {
    boolean only =
        account.role() == Role.WARDEN
            && all().stream().filter(a -> a.role() == Role.WARDEN && !a.closed()).count() == 1;
    if (only) {
      throw new OutOfRangeException(
          "role", "the only warden", "a club with a warden", "Make somebody else a warden first.");
    }
  }

  /** Two wardens who step down at the same moment do not both. */
  private void lockWardens() {
    jdbc.queryForList("select 1 from pg_advisory_xact_lock(hashtext('account'))");
  }
}
