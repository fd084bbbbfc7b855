package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.calibration.Runs.Run;
import ripplerest.core.calibration.Seen.By;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Deviates;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Together;
import ripplerest.core.rest.Sitting;

/**
 * Tiers whose materials are known, to see whether what is learnt from their tests is so: each has
 * materials of its own, ties the flies, tests them and learns, and then ties and tests again. Their
 * flies are put on the water by the whole model, never by an {@link Emulator}, which only learns.
 * Emulators are shared among tiers, since all tie the same patterns.
 */
public final class SimulatedTiers {
  /** Draws whose second lowest and second highest hold a next one eight times in ten. */
  private static final int FORETOLD = 19;

  private static final int SECOND = 2;

  /** Where fewer of the draws rest, a fly is foretold to sink, and has no band. */
  private static final int LEAST_RESTING = 10;

  /** Causes whose ranks are looked at: those that most was learnt of. */
  private static final int LEARNT_OF = 5;

  /** Draws among which the truth is ranked: as many places, and one. */
  private static final int RANKED = 99;

  private static final int RUNS = 600;

  private static final double HUNG_ERROR = 0.1;
  private static final double WORD_LAPSE = 0.1;

  /**
   * What is simulated.
   *
   * @param tiers how many
   * @param tests that each makes before the next ones
   * @param next tests that each makes afterwards
   * @param outliers share of tests that are another fly's altogether
   * @param truth changes the fly that is really tied: the same for a model that is right
   * @param judged whether each test is judged by the others
   */
  public record Plan(
      int tiers,
      int tests,
      int next,
      double outliers,
      UnaryOperator<Materials> truth,
      boolean judged) {}

  /**
   * What came of it.
   *
   * @param foretold next tests
   * @param inside how many of their numbers lay inside the band that was foretold after the tests
   * @param insideBefore the same of the band without them
   * @param width mean width of the bands, over that without the tests
   * @param ranks of the truth among draws of the causes that most was learnt of, 0 to 1: a row a
   *     cause
   * @param judged tests that were judged by the others
   * @param caught outliers that were said to disagree with all others
   * @param outliers among the tests that were judged
   * @param blamed tests that are no outliers and were said to disagree all the same
   * @param misfits tiers who were told that the estimate does not understand their flies
   * @param effective fewest independent draws of any tier
   * @param narrowed spread of each cause, over what it was, the least first
   */
  public record Outcome(
      int foretold,
      int inside,
      int insideBefore,
      double width,
      double[][] ranks,
      int judged,
      int caught,
      int outliers,
      int blamed,
      int misfits,
      double effective,
      Map<String, Double> narrowed) {
    /** Share of next tests inside their band. */
    public double coverage() {
      return (double) inside / foretold;
    }
  }

  private SimulatedTiers() {}

  /** What one tier learnt. */
  private record Tier(
      int foretold,
      int inside,
      int insideBefore,
      double width,
      double widthBefore,
      Map<String, Double> ranks,
      List<Judged> judged,
      boolean misfit,
      List<Boolean> wrong,
      double effective,
      Map<String, Double> spreads) {
    int said(boolean ofWrong) {
      int said = 0;
      for (int i = 0; i < judged.size(); i++) {
        said += judged.get(i).disagrees() && wrong.get(i) == ofWrong ? 1 : 0;
      }
      return said;
    }

    int outliers() {
      return judged.isEmpty() ? 0 : (int) wrong.stream().filter(w -> w).count();
    }
  }

