package ripplerest.core.hook;

import ripplerest.core.quantity.Require;

/**
 * How hard a hook can be pulled before it opens. The bend is a curved bar of round wire pulled at
 * the point along the shank; it opens when its section has yielded through: moment = pull × gap =
 * yield strength × wire³ / 6 (plastic section of a round bar). Strength of hard drawn wire rises as
 * it gets thinner: tensile strength 2211 MPa·mm^0.145 / wire^0.145 (Shigley's Mechanical
 * Engineering Design, 8th ed., table 10-4, music wire, from memory), of which {@value #YIELD}
 * yields (same table's text, from memory). Forging, temper and a barb's notch are left out, so it
 * is good to about {@value #SPREAD} either way.
 *
 * @param opensN pull at which it opens, N
 * @param lowN least that is likely
 * @param highN most that is likely
 */
public record HookStrength(double opensN, double lowN, double highN) {
  static final double YIELD = 0.78;
  static final double SPREAD = 0.3;

  private static final double MUSIC_WIRE_MPA = 2211;
  private static final double MUSIC_WIRE_EXPONENT = 0.145;
  private static final double G = 9.81;

  /**
   * The hardest steady pull that a fly rod brings, N: tippet and rod give before (common practice,
   * no source).
   */
  private static final double MOST_PULL_N = 8;

  /** Whether a hook is strong enough for a fish. */
  public enum Enough {
    YES,
    /** It lies within what is not known. */
    JUST,
    NO
  }

  /** Of one hook. */
  public static HookStrength of(Hook hook) {
    double wire = hook.wireMm();
    double yieldMpa = YIELD * MUSIC_WIRE_MPA / Math.pow(wire, MUSIC_WIRE_EXPONENT);
    double opens = yieldMpa * Math.pow(wire, 3) / 6 / hook.gapMm();
    return new HookStrength(opens, opens * (1 - SPREAD), opens * (1 + SPREAD));
  }

  /**
   * How hard a fish of this weight pulls at most, N: its weight, as far as a fly rod lets it
   * (common practice, no source).
   */
  public static double pullN(double fishG) {
    Require.inRange("fish", fishG, 1, 50_000, "g");
    return Math.min(MOST_PULL_N, fishG / 1000 * G);
  }

  /** Whether it holds a fish of this weight. */
  public Enough enough(double fishG) {
    double pull = pullN(fishG);
    return pull <= lowN ? Enough.YES : pull <= highN ? Enough.JUST : Enough.NO;
  }
}
