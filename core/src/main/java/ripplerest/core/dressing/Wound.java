package ripplerest.core.dressing;

import ripplerest.core.dressing.tie.Tied;

/** A part that covers the shank with a body of its own. */
public interface Wound extends Tied {
  /** No body is thinner than this, in diameters of the wire. */
  double THINNEST_IN_WIRES = 0.55;

  /** A body is thinner at the tail by this share (common practice). */
  double TAIL_END_TAPER = 0.3;

  /** Thickness in diameters of the wire. */
  double wires();

  /**
   * Radius along its stretch, mm.
   *
   * @param t share of the stretch, 0 at the eye's end to 1 at the bend's
   * @param wireMm diameter of the wire
   */
  double radiusMm(double t, double wireMm);

  /** Radius of a ball of this diameter, along its axis. */
  static double ball(double t, double diameterMm) {
    double x = 2 * t - 1;
    return diameterMm / 2 * Math.sqrt(Math.max(0.05, 1 - x * x));
  }
}
