package ripplerest.core.film.laws;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.stream.IntStream;
import ripplerest.core.film.numerics.Cubic;

/**
 * The force law of one lying barb: {@link LyingTable} at its own stiffness, length and taper,
 * looked up by inclination and height over the level. A workspace: the last look-up stays in its
 * fields.
 *
 * <p>Tables are made once for round values of Λ, λ and taper, and blended; forces as powers, since
 * they scale with Λ where the film is soft and with nothing where it is stiff.
 */
public final class LyingLaw {
  private static final double DECADE = 3;
  private static final double TAPER_STEP = 0.2;
  private static final double NEGLIGIBLE = 1e-6;
  private static final int FORCE = LyingTable.LOG_FORCE; // once blended, the force itself
  private static final int OUTPUTS = LyingTable.OUTPUTS;

  /** A barb that dips and one that rises are told apart at the level. */
  private static final Cubic[] BETWEEN = Cubic.between(LyingTable.ALPHA, 0);

  private static final Map<String, LyingTable> TABLES = new ConcurrentHashMap<>();

  /** Softest and stiffest film, shortest and longest barb that tables are made for. */
  static final double LEAST_FILM = 1e-4;

  static final double MOST_FILM = 1e5;
  static final double SHORTEST = 0.125;
  static final double LONGEST = 32;

  private final Blend blend;
  private final double[][] rows = new double[4][];
  private final double[] byAlpha = new double[4];
  private final double[] byDepth = new double[4];
  private double inclination = Double.NaN;

  /** The inclination of the tables below that. */
  private int between;

  private double touch;
  private double lastReach;

  /** Film force, B/L². */
  public double force;

  /** Horizontal distance from the root to where the force acts, L. */
  public double reach;

  /** Energy that piercing would set free a length of barb, B/L². */
  public double push;

  /** What is borne on a horizontal length, B/L³. */
  public double lineForce;

  private LyingLaw(Blend blend) {
    this.blend = blend;
  }

  /**
   * A law of its own workspace.
   *
   * @param stiffnessOfFilm Λ = γL³/B
   * @param lengthInEll λ = L/ℓ
   * @param taper share of the radius lost from root to tip
   * @param segments of the chains behind it
   */
  public static LyingLaw of(
      double stiffnessOfFilm, double lengthInEll, double taper, int segments) {
    double film = DECADE * Math.log10(Math.max(LEAST_FILM, Math.min(MOST_FILM, stiffnessOfFilm)));
    double ell = Math.log(Math.max(SHORTEST, Math.min(LONGEST, lengthInEll))) / Math.log(2);
    double cut = Math.rint(Math.max(0, taper) / TAPER_STEP * 1e6) / 1e6;
    List<Corner> corners =
        IntStream.range(0, 8)
            .filter(c -> weight(film, ell, cut, c) > NEGLIGIBLE)
            .mapToObj(c -> corner(film, ell, cut, c, segments))
            .toList();
    return new LyingLaw(new Blend(corners));
  }

  /** The same law with a workspace of its own. */
  public LyingLaw copy() {
    return new LyingLaw(blend);
  }

  private record Corner(LyingTable table, double weight) {}

  /** Tables blended row by row, as rows are asked for. */
  private static final class Blend {
    private final List<Corner> corners;
    private final AtomicReferenceArray<double[]> rows =
        new AtomicReferenceArray<>(LyingTable.ALPHA.length);

    Blend(List<Corner> corners) {
      this.corners = corners;
    }

    double[] row(int a) {
      double[] row = rows.get(a);
      if (row == null) {
        row = blended(a);
        rows.set(a, row);
      }
      return row;
    }

    /** Made by whoever asks: a pose that waits for another pool waits for what that is doing. */
    private double[] blended(int a) {
      double[] sum = new double[LyingTable.ROW];
      List<double[]> found = corners.stream().map(c -> c.table().row(a)).toList();
      for (int c = 0; c < found.size(); c++) {
        for (int i = 0; i < sum.length; i++) {
          sum[i] += corners.get(c).weight() * found.get(c)[i];
        }
      }
      for (int at = 0; at < sum.length; at += OUTPUTS) {
        double log = sum[at + FORCE];
        double force = log < LyingTable.NOTHING / 2 ? 0 : Math.exp(log);
        sum[at + FORCE] = force;
        sum[at + LyingTable.PUSH] *= force;
        sum[at + LyingTable.LINE_FORCE] *= force;
      }
      return sum;
    }
  }

