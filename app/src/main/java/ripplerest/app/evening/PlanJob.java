package ripplerest.app.evening;

import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import ripplerest.app.http.ConflictException;
import ripplerest.app.people.CurrentPerson;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Planning that is under way, one a person: where it is stands in the database, so that it is told
 * by any copy of the application, and begun anew by another when the one that does it dies.
 */
@Component
class PlanJob {
  static final String TASK = "plan-evenings";
  private static final Logger LOG = LoggerFactory.getLogger(PlanJob.class);
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final long TELL_NANOS = 300_000_000;

  private final JdbcTemplate jdbc;

  PlanJob(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** How far it is, and why there is no plan where it is over without one. */
  record State(int done, int all, boolean over, Optional<OutOfRangeException> problem) {}

  /** Why there is no plan, as it is kept until it is told. */
  private record Problem(String field, String value, String bound, String remedy) {}

  /** It is asked for; one that is under way goes on. */
  void asked() {
    jdbc.update(
        "insert into plan_job (done, of, given_up, problem) values (0, 0, false, '')"
            + " on conflict (owner_id) do update set given_up = false, problem = '',"
            + " over_at = null, done = case when plan_job.over_at is null then plan_job.done else 0 end");
  }

  Optional<State> now() {
    return jdbc
        .query(
            "select done, of, over_at is not null, problem from plan_job",
            (row, n) ->
                new State(row.getInt(1), row.getInt(2), row.getBoolean(3), told(row.getString(4))))
        .stream()
        .findFirst();
  }

  /** Whoever asked went away. */
  void giveUp() {
    jdbc.update("update plan_job set given_up = true where over_at is null");
  }

  private boolean isGivenUp(int done, int all) {
    return jdbc.queryForList(
            "update plan_job set done = ?, of = ? returning given_up", Boolean.class, done, all)
        .contains(true);
  }

  private static Optional<OutOfRangeException> told(String problem) {
    if (problem.isEmpty()) {
      return Optional.empty();
    }
    Problem p = MAPPER.readValue(problem, Problem.class);
    return Optional.of(new OutOfRangeException(p.field(), p.value(), p.bound(), p.remedy()));
  }

  private void over(String problem) {
    jdbc.update("update plan_job set over_at = now(), problem = ?", problem);
  }

  private void failed(String field, String value, String bound, String remedy) {
    over(MAPPER.writeValueAsString(new Problem(field, value, bound, remedy)));
  }

  /** Plans for somebody; what cannot be planned is told, and not tried again. */
  void run(Planning planning) {
    try {
      planning.plan(LocalDateTime.now(), new Watched());
      over("");
    } catch (Cancelled e) {
      over("");
    } catch (OutOfRangeException e) {
      failed(e.field(), e.value(), e.bound(), e.remedy());
    } catch (ConflictException e) {
      failed("plan", "changed meanwhile", "one that stays while it is planned", "Plan it again.");
    } catch (RuntimeException e) {
      LOG.warn("A plan failed.", e);
      failed("plan", "not found", "one that can be found", "Take a want out and plan it again.");
    }
  }

  /** Work whose progress is kept where others see it, now and then. */
  private final class Watched implements Work {
    private long told;
    private boolean cancelled;

    @Override
    public boolean cancelled() {
      return cancelled;
    }

    @Override
    public synchronized void progress(int completed, int total) {
      long now = System.nanoTime();
      if (now - told > TELL_NANOS) {
        told = now;
        cancelled = isGivenUp(completed, total);
      }
    }
  }

  @Configuration
  static class Once {
    @Bean
    OneTimeTask<Void> planEvenings(PlanJob job, Planning planning) {
      return Tasks.oneTime(TASK)
          .execute(
              (task, context) ->
                  CurrentPerson.as(UUID.fromString(task.getId()), () -> job.run(planning)));
    }
  }
}
