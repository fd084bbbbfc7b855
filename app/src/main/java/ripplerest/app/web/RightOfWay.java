package ripplerest.app.web;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * A pose that somebody waits for goes before long work, which holds still for as long as it is
 * found: two cores are soon taken.
 */
@Component
class RightOfWay {
  /** Long work is held up for no longer than this at a time, ms. */
  private static final long MOST_MILLIS = 400;

  private int quick;

  /** Does something quick while long work holds still. */
  <T> T first(Supplier<T> work) {
    synchronized (this) {
      quick++;
    }
    try {
      return work.get();
    } finally {
      synchronized (this) {
        quick--;
        notifyAll();
      }
    }
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
