package ripplerest.app.deleted;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
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

  /** Now and once a day, by one of all that run. */
  @Configuration
  static class Daily {
    @Bean
    RecurringTask<Void> purgeDaily(Purge purge) {
      return Tasks.recurring("purge", FixedDelay.ofHours(24))
          .execute((task, context) -> purge.quietly());
    }
  }

  private void quietly() {
    try {
      people.each(() -> purge(Instant.now()));
      forget();
    } catch (RuntimeException e) {
      LOG.warn("What was deleted long ago is removed tomorrow: {}", e.getMessage());
    }
  }

  /**
   * What was for a while only: links that nobody used, tablets that went, names that were tried.
   */
  private void forget() {
    jdbc.update("delete from invitation where until < now()");
    jdbc.update("delete from pairing where made_at < now() - interval '2 days'");
    jdbc.update("delete from sign_in_failure where last_at < now() - interval '1 day'");
    jdbc.update("delete from bucket");
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
}
