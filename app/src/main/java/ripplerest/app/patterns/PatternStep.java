package ripplerest.app.patterns;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One version of a pattern, and what led to it. */
@Entity
@Table(name = "pattern_step")
class PatternStep {
  private static final int LONGEST_NAME = 200;

  @EmbeddedId private Key key;

  @Column(nullable = false)
  private String name;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private String document;

  @Column(name = "made_at", nullable = false)
  private Instant madeAt;

  /** A pattern and the number of a step of it. */
  @Embeddable
  record Key(@Column(name = "pattern_id") UUID patternId, int number) implements Serializable {}

  protected PatternStep() {}

  PatternStep(UUID patternId, int number, String name, String document, Instant now) {
    this.key = new Key(patternId, number);
    this.name = name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME);
    this.document = document;
    this.madeAt = now;
  }

  String name() {
    return name;
  }

  String document() {
    return document;
  }
}
