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
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

/**
 * The styles there are: those that ship, and the tier's own. One that was deleted is no longer
 * offered, but what follows it can still be read.
 */
@Service
public class StyleStore {
  private final HouseStyleRepository repository;
  private final InUse patterns;
  private final TransactionTemplate transaction;
  private final Remembered<Styles> known;

  StyleStore(
      HouseStyleRepository repository,
      InUse patterns,
      TransactionTemplate transaction,
      RememberedVersions versions) {
    known = new Remembered<>(versions, this::read);
    this.repository = repository;
    this.patterns = patterns;
    this.transaction = transaction;
  }

  /** All styles, house styles last. */
  public Styles styles() {
    return known.get();
  }

  /** Something was changed beside this store. */
  public void changed() {
    known.changed();
  }

  private Styles read() {
    Styles all = Styles.standard();
    Set<String> deleted = new HashSet<>();
    for (HouseStyleRow house : repository.findAll()) {
      all = all.with(house.style().style());
      if (house.deletedAt() != null) {
        deleted.add(house.id());
      }
    }
    return all.retiring(deleted);
  }

  /** A house style by its id, deleted or not; none for those that ship. */
  public Optional<HouseStyle> house(String id) {
    return repository.findById(id).map(HouseStyleRow::style);
  }

  /** Copies a style under a label of its own; a house style's copy takes its rules along. */
  public Style copy(String copyOf, String label) {
    Require.text("copyOf", copyOf, 60);
    Require.text("label", label, 60);
    Style like = styles().named(copyOf);
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
    style.style(); // refused here, not when it is next read
    transaction.executeWithoutResult(t -> repository.saveAndFlush(new HouseStyleRow(style)));
    known.changed();
  }

  /** Changes one rule of a house style; the standard ones stay as they ship. */
  public Style change(String id, String part, String dimension, Style.Rule rule) {
    return transaction.execute(
        t -> {
          HouseStyleRow house = own(id);
          Style changed = house.style().style().with(part, dimension, rule);
          house.put(part, dimension, rule);
          repository.saveAndFlush(house);
          known.changed();
          return changed;
        });
  }

  /** Deletes a house style that no pattern of the book follows; it can be restored. */
  public void delete(String id) {
    transaction.executeWithoutResult(
        t -> {
          HouseStyleRow house = own(id);
          long followers = patterns.followers(id);
          if (followers > 0) {
            throw new OutOfRangeException(
                "style",
                id,
                "one that no pattern follows; " + followers + " do",
                "Give those patterns another style first.");
          }
          house.deleted(Instant.now());
          repository.saveAndFlush(house);
          known.changed();
        });
  }

  /** Offers a deleted house style again. */
  public void restore(String id) {
    transaction.executeWithoutResult(
        t -> {
          HouseStyleRow house =
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
        .map(HouseStyleRow::id)
        .toList();
  }

  private HouseStyleRow own(String id) {
    HouseStyleRow house =
        repository
            .findLockedById(id)
            .orElseThrow(
                () ->
                    new OutOfRangeException(
                        "style",
                        "\"" + id + "\"",
                        "a style of your own",
                        "Copy this style and change the copy."));
    if (house.deletedAt() != null) {
      throw new NotFoundException("style", id);
    }
    return house;
  }
}
