package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.continuous.NormalDistribution;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;

/** Which weight to hang from a fly next: the one with which it is as likely to float as to sink. */
public final class Ladder {
  private static final double STEEL = 7.85;

  /** Of tin, which split shot is made of where lead is not allowed, g/cm³ (handbook figure). */
  private static final double TIN = 7.3;

  /** Split shot by its number, mg in air; from memory of the usual sizes. */
  private static final int[][] SHOT = {
    {13, 20}, {12, 25}, {11, 30}, {10, 40}, {9, 50}, {8, 60}, {6, 100}, {4, 200}
  };

  private static final int[] HOOKS = {20, 18, 16, 14, 12, 10};

  /** Bare hooks hung from one another, at most. */
  private static final int CHAIN = 3;

  /** Known to this factor, what it bears is known well enough for a glass of water. */
  private static final double ENOUGH = 1.3;

  /** Steps between two of the twentieths that a prediction gives. */
  private static final int FINE = 20;

  private static final NormalDistribution NORMAL = new NormalDistribution();

  /** Something to hang: what it is, and its weight in water. */
  public record Rung(String label, double mg) {}

  private Ladder() {}

  /** All that can be hung, the lightest first. */
  public static List<Rung> rungs() {
    List<Rung> rungs = new ArrayList<>();
    for (int size : HOOKS) {
      double mg = Hook.of(new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0)).massMg(STEEL - 1);
      for (int n = 1; n <= CHAIN; n++) {
        String label =
            n == 1
                ? "a bare size %d hook".formatted(size)
                : "%d bare size %d hooks".formatted(n, size);
        rungs.add(new Rung(label, n * mg));
      }
    }
    for (int[] shot : SHOT) {
      rungs.add(new Rung("split shot no. " + shot[0], shot[1] * (1 - 1 / TIN)));
    }
    rungs.sort(Comparator.comparingDouble(Rung::mg));
    return List.copyOf(rungs);
  }

  /**
   * The next one; empty where what was hung tells enough, or nothing that can be hung would tell
   * more.
   *
   * @param foretold {@link Prediction#bearsMg()}
   */
  public static Optional<Rung> next(List<Double> foretold, List<Hung> hung) {
    List<double[]> likely = new ArrayList<>();
    double sum = 0;
    for (int i = 0; i + 1 < foretold.size(); i++) {
      for (int k = 0; k < FINE; k++) {
        double share = (k + 0.5) / FINE;
        double mg = foretold.get(i) * (1 - share) + foretold.get(i + 1) * share;
        double weight = 1;
        for (Hung h : hung) {
          double off = (Math.log(Math.max(0.1, mg)) - Math.log(h.mg())) / Evidence.HUNG_SPREAD;
          double floats =
              Evidence.LAPSE + (1 - 2 * Evidence.LAPSE) * NORMAL.cumulativeProbability(off);
          weight *= h.floats() ? floats : 1 - floats;
        }
        likely.add(new double[] {mg, weight});
        sum += weight;
      }
    }
    double low = Math.max(0.1, at(likely, 0.1 * sum));
    double high = at(likely, 0.9 * sum);
    if (high < ENOUGH * low) {
      return Optional.empty();
    }
    double middle = Math.max(0.1, at(likely, 0.5 * sum));
    return rungs().stream()
        .filter(r -> hung.stream().noneMatch(h -> Math.abs(Math.log(h.mg() / r.mg())) < 0.05))
        .filter(r -> r.mg() > low / ENOUGH && r.mg() < high * ENOUGH)
        .min(Comparator.comparingDouble(r -> Math.abs(Math.log(r.mg() / middle))));
  }

  private static double at(List<double[]> likely, double weight) {
    double sum = 0;
    for (double[] l : likely) {
      sum += l[1];
      if (sum >= weight) {
        return l[0];
      }
    }
    return likely.get(likely.size() - 1)[0];
  }
}
