package ripplerest.app.people;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Ids of things that come in with a file. Two people may take in the same file, so where several
 * share a database each has them under ids of their own: the same whenever the same file comes.
 */
@Component
public class OwnIds {
  private final boolean shared;

  OwnIds(@Value("${ripplerest.shared:false}") boolean shared) {
    this.shared = shared;
  }

  /**
   * @param here whether such a thing is one's own already, as when a file comes back
   */
  public UUID of(UUID id, Predicate<UUID> here) {
    if (!shared || here.test(id)) {
      return id;
    }
    String own = CurrentPerson.now() + " " + id;
    return UUID.nameUUIDFromBytes(own.getBytes(StandardCharsets.UTF_8));
  }
}
