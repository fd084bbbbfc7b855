package ripplerest.app.library;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import ripplerest.app.people.CurrentPerson;

/**
 * A value that every estimate asks for and that is read from the database once for each person,
 * until it changes for somebody. A change in a transaction is seen by that transaction at once and
 * by everybody else when it is over.
 */
final class Remembered<T> {
  private final Supplier<T> read;
  private final Map<UUID, T> values = new HashMap<>();
  private int version;

  Remembered(Supplier<T> read) {
    this.read = read;
  }

  T get() {
    if (TransactionSynchronizationManager.hasResource(this)) {
      return read.get();
    }
    UUID person = CurrentPerson.now();
    int asked;
    synchronized (this) {
      T value = values.get(person);
      if (value != null) {
        return value;
      }
      asked = version;
    }
    T fresh = read.get();
    synchronized (this) {
      if (asked == version) {
        values.put(person, fresh);
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
    values.clear();
    version++;
  }
}
