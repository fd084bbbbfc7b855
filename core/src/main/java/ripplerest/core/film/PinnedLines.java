package ripplerest.core.film;

/**
 * Contact lines of crossing fibres that are held where they were: a barb then bears as a spring,
 * about the force and the gap it had. Indexed like {@link Fibres}; forces in µN, gaps in mm.
 */
final class PinnedLines {
  private final double[] force;
  private final double[] gap;
  private final double[] stiffness;

  PinnedLines(int fibres) {
    force = new double[fibres];
    gap = new double[fibres];
    stiffness = new double[fibres];
  }

  /**
   * Holds the line of a fibre.
   *
   * @param stiff stiffness of the barb alone, µN/mm
   * @param dimple how deep the barb's own dimple is a force, mm/µN
   */
  void pin(int i, double microNewton, double atGap, double stiff, double dimple) {
    force[i] = microNewton;
    gap[i] = atGap;
    stiffness[i] = stiff / (1 + stiff * dimple);
  }

  /**
   * Force at another gap, µN.
   *
   * @param sign 1 if the root is in the air
   */
  double force(int i, double atGap, double sign) {
    return force[i] - sign * stiffness[i] * (atGap - gap[i]);
  }
}
