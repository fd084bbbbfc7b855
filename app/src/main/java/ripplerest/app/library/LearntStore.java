package ripplerest.app.library;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.core.material.Learnt;
import ripplerest.core.material.Materials;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was learnt last from tests, and whether estimates go by it. */
@Service
public class LearntStore {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final JdbcTemplate jdbc;
  private final TransactionTemplate transaction;
  private final Remembered<Optional<Kept>> known;
  private Taught last = new Taught(null, null, null);

  LearntStore(JdbcTemplate jdbc, TransactionTemplate transaction, RememberedVersions versions) {
    known = new Remembered<>(versions, this::read);
    this.jdbc = jdbc;
    this.transaction = transaction;
  }

  /**
   * What was learnt.
   *
   * @param id of the tests it was learnt from
   * @param tests how many
   * @param learnt empty where they teach nothing
   * @param told what came of it, as it was sent
   * @param inUse whether estimates go by it
   * @param at when
   */
  public record Kept(
      String id, int tests, Optional<Learnt> learnt, String told, boolean inUse, Instant at) {}

  /** Draws as they are stored. */
  private record Draws(List<String> causes, double[][] draws) {}

  /** The table that was taught last, so that it is not taught anew for each estimate. */
  private record Taught(Materials table, Learnt learnt, Materials taught) {}

  /** What was learnt last. */
  public Optional<Kept> kept() {
    return known.get();
  }

  private Optional<Kept> read() {
    return jdbc
        .query(
            "select id, tests, draws, told, in_use, learnt_at from learnt",
            (row, n) -> {
              Draws draws = MAPPER.readValue(row.getString(3), Draws.class);
              Optional<Learnt> learnt =
                  draws.causes().isEmpty()
                      ? Optional.empty()
                      : Optional.of(
                          new Learnt(
                              row.getString(1), row.getInt(2), draws.causes(), draws.draws()));
              return new Kept(
                  row.getString(1),
                  row.getInt(2),
                  learnt,
                  row.getString(4),
                  row.getBoolean(5),
                  row.getTimestamp(6).toInstant());
            })
        .stream()
        .findFirst();
  }

  /** The table of materials as estimates go by it. */
  public synchronized Materials taught(Materials table) {
    Optional<Learnt> learnt = kept().filter(Kept::inUse).flatMap(Kept::learnt);
    if (learnt.isEmpty()) {
      return table;
    }
    if (last.table() != table || last.learnt() != learnt.get()) {
      last = new Taught(table, learnt.get(), table.taught(learnt.get()));
    }
    return last.taught();
  }

  /** Keeps what was learnt instead of what was before, and goes by it. */
  public void keep(String id, int tests, Optional<Learnt> learnt, String told) {
    Draws draws =
        learnt
            .map(l -> new Draws(l.causes(), l.rows()))
            .orElse(new Draws(List.of(), new double[0][]));
    transaction.executeWithoutResult(
        t -> {
          jdbc.update(
              """
              insert into learnt (id, tests, draws, told, in_use, learnt_at)
              values (?, ?, ?::jsonb, ?::jsonb, true, now())
              on conflict (owner_id) do update set id = excluded.id, tests = excluded.tests,
                draws = excluded.draws, told = excluded.told, in_use = true,
                learnt_at = excluded.learnt_at""",
              id,
              tests,
              MAPPER.writeValueAsString(draws),
              told);
          changed();
        });
  }

  /** Goes by what was learnt, or by the table alone. */
  public void use(boolean inUse) {
    transaction.executeWithoutResult(
        t -> {
          if (jdbc.update("update learnt set in_use = ? where in_use <> ?", inUse, inUse) > 0) {
            changed();
          }
        });
  }

  /** Forgets it. */
  public void forget() {
    transaction.executeWithoutResult(
        t -> {
          jdbc.update("delete from learnt");
          changed();
        });
  }

  /** How patterns sit is looked at again, for they may sit otherwise now. */
  private void changed() {
    jdbc.update("update pattern set posture = null, posture_tries = 0 where deleted_at is null");
    known.changed();
  }
}
