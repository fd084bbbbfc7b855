package ripplerest.core.film;

/** A pose as numbers, for turning many points without making an object of each. */
final class Turn {
  final double cosPitch;
  final double heave;
  private final double cosRoll;
  private final double sinRoll;
  private final double sinPitch;
  double x;
  double y;
  double z;

  Turn(Pose pose) {
    cosRoll = Math.cos(pose.rollRad());
    sinRoll = Math.sin(pose.rollRad());
    cosPitch = Math.cos(pose.pitchRad());
    sinPitch = Math.sin(pose.pitchRad());
    heave = pose.heaveMm();
  }

  /** Turns a body vector, as {@link Pose#turn} does, and leaves it in the fields. */
  void apply(double bx, double by, double bz) {
    double up = by * sinRoll + bz * cosRoll;
    y = by * cosRoll - bz * sinRoll;
    x = bx * cosPitch + up * sinPitch;
    z = -bx * sinPitch + up * cosPitch;
  }
}
