package ripplerest.core.film;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The line a bent fibre takes, for drawing. */
final class FibreShape {
  private static final int BENT_POINTS = 6;

  private FibreShape() {}

  static List<Vector3D> of(FilmSolver film, int i, FibreState state) {
    return switch (state) {
      case LYING -> lying(film, i);
      case CROSSING_TIP_DOWN -> crossing(film, i, 1);
      case CROSSING_ROOT_DOWN -> crossing(film, i, -1);
      case DROWNED -> straight(film, i);
    };
  }

  private static List<Vector3D> straight(FilmSolver film, int i) {
    double reach = film.length[i] * Math.cos(film.down[i]);
    double fall = film.length[i] * Math.sin(film.down[i]);
    return List.of(film.beside(i, 0, film.z[i]), film.beside(i, reach, film.z[i] - fall));
  }

  private static List<Vector3D> lying(FilmSolver film, int i) {
    BarbChain c = film.chain[i];
    if (c.load() == 0) {
      return straight(film, i);
    }
    List<Vector3D> line = new ArrayList<>();
    double reach = 0;
    double z = film.z[i];
    line.add(film.beside(i, 0, z));
    for (int k = 0; k < c.n; k++) {
      reach += c.ds * Math.cos(c.phi[k]);
      z -= c.ds * Math.sin(c.phi[k]);
      line.add(film.beside(i, reach, z));
    }
    return line;
  }

  /** {@code sign} 1: down to the crossing and on under water; -1: up to it and on into the air. */
  private static List<Vector3D> crossing(FilmSolver film, int i, int sign) {
    Crossing c = film.crossing[i];
    double alpha = Math.max(Math.toRadians(2), sign * film.down[i]);
    List<Vector3D> line = new ArrayList<>();
    line.add(film.beside(i, 0, film.z[i]));
    Elastica.Shape whole = Elastica.shape(alpha, c.beta);
    double scale = whole.arc() > 1e-12 ? c.arc / whole.arc() : 0;
    double reach = scale * whole.reach();
    double height = scale * whole.height();
    for (int k = 1; k < BENT_POINTS; k++) {
      // From an inclination between α and β on to β: what is left of the same elastica.
      double between = alpha + (c.beta - alpha) * k / BENT_POINTS;
      Elastica.Shape rest = Elastica.shape(between, c.beta);
      double x = reach - scale * rest.reach();
      double z = film.z[i] - sign * (height - scale * rest.height());
      line.add(film.beside(i, x, z));
    }
    double z = film.z[i] - sign * height;
    line.add(film.beside(i, reach, z));
    double beyond = Math.max(0, film.length[i] - c.arc);
    line.add(
        film.beside(i, reach + beyond * Math.cos(c.beta), z - sign * beyond * Math.sin(c.beta)));
    return line;
  }
}
