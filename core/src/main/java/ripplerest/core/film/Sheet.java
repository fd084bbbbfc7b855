package ripplerest.core.film;

import java.util.Arrays;

/**
 * The film as one elastic sheet with every force that presses on it, and how deep they make it.
 *
 * <p>Each fibre has a block of sources, one a segment; each slice of a thick member has one.
 * Members of one group do not see each other's dimples: their own meniscus is in their force law.
 */
final class Sheet {
  /**
   * A fibre farther away than this many times the spread of its sources is taken as one source: the
   * error is below (1/6)²/2 of its small share of the level.
   */
  private static final double FAR_OVER_SPREAD = 3;

  private final FilmKernel kernel;
  private final int fibres;
  private final int segments;
  private final int[] sliceGroup;
  private final double[] x;
  private final double[] y;
  private final double[] size;
  private final double[] force;
  private final double[] before;
  private final int[] count;

  // Each fibre's sources drawn together, as they look from afar.
  private final double[] centreX;
  private final double[] centreY;
  private final double[] centreForce;
  private final double[] near;
  private final Anderson mixer;

  /**
   * @param fibres number of fibres
   * @param segments sources of each
   * @param sliceGroup group of each slice
   */
  Sheet(FilmKernel kernel, int fibres, int segments, int[] sliceGroup) {
    this.kernel = kernel;
    this.fibres = fibres;
    this.segments = segments;
    this.sliceGroup = sliceGroup;
    int sources = fibres * segments + sliceGroup.length;
    x = new double[sources];
    y = new double[sources];
    size = new double[sources];
    force = new double[sources];
    before = new double[sources];
    count = new int[fibres];
    centreX = new double[fibres];
    centreY = new double[fibres];
    centreForce = new double[fibres];
    near = new double[fibres];
    mixer = new Anderson(sources);
  }

  /** Takes every force off. */
  void clear() {
    Arrays.fill(count, 0);
    Arrays.fill(force, 0);
  }

  /** Begins a new pose: what was learnt about convergence no longer holds. */
  void beginPose() {
    mixer.forget();
  }

  void beginSweep() {
    System.arraycopy(force, 0, before, 0, force.length);
    for (int i = 0; i < fibres; i++) {
      gather(i);
    }
  }

  /** Ends a sweep that has not converged yet with a better guess of all forces. */
  void accelerate() {
    mixer.mix(before, force);
  }

  /** Number of sources that fibre {@code i} has at present. */
  int count(int i) {
    return count[i];
  }

  double force(int i, int k) {
    return force[i * segments + k];
  }

  double x(int i, int k) {
    return x[i * segments + k];
  }

  double y(int i, int k) {
    return y[i * segments + k];
  }

  double sliceForce(int k) {
    return force[fibres * segments + k];
  }

  /** All that fibre {@code i} presses with, µN. */
  double fibreForce(int i) {
    double sum = 0;
    for (int at = i * segments; at < i * segments + count[i]; at++) {
      sum += force[at];
    }
    return sum;
  }

  /** Sets source {@code k} of fibre {@code i}: place, radius (mm) and force (µN). */
  void press(int i, int k, double px, double py, double radius, double microNewton) {
    set(i * segments + k, px, py, radius, microNewton);
  }

  void pressSlice(int k, double px, double py, double radius, double microNewton) {
    set(fibres * segments + k, px, py, radius, microNewton);
  }

  void liftSlice(int k) {
    force[fibres * segments + k] = 0;
  }

  /** Leaves fibre {@code i} its first {@code kept} sources. */
  void keep(int i, int kept) {
    for (int at = i * segments + kept; at < i * segments + count[i]; at++) {
      force[at] = 0;
    }
    count[i] = kept;
    gather(i);
  }

  private void set(int at, double px, double py, double radius, double microNewton) {
    x[at] = px;
    y[at] = py;
    size[at] = radius * radius;
    force[at] = microNewton;
  }

