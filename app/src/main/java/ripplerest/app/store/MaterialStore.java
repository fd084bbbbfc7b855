package ripplerest.app.store;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.core.material.Material;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;

/** The material table that ships, and over it what the tier brought along. */
@Service
public class MaterialStore {
  private final MaterialValueRepository repository;
  private final BookSearch book;
  private final TransactionTemplate transaction;
  private volatile Materials known;

  MaterialStore(
      MaterialValueRepository repository, BookSearch book, TransactionTemplate transaction) {
    this.repository = repository;
    this.book = book;
    this.transaction = transaction;
  }

  /** All materials; every estimate asks, so they are kept until one changes. */
  public Materials materials() {
    Materials all = known;
    if (all == null) {
      all = Materials.standard().with(own());
      known = all;
    }
    return all;
  }

  public boolean isOwn(String material) {
    return own().stream().anyMatch(r -> r.material().equals(material));
  }

  /**
   * Keeps the rows that say something else than the table as it is; refuses them all if the table
   * would not hold together.
   *
   * @return how many
   */
  public int take(List<MaterialRow> rows) {
    Materials before = materials();
    List<MaterialRow> other = rows.stream().filter(r -> !isKnown(r, before)).toList();
    before.with(other);
    int first = own().size();
    transaction.executeWithoutResult(
        t -> {
          for (int i = 0; i < other.size(); i++) {
            repository.save(new MaterialValueRow(other.get(i), first + i));
          }
        });
    known = null;
    return other.size();
  }

  /** Goes back to the table that ships; a material of the tier's own has to be in no pattern. */
  public void forget(String material) {
    Set<String> shipped = new HashSet<>();
    for (Material m : Materials.standard().all()) {
      shipped.add(m.id());
    }
    long users = book.materials().getOrDefault(material, 0L);
    if (!shipped.contains(material) && users > 0) {
      throw new OutOfRangeException(
          "material",
          material,
          "one that no pattern uses; " + users + " do",
          "Give those patterns another material first.");
    }
    transaction.executeWithoutResult(t -> repository.forget(material));
    known = null;
  }

  private List<MaterialRow> own() {
    return repository.findAllByOrderByPlaceAsc().stream().map(MaterialValueRow::row).toList();
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
