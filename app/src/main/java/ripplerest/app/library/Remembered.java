package ripplerest.app.library;

import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A value that every estimate asks for and that is read from the database once, until it changes. A
 * change in a transaction is seen by that transaction at once and by everybody else when it is
 * over.
 */
final class Remembered<T> {
  private final Supplier<T> read;
  private T value;
  private int version;

  Remembered(Supplier<T> read) {
    this.read = read;
  }

  T get() {
    if (TransactionSynchronizationManager.hasResource(this)) {
      return read.get();
    }
    int asked;
    synchronized (this) {
      if (value != null) {
        return value;
      }
      asked = version;
    }
    T fresh = read.get();
    synchronized (this) {
      if (asked == version) {
        value = fresh;
      }
    }
    return fresh;
  }

  /** What was read no longer holds. */
  void changed() {
    if (!TransactionSynchronizationManager.isSynchronizationActive()) {
      forget();
    } else if (!TransactionSynchronizationManager.hasResource(this)) {
      TransactionSynchronizationManager.bindResource(this, true);
      TransactionSynchronizationManager.registerSynchronization(
          new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
              TransactionSynchronizationManager.unbindResource(Remembered.this);
              forget();
            }
          });
    }
  }

  private synchronized void forget() {
    value = null;
    version++;
  }
}
