package ripplerest.app.library;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import ripplerest.core.sizing.HouseStyle;
import ripplerest.core.sizing.Style;

/** A style of the tier's own: whose copy it is, and the rules that differ. */
@Entity
@Table(name = "house_style")
public class HouseStyleRow {
  @Id private String id;

  @Column(nullable = false)
  private String label;

  @Column(name = "copy_of", nullable = false)
  private String copyOf;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private Map<String, String[]> rules;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  protected HouseStyleRow() {}

  HouseStyleRow(HouseStyle style) {
    id = style.id();
    label = style.label();
    copyOf = style.copyOf();
    take(style);
  }

  private void take(HouseStyle style) {
    Map<String, String[]> all = new LinkedHashMap<>();
    style
        .rules()
        .forEach(
            (key, r) ->
                all.put(
                    key, new String[] {r.reference(), r.value(), r.low(), r.high(), r.words()}));
    rules = all;
  }

  public String id() {
    return id;
  }

  public String label() {
    return label;
  }

  Instant deletedAt() {
    return deletedAt;
  }

  void deleted(Instant at) {
    deletedAt = at;
  }

  void put(String part, String dimension, Style.Rule rule) {
    Map<String, Style.Rule> changed = new LinkedHashMap<>(style().rules());
    changed.put(part + "/" + dimension, rule);
    take(new HouseStyle(id, label, copyOf, changed));
  }

  /** As the core knows it. */
  HouseStyle style() {
    Map<String, Style.Rule> all = new LinkedHashMap<>();
    rules.forEach((key, r) -> all.put(key, new Style.Rule(r[0], r[1], r[2], r[3], r[4])));
    return new HouseStyle(id, label, copyOf, all);
  }
}
