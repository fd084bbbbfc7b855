package ripplerest.core.drift;

import java.util.random.RandomGenerator;
import ripplerest.core.material.Learnt;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Require;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/**
 * How fast a fly fouls, and what puts it under. All usual values are assumptions: nobody has
 * counted them for us, and tank tests are to correct them.
 *
 * @param dunksPerMinute times a minute that the water tries to put it under, 0 to 60
 * @param dunkStrength median of the weights it must bear to stay up then, 1 to 20
 * @param wettingMinutes in which water gets to the middle of it while it floats; infinite: never
 * @param dunkWets how deep one dunking wets a dry fly, as a share of the way to its middle, 0 to 1
 * @param dunkDrowns share of its air that a dunking takes beside, 0 to 1
 * @param castsPerMinute false casts, 0 to 60
 * @param castDries share of what water has done that a false cast undoes, 0 to 1
 * @param slimeOfAFish slime that one fish leaves on it, 0 to 1
 */
public record Rates(
    double dunksPerMinute,
    double dunkStrength,
    double wettingMinutes,
    double dunkWets,
    double dunkDrowns,
    double castsPerMinute,
    double castDries,
    double slimeOfAFish) {
  /** Spread of the logarithm of the strength from one dunking to the next. */
  static final double STRENGTH_SPREAD = 0.5;

  /** Spread of the logarithm of each rate, one's ignorance of it. */
  public static final double IGNORANCE = 0.5;

  /** So hard that every dunking puts it under: a finger's, weights. */
  private static final double BY_A_FINGER = 20;

  public Rates {
    Require.inRange("dunkings a minute", dunksPerMinute, 0, 60, "1/min");
    Require.inRange("strength of a dunking", dunkStrength, 0, 20, "weights");
    Require.inRange("dunking wets", dunkWets, 0, 1, "");
    Require.inRange("dunking drowns", dunkDrowns, 0, 1, "");
    Require.inRange("false casts a minute", castsPerMinute, 0, 60, "1/min");
    Require.inRange("false cast dries", castDries, 0, 1, "");
    Require.inRange("slime of a fish", slimeOfAFish, 0, 1, "");
  }

  /** The usual rates on a kind of water on such a day. */
  public static Rates usual(Stretch stretch, Conditions day) {
    return switch (stretch) {
      case STILL -> rates(0.05, 1.1, day);
      case GLIDE -> rates(0.2, 1.4, day);
      case RIFFLE -> rates(1, 2.2, day);
      case POCKET -> rates(3, 3.5, day);
    };
  }

  /** Gel washes off little by little; powder soon; what has cured in the fibres stays longest. */
  private static Rates rates(double dunks, double strength, Conditions day) {
    double wetting =
        switch (day.floatant()) {
          case NONE -> 40;
          case GEL -> 160;
          case POWDER -> 80;
          case PRE_SOAK -> 360;
        };
    double dunkWets = day.floatant() == Floatant.PRE_SOAK ? 0.08 : 0.15;
    double casts = day.falseCastsPerMinute();
    return new Rates(dunks, strength, wetting, dunkWets, 0.12, casts, 0.15, 0.35);
  }

  /** In a glass of still water, pushed under by hand so many times a minute, 0 to 60. */
  public static Rates inAGlass(double dunksPerMinute, Conditions day) {
    Rates r = usual(Stretch.STILL, day);
    return new Rates(
        dunksPerMinute,
        BY_A_FINGER,
        r.wettingMinutes,
        r.dunkWets,
        r.dunkDrowns,
        0,
        r.castDries,
        r.slimeOfAFish);
  }

  /** Nothing happens to the fly at all. */
  public static Rates none() {
    return new Rates(0, 1, Double.POSITIVE_INFINITY, 0, 0, 0, 0, 0);
  }

  /** The same where tests told how fast water gets in; its spread stays what it is. */
  public Rates taught(Materials materials) {
    double deviate = materials.learnt().map(l -> l.mean(Learnt.WETTING)).orElse(0.0);
    return new Rates(
        dunksPerMinute,
        dunkStrength,
        wettingMinutes * Math.exp(-IGNORANCE * deviate),
        dunkWets,
        dunkDrowns,
        castsPerMinute,
        castDries,
        slimeOfAFish);
  }

  /** Every rate drawn once from what is known of it. */
  Rates sampled(RandomGenerator random) {
    return new Rates(
        Math.min(60, dunksPerMinute * factor(random)),
        Math.min(20, dunkStrength * Math.sqrt(factor(random))),
        wettingMinutes * factor(random),
        Math.min(1, dunkWets * factor(random)),
        Math.min(1, dunkDrowns * factor(random)),
        castsPerMinute,
        Math.min(1, castDries * factor(random)),
        Math.min(1, slimeOfAFish * factor(random)));
  }

  private static double factor(RandomGenerator random) {
    return Math.exp(IGNORANCE * Math.max(-2, Math.min(2, random.nextGaussian())));
  }
}
