package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.dressing.Part;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Draw;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Deviates;
import ripplerest.core.quantity.Together;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Sitting;

/**
 * One fly put on the water many times through the whole model: what its materials were off by each
 * time, and how it sat.
 *
 * @param causes what its materials may be off by
 * @param all the runs
 * @param followedMg what it bears is not followed further than this, mg: there it bears as much or
 *     more
 */
record Runs(List<String> causes, List<Run> all, double followedMg) {
  /** Runs are of flies that came out lighter and heavier, so the end of the search is no edge. */
  private static final double SURELY = 0.85;

  /**
   * One run.
   *
   * @param deviates of each cause
   * @param sits how it sat
   * @param measures of one that rests
   * @param bearsMg weight hung from its bend that would just put it under, mg; NaN if not asked
   * @param popBackMg mg
   */
  record Run(
      double[] deviates,
      Sitting sits,
      Map<What, Double> measures,
      double bearsMg,
      double popBackMg) {}

  /** How a run's materials are chosen. */
  interface Source {
    /** All that a run has at random goes here, in this order. */
    Deviates deviates(int run, SplittableRandom random);
  }

  /** Runs with materials as they are known, by tests too. */
  static Runs of(PreparedFly fly, int runs, boolean hung, long seed, Work work) {
    return of(fly, runs, hung, seed, (i, random) -> fly.materials().drawn(random), work);
  }

  /**
   * @param runs how many, 50 or more to fit anything to
   * @param hung whether it is asked what it bears
   */
  static Runs of(PreparedFly fly, int runs, boolean hung, long seed, Source source, Work work) {
    List<String> causes = List.copyOf(fly.materials().causes(materials(fly)));
    double share = hung ? shareAtTheBend(fly) : 1;
    SplittableRandom random = new SplittableRandom(seed);
    List<SplittableRandom> sources = new ArrayList<>();
    for (int i = 0; i < runs; i++) {
      sources.add(random.split());
    }
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < runs; i++) {
      order.add(i);
    }
    AtomicInteger done = new AtomicInteger();
    List<Run> all =
        Together.map(
            order,
            i -> {
              work.throwIfCancelled();
              SplittableRandom own = sources.get(i);
              Deviates deviates = source.deviates(i, own);
              Run run = run(Draw.of(fly, deviates, hung, own), deviates, causes, share);
              work.progress(done.incrementAndGet(), runs);
              return run;
            });
    double most = share * fly.body().massMg() * (FilmReserve.MOST - 1);
    return new Runs(causes, all, SURELY * most);
  }

  /** These and more of the same fly. */
  Runs and(Runs more) {
    List<Run> both = new ArrayList<>(all);
    both.addAll(more.all);
    return new Runs(causes, List.copyOf(both), followedMg);
  }

  private static Run run(Draw draw, Deviates deviates, List<String> causes, double share) {
    double[] off = causes.stream().mapToDouble(deviates::of).toArray();
    Map<What, Double> measures = new EnumMap<>(What.class);
    if (draw.rest().isPresent()) {
      measures.put(What.ANGLE, draw.pitchDeg());
      measures.put(What.EYE, draw.eyeMm());
      measures.put(What.BEND, draw.bendMm());
      measures.put(What.POINT, draw.pointMm());
    }
    double bears = share * draw.massMg() * Math.max(0, draw.sinksAt() - 1);
    return new Run(off, draw.sits(), measures, bears, draw.popBackMg());
  }

  /**
   * What hangs from the bend puts a fly under sooner than the same weight all over: by so much, for
   * the fly as it is known. Found once, not in each run.
   */
  private static double shareAtTheBend(PreparedFly fly) {
    RestSummary usual = RestSummary.of(fly);
    double allOver = usual.sinksAtMg() - usual.massMg();
    double hung = Answers.floatsWithMg(fly);
    return allOver > 0 && hung > 0 ? Math.min(1, hung / allOver) : 1;
  }

  /** All that a fly is made of. */
  static Set<String> materials(PreparedFly fly) {
    Set<String> ids = new LinkedHashSet<>(List.of("hook-steel", "thread"));
    for (Part part : fly.pattern().parts()) {
      ids.add(part.material());
      part.tie().with().forEach(feather -> ids.add(feather.material()));
    }
    return ids;
  }
}
