package ripplerest.app.library;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Prior;

/** A value of a material that the tier brought along. */
@Entity
@Table(name = "own_material_value")
class MaterialValueRow {
  @EmbeddedId private Key key;

  @Column(nullable = false)
  private String label;

  @Column(nullable = false)
  private double value;

  @Column(nullable = false)
  private double spread;

  @Column(nullable = false)
  private String kind;

  @Column(nullable = false)
  private String source;

  /** Where it stood in its file: a material's first row has its label. */
  @Column(nullable = false)
  private int place;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  /** One value of one material. */
  @Embeddable
  record Key(String material, String property) implements Serializable {}

  protected MaterialValueRow() {}

  MaterialValueRow(MaterialRow row, int place) {
    this.key = new Key(row.material(), row.property().fileName());
    this.label = row.label();
    this.value = row.value();
    this.spread = row.spread();
    this.kind = row.kind().name();
    this.source = row.source();
    this.place = place;
  }

  Instant deletedAt() {
    return deletedAt;
  }

  void deleted(Instant at) {
    deletedAt = at;
  }

  String material() {
    return key.material();
  }

  MaterialRow row() {
    return new MaterialRow(
        key.material(),
        label,
        Property.named(key.property()),
        value,
        spread,
        Prior.Kind.valueOf(kind),
        source);
  }
}
