package ripplerest.core.sizing;

import java.util.Optional;

/**
 * What one hackle asks of a feather.
 *
 * @param part name of the part
 * @param hackleSize hook number whose rule its barbs fit; a fraction lies between two
 * @param usedMm length of feather that its turns use, with tie-in and grip
 * @param handMm usable length of the feather at hand; empty: nobody measured it
 * @param runsOutAfter turns after which it runs out, if it does
 */
public record Feather(
    String part,
    double hackleSize,
    double usedMm,
    Optional<Double> handMm,
    Optional<Double> runsOutAfter) {
  /** Stripped stem that is bound down, mm (common practice, no source). */
  private static final double TIE_IN_MM = 4;

  /** What fingers or pliers hold at the end, mm (common practice, no source). */
  private static final double GRIP_MM = 15;

  /** What of a feather makes no turn: bound down, or held, mm. */
  public static final double HELD_MM = TIE_IN_MM + GRIP_MM;

  /**
   * @param hubMm diameter of what it is wound on, mm
   * @param stemMm diameter of its stem, mm
   * @param handMm 0 where nobody measured it
   */
  static Feather of(
      String part, double hackleSize, double turns, double hubMm, double stemMm, double handMm) {
    double turn = Math.PI * (hubMm + stemMm);
    double used = turns * turn + HELD_MM;
    if (handMm <= 0) {
      return new Feather(part, hackleSize, used, Optional.empty(), Optional.empty());
    }
    double reach = Math.max(0, (handMm - HELD_MM) / turn);
    Optional<Double> runsOut = reach < turns ? Optional.of(reach) : Optional.empty();
    return new Feather(part, hackleSize, used, Optional.of(handMm), runsOut);
  }

  /** Length of feather that one of so many turns uses, mm. */
  public double turnMm(double turns) {
    return (usedMm - HELD_MM) / turns;
  }
}
