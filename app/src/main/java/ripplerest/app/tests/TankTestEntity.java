package ripplerest.app.tests;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A test as it is kept: its entry as the tests' file has it, and what it is listed by. */
@Entity
@Table(name = "tank_test")
class TankTestEntity {
  @Id private UUID id;

  @Column(name = "fly_id", nullable = false)
  private UUID flyId;

  @Column(name = "made_at", nullable = false)
  private Instant madeAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private String entry;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  @Version private Long revision;

  protected TankTestEntity() {}

  TankTestEntity(UUID id, UUID flyId, Instant madeAt) {
    this.id = id;
    this.flyId = flyId;
    this.madeAt = madeAt;
  }

  void take(String entry) {
    this.entry = entry;
  }

  void deleted(Instant at) {
    deletedAt = at;
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
