package ripplerest.core.estimate;

import java.util.List;
import java.util.Optional;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.Carry;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/** What takes many poses to answer, beside the one estimate. */
public final class Answers {
  /** Casts behind a landing share. */
  public static final int CASTS = 500;

  private Answers() {}

  /**
   * How the fly comes to rest over many casts.
   *
   * @param casts 1 or more
   */
  public static LandingShares landing(
      SizedPattern sized,
      Materials materials,
      Conditions conditions,
      int casts,
      long seed,
      Work work) {
    Trial trial = new Trial(sized, materials, conditions, Mesh.WORKING);
    List<Rest> upright = trial.land(Attitude.UPRIGHT).rest().stream().toList();
    LandingShares shares =
        LandingShares.draw(
            trial::finder,
            Casts.usual(conditions.touchdownFactor()),
            casts,
            seed,
            upright,
            done -> work.done(done, casts),
            work::cancelled);
    work.goOn();
    return shares;
  }

  /** What the fly can carry below it; nothing if it sinks by itself. */
  public static Hung carry(
      SizedPattern sized, Materials materials, Conditions conditions, Work work) {
    Trial trial = new Trial(sized, materials, conditions, Mesh.WORKING);
    Optional<Rest> rest = trial.land(Attitude.UPRIGHT).rest();
    work.goOn();
    work.done(1, 3);
    if (rest.isEmpty()) {
      return Hung.of(Carry.NOTHING);
    }
    double sinksAt = FilmReserve.from(rest.get(), trial.finder).sinksAt();
    work.goOn();
    work.done(2, 3);
    Carry carry = Carry.of(rest.get(), sinksAt, trial.finder);
    work.done(3, 3);
    return Hung.of(carry);
  }
}
