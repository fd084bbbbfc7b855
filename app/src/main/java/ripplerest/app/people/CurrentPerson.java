package ripplerest.app.people;

import java.util.UUID;
import java.util.function.Supplier;

/**
 * For whom this thread works. Where nobody is said, and always where one is alone: the local
 * person.
 */
public final class CurrentPerson {
  /** Whose everything is where one is alone. */
  public static final UUID LOCAL = UUID.fromString("00000000-0000-0000-0000-000000000001");

  private static final ThreadLocal<UUID> NOW = ThreadLocal.withInitial(() -> LOCAL);

  private CurrentPerson() {}

  public static UUID now() {
    return NOW.get();
  }

  /** Does something for somebody; what it reads and writes is theirs. */
  public static <T> T as(UUID person, Supplier<T> work) {
    UUID before = NOW.get();
    NOW.set(person);
    try {
      return work.get();
    } finally {
      NOW.set(before);
    }
  }

  /** The same for what answers nothing. */
  public static void as(UUID person, Runnable work) {
    as(
        person,
        () -> {
          work.run();
          return null;
        });
  }
}
