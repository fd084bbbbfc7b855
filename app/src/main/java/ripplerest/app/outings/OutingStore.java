package ripplerest.app.outings;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.box.BoxStore;
import ripplerest.app.box.FlyBox;
import ripplerest.app.http.ConflictException;
import ripplerest.app.http.NotFoundException;
import ripplerest.core.box.Flies;
import ripplerest.core.box.History;
import ripplerest.core.box.Move;
import ripplerest.core.box.Outing;
import ripplerest.core.box.Place;
import ripplerest.core.box.Whereabouts;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import tools.jackson.databind.json.JsonMapper;

/** Keeps outings, and takes out of the boxes what they used up. */
@Service
@Transactional
public class OutingStore {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final int MOST = 2_000;
  private static final int MOST_TOLD = 60;

  private final OutingRepository repository;
  private final EntityManager manager;
  private final BoxStore boxes;

  OutingStore(OutingRepository repository, EntityManager manager, BoxStore boxes) {
    this.repository = repository;
    this.manager = manager;
    this.boxes = boxes;
  }

  /** An outing as it is stored. */
  public record Kept(UUID id, long revision, OutingEntry entry) {
    public Outing outing() {
      return entry.outing();
    }
  }

  /** All of them, by day. */
  public List<Kept> all() {
    return repository.findAllByDeletedAtIsNullOrderByDayAscIdAsc().stream()
        .map(OutingStore::kept)
        .toList();
  }

  private static Kept kept(OutingEntity e) {
    return new Kept(e.id(), e.revision(), MAPPER.readValue(e.entry(), OutingEntry.class));
  }

  /** One of them. */
  public Kept get(UUID id) {
    return repository
        .findById(id)
        .filter(e -> e.deletedAt() == null)
        .map(OutingStore::kept)
        .orElseThrow(() -> new NotFoundException("outing", id));
  }

  /** A new one. */
  public Kept add(Outing outing) {
    Require.inRange("outings", repository.count() + 1, 1, MOST, "");
    return save(new OutingEntity(UUID.randomUUID()), new OutingEntry(outing, List.of(), List.of()));
  }

  private Kept save(OutingEntity entity, OutingEntry entry) {
    Outing outing = entry.outing();
    entity.take(outing.name(), outing.day(), MAPPER.writeValueAsString(entry));
    return kept(repository.saveAndFlush(entity));
  }

  /** Changes one, if its revision is still the one that was read. */
  public Kept change(UUID id, long revision, Outing outing) {
    OutingEntity stored = locked(id);
    Kept before = kept(stored);
    if (stored.revision() != revision) {
      throw new ConflictException(
          "This outing was changed elsewhere since it was opened here.", before);
    }
    return save(stored, before.entry().with(outing));
  }

  /** Changes what was worked out for one, whatever else was changed meanwhile. */
  public Kept change(UUID id, UnaryOperator<OutingEntry> change) {
    OutingEntity stored = locked(id);
    return save(stored, change.apply(kept(stored).entry()));
  }

  /** What came of one; told again it counts instead of what was told before. */
  public Kept tell(UUID id, List<OutingEntry.Brought> brought) {
    Require.inRange("flies told of", brought.size(), 1, MOST_TOLD);
    OutingEntity stored = locked(id);
    Outing outing = kept(stored).outing();
    boxes.undoOf(id);
    for (OutingEntry.Brought b : brought) {
      b.fished(outing); // refuses what cannot be
      use(id, outing, b.flies(), b.lost(), new Place.Lost());
      use(id, outing, b.flies(), b.chewed(), new Place.Chewed());
    }
    return save(stored, kept(stored).entry().told(brought));
  }

  /** Takes flies out of the boxes that went along, the first first. */
  private void use(UUID id, Outing outing, Flies flies, int count, Place to) {
    int left = count;
    for (String box : along(outing)) {
      Whereabouts now = boxes.whereabouts();
      int here = Math.min(left, now.count(flies, new Place.In(box)));
      if (here > 0) {
        boxes.move(
            List.of(new Move(flies, new Place.In(box), to, here, outing.day(), id.toString())),
            id,
            outing.name());
        left -= here;
      }
    }
    if (left > 0) {
      throw new OutOfRangeException(
          "lost and worn out",
          count + " of " + flies.name() + " " + flies.size(),
          "at most the " + (count - left) + " that are in the boxes that went along",
          "Log what was tied first, or say which boxes went along.");
    }
  }

  /** Ids of the boxes that go along. */
  public List<String> along(Outing outing) {
    List<String> all = new ArrayList<>();
    for (FlyBox box : boxes.boxes()) {
      String name = box.id().toString();
      if (outing.boxes().isEmpty() || outing.boxes().contains(name)) {
        all.add(name);
      }
    }
    return all;
  }

  /** What all outings brought home. */
  public List<History.Fished> fished() {
    return all().stream()
        .flatMap(k -> k.entry().report().stream().map(b -> b.fished(k.outing())))
        .toList();
  }

  private OutingEntity locked(UUID id) {
    OutingEntity stored =
        repository.findById(id).orElseThrow(() -> new NotFoundException("outing", id));
    manager.refresh(stored, LockModeType.PESSIMISTIC_WRITE);
    if (stored.deletedAt() != null) {
      throw new NotFoundException("outing", id);
    }
    return stored;
  }

  /** Deletes one; what it used up stays used up. It can be restored. */
  public void delete(UUID id) {
    locked(id).deleted(Instant.now());
  }

  /** Undoes a deletion. */
  public void restore(UUID id) {
    repository.findById(id).orElseThrow(() -> new NotFoundException("outing", id)).deleted(null);
  }
}
