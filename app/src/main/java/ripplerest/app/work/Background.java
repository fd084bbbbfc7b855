package ripplerest.app.work;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Work that is done by itself and again and again, each by one of the copies of the application
 * that run before this database; what one that was killed had begun another begins anew.
 */
@Component
public class Background {
  private static final int THREADS = 3;
  private static final Duration LOOKS = Duration.ofSeconds(2);
  private static final Duration BEATS = Duration.ofSeconds(10);
  private static final int MISSED_BEATS = 4;
  private static final Duration ENDS_WITHIN = Duration.ofSeconds(5);

  private final Scheduler scheduler;

  Background(
      DataSource source, List<RecurringTask<?>> tasks, ObjectProvider<OneTimeTask<Void>> once) {
    List<Task<?>> known = new ArrayList<>(once.stream().toList());
    scheduler =
        Scheduler.create(source, known)
            .enableImmediateExecution()
            .startTasks(tasks)
            .pollingInterval(LOOKS)
            .heartbeatInterval(BEATS)
            .missedHeartbeatsLimit(MISSED_BEATS)
            .shutdownMaxWait(ENDS_WITHIN)
            .executorService(Executors.newFixedThreadPool(THREADS, Background::quietly))
            .threads(THREADS)
            .build();
  }

  private static Thread quietly(Runnable work) {
    Thread thread = new Thread(work, "background");
    thread.setDaemon(true);
    thread.setPriority(Thread.MIN_PRIORITY);
    return thread;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    scheduler.start();
  }

  /**
   * Has something done once, soon, by one of all copies; what is asked for and not done yet is done
   * once.
   */
  public void soon(String task, String id) {
    scheduler.scheduleIfNotExists(new TaskInstance<>(task, id), Instant.now());
  }

  @PreDestroy
  void stop() {
    scheduler.stop();
  }
}
