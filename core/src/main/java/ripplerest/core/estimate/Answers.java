package ripplerest.core.estimate;

import java.util.List;
import java.util.Optional;
import ripplerest.core.rest.Carry;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.Rest;

/** What takes many poses to answer, beside the one estimate. */
public final class Answers {
  /** Casts behind a landing share, at most. */
  public static final int CASTS = 500;

  private Answers() {}

  /**
   * How the fly comes to rest over many casts.
   *
   * @param casts 1 or more; fewer are made where fewer tell as much
   */
  public static LandingShares landing(PreparedFly fly, int casts, long seed, Work work) {
    List<Rest> upright = LandedFly.of(fly).rest().stream().toList();
    LandingShares shares =
        LandingShares.draw(
            fly::finder,
            Casts.usual(fly.conditions().touchdownFactor()),
            casts,
            seed,
            upright,
            done -> work.progress(done, casts),
            work::cancelled);
    work.throwIfCancelled();
    return shares;
  }

  /** What the fly can carry below it; nothing if it sinks by itself. */
  public static CarryLimit carry(PreparedFly fly, Work work) {
    LandedFly landed = LandedFly.of(fly);
    Optional<Rest> rest = landed.rest();
    work.throwIfCancelled();
    work.progress(1, 3);
    if (rest.isEmpty()) {
      return CarryLimit.of(Carry.NOTHING);
    }
    double sinksAt = FilmReserve.from(rest.get(), landed.finder()).sinksAt();
    work.throwIfCancelled();
    work.progress(2, 3);
    Carry carry = Carry.of(rest.get(), sinksAt, landed.finder());
    work.progress(3, 3);
    return CarryLimit.of(carry);
  }

  /**
   * The largest weight in water that can be hung from the start of its bend before it goes under,
   * mg; 0 if it sinks by itself.
   */
  public static double floatsWithMg(PreparedFly fly) {
    LandedFly landed = LandedFly.of(fly);
    return landed
        .rest()
        .map(
            r -> {
              double sinksAt = FilmReserve.from(r, landed.finder()).sinksAt();
              return Carry.most(r, sinksAt, landed.finder()).mg();
            })
        .orElse(0.0);
  }
}
