package ripplerest.app.people;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * Does part of a change for somebody else, such as the club, in the same transaction: whoever acts
 * stays the same, and the connection says anew whose things it is about.
 */
@Service
public class Behalf {
  private final EntityManager manager;
  private final JdbcTemplate jdbc;
  private final boolean shared;

  Behalf(
      EntityManager manager,
      JdbcTemplate jdbc,
      @Value("${ripplerest.shared:false}") boolean shared) {
    this.manager = manager;
    this.jdbc = jdbc;
    this.shared = shared;
  }

  @Transactional
  public <T> T of(UUID owner, Supplier<T> work) {
    if (!shared) {
      throw new OutOfRangeException(
          "people", "one alone", "several", "Start it with ./ripple-rest start --shared.");
    }
    UUID before = CurrentPerson.now();
    say(owner);
    T done = new CurrentPerson.Acting(owner, CurrentPerson.actor()).get(work);
    say(before);
    return done;
  }

  /** What was read for one is forgotten before it is asked for another. */
  private void say(UUID owner) {
    manager.flush();
    manager.clear();
    jdbc.queryForObject(
        "select set_config('ripplerest.person', ?, false)", String.class, owner.toString());
  }
}
