package ripplerest.app.people;

import java.util.UUID;
import java.util.function.Supplier;

/**
 * For whom this thread works, and who acts. Where nobody is said, and always where one is alone:
 * the local person; but where several share a database, nobody.
 */
public final class CurrentPerson {
  /** Whose everything is where one is alone. */
  public static final UUID LOCAL = UUID.fromString("00000000-0000-0000-0000-000000000001");

  /** Whose the club's book and boxes are. */
  public static final UUID CLUB = UUID.fromString("00000000-0000-0000-0000-000000000002");

  /** Whoever is not known: nothing is theirs. */
  public static final UUID NOBODY = new UUID(0, 0);

  /** Of a thread for which nobody said who acts. */
  private static final Acting UNSAID = new Acting(LOCAL, LOCAL);

  private static final ThreadLocal<Acting> NOW = ThreadLocal.withInitial(() -> UNSAID);

  private CurrentPerson() {}

  /**
   * Somebody at work.
   *
   * @param owner whose things are read and written
   * @param actor who does it; the same, but in the club's book
   */
  public record Acting(UUID owner, UUID actor) {
    /** From here on this thread works as them, until what is answered is ended. */
    public Stay begin() {
      Acting before = NOW.get();
      NOW.set(this);
      return () -> NOW.set(before);
    }

    /** Does something as them; another thread may. */
    public <T> T get(Supplier<T> work) {
      Stay stay = begin();
      try {
        return work.get();
      } finally {
        stay.end();
      }
    }
  }

  /** As long as a thread works for somebody. */
  public interface Stay {
    void end();
  }

  public static UUID now() {
    return NOW.get().owner();
  }

  /** Who acts. */
  public static UUID actor() {
    return NOW.get().actor();
  }

  /**
   * Whether it was said who acts; where people share a database nothing is anybody's until then.
   */
  static boolean isSaid() {
    return NOW.get() != UNSAID; // the very one
  }

  /** Whoever is at work here, to go on with in another thread. */
  public static Acting acting() {
    return NOW.get();
  }

  /** Does something for somebody; what it reads and writes is theirs. */
  public static <T> T as(UUID person, Supplier<T> work) {
    return new Acting(person, person).get(work);
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
