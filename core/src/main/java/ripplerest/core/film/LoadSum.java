package ripplerest.core.film;

/** Vertical forces and their places, summed to a {@link Load}. */
final class LoadSum {
  private double lift;
  private double pitch;
  private double roll;

  /**
   * @param force upward, µN
   * @param x place from the centre of mass, mm
   */
  void add(double force, double x, double y) {
    lift += force;
    pitch -= force * x;
    roll += force * y;
  }

  /** Adds a moment that raises pitch, µN·mm. */
  void turn(double moment) {
    pitch += moment;
  }

  /**
   * @param cosPitch of the fly's attitude: it is rolled about its own axis before it is pitched
   */
  Load load(double cosPitch) {
    return new Load(lift, pitch, roll * cosPitch);
  }
}
