package ripplerest.app.club;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.library.CarriedStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.people.Behalf;
import ripplerest.app.people.CurrentPerson;
import ripplerest.exchange.format.PatternFile;

/** Patterns that go from one book to another, with the style and materials that they need. */
@Service
class Copies {
  private final PatternStore patterns;
  private final CarriedStore carried;
  private final Preparation preparation;
  private final Behalf behalf;

  Copies(PatternStore patterns, CarriedStore carried, Preparation preparation, Behalf behalf) {
    this.patterns = patterns;
    this.carried = carried;
    this.preparation = preparation;
    this.behalf = behalf;
  }

  /** What came of it, in another book. */
  record Copied(UUID id) {}

  /** A pattern with all that it needs, for whoever does not have it. */
  PatternFile packed(UUID pattern) {
    return carried.packed(preparation.read(patterns.get(pattern).document()));
  }

  /** A copy in the club's book. */
  @Transactional
  UUID toClub(UUID pattern) {
    return into(CurrentPerson.CLUB, packed(pattern));
  }

  /** A copy in the book of whoever asks, wherever they look at it. */
  @Transactional
  UUID toOwn(UUID pattern) {
    return into(CurrentPerson.actor(), packed(pattern));
  }

  @Transactional
  UUID into(UUID owner, PatternFile packed) {
    return behalf.of(owner, () -> patterns.add(packed).id());
  }
}
