package ripplerest.app.library;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.http.NotFoundException;
import ripplerest.core.material.Material;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;
import ripplerest.core.quantity.Require;

/**
 * The material table that ships, and over it what the tier brought along. A material of the tier's
 * own that was deleted is no longer offered, but what names it can still be read.
 */
@Service
public class MaterialStore {
  private static final Materials SHIPPED = Materials.standard();

  private final MaterialValueRepository repository;
  private final InUse book;
  private final TransactionTemplate transaction;
  private final Remembered<Materials> known;

  MaterialStore(
      MaterialValueRepository repository,
      InUse book,
      TransactionTemplate transaction,
      RememberedVersions versions) {
    known = new Remembered<>(versions, this::read);
    this.repository = repository;
    this.book = book;
    this.transaction = transaction;
  }

  /** All materials. */
  public Materials materials() {
    return known.get();
  }

  /** Something was changed beside this store. */
  public void changed() {
    known.changed();
  }

  private Materials read() {
    List<MaterialValueRow> all = repository.findAllByOrderByPlaceAsc();
    Set<String> live = ids(all.stream().filter(r -> r.deletedAt() == null).toList());
    List<MaterialValueRow> deleted =
        all.stream()
            .filter(r -> r.deletedAt() != null)
            .filter(r -> !live.contains(r.material()) && !SHIPPED.knows(r.material()))
            .toList();
    return SHIPPED.with(own()).with(rows(deleted)).retiring(ids(deleted));
  }

  public boolean isOwn(String material) {
    return own().stream().anyMatch(r -> r.material().equals(material));
  }

  /** The rows of a material that does not ship, deleted or not; none for those that ship. */
  public Optional<List<MaterialRow>> ofOwn(String material) {
    return SHIPPED.knows(material) || !materials().knows(material)
        ? Optional.empty()
        : Optional.of(MaterialRow.of(materials().get(material)));
  }

  /**
   * Keeps the rows that say something else than the table as it is; refuses them all if the table
   * would not hold together.
   *
   * @return how many
   */
  public int take(List<MaterialRow> rows) {
    Materials before = SHIPPED.with(own()); // what was deleted fills no gap of what comes in
    List<MaterialRow> other = rows.stream().filter(r -> !isKnown(r, before)).toList();
    before.with(other);
    int first = (int) repository.count();
    transaction.executeWithoutResult(
        t -> {
          for (int i = 0; i < other.size(); i++) {
            repository.save(new MaterialValueRow(other.get(i), first + i));
          }
          repository.flush();
          known.changed();
        });
    return other.size();
  }

  /**
   * Makes a kind of the tier's own that is like another but for what differs.
   *
   * @param differs by property, in the unit of the file
   * @return its id, from its label
   */
  public String make(String copyOf, String label, Map<String, Double> differs) {
    String name = Require.text("label", label, 60).strip();
    String id = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    if (id.isEmpty() || materials().knows(id)) {
      throw new OutOfRangeException(
          "label", "\"" + name + "\"", "a name that no kind has yet", "Call it otherwise.");
    }
    Map<Property, Double> changed = new EnumMap<>(Property.class);
    differs.forEach((property, value) -> changed.put(Property.named(property), value));
    List<MaterialRow> rows = new ArrayList<>();
    for (MaterialRow row : MaterialRow.of(materials().get(copyOf))) {
      Double value = changed.remove(row.property());
      rows.add(
          new MaterialRow(
              id,
              rows.isEmpty() ? name : "",
              row.property(),
              value == null ? row.value() : value,
              row.spread(),
              value == null ? row.kind() : Prior.Kind.ASSUMPTION,
              value == null ? row.source() : "measured by its owner"));
    }
    if (!changed.isEmpty()) {
      String missing = changed.keySet().iterator().next().fileName();
      throw new OutOfRangeException(
          "differs", missing, "something that is known of " + copyOf, "Leave it out.");
    }
    take(rows);
    return id;
  }

  /**
   * Goes back to the table that ships; a material of the tier's own has to be in no pattern of the
   * book. It can be restored.
   */
  public void forget(String material) {
    long users = book.materials().getOrDefault(material, 0L);
    if (!SHIPPED.knows(material) && users > 0) {
      throw new OutOfRangeException(
          "material",
          material,
          "one that no pattern uses; " + users + " do",
          "Give those patterns another material first.");
    }
    transaction.executeWithoutResult(
        t -> {
          if (repository.forget(material, Instant.now()) == 0) {
            throw new NotFoundException("material of your own", material);
          }
          known.changed();
        });
  }

  /** Puts the values back that were forgotten last. */
  public void restore(String material) {
    transaction.executeWithoutResult(
        t -> {
          if (repository.restore(material) == 0) {
            throw new NotFoundException("deleted material", material);
          }
          known.changed();
        });
  }

  private List<MaterialRow> own() {
    return rows(
        repository.findAllByOrderByPlaceAsc().stream().filter(r -> r.deletedAt() == null).toList());
  }

  private static List<MaterialRow> rows(List<MaterialValueRow> of) {
    return of.stream().map(MaterialValueRow::row).toList();
  }

  private static Set<String> ids(List<MaterialValueRow> of) {
    return of.stream()
        .map(MaterialValueRow::material)
        .collect(Collectors.toCollection(HashSet::new));
  }

  private static boolean isKnown(MaterialRow row, Materials table) {
    for (Material m : table.all()) {
      if (m.id().equals(row.material())) {
        return MaterialRow.of(m).stream()
            .anyMatch(
                r ->
                    r.property() == row.property()
                        && r.value() == row.value()
                        && r.spread() == row.spread()
                        && r.kind() == row.kind()
                        && r.source().equals(row.source())
                        && (row.label().isEmpty() || row.label().equals(m.label())));
      }
    }
    return false;
  }
}
