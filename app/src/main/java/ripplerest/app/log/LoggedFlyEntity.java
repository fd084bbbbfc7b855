package ripplerest.app.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A tied fly as it is kept: its entry as the log's file has it, and what it is listed by. */
@Entity
@Table(name = "logged_fly")
class LoggedFlyEntity {
  @Id private UUID id;

  @Column(name = "pattern_id")
  private UUID patternId;

  @Column(nullable = false)
  private String name;

  @Column(name = "hook_size", nullable = false)
  private int hookSize;

  @Column(name = "tied_at", nullable = false)
  private Instant tiedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private String entry;

  @Version private Long revision;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  protected LoggedFlyEntity() {}

  LoggedFlyEntity(UUID id, UUID patternId) {
    this.id = id;
    this.patternId = patternId;
  }

  void take(String name, int hookSize, Instant tiedAt, String entry) {
    this.name = name;
    this.hookSize = hookSize;
    this.tiedAt = tiedAt;
    this.entry = entry;
  }

  UUID patternId() {
    return patternId;
  }

  String entry() {
    return entry;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  long revision() {
    return revision;
  }

  Instant deletedAt() {
    return deletedAt;
  }

  void deleted(Instant at) {
    deletedAt = at;
  }
}
