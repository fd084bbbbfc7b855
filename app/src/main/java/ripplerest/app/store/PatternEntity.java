package ripplerest.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import ripplerest.exchange.PatternFile;
import ripplerest.exchange.PatternWriter;

/** A stored pattern: its canonical document, and beside it what is listed and searched. */
@Entity
@Table(name = "pattern")
public class PatternEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private String school;

  @Column(name = "hook_size", nullable = false)
  private int hookSize;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private String document;

  @Version
  @Column(nullable = false)
  private long revision;

  @Column(name = "created_at", nullable = false)
  private Instant createdAt;

  @Column(name = "updated_at", nullable = false)
  private Instant updatedAt;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  protected PatternEntity() {}

  PatternEntity(PatternFile file, Instant now) {
    this.id = UUID.randomUUID();
    this.createdAt = now;
    take(file, now);
  }

  final void take(PatternFile file, Instant now) {
    this.name = file.pattern().name();
    this.school = file.pattern().school();
    this.hookSize = file.pattern().hook().size();
    this.document = PatternWriter.write(file);
    this.updatedAt = now;
  }

  void delete(Instant now) {
    deletedAt = now;
  }

  void restore() {
    deletedAt = null;
  }

  public UUID id() {
    return id;
  }

  public String name() {
    return name;
  }

  public String school() {
    return school;
  }

  public int hookSize() {
    return hookSize;
  }

  public String document() {
    return document;
  }

  public long revision() {
    return revision;
  }

  public Instant updatedAt() {
    return updatedAt;
  }

  boolean isDeleted() {
    return deletedAt != null;
  }
}
