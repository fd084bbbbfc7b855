package ripplerest.app.deleted;

import jakarta.annotation.PreDestroy;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.StyleStore;
import ripplerest.app.people.People;

/**
 * Removes for good what was deleted ninety days ago and nothing refers to, and answers that need no
 * longer be remembered; now and once a day.
 */
@Component
class Purge {
  private static final Logger LOG = LoggerFactory.getLogger(Purge.class);
  private static final Duration ANSWERS_KEPT = Duration.ofDays(1);

  private final JdbcTemplate jdbc;
  private final TransactionTemplate transaction;
  private final StyleStore styles;
  private final MaterialStore materials;
  private final People people;
  private final ScheduledExecutorService daily = Executors.newSingleThreadScheduledExecutor();

  Purge(
      JdbcTemplate jdbc,
      TransactionTemplate transaction,
      StyleStore styles,
      MaterialStore materials,
      People people) {
    this.people = people;
    this.jdbc = jdbc;
    this.transaction = transaction;
    this.styles = styles;
    this.materials = materials;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    daily.scheduleWithFixedDelay(this::quietly, 1, 24 * 60, TimeUnit.MINUTES);
  }

  private void quietly() {
    try {
      people.each(() -> purge(Instant.now()));
    } catch (RuntimeException e) {
      LOG.warn("What was deleted long ago is removed tomorrow: {}", e.getMessage());
    }
  }

  /** As at {@code now}; patterns and flies first, for they hold what they refer to. */
  void purge(Instant now) {
    Timestamp old = Timestamp.from(now.minus(Deleted.KEPT));
    transaction.executeWithoutResult(
        t -> {
          jdbc.update("delete from tank_test where deleted_at < ?", old);
          jdbc.update("delete from logged_fly where deleted_at < ?", old);
          jdbc.update("delete from fly_box where deleted_at < ?", old);
          jdbc.update("delete from outing where deleted_at < ?", old);
          jdbc.update("delete from pattern where deleted_at < ?", old);
          jdbc.update("delete from own_hook where deleted_at < ?", old);
          jdbc.update("delete from drawer_item where deleted_at < ?", old);
          jdbc.update(
              """
              delete from house_style s where deleted_at < ?
                and not exists (select 1 from pattern p where p.style = s.id)
                and not exists (select 1 from pattern_step p
                  where p.document #>> '{pattern,style}' = s.id)
                and not exists (select 1 from logged_fly f
                  where f.entry #>> '{document,pattern,style}' = s.id)""",
              old);
          jdbc.update(
              """
              delete from own_material_value v where deleted_at < ?
                and not exists (select 1 from pattern p where v.material = any(p.materials))
                and not exists (select 1 from pattern_step p
                  where p.document @> jsonb_build_object('pattern', jsonb_build_object('parts',
                    jsonb_build_array(jsonb_build_object('material', v.material)))))
                and not exists (select 1 from logged_fly f
                  where f.entry @> jsonb_build_object('document', jsonb_build_object('pattern',
                    jsonb_build_object('parts',
                      jsonb_build_array(jsonb_build_object('material', v.material))))))""",
              old);
          jdbc.update(
              "delete from answered_change where answered_at < ?",
              Timestamp.from(now.minus(ANSWERS_KEPT)));
          styles.changed();
          materials.changed();
        });
  }

  @PreDestroy
  void stop() {
    daily.shutdownNow();
  }
}
