package ripplerest.app.club;

import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.people.Accounts;
import ripplerest.app.people.CurrentPerson;
import ripplerest.app.people.Role;
import ripplerest.core.quantity.Require;

/** Keeps what people say of patterns. */
@Service
@Transactional
class Comments {
  private static final int LONGEST = 2000;
  private static final int MOST = 500;

  private final JdbcTemplate jdbc;
  private final PatternStore patterns;
  private final Accounts accounts;

  Comments(JdbcTemplate jdbc, PatternStore patterns, Accounts accounts) {
    this.jdbc = jdbc;
    this.patterns = patterns;
    this.accounts = accounts;
  }

  /** All of one pattern, the earliest first. */
  List<CommentController.CommentView> of(UUID pattern) {
    patterns.get(pattern);
    return jdbc.query(
        "select c.id, coalesce(p.name, ''), coalesce(c.person_id = actor_now(), false), c.words,"
            + " c.made_at from pattern_comment c left join person p on p.id = c.person_id"
            + " where c.pattern_id = ? order by c.made_at, c.id",
        (row, n) ->
            new CommentController.CommentView(
                row.getObject(1, UUID.class),
                row.getString(2),
                row.getBoolean(3),
                row.getString(4),
                row.getTimestamp(5).toInstant()),
        pattern);
  }

  void say(UUID pattern, String words) {
    String said = Require.text("words", words, LONGEST).strip();
    patterns.get(pattern);
    int there =
        jdbc.queryForObject(
            "select count(*) from pattern_comment where pattern_id = ?", Integer.class, pattern);
    Require.inRange("comments", there + 1, 1, MOST);
    jdbc.update(
        "insert into pattern_comment (id, pattern_id, words, made_at) values (?, ?, ?, now())",
        UUID.randomUUID(),
        pattern,
        said);
  }

  void takeBack(UUID pattern, UUID comment) {
    boolean warden =
        accounts.find(CurrentPerson.actor()).filter(a -> a.role() == Role.WARDEN).isPresent();
    int gone =
        jdbc.update(
            "delete from pattern_comment where id = ? and pattern_id = ?"
                + " and (? or person_id = actor_now())",
            comment,
            pattern,
            warden);
    if (gone == 0) {
      throw new NotFoundException("comment", comment);
    }
  }
}
