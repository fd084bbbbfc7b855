package ripplerest.core.quantity;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * The same question of many things, asked on as many threads as there are processors. The threads
 * are the call's own, the caller's among them: nothing waits for what another call computes, as in
 * a pool that all share, and answers stand in the order of the things, whichever came first.
 */
public final class Together {
  private Together() {}

  /**
   * An answer for each.
   *
   * @throws RuntimeException the first that an answer ended with; what is not begun by then is left
   */
  public static <T, R> List<R> map(List<T> things, Function<T, R> answer) {
    List<R> answers = new ArrayList<>(Collections.nCopies(things.size(), null));
    AtomicInteger next = new AtomicInteger();
    AtomicReference<Throwable> failed = new AtomicReference<>();
    Runnable worker =
        () -> {
          int i = next.getAndIncrement();
          while (i < things.size() && failed.get() == null) {
            try {
              answers.set(i, answer.apply(things.get(i)));
            } catch (RuntimeException | Error e) {
              failed.compareAndSet(null, e);
            }
            i = next.getAndIncrement();
          }
        };
    List<Thread> others = new ArrayList<>();
    int threads = Math.min(things.size(), Runtime.getRuntime().availableProcessors());
    for (int k = 1; k < threads; k++) {
      Thread other = new Thread(worker, "together-" + k);
      other.setDaemon(true);
      other.start();
      others.add(other);
    }
    worker.run();
    others.forEach(Together::await);
    if (failed.get() instanceof RuntimeException e) {
      throw e;
    } else if (failed.get() instanceof Error e) {
      throw e;
    }
    return answers;
  }

  /** Two questions of different kinds at once. */
  @SuppressWarnings("unchecked") // each answer stands in the place of its question
  public static <A, B, R> R both(Supplier<A> one, Supplier<B> other, BiFunction<A, B, R> join) {
    List<Object> answers = map(List.<Supplier<?>>of(one, other), Supplier::get);
    return join.apply((A) answers.get(0), (B) answers.get(1));
  }

  /** To its end, whoever interrupts: what it computes with is the caller's. */
  private static void await(Thread other) {
    boolean interrupted = false;
    while (other.isAlive()) {
      try {
        other.join();
      } catch (InterruptedException e) {
        interrupted = true;
      }
    }
    if (interrupted) {
      Thread.currentThread().interrupt();
    }
  }
}
