package ripplerest.app.drawer;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.ConflictException;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.library.MaterialStore;
import ripplerest.core.drawer.Item;
import ripplerest.core.drawer.Need;
import ripplerest.core.drawer.Taking;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * What lies in the drawer. Whatever takes from it or gives back locks what it changes, always in
 * the same order, so that two who log at the same moment both count.
 */
@Service
@Transactional
public class DrawerStore {
  /** More than a page can show, and more than anybody keeps. */
  private static final int MOST_ITEMS = 10_000;

  private final DrawerItemRepository repository;
  private final EntityManager manager;
  private final JdbcTemplate jdbc;
  private final MaterialStore materials;

  DrawerStore(
      DrawerItemRepository repository,
      EntityManager manager,
      JdbcTemplate jdbc,
      MaterialStore materials) {
    this.repository = repository;
    this.manager = manager;
    this.jdbc = jdbc;
    this.materials = materials;
  }

  /**
   * What a logged fly took for one part.
   *
   * @param label of the item; empty where nothing fitted, or it is gone for good
   * @param pieces whether the amount is of offcuts or prepared pieces
   * @param lacking what was not there, in the unit of the material
   */
  public record Use(
      String part, String material, String label, boolean pieces, double amount, double lacking) {}

  /** Everything, by label. */
  public List<DrawerItem> all() {
    return repository.findAllByDeletedAtIsNullOrderByLabelAscIdAsc();
  }

  /** Puts all of these in, or none. */
  public List<DrawerItem> add(List<Item> items) {
    items.forEach(this::check);
    if (repository.count() + items.size() > MOST_ITEMS) {
      throw new OutOfRangeException(
          "items",
          repository.count() + items.size(),
          "at most " + MOST_ITEMS,
          "Take out what is used up first.");
    }
    Instant now = Instant.now();
    List<DrawerItem> added = items.stream().map(i -> new DrawerItem(i, now)).toList();
    added.forEach(manager::persist);
    manager.flush();
    return added;
  }

  /** Changes one if its revision is still the one that was read. */
  public DrawerItem change(UUID id, long revision, Item item) {
    check(item);
    DrawerItem stored = locked(id);
    if (stored.revision() != revision) {
      throw new ConflictException(
          "This thing in the drawer was changed elsewhere, or a fly took from it, since it was"
              + " opened here.",
          stored);
    }
    stored.take(item);
    return repository.saveAndFlush(stored);
  }

  private void check(Item item) {
    if (!materials.materials().knows(item.kind())) {
      throw new OutOfRangeException(
          "kind", "\"" + item.kind() + "\"", "a material of the table", "Choose one of the list.");
    }
  }

  private DrawerItem locked(UUID id) {
    DrawerItem stored =
        repository
            .findByIdAndDeletedAtIsNull(id)
            .orElseThrow(() -> new NotFoundException("thing in the drawer", id));
    manager.refresh(stored, LockModeType.PESSIMISTIC_WRITE);
    if (stored.isDeleted()) {
      throw new NotFoundException("thing in the drawer", id);
    }
    return stored;
  }

  /** Takes one out; it can be restored. */
  public void delete(UUID id) {
    locked(id).deleted(Instant.now());
  }

  /** Puts one back that was taken out. */
  public void restore(UUID id) {
    repository
        .findById(id)
        .orElseThrow(() -> new NotFoundException("thing in the drawer", id))
        .deleted(null);
  }

  /** Takes what a fly needs; nothing is said or taken where the drawer is empty. */
  public void take(UUID fly, List<Need> needs) {
    List<DrawerItem> drawer = repository.lockAll();
    if (drawer.isEmpty()) {
      return;
    }
    drawer.forEach(manager::refresh); // it may have been read before it was locked
    Taking taking = Taking.of(needs, drawer.stream().map(DrawerItem::item).toList());
    int place = 0;
    for (Taking.Line line : taking.lines()) {
      UUID item = null;
      if (line.place().isPresent()) {
        DrawerItem from = drawer.get(line.place().getAsInt());
        from.left(Math.max(0, from.amount() - line.amount()));
        item = from.id();
      }
      jdbc.update(
          "insert into drawer_use (id, fly_id, item_id, part, material, place, amount, lacking)"
              + " values (?, ?, ?, ?, ?, ?, ?, ?)",
          UUID.randomUUID(),
          fly,
          item,
          line.need().part(),
          line.need().material(),
          place++,
          line.amount(),
          line.lacking());
    }
    repository.flush();
  }

  /** Gives back what a fly took. */
  public void giveBack(UUID fly) {
    for (Taken taken : taken(fly, false)) {
      taken.from().left(taken.from().amount() + taken.amount());
      jdbc.update("update drawer_use set given_back = true where id = ?", taken.use());
    }
    repository.flush();
  }

  /** Takes again what was given back, as far as it is still there. */
  public void takeAgain(UUID fly) {
    for (Taken taken : taken(fly, true)) {
      double there = Math.min(taken.from().amount(), taken.amount());
      taken.from().left(taken.from().amount() - there);
      jdbc.update(
          "update drawer_use set given_back = false, amount = ?, lacking = lacking + ? where id = ?",
          there,
          taken.amount() - there,
          taken.use());
    }
    repository.flush();
  }

  /** What a fly took from an item that there still is, which nobody else changes meanwhile. */
  private record Taken(UUID use, DrawerItem from, double amount) {}

  private List<Taken> taken(UUID fly, boolean givenBack) {
    List<Map<String, Object>> uses =
        jdbc.queryForList(
            "select id, item_id, amount from drawer_use where fly_id = ? and given_back = ?"
                + " and item_id is not null order by place",
            fly,
            givenBack);
    List<UUID> ids = uses.stream().map(u -> (UUID) u.get("item_id")).distinct().toList();
    Map<UUID, DrawerItem> items = new HashMap<>();
    repository.lockThese(ids).forEach(i -> items.put(i.id(), i));
    items.values().forEach(manager::refresh);
    return uses.stream()
        .map(
            u ->
                new Taken(
                    (UUID) u.get("id"),
                    items.get((UUID) u.get("item_id")),
                    (Double) u.get("amount")))
        .toList();
  }

  /** What a fly took, in the order of its parts. */
  public List<Use> uses(UUID fly) {
    return jdbc.query(
        "select u.part, u.material, i.label, coalesce(i.pieces, false), u.amount, u.lacking from drawer_use u"
            + " left join drawer_item i on i.id = u.item_id where u.fly_id = ? and not u.given_back"
            + " order by u.place",
        (row, n) ->
            new Use(
                row.getString(1),
                row.getString(2),
                Optional.ofNullable(row.getString(3)).orElse(""),
                row.getBoolean(4),
                row.getDouble(5),
                row.getDouble(6)),
        fly);
  }
}
