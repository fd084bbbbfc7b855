package ripplerest.core.estimate;

import java.util.function.BooleanSupplier;

/** Long work as seen by who asked for it; called from several threads. */
public interface Work {
  /** Whether it is no longer wanted. */
  boolean cancelled();

  /** Told as it goes on. */
  void progress(int completed, int total);

  /** Work that nobody watches. */
  static Work unwatched() {
    return until(() -> false);
  }

  /** Work that is only ever given up. */
  static Work until(BooleanSupplier cancelled) {
    return new Work() {
      @Override
      public boolean cancelled() {
        return cancelled.getAsBoolean();
      }

      @Override
      public void progress(int completed, int total) {
        // nobody watches
      }
    };
  }

  /** Ends the work with {@link Cancelled} if it is no longer wanted. */
  default void throwIfCancelled() {
    if (cancelled()) {
      throw new Cancelled();
    }
  }
}
