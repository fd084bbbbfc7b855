package ripplerest.core.practice;

import java.util.Optional;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Rest;

/** Flies of which it is beyond doubt how they sit, so that nobody is judged by a toss-up. */
final class PlainRest {
  private static final long SEED = 1;
  private static final int CASTS = 24;

  /** Rests that differ by less are one to the eye (assumption). */
  private static final double ALIKE_DEG = 5;

  private static final double ALIKE_MM = 1;

  private PlainRest() {}

  /** The estimate of a fly, if more than half of all casts end so, for all that was seen. */
  static Optional<Estimate> of(PreparedFly fly, Work work) {
    work.throwIfCancelled();
    Estimate gentle = Estimator.estimate(fly, Options.poseOnly());
    if (gentle.outcome() == Outcome.UNSETTLED) {
      return Optional.empty();
    }
    LandingShares casts = Answers.landing(fly, CASTS, SEED, Work.until(work::cancelled));
    work.throwIfCancelled();
    int so = gentle.rest().map(r -> alike(r, casts)).orElseGet(casts::sunk);
    return LandingShares.ratio(so, casts.throwsMade()).low() > 0.5
        ? Optional.of(gentle)
        : Optional.empty();
  }

  private static int alike(Rest rest, LandingShares casts) {
    return casts.shares().stream()
        .filter(s -> isAlike(s.rest(), rest))
        .mapToInt(LandingShares.Share::count)
        .sum();
  }

  private static boolean isAlike(Rest one, Rest other) {
    return one.posture() == other.posture()
        && Math.abs(Math.toDegrees(one.pose().pitchRad() - other.pose().pitchRad())) <= ALIKE_DEG
        && Math.abs(one.eyeMm() - other.eyeMm()) <= ALIKE_MM;
  }
}
