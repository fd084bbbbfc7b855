package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Function;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import ripplerest.core.calibration.Runs.Run;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Deviates;
import ripplerest.core.water.Floatant;

/**
 * What a test that has not been made would teach: by how much it is expected to narrow what is
 * known of a fly that the tier cares about (Lindley, Annals of Mathematical Statistics 27 (1956)
 * 986). Both flies are put on the water with the same materials again and again; what the one shows
 * explains a share of what the other does, in a straight line, which is the share of its variance
 * that goes. Left out: what is learnt in curves, and by two tests together.
 *
 * @param candidate whose test it is
 * @param floatant how it is prepared
 * @param how it is tested
 * @param narrows share by which the band becomes narrower, 0 to 1
 */
public record NextTest(String candidate, Floatant floatant, How how, double narrows) {
  private static final int DRAWS = 96;

  /** A band that narrows by less is not worth getting one's hands wet. */
  private static final double WORTH = 0.03;

  /** What a tier cares about. */
  public enum Goal {
    /** How the fly sits. */
    ANGLE,
    /** What it bears. */
    RESERVE
  }

  /** How a fly is tested. */
  public enum How {
    /** Looked at, and its angle and heights read off. */
    LOOK,
    /** Weights hung from it. */
    HANG,
    /** Pushed under. */
    PUSH_UNDER
  }

  /**
   * A fly that could be tested.
   *
   * @param id of it
   * @param fly in the water it would be laid on
   */
  public record Candidate(String id, PreparedFly fly) {}

  /** Tests worth making, those that narrow most first. Same seed, same answer. */
  public static List<NextTest> of(
      PreparedFly target, Goal goal, List<Candidate> candidates, long seed, Work work) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Long> materials = new ArrayList<>();
    for (int i = 0; i < DRAWS; i++) {
      materials.add(random.nextLong());
    }
    Function<PreparedFly, Runs> runs =
        fly ->
            Runs.of(
                fly,
                DRAWS,
                true,
                random.nextLong(),
                (i, own) -> drawn(target, materials.get(i)),
                work);
    List<Run> wanted = runs.apply(target).all();
    List<NextTest> all = new ArrayList<>();
    for (int c = 0; c < candidates.size(); c++) {
      work.throwIfCancelled();
      Candidate candidate = candidates.get(c);
      List<Run> shown = runs.apply(candidate.fly()).all();
      for (How how : How.values()) {
        double narrows = expected(wanted, shown, goal, how, random.split());
        if (narrows >= WORTH) {
          all.add(
              new NextTest(candidate.id(), candidate.fly().conditions().floatant(), how, narrows));
        }
      }
      work.progress(c + 1, candidates.size());
    }
    all.sort(Comparator.comparingDouble(NextTest::narrows).reversed());
    return List.copyOf(all);
  }

  /** All materials of one draw, whichever fly asks for them. */
  private static Deviates drawn(PreparedFly target, long seed) {
    return target.materials().drawn(new SplittableRandom(seed));
  }

  private static double expected(
      List<Run> wanted, List<Run> shown, Goal goal, How how, SplittableRandom random) {
    List<double[]> x = new ArrayList<>();
    List<Double> y = new ArrayList<>();
    for (int i = 0; i < wanted.size(); i++) {
      Run w = wanted.get(i);
      Run s = shown.get(i);
      if (!w.measures().isEmpty() && !s.measures().isEmpty()) {
        y.add(goal == Goal.ANGLE ? w.measures().get(What.ANGLE) : Math.log(w.bearsMg() + 1));
        x.add(seen(s, how, random));
      }
    }
    int terms = x.isEmpty() ? 0 : x.get(0).length;
    if (y.size() < 10 * (terms + 1)) {
      return 0;
    }
    try {
      OLSMultipleLinearRegression line = new OLSMultipleLinearRegression();
      line.newSampleData(y.stream().mapToDouble(v -> v).toArray(), x.toArray(double[][]::new));
      return 1 - Math.sqrt(1 - Math.max(0, Math.min(1, line.calculateAdjustedRSquared())));
    } catch (MathRuntimeException alwaysTheSame) {
      return 0; // a test that always shows the same teaches nothing
    }
  }

  /** What would be read, with the errors of reading it. */
  private static double[] seen(Run run, How how, SplittableRandom random) {
    return switch (how) {
      case LOOK ->
          new double[] {
            read(run, What.ANGLE, random), read(run, What.EYE, random), read(run, What.BEND, random)
          };
      case HANG ->
          new double[] {Math.log(run.bearsMg() + 1) + Evidence.HUNG_SPREAD * random.nextGaussian()};
      case PUSH_UNDER -> new double[] {run.popBackMg() > 0 ? 1 : 0};
    };
  }

  private static double read(Run run, What what, SplittableRandom random) {
    return run.measures().get(what) + what.errorByEye() * random.nextGaussian();
  }
}
