package ripplerest.app.log;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.sql.Types;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.drawer.DrawerStore;
import ripplerest.app.http.ConflictException;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.library.CarriedStore;
import ripplerest.app.people.OwnIds;
import ripplerest.core.box.Flies;
import ripplerest.core.drawer.Need;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.OwnTimes;
import ripplerest.exchange.format.LogFile;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.PatternWriter;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the log of tied flies, their pictures, and how far a fly on the vise has come. */
@Service
public class LogStore {
  /** Timings of a kind of step that count; a hand gets quicker. */
  private static final int LATEST_TIMES = 20;

  private static final TypeReference<Map<String, Double>> SECONDS_BY_KEY = new TypeReference<>() {};

  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final LoggedFlyRepository repository;
  private final TransactionTemplate transaction;
  private final JdbcTemplate jdbc;
  private final EntityManager manager;
  private final CarriedStore carried;
  private final DrawerStore drawer;
  private final ApplicationEventPublisher tied;
  private final OwnIds ids;

  LogStore(
      LoggedFlyRepository repository,
      TransactionTemplate transaction,
      JdbcTemplate jdbc,
      EntityManager manager,
      CarriedStore carried,
      DrawerStore drawer,
      ApplicationEventPublisher tied,
      OwnIds ids) {
    this.ids = ids;
    this.drawer = drawer;
    this.tied = tied;
    this.manager = manager;
    this.carried = carried;
    this.repository = repository;
    this.transaction = transaction;
    this.jdbc = jdbc;
  }

  /** A picture as it was taken. */
  public record Picture(String type, byte[] bytes) {}

  /** A tied fly and the pattern it was tied to, if that is still there. */
  public record Entry(LoggedFly fly, long revision, Optional<UUID> patternId, boolean pictured) {}

  /** An entry of which no more is known than this. */
  public record Unreadable(UUID id, String name, String why) {}

  /** The whole log, the latest first, and what of it cannot be read. */
  public record Log(List<Entry> entries, List<Unreadable> unreadable) {
    public List<LoggedFly> flies() {
      return entries.stream().map(Entry::fly).toList();
    }
  }

  /** Every tied fly; one that cannot be read is named and hides no other. */
  public Log all() {
    List<UUID> pictured = jdbc.queryForList("select fly_id from fly_picture", UUID.class);
    List<Entry> entries = new ArrayList<>();
    List<Unreadable> unreadable = new ArrayList<>();
    for (LoggedFlyEntity e : repository.findAllByDeletedAtIsNullOrderByTiedAtDescIdAsc()) {
      try {
        entries.add(entry(e, pictured));
      } catch (JacksonException | IllegalArgumentException broken) {
        unreadable.add(new Unreadable(e.id(), e.name(), broken.getMessage()));
      }
    }
    return new Log(entries, unreadable);
  }

  /** One tied fly. */
  public Entry get(UUID id) {
    return repository
        .findByIdAndDeletedAtIsNull(id)
        .map(this::entry)
        .orElseThrow(() -> new NotFoundException("tied fly", id));
  }

  private Entry entry(LoggedFlyEntity e) {
    return entry(
        e,
        jdbc.queryForList("select fly_id from fly_picture where fly_id = ?", UUID.class, e.id()));
  }

  private static Entry entry(LoggedFlyEntity e, List<UUID> pictured) {
    LoggedFly fly = MAPPER.readValue(e.entry(), LoggedFly.class);
    return new Entry(
        fly, e.revision(), Optional.ofNullable(e.patternId()), pictured.contains(fly.id()));
  }

  /**
   * Keeps a fly that is new.
   *
   * @param needs what it takes out of the drawer
   * @param colouring in which it was tied, by name; empty for the pattern's own colours
   */
  public Entry keep(LoggedFly fly, UUID patternId, List<Need> needs, String colouring) {
    return transaction.execute(
        t -> {
          Entry kept = entry(save(new LoggedFlyEntity(fly.id(), patternId), fly));
          drawer.take(fly.id(), needs);
          tell(fly, patternId, colouring);
          return kept;
        });
  }

