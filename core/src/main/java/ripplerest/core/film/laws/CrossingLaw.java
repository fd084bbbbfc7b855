package ripplerest.core.film.laws;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReferenceArray;
import ripplerest.core.film.numerics.Cubic;

/**
 * The force law of one crossing barb for one contact angle: {@link CrossingTable} at its own pull
 * and taper. A workspace: {@link #turn} sets the inclination, {@link #solve} the height, and the
 * crossing stays in the fields.
 */
public final class CrossingLaw {
  private static final double TAPER_STEP = 0.2;
  private static final double PULL_STEP = 0.2;
  private static final double PULL_GROWTH = 1.3;
  private static final double MOST_PULL = 1000;

  /** Stands for no pull at all, at which a table could not scale its forces. */
  private static final double NEXT_TO_NO_PULL = 1e-4;

  /** How exactly a crossing is found, L. */
  private static final double NEAR = 1e-9;

  private static final Cubic[] BETWEEN = Cubic.between(CrossingTable.ALPHA, Double.NaN);
  private static final int ROWS = CrossingTable.PLACES + 1;
  private static final Map<String, CrossingTable> TABLES = new ConcurrentHashMap<>();

  private final double kappa;
  private final Blend blend;
  private final double[] row = new double[ROWS * CrossingTable.OUTPUTS];
  private final double[] byAlpha = new double[4];
  private final double[] byPlace = new double[4];
  private final double[] misses = new double[4];
  private double inclination = Double.NaN;
  private double arcOfRow;

  /** Upward force on the barb, B/L². */
  public double force;

  /** Horizontal distance from root to crossing, L. */
  public double reach;

  /** Arc length from root to crossing, L. */
  public double arc;

  /** Sine of the barb's inclination at the crossing. */
  public double sine;

  /** Stiffness with the contact line pinned, B/L³. */
  public double pinnedStiffness;

  /** True if the barb cannot be held down this far and springs out. */
  public boolean springsOut;

  /** True if the root lies on the wrong side of the film. */
  public boolean rootPassed;

  private CrossingLaw(double kappa, Blend blend) {
    this.kappa = kappa;
    this.blend = blend;
  }

  /**
   * @param kappa ΓL²/B at the root
   * @param taper share of the radius lost from root to tip
   */
  public static CrossingLaw of(double kappa, double taper) {
    double bounded = Math.max(-MOST_PULL, Math.min(MOST_PULL, kappa));
    int low = 0;
    while (pull(low + 1) <= Math.abs(bounded)) {
      low++;
    }
    double up = (Math.abs(bounded) - pull(low)) / (pull(low + 1) - pull(low));
    double cut = Math.rint(Math.max(0, taper) / TAPER_STEP * 1e6) / 1e6;
    List<Corner> corners = new ArrayList<>();
    for (int corner = 0; corner < 4; corner++) {
      int p = low + (corner & 1);
      int c = (int) Math.floor(cut) + (corner >> 1);
      double weight = ((corner & 1) == 1 ? up : 1 - up) * (1 - Math.abs(cut - c));
      if (weight > 1e-9) {
        corners.add(new Corner(table(bounded < 0 ? -p : p, c), weight));
      }
    }
    return new CrossingLaw(kappa, new Blend(corners));
  }

  /** The same law for a slightly different pull, with a workspace of its own. */
  public CrossingLaw copy(double otherKappa) {
    return new CrossingLaw(otherKappa, blend);
  }

  private record Corner(CrossingTable table, double weight) {}

  /** Tables blended row by row, as rows are asked for. */
  private static final class Blend {
    private final List<Corner> corners;
    private final AtomicReferenceArray<CrossingTable.Row> rows =
        new AtomicReferenceArray<>(CrossingTable.ALPHA.length);

    Blend(List<Corner> corners) {
      this.corners = corners;
    }

    CrossingTable.Row row(int a) {
      CrossingTable.Row row = rows.get(a);
      if (row == null) {
        row = blended(a);
        rows.set(a, row);
      }
      return row;
    }

