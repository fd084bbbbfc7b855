package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import ripplerest.core.calibration.Seen.Measure;

/**
 * One test, as all others foretell it.
 *
 * @param id of the test
 * @param likely how likely something as far off as the worst of what was seen is, 0 to 1
 * @param worst what that was: a kind of {@link Seen#kinds()}, or empty
 */
public record Judged(String id, double likely, String worst) {
  /** A test less likely than this disagrees with all others (assumption). */
  private static final double DISAGREES = 0.02;

  /** Less likely than this all together, and the estimate does not understand these flies. */
  static final double MISFIT = 0.01;

  private static final int DRAWS = 2000;

  private record Part(String kind, double likely) {}

  /**
   * @param others draws of what the other tests leave possible, of the fly's own causes
   */
  static Judged of(String id, Seen seen, Emulator emulator, double[][] others, long seed) {
    List<Part> parts = new ArrayList<>();
    EmulatedTests foretold = EmulatedTests.of(emulator, others, DRAWS, new SplittableRandom(seed));
    seen.sits().ifPresent(s -> parts.add(new Part("posture", foretold.asLikelyAs(s))));
    for (Measure m : seen.measured()) {
      parts.add(new Part(m.what().word(), foretold.tail(m)));
    }
    List<Seen.Hung> hung = emulator.telling(seen.hung());
    if (!hung.isEmpty()) {
      parts.add(new Part("hung weights", foretold.tail(hung)));
    }
    seen.popsBack().ifPresent(up -> parts.add(new Part("push-under", foretold.popsBack(up))));
    Part worst = new Part("", 1);
    for (Part p : parts) {
      worst = p.likely() < worst.likely() ? p : worst;
    }
    double any = 1 - Math.pow(1 - worst.likely(), Math.max(1, parts.size())); // Šidák (1967)
    return new Judged(id, any, worst.kind());
  }

  /** Whether it disagrees with all others. */
  public boolean disagrees() {
    return likely < DISAGREES;
  }

  /**
   * Whether tests as a whole are less likely than chance allows, each by the others: their
   * probabilities together (Fisher, Statistical Methods for Research Workers, 1925, § 21.1).
   */
  static boolean isMisfit(List<Judged> all) {
    return !all.isEmpty() && together(all) < MISFIT;
  }

  /** How likely they are together, 0 to 1. */
  static double together(List<Judged> all) {
    ToDoubleFunction<Judged> log = j -> -2 * Math.log(Math.max(1e-6, j.likely()));
    double sum = all.stream().mapToDouble(log).sum();
    return 1 - new ChiSquaredDistribution(2.0 * all.size()).cumulativeProbability(sum);
  }
}