  /**
   * Changes what is kept of a fly, if its revision is still the one that was read. Changes of one
   * fly go one after the other under its lock.
   */
  public Entry change(UUID id, long revision, UnaryOperator<LoggedFly> change) {
    return transaction.execute(
        t -> {
          LoggedFlyEntity stored = locked(id);
          Entry before = entry(stored);
          if (stored.revision() != revision) {
            throw new ConflictException(
                "This fly of the log was changed elsewhere since it was opened here.", before);
          }
          return entry(save(stored, change.apply(before.fly())));
        });
  }

  private LoggedFlyEntity locked(UUID id) {
    return lockedOrDeleted(id)
        .filter(f -> f.deletedAt() == null)
        .orElseThrow(() -> new NotFoundException("tied fly", id));
  }

  /** As it is now, though it may have been read before. */
  private Optional<LoggedFlyEntity> lockedOrDeleted(UUID id) {
    Optional<LoggedFlyEntity> stored = repository.findById(id);
    stored.ifPresent(f -> manager.refresh(f, LockModeType.PESSIMISTIC_WRITE));
    return stored;
  }

  /**
   * Keeps those flies whose id is not in the log; all of them or none. One that was deleted comes
   * back as the file has it. Returns how many.
   */
  public int addAll(List<LogFile.Taken> taken) {
    return transaction.execute(
        t -> {
          int added = 0;
          for (LogFile.Taken one : taken) {
            LoggedFly fly = one.fly().identified(idOf(one.fly().id()));
            Optional<LoggedFlyEntity> here = lockedOrDeleted(fly.id());
            if (here.filter(f -> f.deletedAt() == null).isEmpty()) {
              String plan = PatternWriter.write(carried.admit(one.plan()));
              save(
                  here.orElseGet(() -> new LoggedFlyEntity(fly.id(), null)),
                  fly.planned(MAPPER.readTree(plan)));
              added++;
            }
          }
          return added;
        });
  }

  /** Under which a fly that comes with a file is, or will be, here. */
  public UUID idOf(UUID inFile) {
    return ids.of(inFile, id -> lockedOrDeleted(id).isPresent());
  }

  private LoggedFlyEntity save(LoggedFlyEntity entity, LoggedFly fly) {
    JsonNode pattern = fly.document().path("pattern");
    entity.deleted(null);
    entity.take(
        pattern.path("name").asString(""),
        pattern.path("hook").path("size").asInt(0),
        fly.tiedAt(),
        MAPPER.writeValueAsString(fly));
    return repository.saveAndFlush(entity); // its picture comes by plain SQL
  }

  /** Deletes a fly and gives back what it took; it can be restored with its picture. */
  public void delete(UUID id) {
    transaction.executeWithoutResult(
        t -> {
          deleted(locked(id), Instant.now());
          drawer.giveBack(id);
        });
  }

  /** Undoes a deletion, and takes again what it took; a fly that is not deleted stays as it is. */
  public void restore(UUID id) {
    transaction.executeWithoutResult(
        t -> {
          deleted(
              lockedOrDeleted(id).orElseThrow(() -> new NotFoundException("tied fly", id)), null);
          drawer.takeAgain(id);
        });
  }

  private void deleted(LoggedFlyEntity stored, Instant at) {
    stored.deleted(at);
    repository.saveAndFlush(stored);
  }

  /** Keeps a picture of a fly instead of the one there was, whose measures go with it. */
  public Entry picture(UUID id, Picture picture) {
    return transaction.execute(
        t -> {
          LoggedFlyEntity stored = locked(id);
          jdbc.update(
              "insert into fly_picture (fly_id, type, bytes) values (?, ?, ?) on conflict (fly_id)"
                  + " do update set type = excluded.type, bytes = excluded.bytes",
              id,
              picture.type(),
              picture.bytes());
          return entry(save(stored, entry(stored).fly().photographed(null)));
        });
  }

  /** Keeps what a picture told; whatever else is changed of the fly meanwhile stays. */
  public Entry photographed(UUID id, LoggedFly.PhotographView told) {
    return transaction.execute(
        t -> {
          LoggedFlyEntity stored = locked(id);
          return entry(save(stored, entry(stored).fly().photographed(told)));
        });
  }

  /** The picture of a fly, if it has one. */
  public Optional<Picture> picture(UUID id) {
    return jdbc
        .query(
            "select type, bytes from fly_picture where fly_id = ?",
            (row, n) -> new Picture(row.getString(1), row.getBytes(2)),
            id)
        .stream()
        .findFirst();
  }