    private CrossingTable.Row blended(int a) {
      double[] sum = new double[CrossingTable.ROW];
      double farthest = 0;
      for (Corner c : corners) {
        CrossingTable.Row from = c.table().row(a);
        farthest += c.weight() * from.farthest();
        for (int i = 0; i < sum.length; i++) {
          sum[i] += c.weight() * from.entry()[i];
        }
      }
      return new CrossingTable.Row(farthest, sum);
    }
  }

  private static CrossingTable table(int p, int cut) {
    double kappa = Math.copySign(Math.max(NEXT_TO_NO_PULL, pull(Math.abs(p))), p);
    return TABLES.computeIfAbsent(p + "/" + cut, k -> new CrossingTable(kappa, cut * TAPER_STEP));
  }

  /** The pulls that tables are made for, ever farther apart. */
  private static double pull(int p) {
    return PULL_STEP * (Math.pow(PULL_GROWTH, p) - 1);
  }

  /** Sets the inclination of the root toward the water, rad. */
  public void turn(double alpha) {
    double[] x = CrossingTable.ALPHA;
    double a = Math.max(x[0], Math.min(x[x.length - 1], alpha));
    if (a == inclination) {
      return; // a fly that only heaves
    }
    inclination = a;
    int i = 0;
    while (i < x.length - 2 && x[i + 1] < a) {
      i++;
    }
    BETWEEN[i].weights((a - x[i]) / (x[i + 1] - x[i]), byAlpha);
    java.util.Arrays.fill(row, 0);
    arcOfRow = 0;
    for (int k = 0; k < 4; k++) {
      if (byAlpha[k] == 0) {
        continue;
      }
      CrossingTable.Row from = blend.row(i - 1 + k);
      for (int j = 0; j < row.length; j++) {
        row[j] += byAlpha[k] * from.entry()[j];
      }
      arcOfRow += byAlpha[k] * from.farthest();
    }
    arcOfRow = Math.min(1, arcOfRow);
  }

  /**
   * Finds the crossing at the inclination last set.
   *
   * @param gap height of the root over the level all else makes, L, toward the dry end
   * @param dimple depth of the barb's own dimple a force, L³/B
   */
  public void solve(double gap, double dimple) {
    springsOut = false;
    rootPassed = miss(0, gap, dimple) >= 0;
    if (rootPassed) {
      take(0, 0);
      return;
    }
    int k = 1;
    while (k < ROWS - 1 && miss(k, gap, dimple) < 0) {
      k++;
    }
    if (miss(k, gap, dimple) < 0) {
      springsOut = true;
      take(ROWS - 2, 1);
      return;
    }
    take(k - 1, crossing(k - 1, gap, dimple));
  }

  private double crossing(int k, double gap, double dimple) {
    misses[0] = k > 0 ? miss(k - 1, gap, dimple) : 0;
    misses[1] = miss(k, gap, dimple);
    misses[2] = miss(k + 1, gap, dimple);
    misses[3] = k + 2 < ROWS ? miss(k + 2, gap, dimple) : 0;
    return between(k).root(misses, NEAR);
  }

  private static Cubic between(int k) {
    return Cubic.even(k > 0, k + 2 < ROWS);
  }

  private double miss(int k, double gap, double dimple) {
    int at = k * CrossingTable.OUTPUTS;
    return row[at + CrossingTable.HEIGHT]
        - gap
        - dimple * kappa * row[at + CrossingTable.FORCE_OVER_PULL];
  }

  private void take(int k, double u) {
    between(k).weights(u, byPlace);
    force = kappa * sum(k, CrossingTable.FORCE_OVER_PULL);
    reach = sum(k, CrossingTable.REACH);
    sine = sum(k, CrossingTable.SINE);
    arc = arcOfRow * (k + u) / CrossingTable.PLACES;
    double yielding = sum(k, CrossingTable.PINNED);
    pinnedStiffness = yielding > 1e-9 ? 1 / yielding : 0;
  }

  private double sum(int k, int output) {
    double total = 0;
    for (int j = 0; j < 4; j++) {
      if (byPlace[j] != 0) {
        total += byPlace[j] * row[(k - 1 + j) * CrossingTable.OUTPUTS + output];
      }
    }
    return total;
  }
}
