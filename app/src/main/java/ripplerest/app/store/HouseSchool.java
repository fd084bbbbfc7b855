package ripplerest.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.Schools;

/** A school of the tier's own: whose copy it is, and the rules that differ. */
@Entity
@Table(name = "house_school")
public class HouseSchool {
  @Id private String id;

  @Column(nullable = false)
  private String label;

  @Column(name = "copy_of", nullable = false)
  private String copyOf;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private Map<String, String[]> rules;

  protected HouseSchool() {}

  HouseSchool(String id, String label, String copyOf) {
    this.id = id;
    this.label = label;
    this.copyOf = copyOf;
    this.rules = Map.of();
  }

  /** The school that ships, whose copy this is. */
  String root() {
    return copyOf;
  }

  void takeRules(HouseSchool other) {
    rules = other.rules;
  }

  public String id() {
    return id;
  }

  void put(String part, String dimension, School.Rule r) {
    Map<String, String[]> changed = new java.util.LinkedHashMap<>(rules);
    changed.put(
        part + "/" + dimension,
        new String[] {r.reference(), r.value(), r.low(), r.high(), r.words()});
    rules = changed;
  }

  /** The school with its rules in force. */
  School school() {
    School school = Schools.standard().named(copyOf).copy(id, label);
    for (Map.Entry<String, String[]> e : rules.entrySet()) {
      String[] key = e.getKey().split("/");
      String[] r = e.getValue();
      school = school.with(key[0], key[1], new School.Rule(r[0], r[1], r[2], r[3], r[4]));
    }
    return school;
  }
}
