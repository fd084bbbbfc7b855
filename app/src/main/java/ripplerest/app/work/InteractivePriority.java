package ripplerest.app.work;

import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import ripplerest.app.http.BusyException;

/**
 * A pose that somebody waits for goes before long work, which holds still for as long as it is
 * found: two cores are soon taken. As many poses as there are cores are found at once, a few more
 * wait in order, and past those whoever asks is told to ask again.
 */
@Component
public class InteractivePriority implements QuietGate {
  /** Long work is held up for no longer than this at a time, ms. */
  private static final long MOST_MILLIS = 1500;

  /** Poses that are found at once, and that may wait beside those. */
  static final int AT_ONCE = 2;

  static final int WAITING = 8;

  /** After which one that is turned away may ask again, seconds. */
  static final int RETRY_SECONDS = 1;

  private final Semaphore places = new Semaphore(AT_ONCE, true);
  private int quick;

  /** Does something quick, in turn, while long work holds still. */
  public <T> T first(Supplier<T> work) {
    synchronized (this) {
      if (quick >= AT_ONCE + WAITING) {
        throw new BusyException(
            "%d poses are asked for already. Ask again in a second.".formatted(AT_ONCE + WAITING),
            RETRY_SECONDS);
      }
      quick++;
    }
    try {
      places.acquireUninterruptibly();
      try {
        return work.get();
      } finally {
        places.release();
      }
    } finally {
      synchronized (this) {
        quick--;
        notifyAll();
      }
    }
  }

  /** Background work waits longer: minutes if need be, but not for ever. */
  @Override
  public void whileBusy() {
    for (int i = 0; i < 40 && isBusy(); i++) {
      giveWay();
    }
  }

  private synchronized boolean isBusy() {
    return quick > 0;
  }

  /** Called by long work between two steps. */
  synchronized void giveWay() {
    long end = System.nanoTime() + MOST_MILLIS * 1_000_000;
    try {
      for (long left = MOST_MILLIS; quick > 0 && left > 0; ) {
        wait(left);
        left = (end - System.nanoTime()) / 1_000_000;
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt(); // the work is given up at its own next look
    }
  }
}
