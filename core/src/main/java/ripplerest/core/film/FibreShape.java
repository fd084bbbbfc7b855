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

/** The lines that bent fibres take in the pose they were last settled in, for drawing. */
final class FibreShape {
  private static final int SEGMENTS = 10;
  private static final int BENT_POINTS = 8;

  private final Water water;
  private final List<Fibre> bodies;
  private final double[] x;
  private final double[] y;
  private final double[] z;
  private final double[] tip;
  private final double[] outX;
  private final double[] outY;
  private final double[] down;
  private final double[] force;
  private final double[] level;
  private final double[] arc;
  private final double[] sine;

  /** Copies what the fibres are like now. */
  FibreShape(Water water, Fibres fibres) {
    this.water = water;
    this.bodies = fibres.bodies;
    this.x = fibres.x.clone();
    this.y = fibres.y.clone();
    this.z = fibres.z.clone();
    this.tip = fibres.tip.clone();
    this.outX = fibres.outX.clone();
    this.outY = fibres.outY.clone();
    this.down = fibres.down.clone();
    this.force = fibres.force.clone();
    this.level = fibres.level.clone();
    this.arc = fibres.arc.clone();
    this.sine = fibres.sine.clone();
  }

  boolean bears(int i) {
    return bears(force[i]);
  }

  /** Whether a force of the film on a fibre, µN, is a push up worth the name. */
  static boolean bears(double force) {
    return force > 1e-6;
  }

  List<Vector3D> of(int i, FibreState state) {
    return switch (state) {
      case LYING -> force[i] > 0 ? lying(i) : straight(i);
      case CROSSING_TIP_DOWN -> crossing(i, 1);
      case CROSSING_ROOT_DOWN -> crossing(i, -1);
      case DROWNED -> straight(i);
    };
  }

  private List<Vector3D> straight(int i) {
    double reach = bodies.get(i).lengthMm() * Math.cos(down[i]);
    return List.of(beside(i, 0, z[i]), beside(i, reach, tip[i]));
  }

  private List<Vector3D> lying(int i) {
    Fibre f = bodies.get(i);
    BarbChain chain =
        new BarbChain(
            SEGMENTS, f.lengthMm(), f.bendingStiffness(), f.taper(), new FilmKernel(water));
    double[] flat = new double[SEGMENTS + 1];
    Arrays.fill(flat, level[i]);
    double touch = level[i] + Math.max(0, f.lengthMm() * Math.sin(down[i]));
    chain.straighten(down[i], touch);
    int steps = 4;
    for (int k = 1; k <= steps; k++) {
      chain.settle(down[i], touch + (z[i] - touch) * k / steps, flat);
    }
    List<Vector3D> line = new ArrayList<>();
    for (int k = 0; k <= SEGMENTS; k++) {
      line.add(beside(i, chain.reach[k], chain.z[k]));
    }
    return line;
  }

  /** {@code sign} 1: down to the crossing and on under water; -1: up to it and on into the air. */
  private List<Vector3D> crossing(int i, int sign) {
    Fibre f = bodies.get(i);
    double beta = Math.asin(Math.min(1, sine[i]));
    double arc = this.arc[i];
    double h = arc / (BENT_POINTS * BENT_POINTS);
    double phi = beta;
    double along = 0;
    double up = 0;
    List<double[]> places = new ArrayList<>();
    places.add(new double[] {0, 0});
    for (int k = 0; k < BENT_POINTS * BENT_POINTS; k++) {
      // The elastica from the crossing up: B dφ/dl = F x, midpoint by midpoint.
      double thick = 1 - f.taper() * (arc - (k + 0.5) * h) / f.lengthMm();
      double b = f.bendingStiffness() * Math.pow(thick, 4);
      double middle = phi + h / 2 * sign * force[i] * along / b;
      along += h * Math.cos(middle);
      up += h * Math.sin(middle);
      phi += h * sign * force[i] * (along - h / 2 * Math.cos(middle)) / b;
      if ((k + 1) % BENT_POINTS == 0) {
        places.add(new double[] {along, up});
      }
    }
    Collections.reverse(places);
    List<Vector3D> line = new ArrayList<>();
    for (double[] p : places) {
      line.add(beside(i, along - p[0], z[i] - sign * (up - p[1])));
    }
    double beyond = Math.max(0, f.lengthMm() - arc);
    double height = z[i] - sign * (up + beyond * Math.sin(beta));
    line.add(beside(i, along + beyond * Math.cos(beta), height));
    return line;
  }

  private Vector3D beside(int i, double reach, double height) {
    return new Vector3D(x[i] + outX[i] * reach, y[i] + outY[i] * reach, height);
  }
}
