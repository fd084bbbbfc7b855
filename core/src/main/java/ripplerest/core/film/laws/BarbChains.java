package ripplerest.core.film.laws;

import java.util.concurrent.atomic.AtomicLong;

/**
 * How many of the chains behind the tables of lying barbs came to rest, since the program began.
 */
public final class BarbChains {
  private static final AtomicLong SETTLED = new AtomicLong();
  private static final AtomicLong UNSETTLED = new AtomicLong();

  private BarbChains() {}

  static void count(boolean settled) {
    (settled ? SETTLED : UNSETTLED).incrementAndGet();
  }

  /** Those whose torques vanished. */
  public static long settled() {
    return SETTLED.get();
  }

  /** Those whose steps ran out before. */
  public static long unsettled() {
    return UNSETTLED.get();
  }
}
