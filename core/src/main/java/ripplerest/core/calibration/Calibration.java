package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Deviates;
import ripplerest.core.material.Learnt;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * What a tier's tests teach of what the materials are off by: Bayes's rule, on an {@link Emulator}
 * of each fly, which is made anew where the first answer lies (after Kennedy & O'Hagan, J. R. Stat.
 * Soc. B 63 (2001) 425). Left out: tests of one fly dressed and bare share its hand, but are
 * reckoned as two hands; a model that is off is off anew for each tied fly, not for all alike.
 *
 * @param draws deviates in the light of all tests, by the order of {@code causes}
 * @param causes of each column
 * @param effective how many independent draws they are worth
 * @param agreement how many of the first look's draws would serve in the second, as a share
 * @param judged each test, by what the others say of it
 * @param before how likely all tests together were before anything was learnt, 0 to 1
 */
public record Calibration(
    double[][] draws,
    List<String> causes,
    double effective,
    double agreement,
    List<Judged> judged,
    double before) {
  /**
   * How much work is put into it.
   *
   * @param firstRuns behind the first look at a fly
   * @param secondRuns where the first look's answer lies
   * @param draws of the answer
   * @param fewDraws of a look that is only looked at
   */
  record Effort(int firstRuns, int secondRuns, int draws, int fewDraws) {
    static final Effort USUAL = new Effort(400, 200, 1000, 400);
  }

  /** Fewer independent draws than this are not believed. */
  static final double LEAST_EFFECTIVE = 100;

  /** What moved by less is as it was: a share of its spread, and a deviate. */
  private static final double SAME_SPREAD = 0.95;

  private static final double SAME_MEAN = 0.12;

  /** A finger puts a fly under no oftener, 1/min. */
  private static final double MOST_DUNKS = 60;

  /** Most tests that are reckoned with. */
  public static final int MOST_TESTS = 200;

  /** One tied fly, what is known of it, and its tests. */
  private record Tied(PreparedFly fly, Emulator emulator, List<Test> tests) {
    Evidence evidence() {
      return Evidence.of(
          emulator,
          tests.stream().map(Test::seen).toList(),
          tests.stream().flatMap(t -> t.lasts().stream()).toList());
    }

    boolean hung() {
      return tests.stream().anyMatch(t -> !t.seen().hung().isEmpty());
    }

    Tied on(Emulator other) {
      return new Tied(fly, other, tests);
    }

    /** Without one of its tests. */
    Tied without(int test) {
      List<Test> others = new ArrayList<>(tests);
      others.remove(test);
      return new Tied(fly, emulator, others);
    }
  }

  /** What was seen in one test, and how long such a fly usually lasts if it was watched. */
  private record Test(Seen seen, Optional<Evidence.Lasts> lasts) {
    /** Fish wet a fly in ways that no glass does: a time with fish in it teaches nothing. */
    static Test of(TankTest test, long seed, Work work) {
      return new Test(
          test.seen(),
          test.seen()
              .lasted()
              .filter(l -> l.fish() == 0)
              .map(
                  l -> {
                    double dunks = Math.min(MOST_DUNKS, l.dunkings() / l.minutes());
                    return new Evidence.Lasts(l, FloatMinutes.usual(test.fly(), dunks, seed, work));
                  }));
    }
  }

  /**
   * @param tests that say something, 1 to {@value #MOST_TESTS}
   */
  public static Calibration of(List<TankTest> tests, long seed, Work work) {
    return of(tests, Effort.USUAL, seed, work);
  }

  static Calibration of(List<TankTest> tests, Effort effort, long seed, Work work) {
    if (tests.isEmpty() || tests.size() > MOST_TESTS) {
      throw new OutOfRangeException(
          "tests",
          tests.size(),
          "from 1 to " + MOST_TESTS + " that are counted",
          tests.isEmpty() ? "Test a fly, or count one again." : "Leave the oldest ones out.");
    }
    Map<String, List<TankTest>> byFly = new LinkedHashMap<>();
    tests.forEach(t -> byFly.computeIfAbsent(t.tied(), k -> new ArrayList<>()).add(t));
    Steps steps = new Steps(byFly.size() * (effort.firstRuns() + effort.secondRuns()), work);
    SplittableRandom random = new SplittableRandom(seed);
    List<Runs> runs = new ArrayList<>();
    List<Tied> first = new ArrayList<>();
    for (List<TankTest> of : byFly.values()) {
      List<Test> own = of.stream().map(t -> Test.of(t, seed, work)).toList();
      Tied unseen = new Tied(of.get(0).fly(), null, own);
      runs.add(Runs.of(unseen.fly(), effort.firstRuns(), unseen.hung(), random.nextLong(), steps));
      steps.next(effort.firstRuns());
      first.add(unseen.on(Emulator.of(runs.get(first.size()), unseen.hung())));
    }
    List<String> causes = causes(first);
    Sampler once = sampled(first, causes, effort.fewDraws(), random.nextLong(), work);
    List<Tied> second = new ArrayList<>();
    for (Tied look : first) {
      Runs near =
          Runs.of(
              look.fly(),
              effort.secondRuns(),
              look.hung(),
              random.nextLong(),
              (run, own) ->
                  new Deviates(by(causes, once.draws()[2 * run % effort.fewDraws()]), own),
              steps);
      steps.next(effort.secondRuns());
      second.add(look.on(Emulator.of(runs.get(second.size()).and(near), look.hung())));
    }
    Sampler draws = sampled(second, causes, effort.draws(), random.nextLong(), work);
    Map<String, Judged> judged = new LinkedHashMap<>();
    List<List<TankTest>> groups = List.copyOf(byFly.values());
    for (int i = 0; i < groups.size(); i++) {
      for (int k = 0; k < groups.get(i).size(); k++) {
        String id = groups.get(i).get(k).id();
        judged.put(id, judged(second, causes, i, k, id, effort, random.nextLong(), work));
      }
    }
    return new Calibration(
        draws.draws(),
        causes,
        draws.effective(),
        agreement(first, second, causes, once),
        tests.stream().map(t -> judged.get(t.id())).toList(),
        before(first, causes, seed));
  }

  private static double before(List<Tied> looks, List<String> causes, long seed) {
    Map<Emulator, List<Seen>> tests = new LinkedHashMap<>();
    looks.forEach(
        l ->
            tests
                .computeIfAbsent(l.emulator(), e -> new ArrayList<>())
                .addAll(l.tests().stream().map(Test::seen).toList()));
    return BeforeTests.asLikely(tests, causes, seed);
  }

  /**
   * Whether the estimate does not understand these flies: their tests do not agree with each other,
   * or only about materials that nobody would have thought possible.
   */
  public boolean isMisfit() {
    return Judged.isMisfit(judged) || before < Judged.MISFIT;
  }

  /** The same with its tests judged. */
  Calibration with(List<Judged> others) {
    return new Calibration(draws, causes, effective, agreement, others, before);
  }

  /** One test by what all others foretell of it. */
  private static Judged judged(
      List<Tied> looks,
      List<String> causes,
      int of,
      int test,
      String id,
      Effort effort,
      long seed,
      Work work) {
    List<Tied> without = new ArrayList<>(looks);
    without.set(of, looks.get(of).without(test));
    AllEvidence all = new AllEvidence(without, causes);
    Sampler others = Sampler.roughly(causes.size(), effort.fewDraws(), seed, all::log, work);
    Emulator emulator = looks.get(of).emulator();
    Seen seen = looks.get(of).tests().get(test).seen();
    return Judged.of(id, seen, emulator, ownOf(emulator, causes, others.draws()), seed);
  }

  /** Each of these tests by the others, where the flies were run before. */
  static List<Judged> judged(List<Seen> seen, List<Emulator> emulators, long seed) {
    List<Tied> looks = looks(seen, emulators);
    List<String> causes = causes(looks);
    List<Judged> judged = new ArrayList<>();
    for (int i = 0; i < looks.size(); i++) {
      judged.add(
          judged(looks, causes, i, 0, "test " + i, Effort.USUAL, seed + i, Work.unwatched()));
    }
    return judged;
  }

  private static List<Tied> looks(List<Seen> seen, List<Emulator> emulators) {
    List<Tied> looks = new ArrayList<>();
    for (int i = 0; i < emulators.size(); i++) {
      looks.add(new Tied(null, emulators.get(i), List.of(new Test(seen.get(i), Optional.empty()))));
    }
    return looks;
  }

  /** The same where the flies were run before: no second look, and no test is judged. */
  static Calibration of(List<Seen> seen, List<Emulator> emulators, int draws, long seed) {
    List<Tied> looks = looks(seen, emulators);
    List<String> causes = causes(looks);
    Sampler sampled = sampled(looks, causes, draws, seed, Work.unwatched());
    double before = before(looks, causes, seed);
    return new Calibration(sampled.draws(), causes, sampled.effective(), 1, List.of(), before);
  }

  private static List<String> causes(List<Tied> looks) {
    Set<String> all = new TreeSet<>();
    looks.forEach(l -> all.addAll(l.emulator().causes()));
    all.add(Learnt.WETTING);
    return List.copyOf(all);
  }

  private static Sampler sampled(
      List<Tied> looks, List<String> causes, int draws, long seed, Work work) {
    AllEvidence all = new AllEvidence(looks, causes);
    return Sampler.of(causes.size(), draws, seed, all::log, work);
  }

  /** All that was seen, of the deviates of all causes. */
  private static final class AllEvidence {
    private final List<Evidence> evidence;
    private final List<int[]> places;
    private final int wetting;

    AllEvidence(List<Tied> looks, List<String> causes) {
      this.evidence = looks.stream().map(Tied::evidence).toList();
      this.places = evidence.stream().map(e -> places(e.emulator(), causes)).toList();
      this.wetting = causes.indexOf(Learnt.WETTING);
    }

    double log(double[] z) {
      double log = 0;
      for (int i = 0; i < places.size(); i++) {
        log += evidence.get(i).log(ownOf(places.get(i), z), z[wetting]);
      }
      return log;
    }
  }

  private static int[] places(Emulator emulator, List<String> causes) {
    return emulator.causes().stream().mapToInt(causes::indexOf).toArray();
  }

  private static double[] ownOf(int[] places, double[] z) {
    double[] own = new double[places.length];
    for (int k = 0; k < own.length; k++) {
      own[k] = z[places[k]];
    }
    return own;
  }

  private static double[][] ownOf(Emulator emulator, List<String> causes, double[][] draws) {
    int[] places = places(emulator, causes);
    return Arrays.stream(draws).map(z -> ownOf(places, z)).toArray(double[][]::new);
  }

  private static Map<String, Double> by(List<String> causes, double[] z) {
    Map<String, Double> by = new LinkedHashMap<>();
    for (int k = 0; k < z.length; k++) {
      by.put(causes.get(k), z[k]);
    }
    return by;
  }

  /**
   * Draws of the first look, weighed by how much likelier or less likely the second finds them
   * (Kong, Liu & Wong, J. Am. Stat. Assoc. 89 (1994) 278).
   */
  private static double agreement(
      List<Tied> first, List<Tied> second, List<String> causes, Sampler once) {
    AllEvidence before = new AllEvidence(first, causes);
    AllEvidence after = new AllEvidence(second, causes);
    double[] logs =
        Arrays.stream(once.draws()).mapToDouble(z -> after.log(z) - before.log(z)).toArray();
    double most = StatUtils.max(logs);
    double sum = 0;
    double squares = 0;
    for (double log : logs) {
      double weight = Math.exp(log - most);
      sum += weight;
      squares += weight * weight;
    }
    return sum * sum / squares / logs.length;
  }

  /** Whether the draws are worth enough to be believed. */
  public boolean isBelievable() {
    return effective >= LEAST_EFFECTIVE;
  }

  /**
   * What was learnt, without what no test moved; empty where that is all, or where the draws are
   * not to be believed.
   *
   * @param id of it; it enters whatever is kept of answers
   */
  public Optional<Learnt> learnt(String id, int tests) {
    List<String> moved = new ArrayList<>();
    List<Integer> columns = new ArrayList<>();
    for (int k = 0; k < causes.size(); k++) {
      double[] all = column(k);
      double spread = Math.sqrt(StatUtils.variance(all));
      if (spread < SAME_SPREAD || Math.abs(StatUtils.mean(all)) > SAME_MEAN) {
        moved.add(causes.get(k));
        columns.add(k);
      }
    }
    if (moved.isEmpty() || !isBelievable()) {
      return Optional.empty();
    }
    double[][] kept =
        Arrays.stream(draws)
            .map(z -> columns.stream().mapToDouble(k -> z[k]).toArray())
            .toArray(double[][]::new);
    return Optional.of(new Learnt(id, tests, moved, kept));
  }

  double[] column(int k) {
    return Arrays.stream(draws).mapToDouble(z -> z[k]).toArray();
  }

  /** Work told as one way to its end. */
  private static final class Steps implements Work {
    private final int total;
    private final Work work;
    private int before;

    Steps(int total, Work work) {
      this.total = total;
      this.work = work;
    }

    void next(int done) {
      before += done;
    }

    @Override
    public boolean cancelled() {
      return work.cancelled();
    }

    @Override
    public void progress(int completed, int ofThis) {
      work.progress(before + completed, total);
    }
  }
}
