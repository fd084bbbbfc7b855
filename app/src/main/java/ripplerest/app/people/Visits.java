package ripplerest.app.people;

import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Where somebody is signed in; in the database, so that each copy of the application knows. */
@Service
public class Visits {
  private final JdbcTemplate jdbc;

  Visits(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** Wherever somebody is signed in, but in the session that is named, they are so no more. */
  public void end(UUID person, String but) {
    jdbc.update(
        "delete from spring_session where principal_name = ? and session_id <> ?",
        person.toString(),
        but);
  }
}
