package ripplerest.app.deleted;

import java.time.Instant;
import org.springframework.context.ApplicationContext;

/** Lets tests purge as at another day. */
public final class PurgeAccess {
  private PurgeAccess() {}

  public static void purge(ApplicationContext context, Instant now) {
    context.getBean(Purge.class).purge(now);
  }
}
