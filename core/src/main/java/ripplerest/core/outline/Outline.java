package ripplerest.core.outline;

import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.dressing.tie.Tint;
import ripplerest.core.film.FibreState;

/**
 * A fly at rest as lines to draw, world frame, mm: Z up from the undisturbed level, head toward -X.
 *
 * @param eye axis of the eye's ring, closed
 * @param wire axis of the wire from the eye to the point
 * @param wireMm wire diameter
 * @param barb axis of the hook's barb from the wire outward; empty where it has none
 * @param members thick members along their axis
 * @param strands what is wound round the shank strand by strand
 * @param fibres barbs and tail fibres, bent as the film bends them
 * @param film height of the film along the fly's middle plane
 * @param across the same across it, where that line is deepest
 * @param tints by part, where its colour is said
 */
public record Outline(
    List<Vector3D> eye,
    List<Vector3D> wire,
    double wireMm,
    List<Vector3D> barb,
    List<Thick> members,
    List<Wound> strands,
    List<Thin> fibres,
    List<Vector3D> film,
    List<Vector3D> across,
    Map<String, Tint> tints) {
  /**
   * A thick member.
   *
   * @param part kind of part
   * @param soft whether it is seen by its strands
   * @param axis points along it
   * @param radiiMm envelope radius at each point
   */
  public record Thick(String part, boolean soft, List<Vector3D> axis, List<Double> radiiMm) {}

  /**
   * A strand of rib or wire, or a band.
   *
   * @param part kind of part
   * @param axis points along it
   * @param thickMm its thickness
   */
  public record Wound(String part, List<Vector3D> axis, double thickMm) {}

  /**
   * A fibre.
   *
   * @param part kind of part
   * @param state how it meets the film
   * @param bears whether the film holds it
   * @param radiusMm at its root
   * @param taper how much thinner its tip is, as a share of that radius
   * @param line from root to tip
   */
  public record Thin(
      String part,
      FibreState state,
      boolean bears,
      double radiusMm,
      double taper,
      List<Vector3D> line) {}
}
