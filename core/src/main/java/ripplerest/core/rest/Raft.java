package ripplerest.core.rest;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.geometry.euclidean.twod.hull.ConvexHull2D;
import org.hipparchus.geometry.euclidean.twod.hull.MonotoneChain;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Pose;
import ripplerest.core.water.Water;

/**
 * The most that water can bear of a fly, however many barbs press on it: the film pulls up by no
 * more than its tension all round the outline of the fly, and what lies within the outline keeps
 * off no more water than the deepest that a film reaches, √2·ℓ; what is drowned displaces its own
 * volume (force = weight of the liquid displaced: Keller, Physics of Fluids 10 (1998) 3009; the
 * depth from the two-dimensional meniscus at a slope of a right angle).
 */
final class Raft {
  private Raft() {}

  /**
   * That most, µN, of a fly in a pose; {@code enough} where it is more than that.
   *
   * @param enough beyond which nobody asks, µN
   */
  static double most(FilmSolver film, Pose pose, double enough) {
    return atLeast(film, pose) > enough ? enough : Math.min(enough, most(film, pose));
  }

  /**
   * A bound that is quickly found: an outline that reaches so far along and across is twice the
   * diagonal round at least. By barbs alone, whose tips are outermost.
   */
  private static double atLeast(FilmSolver film, Pose pose) {
    double[] low = {Double.MAX_VALUE, Double.MAX_VALUE};
    double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE};
    for (FlyBody.Fibre f : film.body().fibres()) {
      double[] tip = seen(film, pose, f.tip()).toArray();
      for (int i = 0; i < tip.length; i++) {
        low[i] = Math.min(low[i], tip[i]);
        high[i] = Math.max(high[i], tip[i]);
      }
    }
    double diagonal = Math.hypot(high[0] - low[0], high[1] - low[1]);
    return film.body().fibres().isEmpty() ? 0 : film.water().tension() * 2 * diagonal;
  }

  private static double most(FilmSolver film, Pose pose) {
    FlyBody body = film.body();
    List<Vector2D> seen = new ArrayList<>();
    for (FlyBody.Fibre f : body.fibres()) {
      seen.add(seen(film, pose, f.root()));
      seen.add(seen(film, pose, f.tip()));
    }
    for (FlyBody.Member m : body.members()) {
      for (FlyBody.Slice s : m.slices()) {
        Vector2D at = seen(film, pose, s.at());
        for (int side : new int[] {-1, 1}) {
          seen.add(at.add(new Vector2D(side * s.radiusMm(), 0)));
          seen.add(at.add(new Vector2D(0, side * s.radiusMm())));
        }
      }
    }
    ConvexHull2D hull = new MonotoneChain().generate(seen);
    Vector2D[] corners = hull.getVertices();
    double round = 0;
    double area = 0;
    for (int i = 0; i < corners.length; i++) {
      Vector2D next = corners[(i + 1) % corners.length];
      round += corners[i].distance(next);
      area += (corners[i].getX() * next.getY() - next.getX() * corners[i].getY()) / 2;
    }
    Water water = film.water();
    double kept = Math.abs(area) * Math.sqrt(2) * water.capillaryLength() + body.drownedVolumeMm3();
    return water.tension() * round + water.specificWeight() * kept;
  }

  private static Vector2D seen(FilmSolver film, Pose pose, Vector3D point) {
    Vector3D at = pose.place(point, film.centreOfMass());
    return new Vector2D(at.getX(), at.getY());
  }
}
