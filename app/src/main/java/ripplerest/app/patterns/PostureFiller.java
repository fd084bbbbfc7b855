package ripplerest.app.patterns;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.library.Preparation;
import ripplerest.app.people.People;
import ripplerest.app.work.QuietGate;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.quantity.Words;
import ripplerest.exchange.format.PatternFile;

/**
 * Puts patterns on the water one at a time in the background, so that the book can be searched by
 * posture; a pattern that is being worked on is left alone until it has been quiet for a while.
 */
@Component
class PostureFiller {
  private static final Logger LOG = LoggerFactory.getLogger(PostureFiller.class);
  private static final int AT_A_TIME = 20;
  private static final long PAUSE_SECONDS = 5;
  private static final int MOST_TRIES = 3;

  private final EntityManager manager;
  private final TransactionTemplate transaction;
  private final PatternRepository repository;
  private final Preparation preparation;
  private final BookWords book;
  private final QuietGate gate;
  private final People people;
  private volatile boolean over;

  PostureFiller(
      EntityManager manager,
      TransactionTemplate transaction,
      PatternRepository repository,
      Preparation preparation,
      BookWords book,
      QuietGate gate,
      People people) {
    this.people = people;
    this.gate = gate;
    this.manager = manager;
    this.transaction = transaction;
    this.repository = repository;
    this.preparation = preparation;
    this.book = book;
  }

  /** Again and again, by one of all that run. */
  @Configuration
  static class Again {
    @Bean
    RecurringTask<Void> fillPostures(PostureFiller filler) {
      return Tasks.recurring("postures", FixedDelay.ofSeconds((int) PAUSE_SECONDS))
          .execute((task, context) -> filler.fill());
    }
  }

  /** Goes on until every quiet pattern has a posture. */
  void fill() {
    try {
      people.each(
          () -> {
            while (!over && fillSome() > 0) {
              // the next few
            }
          });
    } catch (RuntimeException e) {
      LOG.warn("Postures are looked at again later: {}", e.getMessage());
    }
  }

  private int fillSome() {
    List<UUID> ids =
        manager
            .createQuery(
                "select p.id from PatternEntity p where p.posture is null and p.deletedAt is null"
                    + " and p.postureTries < "
                    + MOST_TRIES
                    + " and p.updatedAt < :quiet order by p.updatedAt",
                UUID.class)
            .setParameter("quiet", java.time.Instant.now().minusSeconds(PAUSE_SECONDS))
            .setMaxResults(AT_A_TIME)
            .getResultList();
    for (UUID id : ids) {
      gate.whileBusy(); // whoever waits for a pose goes before
      long begun = System.nanoTime();
      repository.findById(id).ifPresent(this::tryToFill);
      if (!rested(System.nanoTime() - begun)) {
        return 0;
      }
    }
    return ids.size();
  }

  /** Leaves the machine to the bench for as long as it was used; false if it is to end. */
  private static boolean rested(long nanos) {
    try {
      TimeUnit.NANOSECONDS.sleep(nanos);
      return true;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  /** One that cannot be read or reckoned holds up no other, and is given up after a few tries. */
  private void tryToFill(PatternEntity stored) {
    try {
      fill(stored);
    } catch (DataAccessException e) {
      throw e; // not the pattern's fault
    } catch (RuntimeException e) {
      LOG.warn("{} ({}) has no posture: {}", stored.name(), stored.id(), e.getMessage());
      transaction.executeWithoutResult(
          t ->
              manager
                  .createNativeQuery(
                      "update pattern set posture_tries = posture_tries + 1 where id = :id")
                  .setParameter("id", stored.id())
                  .executeUpdate());
    }
  }

  /** Only if it was not changed meanwhile; its revision stays, for nobody changed it. */
  private void fill(PatternEntity stored) {
    PatternFile file = preparation.read(stored.document());
    Estimate estimate = Estimator.estimate(preparation.prepared(file), Options.poseOnly());
    stored.index(file.pattern(), book);
    transaction.executeWithoutResult(
        t ->
            manager
                .createNativeQuery(
                    "update pattern set posture = :posture, words = :words,"
                        + " materials = :materials, hook_shape = :shape"
                        + " where id = :id and revision = :revision")
                .setParameter("posture", Words.id(estimate.sits()))
                .setParameter("words", stored.words())
                .setParameter("materials", stored.materials())
                .setParameter("shape", stored.hookShape())
                .setParameter("id", stored.id())
                .setParameter("revision", stored.revision())
                .executeUpdate());
  }

  /** Before anything is taken apart, so that nobody waits for the next few. */
  @EventListener(ContextClosedEvent.class)
  void stop() {
    over = true;
  }
}
