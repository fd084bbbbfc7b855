package ripplerest.app.box;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import ripplerest.app.people.CurrentPerson;
import ripplerest.core.box.Flies;
import ripplerest.core.box.Move;
import ripplerest.core.box.Place;
import ripplerest.exchange.table.MoveTable;

/** A move of flies as it is kept. */
@Entity
@Table(name = "fly_move")
public class FlyMove {
  @Id private UUID id;

  @Column(nullable = false)
  private String pattern;

  @Column(nullable = false)
  private String name;

  private int size;

  @Column(nullable = false)
  private String colouring;

  @Column(name = "from_kind", nullable = false)
  private String fromKind;

  @Column(name = "from_name", nullable = false)
  private String fromName;

  @Column(name = "to_kind", nullable = false)
  private String toKind;

  @Column(name = "to_name", nullable = false)
  private String toName;

  private int count;

  @Column(nullable = false)
  private LocalDate day;

  @Column(name = "outing_id")
  private UUID outingId;

  /** The logged fly that this brought; no other than the log takes it away. */
  @Column(name = "fly_id")
  private UUID flyId;

  @Column(nullable = false)
  private String note;

  @Column(nullable = false)
  private Instant at;

  /** Who moved them. */
  @Column(name = "by_id")
  private UUID byId;

  protected FlyMove() {}

  FlyMove(UUID id, Move move, UUID outingId, UUID flyId, String note, Instant at) {
    this.id = id;
    pattern = move.flies().pattern();
    name = move.flies().name();
    size = move.flies().size();
    colouring = move.flies().colouring();
    fromKind = kind(move.from());
    fromName = named(move.from());
    toKind = kind(move.to());
    toName = named(move.to());
    count = move.count();
    day = move.day();
    byId = CurrentPerson.actor();
    this.outingId = outingId;
    this.flyId = flyId;
    this.note = note;
    this.at = at;
  }

  UUID id() {
    return id;
  }

  UUID flyId() {
    return flyId;
  }

  UUID outingId() {
    return outingId;
  }

  String note() {
    return note;
  }

  Move move() {
    return new Move(
        new Flies(pattern, name, size, colouring),
        PlaceName.of(fromKind, fromName),
        PlaceName.of(toKind, toName),
        count,
        day,
        outingId == null ? "" : outingId.toString());
  }

  MoveTable.Line line(Map<String, String> boxes) {
    return new MoveTable.Line(
        id,
        day,
        move().flies(),
        count,
        fromKind.toLowerCase(Locale.ROOT),
        boxes.getOrDefault(fromName, fromName),
        toKind.toLowerCase(Locale.ROOT),
        boxes.getOrDefault(toName, toName),
        note);
  }

  private static String kind(Place place) {
    return PlaceName.of(place).kind().name();
  }

  private static String named(Place place) {
    return PlaceName.of(place).name();
  }

  /** Null for moves of before it was kept, and for somebody who left. */
  UUID byId() {
    return byId;
  }
}
