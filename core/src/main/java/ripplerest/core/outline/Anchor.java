package ripplerest.core.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.sizing.Handle;

/** Where a hand takes hold of what it can move on a drawing. */
public final class Anchor {
  private Anchor() {}

  /**
   * From where to where the part reaches: root and tip of the fibre or member of it that stands out
   * most, and highest.
   *
   * @return two places in the world frame; none where nothing of it is drawn that has this length
   */
  public static List<Vector3D> of(Handle handle, Outline outline) {
    if (handle.index() < 0) {
      return ends(outline.wire());
    }
    if (!handle.unit().equals("mm") || !Double.isNaN(handle.shankMm())) {
      return List.of();
    }
    List<List<Vector3D>> all = new ArrayList<>();
    for (Outline.Thin fibre : outline.fibres()) {
      if (fibre.part().equals(handle.part())) {
        all.add(ends(fibre.line()));
      }
    }
    for (Outline.Thick member : outline.members()) {
      if (member.part().equals(handle.part()) && member.axis().size() > 1) {
        all.add(ends(member.axis()));
      }
    }
    return all.stream().max(Comparator.comparingDouble(Anchor::standing)).orElse(List.of());
  }

  /** How far something stands out from the side, and a little for standing high. */
  private static double standing(List<Vector3D> ends) {
    Vector3D d = ends.get(1).subtract(ends.get(0));
    return Math.hypot(d.getX(), d.getZ()) + 0.3 * d.getZ();
  }

  /** The first point of a line, and the one of it that is farthest from there. */
  private static List<Vector3D> ends(List<Vector3D> line) {
    Vector3D root = line.get(0);
    Vector3D far =
        line.stream().max(Comparator.comparingDouble(p -> p.distance(root))).orElse(root);
    return List.of(root, far);
  }
}
