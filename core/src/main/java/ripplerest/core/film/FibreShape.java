package ripplerest.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.film.laws.BarbChain;
import ripplerest.core.film.laws.FilmKernel;
import ripplerest.core.water.Water;

/** The line a bent fibre takes in the last pose, for drawing. */
final class FibreShape {
  private static final int SEGMENTS = 10;
  private static final int BENT_POINTS = 8;

  private final Water water;
  private final Fibres fibres;

  FibreShape(Water water, Fibres fibres) {
    this.water = water;
    this.fibres = fibres;
  }

  List<Vector3D> of(int i, FibreState state) {
    return switch (state) {
      case LYING -> fibres.force[i] > 0 ? lying(i) : straight(i);
      case CROSSING_TIP_DOWN -> crossing(i, 1);
      case CROSSING_ROOT_DOWN -> crossing(i, -1);
      case DROWNED -> straight(i);
    };
  }

  private List<Vector3D> straight(int i) {
    double reach = fibres.length[i] * Math.cos(fibres.down[i]);
    return List.of(beside(i, 0, fibres.z[i]), beside(i, reach, fibres.tip(i)));
  }

  private List<Vector3D> lying(int i) {
    Fibre f = fibres.bodies.get(i);
    BarbChain chain =
        new BarbChain(
            SEGMENTS, f.lengthMm(), f.bendingStiffness(), f.taper(), new FilmKernel(water));
    double[] level = new double[SEGMENTS + 1];
    Arrays.fill(level, fibres.level[i]);
    double touch = fibres.level[i] + Math.max(0, f.lengthMm() * Math.sin(fibres.down[i]));
    chain.straighten(fibres.down[i], touch);
    int steps = 4;
    for (int k = 1; k <= steps; k++) {
      chain.settle(fibres.down[i], touch + (fibres.z[i] - touch) * k / steps, level);
    }
    List<Vector3D> line = new ArrayList<>();
    for (int k = 0; k <= SEGMENTS; k++) {
      line.add(beside(i, chain.reach[k], chain.z[k]));
    }
    return line;
  }

  /** {@code sign} 1: down to the crossing and on under water; -1: up to it and on into the air. */
  private List<Vector3D> crossing(int i, int sign) {
    Fibre f = fibres.bodies.get(i);
    double beta = Math.asin(Math.min(1, fibres.sine[i]));
    double arc = fibres.arc[i];
    double h = arc / (BENT_POINTS * BENT_POINTS);
    double phi = beta;
    double x = 0;
    double z = 0;
    List<double[]> up = new ArrayList<>();
    up.add(new double[] {0, 0});
    for (int k = 0; k < BENT_POINTS * BENT_POINTS; k++) {
      // The elastica from the crossing up: B dφ/dl = F x, midpoint by midpoint.
      double thick = 1 - f.taper() * (arc - (k + 0.5) * h) / f.lengthMm();
      double b = f.bendingStiffness() * Math.pow(thick, 4);
      double middle = phi + h / 2 * sign * fibres.force[i] * x / b;
      x += h * Math.cos(middle);
      z += h * Math.sin(middle);
      phi += h * sign * fibres.force[i] * (x - h / 2 * Math.cos(middle)) / b;
      if ((k + 1) % BENT_POINTS == 0) {
        up.add(new double[] {x, z});
      }
    }
    Collections.reverse(up);
    List<Vector3D> line = new ArrayList<>();
    for (double[] p : up) {
      line.add(beside(i, x - p[0], fibres.z[i] - sign * (z - p[1])));
    }
    double beyond = Math.max(0, f.lengthMm() - arc);
    double height = fibres.z[i] - sign * (z + beyond * Math.sin(beta));
    line.add(beside(i, x + beyond * Math.cos(beta), height));
    return line;
  }

  private Vector3D beside(int i, double reach, double height) {
    return new Vector3D(
        fibres.x[i] + fibres.outX[i] * reach, fibres.y[i] + fibres.outY[i] * reach, height);
  }
}
