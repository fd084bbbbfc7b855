package ripplerest.core.estimate;

import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.material.Deviates;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Water;

/**
 * One fly as it may turn out: materials of one draw, out of a {@link Hand}, come down as hard as it
 * happens to, with the model's own {@link Discrepancy} on top.
 *
 * @param fly as it came out
 * @param sits how it sits
 * @param rest where; empty unless it rests
 * @param off by how much the model may be off there
 * @param reserve how much heavier it could be, by the model; empty unless it rests and was asked
 *     for
 * @param popBackMg drowned buoyancy less weight, mg
 * @param massMg mg
 */
public record Draw(
    PreparedFly fly,
    Sitting sits,
    Optional<Rest> rest,
    Optional<Discrepancy> off,
    Optional<FilmReserve> reserve,
    double popBackMg,
    double massMg) {
  /** All that is only roughly known at random, what tests taught of it as they left it. */
  static Draw of(PreparedFly fly, SplittableRandom random) {
    return of(fly.with(fly.materials().sampled(random)), true, random);
  }

  /**
   * The same where it is known what the materials are off by.
   *
   * @param pressed whether its reserve is asked for as well
   */
  public static Draw of(
      PreparedFly fly, Deviates deviates, boolean pressed, SplittableRandom random) {
    return of(fly.with(fly.materials().sampled(deviates)), pressed, random);
  }

  private static Draw of(PreparedFly drawn, boolean pressed, SplittableRandom random) {
    Conditions water = drawn.conditions();
    double factor = Casts.usual(water.touchdownFactor()).drawFactor(random);
    PreparedFly tied = Hand.tied(drawn.with(water.withTouchdown(factor)), random);
    LandedFly landed = LandedFly.briefly(tied);
    double mass = tied.body().massMg();
    Optional<Rest> rest = landed.rest();
    return new Draw(
        tied,
        Sitting.of(landed.landing().outcome(), rest.map(Rest::posture)),
        rest,
        rest.map(r -> Discrepancy.drawn(r, mass * Water.GRAVITY, random)),
        pressed ? landed.reserve() : Optional.empty(),
        tied.popBackMg(),
        mass);
  }

  /** Factor up to which it sits as it does; 0 if it sank. */
  double keeps() {
    return reserve.map(r -> loaded(r, r.keepsPostureTo())).orElse(0.0);
  }

  /** Factor at which it goes under; 0 if it sank. */
  public double sinksAt() {
    return reserve.map(r -> loaded(r, r.sinksAt())).orElse(0.0);
  }

  private double loaded(FilmReserve r, double factor) {
    double most = r.beyond() ? r.sinksAt() : FilmReserve.MOST;
    return Math.min(most, factor * off.orElseThrow().reserve());
  }

  /** Pitch of one that rests, tail down is positive, °. */
  public double pitchDeg() {
    double pitch = rest.orElseThrow().pose().pitchRad() + off.orElseThrow().pitchRad();
    return Math.toDegrees(pitch);
  }

  /** Height of the eye of one that rests, mm. */
  public double eyeMm() {
    return height(Rest::eyeMm, Vector3D.ZERO);
  }

  /** Height of the start of the bend of one that rests, mm. */
  public double bendMm() {
    return height(Rest::bendMm, fly.sized().hook().bendStart());
  }

  /** Height of the hook point of one that rests, mm. */
  public double pointMm() {
    return height(Rest::pointMm, fly.sized().hook().point());
  }

  private double height(ToDoubleFunction<Rest> of, Vector3D place) {
    Rest at = rest.orElseThrow();
    return of.applyAsDouble(at) + off.orElseThrow().raises(at.film(), place);
  }
}
