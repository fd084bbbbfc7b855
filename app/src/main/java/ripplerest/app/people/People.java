package ripplerest.app.people;

import java.util.List;
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

  /** Does something for each of them, one after the other. */
  public void each(Runnable work) {
    List<UUID> all = jdbc.queryForList("select id from person order by created_at, id", UUID.class);
    all.forEach(person -> CurrentPerson.as(person, work));
  }
}
