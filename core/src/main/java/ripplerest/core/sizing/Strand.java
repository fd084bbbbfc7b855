package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.hook.Hook;

/**
 * A strand wound evenly round the shank, a helix on a cone.
 *
 * @param part name of the part
 * @param fromMm where it begins, from the rear edge of the eye
 * @param toMm where it ends, nearer the bend; as {@code fromMm} for a ring
 * @param fromRadiusMm from the axis of the wire to the axis of the strand, at the beginning
 * @param toRadiusMm the same at the end
 * @param turns how often it goes round
 * @param thickMm its own thickness
 */
public record Strand(
    String part,
    double fromMm,
    double toMm,
    double fromRadiusMm,
    double toRadiusMm,
    double turns,
    double thickMm) {
  private static final int POINTS_A_TURN = 16;

  /** Middles of neighbouring turns lie so far apart, mm. */
  public double spacingMm() {
    return (toMm - fromMm) / turns;
  }

  /**
   * Length along the strand, mm: of a helix, √((2πrn)² + L²), at its mean radius (any text on
   * analytic geometry); on a cone of this little taper the error is below 1 %.
   */
  public double lengthMm() {
    double mean = (fromRadiusMm + toRadiusMm) / 2;
    return Math.hypot(2 * Math.PI * mean * turns, toMm - fromMm);
  }

  /** Volume of the strand, mm³. */
  public double volumeMm3() {
    return Math.PI * thickMm * thickMm / 4 * lengthMm();
  }

  /** Points along its axis, body frame, mm. */
  public List<Vector3D> points(Hook hook) {
    int count = (int) Math.ceil(POINTS_A_TURN * turns) + 1;
    List<Vector3D> points = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double t = i / (count - 1.0);
      double along = fromMm + t * (toMm - fromMm);
      double radius = fromRadiusMm + t * (toRadiusMm - fromRadiusMm);
      Vector3D axis = hook.shankDirection(along);
      Vector3D up = new Vector3D(-axis.getZ(), 0, axis.getX());
      Rotation round =
          new Rotation(axis, 2 * Math.PI * turns * t, RotationConvention.VECTOR_OPERATOR);
      points.add(hook.onShank(along).add(radius, round.applyTo(up)));
    }
    return points;
  }
}