  /** Where the tier is in a pattern's fly; at its beginning if nobody ties it. */
  public OnVise onVise(UUID patternId) {
    return jdbc
        .query(
            "select step_key, seconds, revision from tying where pattern_id = ?",
            (row, n) ->
                new OnVise(
                    row.getString(1),
                    MAPPER.readValue(row.getString(2), SECONDS_BY_KEY),
                    row.getLong(3)),
            patternId)
        .stream()
        .findFirst()
        .orElse(OnVise.EMPTY);
  }

  /**
   * Keeps where the tier is, if the revision is still the one that was read.
   *
   * @param pages how it is told to one who comes too late
   */
  public OnVise keep(UUID patternId, long revision, OnVise at, Function<OnVise, Object> pages) {
    return transaction.execute(
        t -> {
          locked(patternId, revision, pages);
          jdbc.update(
              "insert into tying (pattern_id, step_key, seconds, changed_at) values (?, ?, ?, now())"
                  + " on conflict (pattern_id) do update set step_key = excluded.step_key,"
                  + " seconds = excluded.seconds, changed_at = excluded.changed_at,"
                  + " revision = nextval('tying_revision')",
              new Object[] {patternId, at.step(), MAPPER.writeValueAsString(at.seconds())},
              new int[] {Types.OTHER, Types.VARCHAR, Types.OTHER});
          return onVise(patternId);
        });
  }

  /**
   * The fly on the vise, of which nobody else changes anything until this transaction is over: its
   * pattern is locked, for an empty vise has no row of its own.
   */
  private OnVise locked(UUID patternId, long revision, Function<OnVise, Object> pages) {
    jdbc.queryForList("select id from pattern where id = ? for update", UUID.class, patternId);
    OnVise there = onVise(patternId);
    if (there.revision() != revision) {
      throw new ConflictException(
          "This fly was gone on with elsewhere since this page was opened.", pages.apply(there));
    }
    return there;
  }

  /**
   * A fly is finished: keeps it, learns from the clock, and clears the vise; all of it or none.
   *
   * @param revision of the fly on the vise; one that was finished already is not logged again
   * @param card it is tied by
   * @param needs what it takes out of the drawer
   * @param colouring in which it was tied, by name; empty for the pattern's own colours
   * @param fly makes the entry of how long each step took
   */
  public LoggedFly finish(
      UUID patternId,
      long revision,
      Card card,
      List<Need> needs,
      String colouring,
      Function<List<Double>, LoggedFly> fly) {
    return transaction.execute(
        t -> {
          List<Double> seconds = locked(patternId, revision, v -> v.on(card)).on(card).seconds();
          LoggedFly finished = fly.apply(seconds);
          save(new LoggedFlyEntity(finished.id(), patternId), finished);
          drawer.take(finished.id(), needs);
          OwnTimes.ratios(card, seconds).forEach(this::timed);
          jdbc.update("delete from tying where pattern_id = ?", patternId);
          tell(finished, patternId, colouring);
          return finished;
        });
  }

  /** Boxes and plans hear of it within the same transaction. */
  private void tell(LoggedFly fly, UUID patternId, String colouring) {
    JsonNode pattern = fly.document().path("pattern");
    String name = pattern.path("name").asString("");
    int size = pattern.path("hook").path("size").asInt(0);
    tied.publishEvent(
        new FlyTied(
            fly.id(), new Flies(patternId.toString(), name, size, colouring), fly.tiedAt()));
  }

  private void timed(String kind, List<Double> ratios) {
    for (double ratio : ratios) {
      jdbc.update(
          "insert into step_time (id, kind, ratio, timed_at) values (?, ?, ?, now())",
          UUID.randomUUID(),
          kind,
          ratio);
    }
  }

  /** Takes the fly off the vise; nothing is logged. */
  public void abandon(UUID patternId) {
    jdbc.update("delete from tying where pattern_id = ?", patternId);
  }

  /** How long this tier takes, from the latest timings of each kind of step. */
  public OwnTimes times() {
    Map<String, List<Double>> ratios = new HashMap<>();
    jdbc.query(
        "select kind, ratio from step_time order by timed_at desc",
        row -> {
          List<Double> of = ratios.computeIfAbsent(row.getString(1), k -> new ArrayList<>());
          if (of.size() < LATEST_TIMES) {
            of.add(row.getDouble(2));
          }
        });
    return new OwnTimes(ratios);
  }
}
