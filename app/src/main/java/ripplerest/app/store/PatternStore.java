package ripplerest.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.exchange.PatternFile;

/** Keeps patterns. Nothing is overwritten that the writer has not seen. */
@Service
public class PatternStore {
  private final PatternRepository repository;
  private final TransactionTemplate transaction;
  private final Clock clock = Clock.systemUTC();

  PatternStore(PatternRepository repository, TransactionTemplate transaction) {
    this.repository = repository;
    this.transaction = transaction;
  }

  /** All patterns that are not deleted, oldest first. */
  public List<PatternEntity> list() {
    return repository.findByDeletedAtIsNullOrderByCreatedAtAsc();
  }

  /** One pattern that is not deleted. */
  public PatternEntity get(UUID id) {
    return repository
        .findById(id)
        .filter(p -> !p.isDeleted())
        .orElseThrow(() -> new NotFoundException(id));
  }

  public PatternEntity add(PatternFile file) {
    return transaction.execute(t -> repository.saveAndFlush(new PatternEntity(file, now())));
  }

  /** Replaces a pattern if its revision is still the one that was read. */
  public PatternEntity replace(UUID id, long revision, PatternFile file) {
    try {
      return transaction.execute(
          t -> {
            PatternEntity stored = get(id);
            if (stored.revision() != revision) {
              throw new ConflictException(stored);
            }
            stored.take(file, now());
            return repository.saveAndFlush(stored);
          });
    } catch (ObjectOptimisticLockingFailureException e) {
      throw new ConflictException(get(id));
    }
  }

  public void delete(UUID id) {
    transaction.executeWithoutResult(
        t -> {
          PatternEntity stored = get(id);
          stored.delete(now());
          repository.saveAndFlush(stored);
        });
  }

  /** Undoes a deletion; a pattern that is not deleted stays as it is. */
  public PatternEntity restore(UUID id) {
    return transaction.execute(
        t -> {
          PatternEntity stored =
              repository.findById(id).orElseThrow(() -> new NotFoundException(id));
          stored.restore();
          return repository.saveAndFlush(stored);
        });
  }

  private Instant now() {
    return clock.instant();
  }
}
