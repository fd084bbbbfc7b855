package ripplerest.app.deleted;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import ripplerest.app.box.BoxStore;
import ripplerest.app.drawer.DrawerStore;
import ripplerest.app.library.HookStore;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.StyleStore;
import ripplerest.app.log.LogStore;
import ripplerest.app.outings.OutingStore;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.tests.TestStore;
import ripplerest.core.quantity.OutOfRangeException;

/** What was lately deleted, of every kind, and the way back. */
@Service
public class Deleted {
  /** How long what was deleted is kept. */
  public static final Duration KEPT = Duration.ofDays(90);

  private static final int MOST = 500;

  private final JdbcTemplate jdbc;
  private final PatternStore patterns;
  private final LogStore log;
  private final StyleStore styles;
  private final HookStore hooks;
  private final MaterialStore materials;
  private final DrawerStore drawer;
  private final TestStore tests;
  private final BoxStore boxes;
  private final OutingStore outings;

  Deleted(
      JdbcTemplate jdbc,
      PatternStore patterns,
      LogStore log,
      StyleStore styles,
      HookStore hooks,
      MaterialStore materials,
      DrawerStore drawer,
      TestStore tests,
      BoxStore boxes,
      OutingStore outings) {
    this.tests = tests;
    this.boxes = boxes;
    this.outings = outings;
    this.drawer = drawer;
    this.jdbc = jdbc;
    this.patterns = patterns;
    this.log = log;
    this.styles = styles;
    this.hooks = hooks;
    this.materials = materials;
  }

  /** What can be deleted. */
  public enum Kind {
    PATTERN,
    FLY,
    STYLE,
    HOOK,
    MATERIAL,
    ITEM,
    TEST,
    BOX,
    OUTING
  }

  /** One thing that was deleted. */
  public record Thing(Kind kind, String id, String name, Instant deletedAt, Instant keptUntil) {}

  /** The latest first, at most {@value #MOST}. */
  public List<Thing> all() {
    return jdbc.query(
        """
        select 'PATTERN', id::text, name, deleted_at from pattern where deleted_at is not null
        union all
        select 'FLY', id::text, name, deleted_at from logged_fly where deleted_at is not null
        union all
        select 'STYLE', id, label, deleted_at from house_style where deleted_at is not null
        union all
        select 'HOOK', id::text, name, deleted_at from own_hook where deleted_at is not null
        union all
        select 'ITEM', id::text, label, deleted_at from drawer_item where deleted_at is not null
        union all
        select 'TEST', t.id::text, 'test of ' || f.name, t.deleted_at from tank_test t
          join logged_fly f on f.id = t.fly_id where t.deleted_at is not null
        union all
        select 'BOX', id::text, name, deleted_at from fly_box where deleted_at is not null
        union all
        select 'OUTING', id::text, name, deleted_at from outing where deleted_at is not null
        union all
        select 'MATERIAL', material, coalesce(nullif(max(label), ''), material), max(deleted_at)
          from own_material_value where deleted_at is not null group by material
        order by 4 desc limit %d"""
            .formatted(MOST),
        (row, n) -> {
          Instant at = row.getTimestamp(4).toInstant();
          return new Thing(
              Kind.valueOf(row.getString(1)),
              row.getString(2),
              row.getString(3),
              at,
              at.plus(KEPT));
        });
  }

  /** Undoes a deletion. */
  public void restore(Kind kind, String id) {
    switch (kind) {
      case PATTERN -> patterns.restore(uuid(id));
      case FLY -> log.restore(uuid(id));
      case STYLE -> styles.restore(id);
      case HOOK -> hooks.restore(uuid(id));
      case MATERIAL -> materials.restore(id);
      case ITEM -> drawer.restore(uuid(id));
      case TEST -> tests.restore(uuid(id));
      case BOX -> boxes.restore(uuid(id));
      case OUTING -> outings.restore(uuid(id));
    }
  }

  private static UUID uuid(String id) {
    try {
      return UUID.fromString(id);
    } catch (IllegalArgumentException e) {
      throw new OutOfRangeException(
          "id", "\"" + id + "\"", "an id as the list has it", "Take it from the list.");
    }
  }
}
