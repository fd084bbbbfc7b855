package ripplerest.app.store;

import java.sql.Types;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.core.tying.OwnTimes;
import ripplerest.exchange.LoggedFly;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the log of tied flies, their pictures, and how far a fly on the vise has come. */
@Service
public class LogStore {
  /** Timings of a kind of step that count; a hand gets quicker. */
  private static final int LATEST_TIMES = 20;

  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final LoggedFlyRepository repository;
  private final TransactionTemplate transaction;
  private final JdbcTemplate jdbc;

  LogStore(LoggedFlyRepository repository, TransactionTemplate transaction, JdbcTemplate jdbc) {
    this.repository = repository;
    this.transaction = transaction;
    this.jdbc = jdbc;
  }

  /** A picture as it was taken. */
  public record Picture(String type, byte[] bytes) {}

  /**
   * Where the tier is in a fly.
   *
   * @param step number of the step that is next, from 0
   * @param seconds that each step has taken so far
   */
  public record Tying(int step, List<Double> seconds) {}

  /** A tied fly and the pattern it was tied to, if that is still there. */
  public record Entry(LoggedFly fly, Optional<UUID> patternId, boolean pictured) {}

  /** Every tied fly, the latest first. */
  public List<Entry> all() {
    List<UUID> pictured = jdbc.queryForList("select fly_id from fly_picture", UUID.class);
    return repository.findAllByOrderByTiedAtDescIdAsc().stream()
        .map(e -> entry(e, pictured))
        .toList();
  }

  /** One tied fly. */
  public Entry get(UUID id) {
    List<UUID> pictured =
        jdbc.queryForList("select fly_id from fly_picture where fly_id = ?", UUID.class, id);
    return repository
        .findById(id)
        .map(e -> entry(e, pictured))
        .orElseThrow(() -> new NotFoundException(id));
  }

  private static Entry entry(LoggedFlyEntity e, List<UUID> pictured) {
    LoggedFly fly = MAPPER.readValue(e.entry(), LoggedFly.class);
    return new Entry(fly, Optional.ofNullable(e.patternId()), pictured.contains(fly.id()));
  }

  /** Keeps a fly that is new, or over what was kept of it. */
  public void keep(LoggedFly fly, UUID patternId) {
    transaction.executeWithoutResult(t -> save(fly, patternId));
  }

  /**
   * Changes what is kept of a fly. Changes of one fly go one after the other, so that a measure
   * that is typed and a picture that is measured at the same time both stay.
   */
  public LoggedFly change(UUID id, UnaryOperator<LoggedFly> change) {
    return transaction.execute(
        t -> {
          jdbc.queryForList("select id from logged_fly where id = ? for update", UUID.class, id);
          LoggedFly after = change.apply(get(id).fly());
          save(after, null);
          return after;
        });
  }

  /** Keeps those flies whose id is not in the log; all of them or none. Returns how many. */
  public int addAll(List<LoggedFly> flies) {
    return transaction.execute(
        t -> {
          List<LoggedFly> fresh =
              flies.stream().filter(f -> !repository.existsById(f.id())).toList();
          fresh.forEach(f -> save(f, null));
          return fresh.size();
        });
  }

  private void save(LoggedFly fly, UUID patternId) {
    LoggedFlyEntity entity =
        repository.findById(fly.id()).orElseGet(() -> new LoggedFlyEntity(fly.id(), patternId));
    JsonNode pattern = fly.document().path("pattern");
    entity.take(
        pattern.path("name").asString(""),
        pattern.path("hook").path("size").asInt(0),
        fly.tiedAt(),
        MAPPER.writeValueAsString(fly));
    repository.saveAndFlush(entity); // its picture comes by plain SQL
  }

  public void delete(UUID id) {
    get(id);
    repository.deleteById(id);
  }

  /** Keeps a picture of a fly instead of the one there was, whose measures go with it. */
  public void picture(UUID id, Picture picture) {
    transaction.executeWithoutResult(
        t -> {
          change(id, fly -> fly.photographed(null));
          jdbc.update(
              "insert into fly_picture (fly_id, type, bytes) values (?, ?, ?) on conflict (fly_id)"
                  + " do update set type = excluded.type, bytes = excluded.bytes",
              id,
              picture.type(),
              picture.bytes());
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
  public Tying tying(UUID patternId) {
    return jdbc
        .query(
            "select step, seconds from tying where pattern_id = ?",
            (row, n) ->
                new Tying(
                    row.getInt(1), List.of(MAPPER.readValue(row.getString(2), Double[].class))),
            patternId)
        .stream()
        .findFirst()
        .orElse(new Tying(0, List.of()));
  }

  /** Keeps where the tier is. */
  public void tying(UUID patternId, Tying at) {
    jdbc.update(
        "insert into tying (pattern_id, step, seconds, changed_at) values (?, ?, ?, now())"
            + " on conflict (pattern_id) do update set step = excluded.step,"
            + " seconds = excluded.seconds, changed_at = excluded.changed_at",
        new Object[] {patternId, at.step(), MAPPER.writeValueAsString(at.seconds())},
        new int[] {Types.OTHER, Types.INTEGER, Types.OTHER});
  }

  /**
   * A fly is finished: keeps it, learns from the clock, and clears the vise; all of it or none.
   *
   * @param ratios by kind of part, what each step took over what was assumed for it
   */
  public void finish(UUID patternId, LoggedFly fly, Map<String, List<Double>> ratios) {
    transaction.executeWithoutResult(
        t -> {
          save(fly, patternId);
          ratios.forEach(
              (kind, all) ->
                  all.forEach(
                      ratio ->
                          jdbc.update(
                              "insert into step_time (id, kind, ratio, timed_at)"
                                  + " values (?, ?, ?, now())",
                              UUID.randomUUID(),
                              kind,
                              ratio)));
          jdbc.update("delete from tying where pattern_id = ?", patternId);
        });
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
