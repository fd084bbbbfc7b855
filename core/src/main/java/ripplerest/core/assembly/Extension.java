package ripplerest.core.assembly;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.dressing.Part;
import ripplerest.core.hook.Hook;
import ripplerest.core.sizing.SizedPattern;

/**
 * Where a body lies that reaches past the bend: straight from its foot on the shank.
 *
 * @param foot on top of the wire
 * @param direction from there, of length 1
 * @param lengthMm to its end
 */
record Extension(Vector3D foot, Vector3D direction, double lengthMm) {
  static Extension of(SizedPattern sized, String name, Part.ExtendedBody body) {
    Hook hook = sized.hook();
    double seat = sized.seatMm(name);
    Vector3D along = hook.shankDirection(seat);
    double tilt = Math.toRadians(body.rise()) + Math.atan2(along.getZ(), along.getX());
    return new Extension(
        hook.onShank(seat).add(new Vector3D(0, 0, hook.wireMm() / 2)),
        new Vector3D(Math.cos(tilt), 0, Math.sin(tilt)),
        sized.mm(name, "length"));
  }

  /** A place on it, as a share of its length from the foot. */
  Vector3D at(double share) {
    return foot.add(share * lengthMm, direction);
  }
}
