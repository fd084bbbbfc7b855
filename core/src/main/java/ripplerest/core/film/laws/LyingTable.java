package ripplerest.core.film.laws;

import java.util.concurrent.atomic.AtomicReferenceArray;

/**
 * What a lying barb bears, alone on a level film, for all inclinations and heights of its root, in
 * the barb's own units: length L, force B/L².
 *
 * <p>Three numbers make the barb: Λ = γL³/B (how stiff the film is to it), λ = L/ℓ and its taper.
 * Every entry is the least energy of bending and film of one {@link BarbChain}, found by pressing
 * the barb down from the touch.
 */
final class LyingTable {
  /** Inclinations of the root, rad, positive downward. */
  static final double[] ALPHA =
      radians(-60, -40, -25, -15, -7, -3, 0, 3, 7, 15, 25, 35, 45, 55, 65, 73, 79, 83, 86, 89);

  /** Steps from the touch down to a root at the level, and from there to the deepest. */
  static final int ABOVE = 16;

  static final int BELOW = 10;
  static final int DEPTHS = ABOVE + BELOW;

  /** Depth of the deepest root under the level, L. */
  static final double DEEPEST = 0.5;

  /** Natural logarithm of the force, the place of it, push and line force a force. */
  static final int LOG_FORCE = 0;

  static final int REACH = 1;
  static final int PUSH = 2;
  static final int LINE_FORCE = 3;
  static final int OUTPUTS = 4;

  /** Stands for no force at all. */
  static final double NOTHING = -60;

  /** Entries of one inclination, by depth and output. */
  static final int ROW = (DEPTHS + 1) * OUTPUTS;

  private final FilmKernel kernel;
  private final double taper;
  private final int segments;

  /** Rows that somebody has asked for; a fly leans through a few of them only. */
  private final AtomicReferenceArray<double[]> rows = new AtomicReferenceArray<>(ALPHA.length);

  /**
   * @param stiffnessOfFilm Λ, 10⁻⁴ to 10⁵
   * @param lengthInEll λ, 0.2 to 20
   * @param taper share of the radius lost from root to tip, 0 to 0.9
   * @param segments of the chain
   */
  LyingTable(double stiffnessOfFilm, double lengthInEll, double taper, int segments) {
    this.kernel = new FilmKernel(stiffnessOfFilm, 1 / lengthInEll);
    this.taper = taper;
    this.segments = segments;
  }

  /** The row of an inclination; made when it is first asked for. */
  double[] row(int a) {
    double[] row = rows.get(a);
    if (row == null) {
      row = press(a, new BarbChain(segments, 1, 1, taper, kernel));
      fillUnloaded(a, row);
      rows.set(a, row); // two threads may make the same one
    }
    return row;
  }

  /** Height of the root at which a straight barb first touches the level, in L. */
  static double touch(double alpha) {
    return Math.max(0, Math.sin(alpha));
  }

  /**
   * Where a height of the root, L, falls among the depths, which crowd at the touch and at the
   * level.
   */
  static double depth(double touch, double gap) {
    if (gap <= 0) {
      return ABOVE + BELOW * Math.sqrt(Math.min(1, -gap / DEEPEST));
    }
    double high = Math.sqrt(gap);
    double low = Math.sqrt(Math.max(0, touch - gap));
    return ABOVE * low / (low + high);
  }

  private static double gap(double touch, int depth) {
    if (depth > ABOVE) {
      double below = (depth - ABOVE) / (double) BELOW;
      return -DEEPEST * below * below;
    }
    double low = depth / (double) ABOVE;
    double high = 1 - low;
    return touch * high * high / (low * low + high * high);
  }

  static int at(int depth) {
    return depth * OUTPUTS;
  }

  /** Where nothing is borne the place of the force is that of the next steeper barb. */
  private void fillUnloaded(int a, double[] row) {
    for (int k = 0; k <= ABOVE && ALPHA[a] <= 0; k++) {
      row[at(k) + REACH] = ALPHA[a] < 0 ? 0 : row(a + 1)[at(k) + REACH];
    }
  }

  private static double[] press(int a, BarbChain chain) {
    double[] row = new double[ROW];
    double alpha = ALPHA[a];
    double[] level = new double[chain.n + 1];
    double touch = touch(alpha);
    chain.straighten(alpha, touch);
    double[] before = chain.phi.clone();
    double[] held = chain.phi.clone();
    put(row, at(0), chain, 0, alpha > 0 ? Math.cos(alpha) : 0);
    for (int k = 1; k <= DEPTHS; k++) {
      double root = gap(touch, k);
      double fell = gap(touch, Math.max(0, k - 2)) - gap(touch, k - 1);
      double ahead = k < 3 || fell <= 0 ? 0 : (gap(touch, k - 1) - root) / fell;
      for (int i = 0; i < chain.n; i++) {
        chain.phi[i] = held[i] + Math.min(1, ahead) * (held[i] - before[i]);
      }
      double energy = chain.settle(alpha, root, level);
      BarbChains.count(chain.isSettled());
      System.arraycopy(held, 0, before, 0, chain.n);
      System.arraycopy(chain.phi, 0, held, 0, chain.n);
      store(row, at(k), chain, chain.load());
      double load = chain.load();
      if (chain.force[chain.n] > 0) {
        double one = chain.settlePierced(1, alpha, root, level);
        double two = chain.settlePierced(2, alpha, root, level);
        double three = chain.settlePierced(3, alpha, root, level);
        // the change with the pierced length where it begins, from its first three values
        double freed = (11 * energy - 18 * one + 9 * two - 2 * three) / (6 * chain.ds);
        row[at(k) + PUSH] = Math.max(0, freed) / Math.max(1e-12, load);
      }
    }
    return row;
  }

  private static void store(double[] row, int at, BarbChain chain, double load) {
    double moment = 0;
    for (int i = 0; i <= chain.n; i++) {
      moment += chain.force[i] * chain.reach[i];
    }
    put(row, at, chain, load, load > 1e-14 ? moment / load : row[at - OUTPUTS + REACH]);
  }

  private static void put(double[] row, int at, BarbChain chain, double load, double reach) {
    row[at + LOG_FORCE] = load > 0 ? Math.max(NOTHING, Math.log(load)) : NOTHING;
    row[at + REACH] = reach;
    row[at + LINE_FORCE] = load > 0 ? chain.lineForce() / load : 0;
  }

  private static double[] radians(double... degrees) {
    double[] r = new double[degrees.length];
    for (int i = 0; i < r.length; i++) {
      r[i] = Math.toRadians(degrees[i]);
    }
    return r;
  }
}