  private static double weight(double film, double ell, double cut, int corner) {
    return weight(film, corner & 1) * weight(ell, corner >> 1 & 1) * weight(cut, corner >> 2);
  }

  private static double weight(double at, int upper) {
    double t = at - Math.floor(at);
    return upper == 1 ? t : 1 - t;
  }

  private static Corner corner(double film, double ell, double cut, int corner, int segments) {
    int f = (int) Math.floor(film) + (corner & 1);
    int e = (int) Math.floor(ell) + (corner >> 1 & 1);
    int c = (int) Math.floor(cut) + (corner >> 2);
    LyingTable table =
        TABLES.computeIfAbsent(
            f + "/" + e + "/" + c + "/" + segments,
            k ->
                new LyingTable(Math.pow(10, f / DECADE), Math.pow(2, e), c * TAPER_STEP, segments));
    return new Corner(table, weight(film, ell, cut, corner));
  }

  /**
   * Sets the inclination of the root to the level, rad, positive downward; held to what the tables
   * cover.
   */
  public void turn(double alpha) {
    double[] x = LyingTable.ALPHA;
    double held = Math.max(x[0], Math.min(x[x.length - 1], alpha));
    if (held == inclination) {
      return;
    }
    inclination = held;
    touch = LyingTable.touch(inclination);
    int i = between; // most turns are small
    while (i < x.length - 2 && x[i + 1] < inclination) {
      i++;
    }
    while (i > 0 && x[i] >= inclination) {
      i--;
    }
    between = i;
    BETWEEN[i].weights((inclination - x[i]) / (x[i + 1] - x[i]), byAlpha);
    for (int k = 0; k < 4; k++) {
      rows[k] = byAlpha[k] == 0 ? null : blend.row(i - 1 + k);
    }
  }

  /**
   * Film force alone, for the inclination last set, B/L².
   *
   * @param gap height of the root over the level, L
   */
  public double force(double gap) {
    if (gap >= touch) {
      return 0;
    }
    int k = place(gap);
    double sum = 0;
    double out = 0;
    for (int i = 0; i < 4; i++) {
      if (byAlpha[i] != 0) {
        double[] row = rows[i];
        int at = LyingTable.at(k - 1);
        sum += byAlpha[i] * along(row, at + FORCE);
        out += byAlpha[i] * along(row, at + LyingTable.REACH);
      }
    }
    lastReach = out;
    return Math.max(0, sum);
  }

  /** Horizontal distance from the root to where that force acts, L. */
  public double reach() {
    return Math.max(0, Math.min(1, lastReach));
  }

  /** All there is to know at one height of the root over the level, L; kept in the fields. */
  public void bringUpToDate(double gap) {
    if (gap >= touch) {
      force = 0;
      push = 0;
      lineForce = 0;
      reach = Math.max(0, inclination > 0 ? Math.cos(inclination) : 0);
      return;
    }
    int k = place(gap);
    force = Math.max(0, sum(k, FORCE));
    reach = Math.max(0, Math.min(1, sum(k, LyingTable.REACH)));
    push = Math.max(0, sum(k, LyingTable.PUSH));
    lineForce = Math.max(0, sum(k, LyingTable.LINE_FORCE));
  }

  private int place(double gap) {
    double t = Math.min(LyingTable.DEPTHS, LyingTable.depth(touch, gap));
    int k = Math.min(LyingTable.DEPTHS - 1, (int) t);
    boolean before = k > 0 && k != LyingTable.ABOVE;
    boolean after = k + 2 <= LyingTable.DEPTHS && k + 1 != LyingTable.ABOVE;
    Cubic.even(before, after).weights(t - k, byDepth);
    return k;
  }

  private double sum(int k, int output) {
    double total = 0;
    for (int i = 0; i < 4; i++) {
      if (byAlpha[i] != 0) {
        total += byAlpha[i] * along(rows[i], LyingTable.at(k - 1) + output);
      }
    }
    return total;
  }

  private double along(double[] row, int at) {
    double inner = byDepth[1] * row[at + OUTPUTS] + byDepth[2] * row[at + 2 * OUTPUTS];
    double before = byDepth[0] == 0 ? 0 : byDepth[0] * row[at];
    return before + inner + (byDepth[3] == 0 ? 0 : byDepth[3] * row[at + 3 * OUTPUTS]);
  }
}