  /**
   * @param flies that each of them ties in turn
   */
  public static Outcome of(List<PreparedFly> flies, Plan plan, long seed, Work work) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Emulator> emulators = new ArrayList<>();
    List<double[][]> before = new ArrayList<>();
    for (PreparedFly fly : flies) {
      Runs runs = Runs.of(fly, RUNS, true, random.nextLong(), work);
      emulators.add(Emulator.of(runs, true));
      before.add(measures(runs));
    }
    List<SplittableRandom> sources = new ArrayList<>();
    for (int i = 0; i < plan.tiers(); i++) {
      sources.add(random.split());
    }
    AtomicInteger done = new AtomicInteger();
    List<Tier> tiers =
        Together.map(
            sources,
            own -> {
              work.throwIfCancelled();
              Tier tier = tier(flies, emulators, before, plan, own);
              work.progress(done.incrementAndGet(), plan.tiers());
              return tier;
            });
    return told(tiers);
  }

  private static Outcome told(List<Tier> tiers) {
    Map<String, Double> narrowed = new LinkedHashMap<>();
    tiers.get(0).spreads().keySet().stream()
        .sorted(Comparator.comparingDouble(c -> mean(tiers, t -> t.spreads().get(c))))
        .forEach(c -> narrowed.put(c, mean(tiers, t -> t.spreads().get(c))));
    double[][] ranks =
        narrowed.keySet().stream()
            .limit(LEARNT_OF)
            .map(c -> tiers.stream().mapToDouble(t -> t.ranks().get(c)).toArray())
            .toArray(double[][]::new);
    return new Outcome(
        sum(tiers, Tier::foretold),
        sum(tiers, Tier::inside),
        sum(tiers, Tier::insideBefore),
        mean(tiers, Tier::width) / mean(tiers, Tier::widthBefore),
        ranks,
        sum(tiers, t -> t.judged().size()),
        sum(tiers, t -> t.said(true)),
        sum(tiers, Tier::outliers),
        sum(tiers, t -> t.said(false)),
        sum(tiers, t -> t.misfit() ? 1 : 0),
        tiers.stream().mapToDouble(Tier::effective).min().orElseThrow(),
        narrowed);
  }

  private static int sum(List<Tier> tiers, ToIntFunction<Tier> of) {
    return tiers.stream().mapToInt(of).sum();
  }

  private static double mean(List<Tier> tiers, ToDoubleFunction<Tier> of) {
    return tiers.stream().mapToDouble(of).average().orElseThrow();
  }

  private static Tier tier(
      List<PreparedFly> flies,
      List<Emulator> emulators,
      List<double[][]> before,
      Plan plan,
      SplittableRandom random) {
    Deviates truth = new Deviates(random.split());
    List<Seen> tests = new ArrayList<>();
    List<Emulator> of = new ArrayList<>();
    List<Boolean> outliers = new ArrayList<>();
    for (int t = 0; t < plan.tests(); t++) {
      int k = t % flies.size();
      boolean wrong = random.nextDouble() < plan.outliers();
      PreparedFly fly = flies.get(wrong ? (k + 1) % flies.size() : k);
      Deviates whose = wrong ? new Deviates(random.split()) : truth;
      tests.add(seen(tied(fly, whose, plan, t == 0, random), t == 0, random));
      of.add(emulators.get(k));
      outliers.add(wrong);
    }
    Calibration learnt = Calibration.of(tests, of, 10 * RANKED + 10, random.nextLong());
    int foretold = 0;
    int inside = 0;
    int insideBefore = 0;
    double width = 0;
    double widthBefore = 0;
    Map<Integer, double[][]> bands = new LinkedHashMap<>();
    for (int t = 0; t < plan.next(); t++) {
      int k = t % flies.size();
      What what = What.values()[(t + random.nextInt(4)) % 4];
      Run run = tied(flies.get(k), truth, plan, false, random);
      if (run.measures().isEmpty()) {
        continue;
      }
      double next = run.measures().get(what) + what.errorByEye() * random.nextGaussian();
      double[][] band =
          bands.computeIfAbsent(k, fly -> foretold(flies.get(fly), learnt, random.split()));
      if (band.length < LEAST_RESTING || before.get(k).length < LEAST_RESTING) {
        continue;
      }
      double[] now = band(band, what, random);
      double[] then = band(before.get(k), what, random);
      foretold++;
      inside += next > now[0] && next < now[1] ? 1 : 0;
      insideBefore += next > then[0] && next < then[1] ? 1 : 0;
      width += (now[1] - now[0]) / what.errorByEye();
      widthBefore += (then[1] - then[0]) / what.errorByEye();
    }
    Map<String, Double> spreads = new LinkedHashMap<>();
    for (int k = 0; k < learnt.causes().size(); k++) {
      double spread = Math.sqrt(StatUtils.variance(learnt.column(k)));
      spreads.put(learnt.causes().get(k), spread);
    }
    List<Judged> judged =
        plan.judged() ? Calibration.judged(tests, of, random.nextLong()) : List.of();
    return new Tier(
        foretold,
        inside,
        insideBefore,
        width,
        widthBefore,
        ranks(learnt, truth),
        judged,
        learnt.with(judged).isMisfit(),
        outliers,
        learnt.effective(),
        spreads);
  }

  /** Rank of the truth of each cause among draws far enough apart to be independent, 0 to 1. */
  private static Map<String, Double> ranks(Calibration learnt, Deviates truth) {
    Map<String, Double> ranks = new LinkedHashMap<>();
    for (int k = 0; k < learnt.causes().size(); k++) {
      double[] all = learnt.column(k);
      double is = truth.of(learnt.causes().get(k));
      int below = 0;
      for (int i = 0; i < RANKED; i++) {
        below += all[10 * i] < is ? 1 : 0;
      }
      ranks.put(learnt.causes().get(k), (double) below / RANKED);
    }
    return ranks;
  }

  private static Run tied(
      PreparedFly fly, Deviates truth, Plan plan, boolean hung, SplittableRandom random) {
    PreparedFly real = fly.with(plan.truth().apply(fly.materials()));
    return Runs.of(real, 1, hung, random.nextLong(), (i, own) -> truth, Work.unwatched())
        .all()
        .get(0);
  }

  /** What a tier sees of a run, by eye, with the errors and slips that eyes have. */
  private static Seen seen(Run run, boolean hung, SplittableRandom random) {
    List<Measure> measured = new ArrayList<>();
    List<Hung> weights = new ArrayList<>();
    Sitting sits = run.sits() == Sitting.UNSETTLED ? Sitting.HALF_DOWN : run.sits();
    if (!run.measures().isEmpty()) {
      for (What what : What.values()) {
        double value = run.measures().get(what) + what.errorByEye() * random.nextGaussian();
        measured.add(new Measure(what, value, what.errorByEye(), By.EYE));
      }
      if (random.nextDouble() < WORD_LAPSE) {
        sits = Sitting.values()[random.nextInt(Sitting.SUNK.ordinal())];
      }
      if (hung) {
        double low = 0.5;
        double high = 400;
        for (int i = 0; i < 4; i++) {
          double mg = Math.sqrt(low * high);
          boolean up = run.bearsMg() * Math.exp(HUNG_ERROR * random.nextGaussian()) > mg;
          weights.add(new Hung(mg, up));
          low = up ? mg : low;
          high = up ? high : mg;
        }
      }
    }
    return new Seen(
        Optional.of(sits),
        measured,
        weights,
        Optional.of(run.popBackMg() > 0),
        Optional.empty(),
        false);
  }

  /** What is foretold of a fly after the tests, by the whole model. */
  private static double[][] foretold(PreparedFly fly, Calibration learnt, SplittableRandom random) {
    Map<String, Integer> columns = new LinkedHashMap<>();
    for (int k = 0; k < learnt.causes().size(); k++) {
      columns.put(learnt.causes().get(k), k);
    }
    Runs runs =
        Runs.of(
            fly,
            FORETOLD,
            false,
            random.nextLong(),
            (i, own) -> {
              double[] draw = learnt.draws()[own.nextInt(learnt.draws().length)];
              Map<String, Double> fixed = new LinkedHashMap<>();
              columns.forEach((cause, k) -> fixed.put(cause, draw[k]));
              return new Deviates(fixed, own);
            },
            Work.unwatched());
    return measures(runs);
  }

  private static double[][] measures(Runs runs) {
    return runs.all().stream()
        .filter(r -> !r.measures().isEmpty())
        .limit(FORETOLD)
        .map(r -> Arrays.stream(What.values()).mapToDouble(r.measures()::get).toArray())
        .toArray(double[][]::new);
  }

  /** The middle eight tenths of what will be measured, errors of measuring among it. */
  private static double[] band(double[][] rows, What what, SplittableRandom random) {
    double[] all =
        Arrays.stream(rows)
            .mapToDouble(r -> r[what.ordinal()] + what.errorByEye() * random.nextGaussian())
            .sorted()
            .toArray();
    int out = Math.max(1, Math.round((float) SECOND * (all.length + 1) / (FORETOLD + 1)));
    return new double[] {all[out - 1], all[all.length - out]};
  }
}