  /** Sums up a fibre's sources at their centre, and how near one must be to tell them apart. */
  private void gather(int i) {
    double sum = 0;
    double sumX = 0;
    double sumY = 0;
    int from = i * segments;
    for (int at = from; at < from + count[i]; at++) {
      sum += force[at];
      sumX += force[at] * x[at];
      sumY += force[at] * y[at];
    }
    centreForce[i] = sum;
    near[i] = Double.POSITIVE_INFINITY;
    if (Math.abs(sum) < 1e-12) {
      return;
    }
    centreX[i] = sumX / sum;
    centreY[i] = sumY / sum;
    double farthest = 0;
    for (int at = from; at < from + count[i]; at++) {
      if (force[at] != 0) {
        double dx = x[at] - centreX[i];
        double dy = y[at] - centreY[i];
        farthest = Math.max(farthest, dx * dx + dy * dy + size[at]);
      }
    }
    near[i] = FAR_OVER_SPREAD * FAR_OVER_SPREAD * farthest;
  }

  /** Level at a place that all but one fibre and all but one group of slices make, mm; -1: all. */
  double level(double px, double py, int exceptFibre, int exceptGroup) {
    double h = 0;
    for (int i = 0; i < fibres; i++) {
      if (i == exceptFibre || count[i] == 0) {
        continue;
      }
      double square = square(px, py, i);
      if (square > near[i]) {
        h -= centreForce[i] * kernel.depression(square);
        continue;
      }
      int from = i * segments;
      for (int at = from; at < from + count[i]; at++) {
        if (force[at] != 0) {
          h -= drop(at, px, py);
        }
      }
    }
    int first = fibres * segments;
    for (int k = 0; k < sliceGroup.length; k++) {
      if (sliceGroup[k] != exceptGroup && force[first + k] != 0) {
        h -= drop(first + k, px, py);
      }
    }
    return h;
  }

  /**
   * Adds the level that all but fibre {@code i} make at a row of places. Near fibres are asked
   * place by place; the smooth part that far ones make is asked at three and laid through them as a
   * parabola.
   */
  void addLevels(int i, double[] px, double[] py, int first, int last, double[] levels) {
    int middle = (first + last) / 2;
    double halfX = (px[last] - px[first]) / 2;
    double halfY = (py[last] - py[first]) / 2;
    double half = halfX * halfX + halfY * halfY;
    double farFirst = 0;
    double farMiddle = 0;
    double farLast = 0;
    for (int j = 0; j < fibres; j++) {
      if (j == i || count[j] == 0) {
        continue;
      }
      double square = square(px[middle], py[middle], j);
      if (square > 2 * (near[j] + half)) {
        farFirst -= centreForce[j] * kernel.depression(square(px[first], py[first], j));
        farMiddle -= centreForce[j] * kernel.depression(square);
        farLast -= centreForce[j] * kernel.depression(square(px[last], py[last], j));
        continue;
      }
      int from = j * segments;
      for (int at = from; at < from + count[j]; at++) {
        addDrops(at, px, py, first, last, levels);
      }
    }
    for (int at = fibres * segments; at < force.length; at++) {
      addDrops(at, px, py, first, last, levels);
    }
    addParabola(first, middle, last, farFirst, farMiddle, farLast, levels);
  }

  private void addDrops(int at, double[] px, double[] py, int first, int last, double[] levels) {
    if (force[at] != 0) {
      for (int k = first; k <= last; k++) {
        levels[k] -= drop(at, px[k], py[k]);
      }
    }
  }

  private static void addParabola(
      int first,
      int middle,
      int last,
      double atFirst,
      double atMiddle,
      double atLast,
      double[] levels) {
    for (int k = first; k <= last; k++) {
      if (last - first < 2) {
        levels[k] += k == first ? atFirst : atLast;
        continue;
      }
      double a = (double) (k - middle) * (k - last) / ((first - middle) * (first - last));
      double b = (double) (k - first) * (k - last) / ((middle - first) * (middle - last));
      double e = (double) (k - first) * (k - middle) / ((last - first) * (last - middle));
      levels[k] += a * atFirst + b * atMiddle + e * atLast;
    }
  }

  private double square(double px, double py, int fibre) {
    double dx = px - centreX[fibre];
    double dy = py - centreY[fibre];
    return dx * dx + dy * dy;
  }

  private double drop(int at, double px, double py) {
    double dx = px - x[at];
    double dy = py - y[at];
    return force[at] * kernel.depression(dx * dx + dy * dy + size[at]);
  }
}
