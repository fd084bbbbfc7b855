package ripplerest.app.tests;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.http.ConflictException;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.log.LogStore;
import ripplerest.app.people.OwnIds;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.exchange.format.LoggedTest;
import ripplerest.exchange.format.TestFile;
import tools.jackson.databind.json.JsonMapper;

/** Keeps tests of tied flies, and their pictures. */
@Service
public class TestStore {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final TankTestRepository repository;
  private final TransactionTemplate transaction;
  private final JdbcTemplate jdbc;
  private final EntityManager manager;
  private final LogStore log;
  private final OwnIds ids;

  TestStore(
      TankTestRepository repository,
      TransactionTemplate transaction,
      JdbcTemplate jdbc,
      EntityManager manager,
      LogStore log,
      OwnIds ids) {
    this.ids = ids;
    this.log = log;
    this.repository = repository;
    this.transaction = transaction;
    this.jdbc = jdbc;
    this.manager = manager;
  }

  /** A test, and whether there is a picture of it. */
  public record Entry(LoggedTest test, long revision, boolean pictured) {}

  /** Every test, the latest first. */
  public List<Entry> all() {
    List<UUID> pictured = jdbc.queryForList("select test_id from tank_picture", UUID.class);
    List<Entry> all = new ArrayList<>();
    repository.all().forEach(e -> all.add(entry(e, pictured)));
    return all;
  }

  /** One of them. */
  public Entry get(UUID id) {
    return repository.one(id).map(this::entry).orElseThrow(() -> new NotFoundException("test", id));
  }

  private Entry entry(TankTestEntity e) {
    return entry(e, jdbc.queryForList("select test_id from tank_picture", UUID.class));
  }

  private static Entry entry(TankTestEntity e, List<UUID> pictured) {
    LoggedTest test = MAPPER.readValue(e.entry(), LoggedTest.class);
    return new Entry(test, e.revision(), pictured.contains(test.id()));
  }

  /** Keeps a test that is new. */
  public Entry add(LoggedTest test) {
    log.get(test.fly()); // refuses one of a fly that is not there
    return transaction.execute(
        t -> entry(save(new TankTestEntity(test.id(), test.fly(), test.madeAt()), test)));
  }

  /** Changes a test, if its revision is still the one that was read. */
  public Entry change(UUID id, long revision, UnaryOperator<LoggedTest> change) {
    return transaction.execute(
        t -> {
          TankTestEntity stored = locked(id);
          Entry before = entry(stored);
          if (stored.revision() != revision) {
            throw new ConflictException(
                "This test was changed elsewhere since it was opened here.", before);
          }
          return entry(save(stored, change.apply(before.test())));
        });
  }

  /** Changes a test whatever else was changed of it meanwhile, which stays. */
  public Entry change(UUID id, UnaryOperator<LoggedTest> change) {
    return transaction.execute(
        t -> {
          TankTestEntity stored = locked(id);
          return entry(save(stored, change.apply(entry(stored).test())));
        });
  }

  private TankTestEntity locked(UUID id) {
    return lockedOrDeleted(id)
        .filter(e -> e.deletedAt() == null)
        .orElseThrow(() -> new NotFoundException("test", id));
  }

  private Optional<TankTestEntity> lockedOrDeleted(UUID id) {
    Optional<TankTestEntity> stored = repository.findById(id);
    stored.ifPresent(e -> manager.refresh(e, LockModeType.PESSIMISTIC_WRITE));
    return stored;
  }

  private TankTestEntity save(TankTestEntity entity, LoggedTest test) {
    entity.deleted(null);
    entity.take(MAPPER.writeValueAsString(test));
    return repository.saveAndFlush(entity); // its picture comes by plain SQL
  }

  /** Takes tests in that are not here yet, with their flies; all of them or none. */
  public int addAll(TestFile.Taken taken) {
    return transaction.execute(
        t -> {
          log.addAll(taken.flies());
          int added = 0;
          for (LoggedTest sent : taken.tests()) {
            UUID id = ids.of(sent.id(), i -> lockedOrDeleted(i).isPresent());
            LoggedTest test = sent.identified(id, log.idOf(sent.fly()));
            requireFly(test);
            Optional<TankTestEntity> here = lockedOrDeleted(test.id());
            if (here.filter(e -> e.deletedAt() == null).isEmpty()) {
              save(
                  here.orElseGet(() -> new TankTestEntity(test.id(), test.fly(), test.madeAt())),
                  test);
              added++;
            }
          }
          return added;
        });
  }

  private void requireFly(LoggedTest test) {
    try {
      log.get(test.fly());
    } catch (NotFoundException e) {
      throw new OutOfRangeException(
          "fly", test.fly(), "a fly of the log", "Import the log with this fly first.");
    }
  }

  /** Deletes a test; it can be restored with its picture. */
  public void delete(UUID id) {
    transaction.executeWithoutResult(t -> deleted(locked(id), Instant.now()));
  }

  /** Undoes a deletion. */
  public void restore(UUID id) {
    transaction.executeWithoutResult(
        t ->
            deleted(
                lockedOrDeleted(id).orElseThrow(() -> new NotFoundException("test", id)), null));
  }

  private void deleted(TankTestEntity stored, Instant at) {
    stored.deleted(at);
    repository.saveAndFlush(stored);
  }

  /** Keeps a picture of a test instead of the one there was. */
  public void picture(UUID id, LogStore.Picture picture) {
    transaction.executeWithoutResult(
        t -> {
          locked(id);
          jdbc.update(
              "insert into tank_picture (test_id, type, bytes) values (?, ?, ?) on conflict (test_id)"
                  + " do update set type = excluded.type, bytes = excluded.bytes",
              id,
              picture.type(),
              picture.bytes());
        });
  }

  /** The picture of a test, if it has one. */
  public Optional<LogStore.Picture> picture(UUID id) {
    get(id); // refuses one that is not there
    return jdbc
        .query(
            "select type, bytes from tank_picture where test_id = ?",
            (row, n) -> new LogStore.Picture(row.getString(1), row.getBytes(2)),
            id)
        .stream()
        .findFirst();
  }
}
