package ripplerest.core.film.laws;

import ripplerest.core.water.Tippet;
import ripplerest.core.water.Water;

/**
 * The tippet as a long beam that lies on the film and is clamped to the eye: it lifts, presses and
 * turns the fly's head.
 *
 * <p>A semi-infinite beam on an elastic foundation (Hetényi, Beams on Elastic Foundation, 1946, ch.
 * 2): end held at height w and slope θ it answers with the energy
 *
 * <pre>  U = EI·(2λ³w² + 2λ²wθ + λθ² + κθ),   λ = (k/4EI)^¼,   k = 2γ/ℓ  </pre>
 *
 * where k is the film's force a depth on a long thin line (small slope) and κ its resting curl.
 * Left out: sag of the tippet between eye and water, its twist, and any pull by the current.
 */
public final class TippetBeam {
  /** Slope beyond which the beam's small-slope answer is held, rad. */
  private static final double STEEPEST = 0.6;

  private final double byHeight;
  private final double byBoth;
  private final double bySlope;
  private final double byCurl;

  /** Upward force on the eye, µN. */
  public double lift;

  /** Moment on the eye that raises pitch, µN·mm. */
  public double moment;

  public TippetBeam(Tippet tippet, Water water) {
    double bending = tippet.bendingStiffness();
    double foundation = 2 * water.tension() / water.capillaryLength();
    double lambda = Math.pow(foundation / (4 * bending), 0.25);
    byHeight = 4 * bending * lambda * lambda * lambda;
    byBoth = 2 * bending * lambda * lambda;
    bySlope = 2 * bending * lambda;
    byCurl = bending * tippet.curvature();
  }

  /**
   * @param eyeMm height of the eye over the undisturbed level, mm
   * @param pitchRad of the fly; head up is positive
   */
  public void settle(double eyeMm, double pitchRad) {
    double slope = Math.max(-STEEPEST, Math.min(STEEPEST, pitchRad));
    lift = -(byHeight * eyeMm + byBoth * slope);
    moment = -(byBoth * eyeMm + bySlope * slope + byCurl);
  }
}
