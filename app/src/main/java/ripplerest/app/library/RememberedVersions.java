package ripplerest.app.library;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Tells whether what is remembered of somebody still holds, though it may have been changed through
 * another copy of the application; where one is alone there is none.
 */
@Component
class RememberedVersions {
  private final JdbcTemplate jdbc;
  private final boolean shared;

  RememberedVersions(JdbcTemplate jdbc, @Value("${ripplerest.shared:false}") boolean shared) {
    this.jdbc = jdbc;
    this.shared = shared;
  }

  /** Of whoever is at work here. */
  long now() {
    return shared
        ? jdbc.queryForObject("select coalesce(max(version), 0) from remembered", Long.class)
        : 0;
  }

  /** Something that is remembered of them changes, when this transaction is over. */
  void next() {
    if (shared) {
      jdbc.update(
          "insert into remembered (version) values (1)"
              + " on conflict (owner_id) do update set version = remembered.version + 1");
    }
  }
}
