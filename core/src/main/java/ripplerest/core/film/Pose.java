package ripplerest.core.film;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.quantity.Require;

/**
 * Where a fly is over the water. World frame: Z up from the undisturbed level, the fly's head
 * toward -X. The fly is rolled about its own x axis first, then pitched about the world's Y.
 *
 * @param heaveMm height of the centre of mass, mm
 * @param pitchRad positive with the tail down, rad
 * @param rollRad positive with the +y side up, rad
 */
public record Pose(double heaveMm, double pitchRad, double rollRad) {
  public Pose {
    Require.inRange("heave", heaveMm, -1e4, 1e4, "mm");
    Require.inRange("pitch", pitchRad, -100, 100, "rad");
    Require.inRange("roll", rollRad, -100, 100, "rad");
  }

  /** World direction of a body direction. */
  public Vector3D turn(Vector3D v) {
    double cr = Math.cos(rollRad);
    double sr = Math.sin(rollRad);
    double cp = Math.cos(pitchRad);
    double sp = Math.sin(pitchRad);
    double y = v.getY() * cr - v.getZ() * sr;
    double z = v.getY() * sr + v.getZ() * cr;
    return new Vector3D(v.getX() * cp + z * sp, y, -v.getX() * sp + z * cp);
  }

  /** World place of a body point, the centre of mass at X = Y = 0. */
  public Vector3D place(Vector3D point, Vector3D centreOfMass) {
    return turn(point.subtract(centreOfMass)).add(new Vector3D(0, 0, heaveMm));
  }

  public Pose moved(double heave, double pitch, double roll) {
    return new Pose(heaveMm + heave, pitchRad + pitch, rollRad + roll);
  }
}
