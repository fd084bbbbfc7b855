package ripplerest.core.film;

import java.util.ArrayList;
import java.util.List;
import ripplerest.core.film.laws.BarbChain;
import ripplerest.core.film.laws.FilmKernel;
import ripplerest.core.water.Water;

/**
 * One barb the long way: beam, film and wetting as one energy, minimised over the barb's shape for
 * every place its waterline could have; no law of lying or crossing is assumed. A local minimum at
 * the tip is a lying barb, one short of it a crossing barb, and the force on the fly is the change
 * of that energy with height. Numerical, not a source.
 */
final class OneBarbEnergy {
  private static final int SEGMENTS = 24;
  private static final int PLACES = 40;
  private static final int GOLDEN_STEPS = 24;
  private static final double STEP_MM = 0.04;

  private final double alpha;
  private final double length;
  private final double radius;
  private final double taper;
  private final double stiffness;
  private final double wettingPerArea;
  private final FilmKernel kernel;

  OneBarbEnergy(
      double degrees,
      double length,
      double radius,
      double taper,
      double youngs,
      double thetaDegrees,
      Water water) {
    this.alpha = Math.toRadians(degrees);
    this.length = length;
    this.radius = radius;
    this.taper = taper;
    this.stiffness = youngs * Math.PI * Math.pow(radius, 4) / 4;
    this.wettingPerArea = -water.tension() * Math.cos(Math.toRadians(thetaDegrees));
    this.kernel = new FilmKernel(water);
  }

  /** Least energy over all shapes with the waterline at an arc length from the root, µN·mm. */
  private double energy(double waterline, double height) {
    BarbChain dry =
        new BarbChain(SEGMENTS, waterline, stiffness, taper * waterline / length, kernel);
    double[] level = new double[SEGMENTS + 1];
    double touch = waterline * Math.sin(alpha);
    dry.straighten(alpha, touch);
    double energy = 0;
    int steps = 6;
    for (int k = 1; k <= steps && height < touch; k++) {
      energy = dry.settle(alpha, touch + (height - touch) * k / steps, level);
    }
    double atLine = radius * (1 - taper * waterline / length);
    double atTip = radius * (1 - taper);
    return energy + wettingPerArea * Math.PI * (atLine + atTip) * (length - waterline);
  }

  /** A state the barb can be in at one height: lying or crossing, and what it bears there, µN. */
  record Local(FibreState state, double force) {}

  /** All local minima at a height of the root, mm. */
  List<Local> at(double height) {
    double[] e = new double[PLACES + 1];
    for (int j = 2; j <= PLACES; j++) {
      e[j] = energy(length * j / PLACES, height);
    }
    List<Local> all = new ArrayList<>();
    if (e[PLACES] <= e[PLACES - 1]) {
      double change = energy(length, height - STEP_MM) - energy(length, height + STEP_MM);
      all.add(new Local(FibreState.LYING, change / (2 * STEP_MM)));
    }
    for (int j = 4; j < PLACES - 1; j++) {
      if (e[j] < e[j - 1] && e[j] < e[j + 1]) {
        double change = least(j, height - STEP_MM) - least(j, height + STEP_MM);
        all.add(new Local(FibreState.CROSSING_TIP_DOWN, change / (2 * STEP_MM)));
      }
    }
    return all;
  }

  /** Least energy for waterlines near a place, by golden section. */
  private double least(int near, double height) {
    double low = length * (near - 2) / PLACES;
    double high = length * Math.min(PLACES, near + 2) / PLACES;
    double golden = (Math.sqrt(5) - 1) / 2;
    double a = high - golden * (high - low);
    double b = low + golden * (high - low);
    double ea = energy(a, height);
    double eb = energy(b, height);
    for (int i = 0; i < GOLDEN_STEPS; i++) {
      if (ea < eb) {
        high = b;
        b = a;
        eb = ea;
        a = high - golden * (high - low);
        ea = energy(a, height);
      } else {
        low = a;
        a = b;
        ea = eb;
        b = low + golden * (high - low);
        eb = energy(b, height);
      }
    }
    return Math.min(ea, eb);
  }
}
