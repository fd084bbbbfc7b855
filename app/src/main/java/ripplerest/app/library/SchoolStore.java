package ripplerest.app.library;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.http.NotFoundException;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.HouseStyle;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.Schools;

/**
 * The schools there are: those that ship, and the tier's own. One that was deleted is no longer
 * offered, but what follows it can still be read.
 */
@Service
public class SchoolStore {
  private final HouseSchoolRepository repository;
  private final InUse patterns;
  private final TransactionTemplate transaction;
  private final Remembered<Schools> known = new Remembered<>(this::read);

  SchoolStore(HouseSchoolRepository repository, InUse patterns, TransactionTemplate transaction) {
    this.repository = repository;
    this.patterns = patterns;
    this.transaction = transaction;
  }

  /** All schools, house schools last. */
  public Schools schools() {
    return known.get();
  }

  /** Something was changed beside this store. */
  public void changed() {
    known.changed();
  }

  private Schools read() {
    Schools all = Schools.standard();
    Set<String> deleted = new HashSet<>();
    for (HouseSchool house : repository.findAll()) {
      all = all.with(house.style().school());
      if (house.deletedAt() != null) {
        deleted.add(house.id());
      }
    }
    return all.retiring(deleted);
  }

  /** A house style by its id, deleted or not; none for those that ship. */
  public Optional<HouseStyle> house(String id) {
    return repository.findById(id).map(HouseSchool::style);
  }

  /** Copies a school under a label of its own; a house school's copy takes its rules along. */
  public School copy(String copyOf, String label) {
    Require.text("copyOf", copyOf, 60);
    Require.text("label", label, 60);
    School like = schools().named(copyOf);
    String id = label.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    String own = free("house-" + id.replaceAll("^-|-$", ""), label);
    HouseStyle style =
        house(copyOf)
            .map(h -> new HouseStyle(own, label, h.copyOf(), h.rules()))
            .orElseGet(() -> new HouseStyle(own, label, copyOf, java.util.Map.of()));
    add(style);
    return like.copy(own, label);
  }

  /**
   * A deleted style keeps its id for what refers to it; another of the same name gets a new one.
   */
  private String free(String id, String label) {
    String free = id;
    for (int n = 2; repository.existsById(free); n++) {
      if (repository.findById(free).filter(h -> h.deletedAt() == null).isPresent()) {
        throw new OutOfRangeException(
            "label", "\"" + label + "\"", "a name that no style has", "Choose another name.");
      }
      free = id + "-" + n;
    }
    return free;
  }

  /** Keeps a style that came with a document; its id must be free. */
  void add(HouseStyle style) {
    style.school(); // refused here, not when it is next read
    transaction.executeWithoutResult(t -> repository.saveAndFlush(new HouseSchool(style)));
    known.changed();
  }

  /** Changes one rule of a house school; the standard ones stay as they ship. */
  public School change(String id, String part, String dimension, School.Rule rule) {
    return transaction.execute(
        t -> {
          HouseSchool house = own(id);
          School changed = house.style().school().with(part, dimension, rule);
          house.put(part, dimension, rule);
          repository.saveAndFlush(house);
          known.changed();
          return changed;
        });
  }

  /** Deletes a house school that no pattern of the book follows; it can be restored. */
  public void delete(String id) {
    transaction.executeWithoutResult(
        t -> {
          HouseSchool house = own(id);
          long followers = patterns.followers(id);
          if (followers > 0) {
            throw new OutOfRangeException(
                "school",
                id,
                "one that no pattern follows; " + followers + " do",
                "Give those patterns another style first.");
          }
          house.deleted(Instant.now());
          repository.saveAndFlush(house);
          known.changed();
        });
  }

  /** Offers a deleted house school again. */
  public void restore(String id) {
    transaction.executeWithoutResult(
        t -> {
          HouseSchool house =
              repository.findLockedById(id).orElseThrow(() -> new NotFoundException("style", id));
          house.deleted(null);
          repository.saveAndFlush(house);
          known.changed();
        });
  }

  /** Those that can be chosen and changed. */
  public List<String> houseIds() {
    return repository.findAll().stream()
        .filter(h -> h.deletedAt() == null)
        .map(HouseSchool::id)
        .toList();
  }

  private HouseSchool own(String id) {
    HouseSchool house =
        repository
            .findLockedById(id)
            .orElseThrow(
                () ->
                    new OutOfRangeException(
                        "school",
                        "\"" + id + "\"",
                        "a style of your own",
                        "Copy this style and change the copy."));
    if (house.deletedAt() != null) {
      throw new NotFoundException("style", id);
    }
    return house;
  }
}
