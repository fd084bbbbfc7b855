package ripplerest.app.outings;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An outing as it is kept: its entry whole, and what it is listed by. */
@Entity
@Table(name = "outing")
class OutingEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private LocalDate day;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private String entry;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  @Version private Long revision;

  protected OutingEntity() {}

  OutingEntity(UUID id) {
    this.id = id;
  }

  void take(String newName, LocalDate newDay, String newEntry) {
    name = newName;
    day = newDay;
    entry = newEntry;
  }

  void deleted(Instant at) {
    deletedAt = at;
  }

  UUID id() {
    return id;
  }

  Instant deletedAt() {
    return deletedAt;
  }

  String entry() {
    return entry;
  }

  long revision() {
    return revision;
  }
}
