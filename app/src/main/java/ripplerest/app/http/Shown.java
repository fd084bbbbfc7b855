package ripplerest.app.http;

/** How something that is stored is sent to whoever changed an older version of it. */
public interface Shown<T> {
  Class<T> type();

  /** As it is sent. */
  Object of(T stored);
}
