package ripplerest.app.box;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A box that flies are kept in. */
@Entity
@Table(name = "fly_box")
public class FlyBox {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private String note;

  @Column(name = "made_at", nullable = false)
  private Instant madeAt;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  @Version private Long revision;

  protected FlyBox() {}

  FlyBox(UUID id, String name, String note, Instant madeAt) {
    this.id = id;
    this.madeAt = madeAt;
    called(name, note);
  }

  final void called(String newName, String newNote) {
    name = newName;
    note = newNote;
  }

  void deleted(Instant at) {
    deletedAt = at;
  }

  public UUID id() {
    return id;
  }

  public String name() {
    return name;
  }

  String note() {
    return note;
  }

  boolean isDeleted() {
    return deletedAt != null;
  }

  long revision() {
    return revision;
  }
}
