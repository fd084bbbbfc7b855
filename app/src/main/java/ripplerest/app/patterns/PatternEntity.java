package ripplerest.app.patterns;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.quantity.Words;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternWriter;

/** A stored pattern: its canonical document, and beside it what is listed and searched. */
@Entity
@Table(name = "pattern")
public class PatternEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  @Column(name = "style", nullable = false)
  private String style;

  @Column(name = "hook_size", nullable = false)
  private int hookSize;

  @Column(name = "natural_insect", nullable = false)
  private String natural;

  @Column(name = "hook_shape", nullable = false)
  private String hookShape;

  @JdbcTypeCode(SqlTypes.ARRAY)
  @Column(nullable = false)
  private String[] materials;

  @Column(nullable = false)
  private String words;

  /** Unknown until it has been put on the water; see {@link PostureFiller}. */
  private String posture;

  /** How often putting it on the water has failed since it was changed. */
  @Column(name = "posture_tries", nullable = false)
  private int postureTries;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private String document;

  @Version
  @Column(nullable = false)
  private long revision;

  /** Which of its steps it stands at. */
  @Column(nullable = false)
  private int step;

  @Column(name = "created_at", nullable = false)
  private Instant createdAt;

  @Column(name = "updated_at", nullable = false)
  private Instant updatedAt;

  @Column(name = "archived_at")
  private Instant archivedAt;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  /** Whether it stands first in lists. */
  @Column(nullable = false)
  private boolean favourite;

  protected PatternEntity() {}

  PatternEntity(PatternFile file, BookWords book, Instant now) {
    this.id = UUID.randomUUID();
    this.createdAt = now;
    take(file, book, now);
  }

  final void take(PatternFile file, BookWords book, Instant now) {
    this.document = PatternWriter.write(file);
    this.updatedAt = now;
    this.posture = null;
    this.postureTries = 0;
    index(file.pattern(), book);
  }

  /** What lists and searches go by. */
  final void index(Pattern pattern, BookWords book) {
    this.name = pattern.name();
    this.style = pattern.style();
    this.natural = pattern.natural();
    this.hookSize = pattern.hook().size();
    this.hookShape = Words.id(pattern.hook().shape());
    this.materials =
        pattern.parts().stream().map(Part::material).distinct().sorted().toArray(String[]::new);
    this.words = book.of(pattern);
  }

  int step() {
    return step;
  }

  void standAt(int number) {
    step = number;
  }

  void archive(Instant now) {
    archivedAt = now;
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

  public String style() {
    return style;
  }

  public String natural() {
    return natural;
  }

  String words() {
    return words;
  }

  String[] materials() {
    return materials.clone();
  }

  String hookShape() {
    return hookShape;
  }

  public boolean isArchived() {
    return archivedAt != null;
  }

  public boolean isFavourite() {
    return favourite;
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
