package ripplerest.app.patterns;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.http.ConflictException;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.library.CarriedStore;
import ripplerest.core.dressing.StepName;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.PatternWriter;

/** Keeps patterns. Nothing is overwritten that the writer has not seen. */
@Service
public class PatternStore {
  /** Patterns written together. */
  private static final int BATCH = 100;

  private final PatternRepository repository;
  private final TransactionTemplate transaction;
  private final EntityManager manager;
  private final BookWords book;
  private final PatternStepRepository steps;
  private final PatternReader reader;
  private final CarriedStore carried;
  private final Clock clock = Clock.systemUTC();

  PatternStore(
      PatternRepository repository,
      TransactionTemplate transaction,
      EntityManager manager,
      BookWords book,
      PatternStepRepository steps,
      PatternReader reader,
      CarriedStore carried) {
    this.repository = repository;
    this.transaction = transaction;
    this.manager = manager;
    this.book = book;
    this.steps = steps;
    this.reader = reader;
    this.carried = carried;
  }

  /** The patterns added last that are neither deleted nor archived, oldest first. */
  public List<PatternEntity> latest(int most) {
    List<PatternEntity> latest =
        new ArrayList<>(
            repository.findByDeletedAtIsNullAndArchivedAtIsNullOrderByCreatedAtDescIdAsc(
                Limit.of(most)));
    Collections.reverse(latest);
    return latest;
  }

  /** One pattern that is not deleted. */
  public PatternEntity get(UUID id) {
    return repository
        .findById(id)
        .filter(p -> !p.isDeleted())
        .orElseThrow(() -> new NotFoundException(id));
  }

  public PatternEntity add(PatternFile file) {
    return transaction.execute(
        t -> repository.saveAndFlush(new PatternEntity(carried.admit(file), book, now())));
  }

  /**
   * Adds all that {@code source} hands over, or none: whatever it throws undoes everything.
   *
   * @return how many
   */
  public int addAll(Consumer<Consumer<PatternFile>> source) {
    int[] added = {0};
    transaction.executeWithoutResult(
        t ->
            source.accept(
                file -> {
                  manager.persist(new PatternEntity(carried.admit(file), book, now()));
                  if (++added[0] % BATCH == 0) {
                    manager.flush();
                    manager.clear();
                  }
                }));
    return added[0];
  }

  /** Hands over every pattern that is not deleted, archived ones too, oldest first. */
  public void each(Consumer<PatternEntity> taker) {
    transaction.executeWithoutResult(
        t -> {
          try (Stream<PatternEntity> all =
              repository.streamByDeletedAtIsNullOrderByCreatedAtAsc()) {
            all.forEach(
                p -> {
                  taker.accept(p);
                  manager.detach(p);
                });
          }
        });
  }

  /** Marks a pattern to stand first in lists, or takes the mark off; its revision stays. */
  public void favour(UUID id, boolean on) {
    transaction.executeWithoutResult(
        t -> {
          if (repository.favour(id, on) == 0) {
            throw new NotFoundException("pattern", id);
          }
        });
  }

  /** Puts a pattern away, or takes it out again. */
  public PatternEntity archive(UUID id, boolean away) {
    return transaction.execute(
        t -> {
          PatternEntity stored = locked(id);
          stored.archive(away ? now() : null);
          return repository.saveAndFlush(stored);
        });
  }

  /** Replaces a pattern if its revision is still the one that was read, as one more step. */
  public PatternEntity replace(UUID id, long revision, PatternFile file) {
    return changed(
        id,
        revision,
        stored -> {
          String name = nameOfStep(stored, file);
          if (!name.isEmpty()) {
            add(stored, name, file);
          }
          stored.take(carried.admit(file), book, now());
        });
  }

  /**
   * Goes one step back or forth, if the revision is still the one that was read.
   *
   * @param by -1 or 1; refused past the first and the last step
   */
  public PatternEntity step(UUID id, long revision, int by) {
    return changed(
        id,
        revision,
        stored -> {
          PatternStep there =
              stepOf(stored, stored.step() + by)
                  .orElseThrow(
                      () ->
                          new OutOfRangeException(
                              "step",
                              "none",
                              by < 0 ? "a change to undo" : "a change to redo",
                              "Nothing more can be taken back or done again."));
          stored.take(read(there.document()), book, now());
          stored.standAt(stored.step() + by);
        });
  }

  /** What undoing would take back; empty if there is nothing. */
  public String undoes(PatternEntity stored) {
    return stored.step() == 0
        ? ""
        : stepOf(stored, stored.step()).map(PatternStep::name).orElse("");
  }

  /** What redoing would bring back; empty if there is nothing. */
  public String redoes(PatternEntity stored) {
    return stepOf(stored, stored.step() + 1).map(PatternStep::name).orElse("");
  }

  /** Whatever was undone before is gone once something else is done. */
  private void add(PatternEntity stored, String name, PatternFile file) {
    int number = stored.step();
    if (stepOf(stored, number).isEmpty()) {
      steps.save(new PatternStep(stored.id(), number, "", stored.document(), now()));
    }
    steps.forgetAfter(stored.id(), number);
    steps.save(new PatternStep(stored.id(), number + 1, name, PatternWriter.write(file), now()));
    stored.standAt(number + 1);
  }

  private Optional<PatternStep> stepOf(PatternEntity stored, int number) {
    return steps.findById(new PatternStep.Key(stored.id(), number));
  }

  private String nameOfStep(PatternEntity stored, PatternFile file) {
    PatternFile before = read(stored.document());
    return StepName.of(before.pattern(), before.conditions(), file.pattern(), file.conditions());
  }

  private PatternFile read(String document) {
    return reader.read(document.getBytes(StandardCharsets.UTF_8));
  }

  /** Changes of one pattern go one after the other, under its lock. */
  private PatternEntity changed(UUID id, long revision, Consumer<PatternEntity> change) {
    return transaction.execute(
        t -> {
          PatternEntity stored = locked(id);
          if (stored.revision() != revision) {
            throw new ConflictException(
                "This pattern was changed elsewhere since it was opened here.", stored);
          }
          change.accept(stored);
          return repository.saveAndFlush(stored);
        });
  }

  private PatternEntity locked(UUID id) {
    PatternEntity stored = repository.findById(id).orElseThrow(() -> new NotFoundException(id));
    manager.refresh(stored, LockModeType.PESSIMISTIC_WRITE); // it may have been read before
    if (stored.isDeleted()) {
      throw new NotFoundException(id);
    }
    return stored;
  }

  public void delete(UUID id) {
    transaction.executeWithoutResult(
        t -> {
          PatternEntity stored = locked(id);
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
          manager.refresh(stored, LockModeType.PESSIMISTIC_WRITE);
          stored.restore();
          return repository.saveAndFlush(stored);
        });
  }

  private Instant now() {
    return clock.instant();
  }
}
