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
  private final RememberedVersions versions;
  private final Map<UUID, Value<T>> values = new HashMap<>();
  private int forgotten;

  Remembered(RememberedVersions versions, Supplier<T> read) {
    this.versions = versions;
    this.read = read;
  }

  /** What was read, and as of which version of what it was read from. */
  private record Value<T>(T value, long version) {}

  T get() {
    if (TransactionSynchronizationManager.hasResource(this)) {
      return read.get();
    }
    UUID person = CurrentPerson.now();
    long version = versions.now();
    int asked;
    synchronized (this) {
      Value<T> there = values.get(person);
      if (there != null && there.version() == version) {
        return there.value();
      }
      asked = forgotten;
    }
    T fresh = read.get();
    synchronized (this) {
      if (asked == forgotten) {
        values.put(person, new Value<>(fresh, version));
      }
    }
    return fresh;
  }

  /** What was read no longer holds. */
  void changed() {
    versions.next();
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
    forgotten++;
  }
}
