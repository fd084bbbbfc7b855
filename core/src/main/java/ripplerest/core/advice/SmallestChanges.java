package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.StepName;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Rates;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.WhatIfs.WhatIf;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Together;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/**
 * The smallest changes to a fly that reach an outcome: single changes in order of effort, one of a
 * kind; then, where fewer than {@link #ENOUGH} do, the most helpful ones two by two. What is found
 * is put on the water again for its new numbers. It is a search of what a style ties, not a proof
 * that nothing smaller exists.
 *
 * @param goal what was wanted
 * @param now how the fly sits
 * @param have how much of it the fly has as it is, in the goal's unit
 * @param reached whether it is there already
 * @param changes that reach it, the smallest first
 * @param nearest the change that comes nearest, where none reaches it
 * @param tried flies put on the water
 */
public record SmallestChanges(
    Goal goal,
    RestSummary now,
    double have,
    boolean reached,
    List<Change> changes,
    Optional<Change> nearest,
    int tried) {
  /** Changes after which the search ends. */
  private static final int ENOUGH = 3;

  /** Single changes that are taken two by two. */
  private static final int PAIRED = 5;

  /** Flies put on the water at most: quick ones, and those that take many landings or hours. */
  private static final int MOST = 120;

  private static final int MOST_SLOW = 24;
  private static final int CASTS = 120;

  /** Flies put on the water at a time; fixed, so that the same fly gets the same answer. */
  private static final int AT_ONCE = 4;

  /** Far from any goal. */
  private static final double NOWHERE = 1e6;

  /**
   * A change that was tried.
   *
   * @param words what is changed
   * @param pattern with the change made
   * @param sits how it sits then
   * @param have how much of what was wanted it has
   * @param effort of the change; 1 goes through all that the style ties
   * @param without how it sits then without what it loses most without; empty where it does not
   *     rest
   */
  public record Change(
      String words,
      SizedPattern pattern,
      RestSummary sits,
      double have,
      double effort,
      Optional<WhatIf> without) {}

  public SmallestChanges {
    changes = List.copyOf(changes);
  }

  /** Searches; takes seconds, and for landings and for lasting up to a minute. */
  public static SmallestChanges of(PreparedFly fly, Goal goal, Work work) {
    return new Search(fly, goal, work).run();
  }

  /** How much a fly has of what is wanted, and how far it is from it: 0 is there. */
  private record Found(double have, double off) {}

  /** One search under way. */
  private static final class Search {
    private final PreparedFly fly;
    private final Goal goal;
    private final Work work;
    private final RestSummary now;
    private final int most;
    private int tried;

    Search(PreparedFly fly, Goal goal, Work work) {
      this.fly = fly;
      this.goal = goal;
      this.work = work;
      this.now = RestSummary.of(fly);
      boolean slow = goal.wanted() == Goal.Wanted.LAND_UPRIGHT || goal.wanted() == Goal.Wanted.LAST;
      this.most = slow ? MOST_SLOW : MOST;
    }

    SmallestChanges run() {
      tried = 1;
      Found here = evaluate(fly, OptionalDouble.empty());
      OptionalDouble start = OptionalDouble.of(here.have());
      if (off(here.have(), now, start) == 0) {
        return new SmallestChanges(
            goal, now, here.have(), true, List.of(), Optional.empty(), tried);
      }
      Map<List<Move>, Found> found = new LinkedHashMap<>();
      List<List<Move>> there = singles(found, start);
      if (there.size() < ENOUGH) {
        there.addAll(pairs(found, there, start));
      }
      List<Change> changes = new ArrayList<>();
      for (List<Move> moves : there.subList(0, Math.min(ENOUGH, there.size()))) {
        changes.add(change(moves, found.get(moves)));
      }
      changes.sort(Comparator.comparingDouble(Change::effort));
      Optional<Change> nearest =
          changes.isEmpty()
              ? found.entrySet().stream()
                  .filter(e -> e.getValue().off() < NOWHERE)
                  .min(Comparator.comparingDouble(e -> e.getValue().off()))
                  .map(e -> change(e.getKey(), e.getValue()))
              : Optional.empty();
      return new SmallestChanges(goal, now, here.have(), false, changes, nearest, tried);
    }

    /** The smallest change of each field that gets there. */
    private List<List<Move>> singles(Map<List<Move>, Found> found, OptionalDouble start) {
      List<List<Move>> there = new ArrayList<>();
      List<Move> candidates = Moves.of(fly.pattern(), fly.sized().style(), fly.materials());
      if (most == MOST_SLOW) {
        candidates = promising(candidates);
      }
      return firsts(candidates.stream().map(List::of).toList(), found, ENOUGH, start);
    }

    /** The first of these to get there for each set of fields, so many at most. */
    private List<List<Move>> firsts(
        List<List<Move>> candidates,
        Map<List<Move>, Found> found,
        int enough,
        OptionalDouble start) {
      List<List<Move>> there = new ArrayList<>();
      Set<String> done = new HashSet<>();
      List<List<Move>> left = new ArrayList<>(candidates);
      while (!left.isEmpty() && tried < most && there.size() < enough) {
        left.removeIf(moves -> done.contains(fields(moves)));
        List<List<Move>> some = List.copyOf(left.subList(0, Math.min(AT_ONCE, left.size())));
        left.subList(0, some.size()).clear();
        evaluate(some, found, start);
        for (List<Move> moves : some) {
          boolean reaches = found.containsKey(moves) && found.get(moves).off() == 0;
          if (reaches && done.add(fields(moves))) {
            there.add(moves);
          }
        }
      }
      return there;
    }

    private static String fields(List<Move> moves) {
      return moves.stream().map(m -> m.what()).toList().toString();
    }

    /** Where an evaluation takes long: the few that bear the most by the quick measure. */
    private List<Move> promising(List<Move> moves) {
      List<Optional<Double>> promises =
          Together.map(
              moves,
              move -> {
                work.throwIfCancelled();
                return with(List.of(move)).map(other -> promise(other, move));
              });
      Map<Move, Double> bears = new HashMap<>();
      for (int i = 0; i < moves.size(); i++) {
        Move move = moves.get(i);
        promises.get(i).ifPresent(promise -> bears.put(move, promise));
      }
      return moves.stream()
          .filter(bears::containsKey)
          .sorted(Comparator.comparingDouble((Move m) -> -bears.get(m)))
          .limit(MOST_SLOW / 2)
          .sorted(Comparator.comparingDouble(Move::effort))
          .toList();
    }

    private double promise(PreparedFly other, Move move) {
      RestSummary sits = RestSummary.of(other);
      boolean alike = sits.posture().equals(now.posture());
      return (alike ? 1 : 0.5) * sits.sinksAt() / (0.2 + move.effort());
    }

    private List<List<Move>> pairs(
        Map<List<Move>, Found> found, List<List<Move>> there, OptionalDouble start) {
      List<Move> best =
          found.entrySet().stream()
              .filter(e -> !there.contains(e.getKey()))
              .sorted(Comparator.comparingDouble(e -> e.getValue().off()))
              .map(e -> e.getKey().get(0))
              .limit(3 * PAIRED)
              .toList();
      List<List<Move>> pairs = new ArrayList<>();
      for (Move a : best) {
        for (Move b : best) {
          boolean first = best.indexOf(a) < best.indexOf(b);
          if (first && !a.meets(b)) {
            pairs.add(List.of(a, b));
          }
        }
      }
      pairs.sort(Comparator.comparingDouble(Search::effort));
      return firsts(pairs, found, ENOUGH - there.size(), start);
    }

    private static double effort(List<Move> moves) {
      return moves.stream().mapToDouble(Move::effort).sum();
    }

    private Optional<PreparedFly> with(List<Move> moves) {
      Pattern changed = fly.pattern();
      try {
        for (Move move : moves) {
          changed = move.on(changed);
        }
        return Optional.of(fly.with(changed));
      } catch (OutOfRangeException e) {
        return Optional.empty(); // cannot be tied
      }
    }

    /** Puts changes on the water; those that cannot be tied are left out. */
    private void evaluate(
        List<List<Move>> changes, Map<List<Move>, Found> all, OptionalDouble start) {
      work.throwIfCancelled();
      List<Optional<Found>> found =
          Together.map(changes, m -> with(m).map(other -> evaluate(other, start)));
      for (int i = 0; i < changes.size(); i++) {
        List<Move> moves = changes.get(i);
        found.get(i).ifPresent(f -> all.put(moves, f));
      }
      tried += changes.size();
      work.progress(Math.min(tried, most), most);
    }

    private Found evaluate(PreparedFly other, OptionalDouble start) {
      RestSummary sits = RestSummary.posed(other);
      double have =
          switch (goal.wanted()) {
            case FLUSH -> Math.max(Math.abs(sits.eyeMm()), Math.abs(sits.bendMm()));
            case HIGHER -> (sits.eyeMm() + sits.bendMm()) / 2;
            case HANG -> sits.pitchDeg();
            case UNDER -> RestSummary.of(other).sinksAt();
            case SEEN -> Seen.areaMm2(other);
            case CARRY -> Answers.carry(other, quiet()).carry().mg();
            case LAND_UPRIGHT -> upright(other, sits);
            case LAST -> minutes(other);
          };
      return new Found(have, start.isEmpty() ? NOWHERE : off(have, sits, start));
    }

    private double off(double have, RestSummary sits, OptionalDouble start) {
      if (goal.wanted() == Goal.Wanted.UNDER) {
        return sits.outcome() == Outcome.SINKS ? 0 : 0.01 + have;
      }
      if (sits.posture().isEmpty()) {
        return NOWHERE;
      }
      boolean alike = sits.posture().equals(now.posture());
      return switch (goal.wanted()) {
        case FLUSH -> sits.posture().get() == Posture.FLUSH ? 0 : 0.1 + have;
        case HIGHER -> alike ? Math.max(0, start.orElseThrow() + goal.amount() - have) : NOWHERE;
        case HANG -> {
          double turn = Math.max(0, Math.abs(have - goal.amount()) - Goal.ANGLE_WITHIN);
          yield turn + (sits.posture().get() == Posture.HANGING ? 0 : 10);
        }
        case UNDER -> NOWHERE;
        case SEEN -> alike ? Math.max(0, start.orElseThrow() * goal.amount() - have) : NOWHERE;
        case CARRY, LAND_UPRIGHT -> Math.max(0, goal.amount() - have);
        case LAST ->
            have >= FloatOverTime.LAST_MINUTE // longer than is told
                ? 0
                : Math.max(0, start.orElseThrow() * goal.amount() - have);
      };
    }

    /** Casts of ten that come to rest as an upright landing does. */
    private double upright(PreparedFly other, RestSummary sits) {
      if (sits.posture().isEmpty()) {
        return 0;
      }
      LandingShares shares = Answers.landing(other, CASTS, 1, quiet());
      return 10 * shares.of(sits.posture().get()).share();
    }

    private double minutes(PreparedFly other) {
      FloatOverTime over =
          FloatOverTime.of(
              FloatOverTime.floats(other, quiet()),
              Rates.usual(Stretch.RIFFLE, other.conditions()).taught(other.materials()),
              1);
      return over.medianMinutes().orElse(FloatOverTime.LAST_MINUTE);
    }

    /** Work whose own steps are not told, but which ends with this one. */
    private Work quiet() {
      return Work.until(work::cancelled);
    }

    private Change change(List<Move> moves, Found found) {
      PreparedFly changed = with(moves).orElseThrow();
      Conditions water = fly.conditions();
      String words =
          moves.stream().allMatch(m -> m.words().isPresent())
              ? moves.stream().map(m -> m.words().get()).collect(Collectors.joining(", "))
              : StepName.of(fly.pattern(), water, changed.pattern(), water);
      RestSummary sits = RestSummary.of(changed);
      Optional<WhatIf> without =
          WhatIfs.mainstay(changed, work)
              .map(parts -> new WhatIf(parts, WhatIfs.without(changed, parts)));
      return new Change(words, changed.sized(), sits, found.have(), effort(moves), without);
    }
  }
}
