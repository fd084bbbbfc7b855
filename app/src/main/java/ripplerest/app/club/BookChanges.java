package ripplerest.app.club;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import ripplerest.app.library.Preparation;
import ripplerest.app.patterns.PatternStore;
import ripplerest.core.dressing.StepName;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.PatternFile;

/** Who changed what in the club's book. The database keeps it; here it is put into words. */
@Service
class BookChanges {
  private static final int MOST = 100;
  private static final String ALL =
      "select c.pattern_id, c.name, c.what, p.name, c.at, c.before::text, c.after::text"
          + " from club_change c left join person p on p.id = c.person_id";

  private final JdbcTemplate jdbc;
  private final PatternStore patterns;
  private final Preparation preparation;

  BookChanges(JdbcTemplate jdbc, PatternStore patterns, Preparation preparation) {
    this.jdbc = jdbc;
    this.patterns = patterns;
    this.preparation = preparation;
  }

  /** What became of a pattern. */
  enum What {
    ADDED,
    CHANGED,
    DELETED,
    RESTORED
  }

  /**
   * A change of one pattern.
   *
   * @param by empty for somebody who left
   * @param words what was changed, such as "hackle 4 turns"; empty where it is all of it
   */
  record ChangeLine(UUID pattern, String name, What what, String by, Instant at, String words) {}

  List<ChangeLine> latest() {
    return jdbc.query(ALL + " order by c.at desc, c.id desc limit " + MOST, this::line);
  }

  List<ChangeLine> of(UUID pattern) {
    patterns.get(pattern);
    return jdbc.query(
        ALL + " where c.pattern_id = ? order by c.id desc limit " + MOST, this::line, pattern);
  }

  private ChangeLine line(ResultSet row, int n) throws SQLException {
    What what = What.valueOf(row.getString(3));
    String by = row.getString(4);
    return new ChangeLine(
        row.getObject(1, UUID.class),
        row.getString(2),
        what,
        by == null ? "" : by,
        row.getTimestamp(5).toInstant(),
        what == What.CHANGED ? words(row.getString(6), row.getString(7)) : "");
  }

  private String words(String before, String after) {
    try {
      PatternFile was = preparation.read(before);
      PatternFile is = preparation.read(after);
      return StepName.of(was.pattern(), was.conditions(), is.pattern(), is.conditions());
    } catch (InvalidDocumentException | OutOfRangeException e) {
      return ""; // of a version that cannot be read any more
    }
  }
}
