package ripplerest.core.film;

import java.util.Arrays;
import ripplerest.core.film.laws.FilmKernel;

/**
 * The film as one elastic sheet: stations press on it, and each sees the level that all others
 * make.
 *
 * <p>A station is a point, known by its index. Stations of one group do not see each other: their
 * own meniscus is in their force law. Levels are linear in forces, so the kernel is asked again
 * only for a station that has moved. Levels are kept in single precision, a millionth of a
 * millimetre, which halves what the inner loop reads.
 */
final class Sheet {
  /** As if points had at least this size, mm: two fibres cannot be in one place. */
  private static final double LEAST_APART_MM = 0.02;

  /** Added to a station's size where it is asked whether it has moved. */
  private static final double POINT_MM = 0.2;

  private static final int NOWHERE = -1;

  /** Of a station that sees all others. */
  static final int NO_GROUP = -1;

  private final FilmKernel kernel;

  /** Where a station's numbers are kept, or {@link #NOWHERE}; kept close, for the inner loop. */
  private final int[] slot;

  private final int[] station;
  private final int[] group;
  private final double[] x;
  private final double[] y;
  private final double[] square;
  private final double[] force;
  private final float[] level;
  private final boolean[] kept;
  private final boolean[] moved;

  /** Level per force, one row a station: a loop over a row of its own is run by vectors. */
  private final float[][] answer;

  private int slots;
  private double slack;
  private boolean changed;

  /**
   * @param capacity number of stations there may be
   */
  Sheet(FilmKernel kernel, int capacity) {
    this.kernel = kernel;
    slot = new int[capacity];
    station = new int[capacity];
    group = new int[capacity];
    x = new double[capacity];
    y = new double[capacity];
    square = new double[capacity];
    force = new double[capacity];
    level = new float[capacity];
    kept = new boolean[capacity];
    moved = new boolean[capacity];
    answer = new float[capacity][capacity];
    clear();
  }

  /** Square of the radius as which a station of some size counts, mm². */
  static double square(double size) {
    return size * size + LEAST_APART_MM * LEAST_APART_MM;
  }

  /** Takes every station and force off. */
  void clear() {
    Arrays.fill(slot, NOWHERE);
    Arrays.fill(station, NOWHERE);
    Arrays.fill(force, 0);
    Arrays.fill(moved, false);
    slots = 0;
  }

  /**
   * Begins to place stations anew; those left out are lifted at {@link #settleDown}.
   *
   * @param ofSize how far a station may have moved without its kernel being asked again, in its
   *     size and {@value #POINT_MM} mm
   */
  void begin(double ofSize) {
    slack = ofSize;
    Arrays.fill(kept, 0, slots, false);
    changed = false;
  }

  /**
   * Places a station.
   *
   * @param u its index
   * @param px place, mm
   * @param size radius of a point source, mm
   * @param ofGroup stations of one group do not see each other; {@link #NO_GROUP} for none
   */
  void place(int u, double px, double py, double size, int ofGroup) {
    int s = slot[u];
    if (s == NOWHERE) {
      s = free();
      slot[u] = s;
      station[s] = u;
      force[s] = 0;
    } else {
      double dx = px - x[s];
      double dy = py - y[s];
      double near = slack * (size + POINT_MM);
      if (dx * dx + dy * dy <= near * near) {
        kept[s] = true;
        return;
      }
    }
    kept[s] = true;
    moved[s] = true;
    changed = true;
    x[s] = px;
    y[s] = py;
    square[s] = square(size);
    group[s] = ofGroup;
  }

  private int free() {
    for (int s = 0; s < slots; s++) {
      if (station[s] == NOWHERE) {
        return s;
      }
    }
    return slots++;
  }

  /** Asks the kernel for what has moved, and works out the levels. */
  void settleDown() {
    for (int s = 0; s < slots; s++) {
      if (!kept[s] && station[s] != NOWHERE) {
        slot[station[s]] = NOWHERE;
        station[s] = NOWHERE;
        changed |= force[s] != 0;
        force[s] = 0;
      }
    }
    if (!changed) {
      return;
    }
    for (int s = 0; s < slots; s++) {
      if (moved[s]) {
        for (int t = 0; t < slots; t++) {
          if (s != t && !(moved[t] && t < s)) {
            pair(s, t);
          }
        }
      }
    }
    Arrays.fill(moved, 0, slots, false);
    levels();
  }

  private void levels() {
    Arrays.fill(level, 0, slots, 0);
    for (int s = 0; s < slots; s++) {
      addLevel(s, force[s]);
    }
  }

  /** The level that a change of one force adds everywhere; the kernel is symmetric. */
  private void addLevel(int s, double change) {
    float by = (float) change;
    if (by == 0) {
      return;
    }
    float[] row = answer[s];
    for (int t = 0; t < slots; t++) {
      level[t] -= row[t] * by;
    }
  }

  private void pair(int s, int t) {
    double k = 0;
    if (group[s] != group[t] || group[s] < 0) {
      double dx = x[s] - x[t];
      double dy = y[s] - y[t];
      k = kernel.depression(dx * dx + dy * dy + Math.max(square[s], square[t]));
    }
    answer[s][t] = (float) k;
    answer[t][s] = (float) k;
  }

  /**
   * Sets a force, µN; leaves it if it would hardly change.
   *
   * @param least change that counts, µN
   * @return by how much it changed, or would have, in size
   */
  double press(int u, double microNewton, double least) {
    int s = slot[u];
    double change = microNewton - force[s];
    if (Math.abs(change) > least) {
      force[s] = microNewton;
      addLevel(s, change);
    }
    return Math.abs(change);
  }

  /** Level at a station that all others make, mm. */
  double level(int u) {
    return level[slot[u]];
  }

  /**
   * Copies the forces of all stations there are at present.
   *
   * @return how many places are filled
   */
  int read(double[] into) {
    System.arraycopy(force, 0, into, 0, slots);
    return slots;
  }

  /** Sets all of them at once. */
  void write(double[] forces) {
    System.arraycopy(forces, 0, force, 0, slots);
    levels();
  }

  /** Depth of the film at the station where it is deepest, mm. */
  double deepest() {
    double deepest = 0;
    for (int s = 0; s < slots; s++) {
      deepest = Math.max(deepest, force[s] * kernel.depression(square[s]) - level[s]);
    }
    return deepest;
  }

  /** The film as it is now, forces and their places, to be asked for its level later. */
  Level frozen() {
    int n = 0;
    double[][] loads = new double[slots][];
    for (int s = 0; s < slots; s++) {
      if (force[s] != 0) {
        loads[n++] = new double[] {x[s], y[s], square[s], force[s]};
      }
    }
    return new Level(kernel, Arrays.copyOf(loads, n));
  }

  /**
   * A film under forces that no longer change.
   *
   * @param loads each place of a force, its radius squared, mm², and the force, µN
   */
  record Level(FilmKernel kernel, double[][] loads) {
    /** Level anywhere, mm. */
    double at(double px, double py) {
      double h = 0;
      for (double[] l : loads) {
        double dx = px - l[0];
        double dy = py - l[1];
        h -= l[3] * kernel.depression(dx * dx + dy * dy + l[2]);
      }
      return h;
    }
  }
}
