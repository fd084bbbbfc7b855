package ripplerest.app.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import ripplerest.core.drawer.BarbLengths;
import ripplerest.core.drawer.Item;
import ripplerest.core.dressing.tie.Colour;

/** Something in the drawer, as it is kept. */
@Entity
@Table(name = "drawer_item")
public class DrawerItem {
  @Id private UUID id;

  @Column(nullable = false)
  private String label;

  @Column(nullable = false)
  private String kind;

  @Column(nullable = false)
  private String colour;

  @Column(nullable = false)
  private String marking;

  @Column(nullable = false)
  private String second;

  private Integer ink;

  @Column(nullable = false)
  private String place;

  @Column(nullable = false)
  private boolean pieces;

  @Column(nullable = false)
  private double amount;

  @Column(nullable = false)
  private double low;

  @Column(name = "use_by")
  private LocalDate useBy;

  @Column(nullable = false)
  private double[] barbs;

  @Column(name = "length_mm")
  private Double lengthMm;

  @Column(name = "hook_size")
  private Integer hookSize;

  @Column(nullable = false)
  private String note;

  @Column(name = "created_at", nullable = false)
  private Instant createdAt;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  @Version
  @Column(nullable = false)
  private long revision;

  protected DrawerItem() {}

  DrawerItem(Item item, Instant now) {
    id = UUID.randomUUID();
    createdAt = now;
    take(item);
  }

  final void take(Item item) {
    label = item.label();
    kind = item.kind();
    colour = item.colour().name();
    marking = item.colour().marking().name();
    second = item.colour().second();
    ink = item.ink().isPresent() ? item.ink().getAsInt() : null;
    place = item.place();
    pieces = item.pieces();
    amount = item.amount();
    low = item.low();
    useBy = item.useBy().orElse(null);
    barbs =
        item.barbs().map(b -> b.measured().stream().mapToDouble(mm -> mm).toArray()).orElse(NONE);
    lengthMm = item.lengthMm().isPresent() ? item.lengthMm().getAsDouble() : null;
    hookSize = item.hookSize().isPresent() ? item.hookSize().getAsInt() : null;
    note = item.note();
  }

  private static final double[] NONE = {};

  /** As the core has it. */
  public Item item() {
    List<Double> measured = Arrays.stream(barbs).boxed().toList();
    return new Item(
        label,
        kind,
        new Colour(colour, Colour.Marking.valueOf(marking), second),
        ink == null ? OptionalInt.empty() : OptionalInt.of(ink),
        place,
        pieces,
        amount,
        low,
        Optional.ofNullable(useBy),
        measured.isEmpty() ? Optional.empty() : Optional.of(new BarbLengths(measured)),
        lengthMm == null ? OptionalDouble.empty() : OptionalDouble.of(lengthMm),
        hookSize == null ? OptionalInt.empty() : OptionalInt.of(hookSize),
        note);
  }

  public UUID id() {
    return id;
  }

  public long revision() {
    return revision;
  }

  double amount() {
    return amount;
  }

  void left(double other) {
    amount = other;
  }

  boolean isDeleted() {
    return deletedAt != null;
  }

  void deleted(Instant at) {
    deletedAt = at;
  }
}
