package ripplerest.app.work;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Executors;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Work that is done by itself and again and again, each by one of the copies of the application
 * that run before this database; what one that was killed had begun another begins anew.
 */
@Component
class Background {
  private static final int THREADS = 2;
  private static final Duration LOOKS = Duration.ofSeconds(2);
  private static final Duration BEATS = Duration.ofSeconds(10);
  private static final int MISSED_BEATS = 4;
  private static final Duration ENDS_WITHIN = Duration.ofSeconds(5);

  private final Scheduler scheduler;

  Background(DataSource source, List<RecurringTask<?>> tasks) {
    scheduler =
        Scheduler.create(source)
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

  @PreDestroy
  void stop() {
    scheduler.stop();
  }
}
