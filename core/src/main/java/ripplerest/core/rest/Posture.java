package ripplerest.core.rest;

/** How a fly sits, by stated thresholds on its pose. */
public enum Posture {
  /** Shank at or over the film from eye to bend, the eye clear by more than the body's radius. */
  ON_TIPS,
  /** Neither clear nor flush nor hanging: one end of the shank is up, the other down. */
  HALF_DOWN,
  /**
   * Within 12° of level and both ends of the shank within the body's radius and 1 mm of the film.
   */
  FLUSH,
  /** Tail down by 35° or more, its head at the film or under it. */
  HANGING,
  /** Tail down by 35° or more, its head in the air: it is held from below. */
  ON_ITS_TAIL,
  /** Head down by 35° or more. */
  HEAD_DOWN,
  /** Rolled by 50° or more. */
  ON_ITS_SIDE,
  /** Rolled by 130° or more. */
  UPSIDE_DOWN;

  private static final double LEVEL = Math.toRadians(12);
  private static final double STEEP = Math.toRadians(35);

  /** Over its own radius, a head so high is clear of the film that climbs to it, mm. */
  private static final double IN_THE_AIR_MM = 1;

  private static final double SIDE = Math.toRadians(50);
  private static final double OVER = Math.toRadians(130);

  /**
   * Names a pose.
   *
   * @param pitchRad positive with the tail down
   * @param rollRad any number of turns
   * @param eyeMm height of the rear edge of the eye over the undisturbed level
   * @param bendMm height of the start of the bend
   * @param bodyRadiusMm radius of the body
   */
  static Posture of(
      double pitchRad, double rollRad, double eyeMm, double bendMm, double bodyRadiusMm) {
    double roll = Math.abs(Math.IEEEremainder(rollRad, 2 * Math.PI));
    double pitch = Math.IEEEremainder(pitchRad, 2 * Math.PI);
    if (Math.abs(pitch) > Math.PI / 2) {
      // Past the vertical a pitch is a smaller pitch of a fly turned over.
      pitch = Math.copySign(Math.PI - Math.abs(pitch), pitch);
      roll = Math.PI - roll;
    }
    if (pitch >= STEEP) {
      return eyeMm > bodyRadiusMm + IN_THE_AIR_MM ? ON_ITS_TAIL : HANGING;
    }
    if (pitch <= -STEEP) {
      return HEAD_DOWN;
    }
    if (roll >= OVER) {
      return UPSIDE_DOWN;
    }
    if (roll >= SIDE) {
      return ON_ITS_SIDE;
    }
    if (Math.min(eyeMm, bendMm) >= 0 && eyeMm > bodyRadiusMm) {
      return ON_TIPS;
    }
    double near = bodyRadiusMm + 1;
    if (Math.abs(pitch) <= LEVEL && Math.abs(eyeMm) <= near && Math.abs(bendMm) <= near) {
      return FLUSH;
    }
    return HALF_DOWN;
  }
}
