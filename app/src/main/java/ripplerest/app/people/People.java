package ripplerest.app.people;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Everybody who has things here. */
@Service
public class People {
  private final JdbcTemplate jdbc;

  People(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** What everybody is called; whoever left is nobody here any more. */
  public Map<UUID, String> names() {
    Map<UUID, String> names = new HashMap<>();
    jdbc.query(
        "select id, name from person",
        row -> {
          names.put(row.getObject(1, UUID.class), row.getString(2));
        });
    return names;
  }

  /** Does something for each of them, one after the other. */
  public void each(Runnable work) {
    List<UUID> all = jdbc.queryForList("select id from person order by created_at, id", UUID.class);
    all.forEach(person -> CurrentPerson.as(person, work));
  }
}
