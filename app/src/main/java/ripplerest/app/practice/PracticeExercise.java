package ripplerest.app.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An exercise that was asked: its key, and what was answered. */
@Entity
@Table(name = "practice_exercise")
class PracticeExercise {
  @Id private UUID id;

  @Column(nullable = false)
  private UUID sitting;

  @Column(nullable = false)
  private String person;

  @Column(nullable = false)
  private boolean counts;

  @Column(nullable = false)
  private String skill;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private String key;

  @Column(name = "asked_at", nullable = false)
  private Instant askedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  private String said;

  protected PracticeExercise() {}

  /**
   * @param counts whether its answer is kept as a look; not where it is shown to others
   */
  PracticeExercise(
      UUID sitting, String person, boolean counts, String skill, String key, Instant askedAt) {
    this.id = UUID.randomUUID();
    this.sitting = sitting;
    this.person = person;
    this.counts = counts;
    this.skill = skill;
    this.key = key;
    this.askedAt = askedAt;
  }

  void answered(String what) {
    said = what;
  }

  UUID id() {
    return id;
  }

  String person() {
    return person;
  }

  boolean counts() {
    return counts;
  }

  String skill() {
    return skill;
  }

  String key() {
    return key;
  }

  /** What was answered; null before. */
  String said() {
    return said;
  }
}
