package ripplerest.app.work;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import ripplerest.app.http.BusyException;
import ripplerest.app.people.CurrentPerson;

/**
 * Long work, as much of it at once as there are cores; the rest waits in order and is told its
 * place, and past a limit is refused.
 */
@Component
public class LongWork {
  /** How many may wait. */
  static final int MOST_WAITING = 16;

  /** How many of them may be one person's, so that nobody keeps all others waiting. */
  static final int MOST_OF_ONE = 8;

  /** After which a refused one may ask again, seconds. */
  static final int RETRY_SECONDS = 5;

  private static final long TELL_MILLIS = 500;

  private final ThreadPoolExecutor workers;

  /**
   * Where the work is done, its parallel streams too: of low priority, so that a pose has a core
   * though long work has both, and apart from every pool that a pose might use.
   */
  private final ForkJoinPool quiet;

  private final ScheduledExecutorService teller;

  private final boolean shared;

  LongWork(@Value("${ripplerest.shared:false}") boolean shared) {
    this.shared = shared;
    int cores = Runtime.getRuntime().availableProcessors();
    workers =
        new ThreadPoolExecutor(
            cores, cores, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING));
    quiet = new ForkJoinPool(cores, LongWork::quietly, null, false);
    teller = Executors.newSingleThreadScheduledExecutor();
    teller.scheduleAtFixedRate(this::tell, TELL_MILLIS, TELL_MILLIS, TimeUnit.MILLISECONDS);
  }

  /** Something long. */
  public interface Job extends Runnable {
    /**
     * Told while it waits.
     *
     * @return whether it is still wanted
     */
    boolean waits(int before);

    /** Called once it has run, or was given up before. */
    default void over() {}
  }

  /** A job in the queue, for whom; whatever becomes of it, it is told when it is over. */
  private record Queued(Job job, CurrentPerson.Acting acting, ForkJoinPool quiet)
      implements Runnable {
    @Override
    public void run() {
      try {
        quiet.submit(this::asAsked).join();
      } finally {
        job.over();
      }
    }

    private void asAsked() {
      CurrentPerson.Stay stay = acting.begin();
      try {
        job.run();
      } finally {
        stay.end();
      }
    }
  }

  private static ForkJoinWorkerThread quietly(ForkJoinPool pool) {
    ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(pool);
    thread.setName("long-work-" + thread.getPoolIndex());
    thread.setPriority(Thread.MIN_PRIORITY);
    return thread;
  }

  public void submit(Job job) {
    CurrentPerson.Acting acting = CurrentPerson.acting();
    long own =
        workers.getQueue().stream()
            .filter(w -> w instanceof Queued q && q.acting().actor().equals(acting.actor()))
            .count();
    if (shared && own >= MOST_OF_ONE) {
      throw new BusyException(
          "%d long questions of yours wait already. Ask again in a few seconds.".formatted(own),
          RETRY_SECONDS);
    }
    try {
      workers.execute(new Queued(job, acting, quiet));
    } catch (RejectedExecutionException e) {
      throw new BusyException(
          "%d long questions wait already. Ask again in a few seconds.".formatted(MOST_WAITING),
          RETRY_SECONDS);
    }
  }

  private void tell() {
    int before = workers.getActiveCount();
    for (Runnable waiting : List.copyOf(workers.getQueue())) {
      if (waiting instanceof Queued queued && !queued.job().waits(before)) {
        if (workers.remove(queued)) {
          queued.job().over();
        }
      } else {
        before++;
      }
    }
  }

  /** How many run or wait. */
  public int size() {
    return workers.getActiveCount() + workers.getQueue().size();
  }

  @PreDestroy
  void stop() {
    teller.shutdownNow();
    workers.shutdownNow();
    quiet.shutdownNow();
  }
}
