package ripplerest.core.advice;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Wing;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.film.FilmSolution;

/**
 * What an angler sees of a fly from afar: wings and tufts above the film, as the area that they
 * turn toward somebody who looks along the water, on average over all sides from which he may look.
 */
final class Seen {
  /** Mean of |sin| over all ways to look along the water. */
  private static final double ALL_ROUND = 2 / Math.PI;

  private Seen() {}

  /** That area, mm²; nothing for a fly that does not rest. What covers what is left out. */
  static double areaMm2(PreparedFly fly) {
    return Estimator.estimate(fly, Options.poseOnly())
        .rest()
        .map(rest -> area(rest.film()))
        .orElse(0.0);
  }

  private static double area(FilmSolution film) {
    double area = 0;
    for (FlyBody.Member m : film.body().members()) {
      if (shows(m.part())) {
        List<FlyBody.Slice> slices = m.slices();
        for (int k = 1; k < slices.size(); k++) {
          FlyBody.Slice s = slices.get(k);
          area += strip(film, slices.get(k - 1).at(), s.at(), 2 * s.radiusMm());
        }
      }
    }
    for (FlyBody.Fibre f : film.body().fibres()) {
      if (shows(f.part())) {
        Vector3D tip = f.tip();
        area += strip(film, f.root(), tip, 2 * f.radiusMm());
      }
    }
    return area;
  }

  private static double strip(FilmSolution film, Vector3D from, Vector3D to, double wide) {
    Vector3D a = film.place(from);
    Vector3D b = film.place(to);
    double high = Math.max(a.getZ(), b.getZ());
    double low = Math.min(a.getZ(), b.getZ());
    double above = low >= 0 ? 1 : high <= 0 ? 0 : high / (high - low);
    double flat = ALL_ROUND * Math.hypot(b.getX() - a.getX(), b.getY() - a.getY());
    return above * wide * Math.hypot(flat, high - low);
  }

  private static boolean shows(String part) {
    return PartKind.can(part, Wing.class)
        || PartKind.can(part, Part.Post.class)
        || PartKind.can(part, Part.Indicator.class);
  }
}
