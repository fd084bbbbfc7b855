package ripplerest.app.evening;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.ConflictException;
import ripplerest.app.log.FlyTied;
import ripplerest.core.box.Flies;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the plan of evenings. A fly that is logged is tied in the plan too, whoever logged it. */
@Service
@Transactional
public class EveningStore {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final JdbcTemplate jdbc;

  EveningStore(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** The plan as it is stored; what stands in it as tied but is in the log no more is not tied. */
  record Kept(EveningPlan plan, long revision) {}

  Kept get() {
    List<Kept> kept =
        jdbc.query(
            "select entry, revision from evening_plan",
            (row, n) ->
                new Kept(MAPPER.readValue(row.getString(1), EveningPlan.class), row.getLong(2)));
    if (kept.isEmpty()) {
      return new Kept(EveningPlan.EMPTY, 0);
    }
    List<UUID> logged =
        jdbc.queryForList("select id from logged_fly where deleted_at is null", UUID.class);
    EveningPlan plan = kept.get(0).plan();
    List<EveningPlan.Slot> slots =
        plan.slots().stream().map(s -> logged.contains(s.fly()) ? s : s.tied(null)).toList();
    return new Kept(plan.with(slots), kept.get(0).revision());
  }

  /** Changes the plan, if its revision is still the one that was read. */
  Kept change(long revision, UnaryOperator<EveningPlan> change) {
    lock();
    Kept before = get();
    if (before.revision() != revision) {
      throw new ConflictException(
          "The plan was changed elsewhere, or a fly was tied, since it was opened here.", before);
    }
    return save(change.apply(before.plan()));
  }

  private Kept save(EveningPlan plan) {
    jdbc.update(
        "insert into evening_plan (entry, revision) values (?::jsonb, 1) on conflict (owner_id)"
            + " do update set entry = excluded.entry, revision = evening_plan.revision + 1",
        MAPPER.writeValueAsString(plan));
    return get();
  }

  /** The first fly of this kind that is not tied is tied now. */
  @EventListener
  public void tied(FlyTied tied) {
    lock();
    EveningPlan plan = get().plan();
    List<EveningPlan.Slot> slots = new ArrayList<>(plan.slots());
    for (int i = 0; i < slots.size(); i++) {
      EveningPlan.Slot slot = slots.get(i);
      if (slot.fly() == null && isOf(plan, slot, tied.flies())) {
        slots.set(i, slot.tied(tied.fly()));
        save(plan.with(slots));
        return;
      }
    }
  }

  private static boolean isOf(EveningPlan plan, EveningPlan.Slot slot, Flies flies) {
    return plan.wants().stream()
        .filter(w -> w.id().equals(slot.want()))
        .anyMatch(
            w ->
                w.flies().pattern().equals(flies.pattern())
                    && w.flies().size() == flies.size()
                    && w.flies().colouring().equals(flies.colouring()));
  }

  private void lock() {
    jdbc.queryForList("select 1 from pg_advisory_xact_lock(hashtext('evening_plan'))");
  }
}
