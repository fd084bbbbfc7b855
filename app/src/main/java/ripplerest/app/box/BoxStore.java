package ripplerest.app.box;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.ConflictException;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.log.FlyTied;
import ripplerest.app.people.OwnIds;
import ripplerest.core.box.Move;
import ripplerest.core.box.Place;
import ripplerest.core.box.Whereabouts;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.exchange.table.MoveTable;

/**
 * Boxes and the moves of flies. Whoever moves flies takes the one lock of moves first, so that two
 * who take the last fly at the same moment do not both have it.
 */
@Service
@Transactional
public class BoxStore {
  private static final int MOST_BOXES = 50;
  private static final int MOST_MOVES = 100_000;

  private final FlyBoxRepository boxes;
  private final FlyMoveRepository moves;
  private final EntityManager manager;
  private final JdbcTemplate jdbc;
  private final OwnIds ids;

  BoxStore(
      FlyBoxRepository boxes,
      FlyMoveRepository moves,
      EntityManager manager,
      JdbcTemplate jdbc,
      OwnIds ids) {
    this.ids = ids;
    this.boxes = boxes;
    this.moves = moves;
    this.manager = manager;
    this.jdbc = jdbc;
  }

  /** All boxes, the oldest first. */
  public List<FlyBox> boxes() {
    return boxes.findAllByDeletedAtIsNullOrderByMadeAtAscIdAsc();
  }

  /** A new box. */
  public FlyBox add(String name, String note) {
    checked(name, note);
    Require.inRange("boxes", boxes().size() + 1, 1, MOST_BOXES);
    return boxes.saveAndFlush(new FlyBox(UUID.randomUUID(), name, note, Instant.now()));
  }

  private static void checked(String name, String note) {
    Require.text("name", name, 80);
    if (Require.present("note", note).length() > 400) {
      throw new OutOfRangeException(
          "note", note.length() + " characters", "at most 400", "Shorten it.");
    }
  }

  /** Calls a box something else, if its revision is still the one that was read. */
  public FlyBox call(UUID id, long revision, String name, String note) {
    checked(name, note);
    FlyBox box = locked(id);
    if (box.revision() != revision) {
      throw new ConflictException(
          "This box was changed elsewhere since it was opened here.",
          new BoxViews.BoxView(box.id(), box.name(), box.note(), box.revision(), 0));
    }
    box.called(name, note);
    return boxes.saveAndFlush(box);
  }

  private FlyBox locked(UUID id) {
    FlyBox box = boxes.findById(id).orElseThrow(() -> new NotFoundException("box", id));
    manager.refresh(box, LockModeType.PESSIMISTIC_WRITE);
    if (box.isDeleted()) {
      throw new NotFoundException("box", id);
    }
    return box;
  }

  /** Puts an empty box away; it can be restored. */
  public void delete(UUID id) {
    lockMoves();
    FlyBox box = locked(id);
    int flies =
        whereabouts().all().stream()
            .filter(c -> c.place().equals(new Place.In(id.toString())))
            .mapToInt(Whereabouts.Count::count)
            .sum();
    if (flies > 0) {
      throw new OutOfRangeException(
          "box", flies + " flies in it", "an empty box", "Move its flies somewhere else first.");
    }
    box.deleted(Instant.now());
  }

  /** Brings one back that was put away. */
  public void restore(UUID id) {
    boxes.findById(id).orElseThrow(() -> new NotFoundException("box", id)).deleted(null);
  }

  /** All moves, the earliest first. */
  public List<FlyMove> moves() {
    return moves.all();
  }

  /** Where all flies are. */
  public Whereabouts whereabouts() {
    return Whereabouts.of(moves.all().stream().map(FlyMove::move).toList());
  }

  /** Moves flies; all of these moves or none. */
  public void move(List<Move> all, UUID outing, String note) {
    lockMoves();
    Whereabouts now = whereabouts();
    Require.inRange("moves", moves.count() + all.size(), 0, MOST_MOVES, "");
    for (Move move : all) {
      requireBox(move.to());
      now.check(move);
      now = now.after(move);
      moves.save(new FlyMove(UUID.randomUUID(), move, outing, null, note, Instant.now()));
    }
    moves.flush();
  }

  private void requireBox(Place place) {
    if (place instanceof Place.In in
        && boxes().stream().noneMatch(b -> b.id().toString().equals(in.box()))) {
      throw new OutOfRangeException(
          "to", in.box(), "a box that there is", "Choose one of the list.");
    }
  }

  /**
   * Takes moves of a table in that are not here yet; boxes go by name, and are made where needed.
   */
  public int take(List<MoveTable.Line> lines) {
    lockMoves();
    int added = 0;
    Instant now = Instant.now();
    for (MoveTable.Line line : lines) {
      UUID id = ids.of(line.move(), moves::existsById);
      if (!moves.existsById(id)) {
        Move move =
            new Move(
                line.flies(),
                place(line.from(), line.fromName()),
                place(line.to(), line.toName()),
                line.count(),
                line.day(),
                "");
        moves.save(new FlyMove(id, move, null, null, line.note(), now));
        now = now.plusNanos(1000); // so that they keep their order
        added++;
      }
    }
    Require.inRange("moves", moves.count(), 0, MOST_MOVES, "");
    moves.flush();
    return added;
  }

  private Place place(String kind, String name) {
    Place place = PlaceName.of(kind, name);
    return place instanceof Place.In
        ? new Place.In(
            boxes().stream()
                .filter(b -> b.name().equals(name))
                .findFirst()
                .orElseGet(() -> add(name, ""))
                .id()
                .toString())
        : place;
  }

  /** Undoes one move, unless the log made it. */
  public void undo(UUID id) {
    lockMoves();
    FlyMove move = moves.findById(id).orElseThrow(() -> new NotFoundException("move", id));
    if (move.flyId() != null) {
      throw new OutOfRangeException(
          "move",
          "what the log brought",
          "a move of one's own",
          "Delete the fly in the log instead.");
    }
    moves.delete(move);
    moves.flush();
  }

  /** Undoes all that an outing moved. */
  public void undoOf(UUID outing) {
    lockMoves();
    moves.deleteAll(moves.findAllByOutingId(outing));
    moves.flush();
  }

  /** What was tied lies in the first box; there is one from the first fly on. */
  @EventListener
  public void tied(FlyTied tied) {
    lockMoves();
    FlyBox first = boxes().stream().findFirst().orElseGet(() -> add("Box", ""));
    LocalDate day = LocalDate.ofInstant(tied.at(), ZoneId.systemDefault());
    Move move =
        new Move(tied.flies(), new Place.Vise(), new Place.In(first.id().toString()), 1, day, "");
    moves.saveAndFlush(new FlyMove(UUID.randomUUID(), move, null, tied.fly(), "", tied.at()));
  }

  /**
   * No row stands for all moves, so it is a lock of its own, held to the end of the transaction.
   */
  private void lockMoves() {
    jdbc.queryForList(
        "select 1 from pg_advisory_xact_lock(hashtext('fly_move' || person_now()::text))");
  }
}
