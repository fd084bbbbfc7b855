package ripplerest.app.library;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import ripplerest.core.hook.HookSpec;

/** A hook that the tier measured. */
@Entity
@Table(name = "own_hook")
public class OwnHook {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private int size;

  @Column(nullable = false)
  private String shape;

  @Column(name = "shank_mm", nullable = false)
  private double shankMm;

  @Column(name = "gap_mm", nullable = false)
  private double gapMm;

  @Column(name = "wire_mm", nullable = false)
  private double wireMm;

  @Column(name = "eye_mm", nullable = false)
  private double eyeMm;

  @Column(name = "ten_mg")
  private Double tenMg;

  @Column(name = "deleted_at")
  private Instant deletedAt;

  protected OwnHook() {}

  /** A hook with its measures; {@code spec} must have them. */
  OwnHook(HookSpec spec) {
    HookSpec.Measured m = spec.measured().orElseThrow();
    id = UUID.randomUUID();
    name = m.name();
    size = spec.size();
    shape = spec.shape().name();
    shankMm = m.shankMm();
    gapMm = m.gapMm();
    wireMm = m.wireMm();
    eyeMm = m.eyeMm();
    tenMg = m.tenMg().orElse(null);
  }

  public UUID id() {
    return id;
  }

  Instant deletedAt() {
    return deletedAt;
  }

  void deleted(Instant at) {
    deletedAt = at;
  }

  /** As a pattern takes it. */
  public HookSpec spec() {
    HookSpec.Measured measured =
        new HookSpec.Measured(name, shankMm, gapMm, wireMm, eyeMm, Optional.ofNullable(tenMg));
    return new HookSpec(size, HookSpec.Shape.valueOf(shape), 0, 0, Optional.of(measured));
  }
}
