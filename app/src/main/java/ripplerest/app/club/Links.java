package ripplerest.app.club;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.people.Token;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/** Links by which a pattern is read and copied, until they are taken back. */
@Service
@Transactional
class Links {
  private static final int MOST = 20;

  private final JdbcTemplate jdbc;

  Links(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** One that is good, and how often it was copied by. */
  record PatternLink(UUID id, Instant madeAt, int copies) {}

  /** A new one, and what is in it, which is told this once. */
  record FreshLink(UUID id, String token) {}

  /** Whose pattern a link leads to. */
  record Linked(UUID link, UUID whose, String by, UUID pattern) {}

  List<PatternLink> of(UUID pattern) {
    return jdbc.query(
        "select id, made_at, copies from pattern_link where pattern_id = ? and whose_id = person_now()"
            + " order by made_at",
        (row, n) ->
            new PatternLink(
                row.getObject(1, UUID.class), row.getTimestamp(2).toInstant(), row.getInt(3)),
        pattern);
  }

  FreshLink add(UUID pattern) {
    Require.inRange("links", of(pattern).size() + 1, 1, MOST);
    Token token = Token.fresh();
    UUID id = UUID.randomUUID();
    int made =
        jdbc.update(
            "insert into pattern_link (id, whose_id, pattern_id, token, made_at)"
                + " select ?, owner_id, id, ?, now() from pattern"
                + " where id = ? and deleted_at is null",
            id,
            token.hash(),
            pattern);
    if (made == 0) {
      throw new NotFoundException(pattern);
    }
    return new FreshLink(id, token.text());
  }

  void revoke(UUID pattern, UUID link) {
    int gone =
        jdbc.update(
            "delete from pattern_link where id = ? and pattern_id = ? and whose_id = person_now()",
            link,
            pattern);
    if (gone == 0) {
      throw new NotFoundException("link", link);
    }
  }

  /** Where a link leads; refuses one that was taken back or never was. */
  Linked follow(String token) {
    return jdbc
        .query(
            "select l.id, l.whose_id, p.name, l.pattern_id from pattern_link l"
                + " join person p on p.id = l.whose_id where token = ?",
            (row, n) ->
                new Linked(
                    row.getObject(1, UUID.class),
                    row.getObject(2, UUID.class),
                    row.getString(3),
                    row.getObject(4, UUID.class)),
            new Token(Require.text("link", token, 100)).hash())
        .stream()
        .findFirst()
        .orElseThrow(Links::gone);
  }

  static OutOfRangeException gone() {
    return new OutOfRangeException(
        "link",
        "taken back or never given",
        "a link that is good",
        "Ask whoever sent it for another.");
  }

  void copied(UUID link) {
    jdbc.update("update pattern_link set copies = copies + 1 where id = ?", link);
  }
}
