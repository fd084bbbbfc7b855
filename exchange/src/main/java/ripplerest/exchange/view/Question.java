package ripplerest.exchange.view;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.advice.FootprintMatch;
import ripplerest.core.advice.Goal;
import ripplerest.core.advice.SizeRun;
import ripplerest.core.advice.SmallestChanges;
import ripplerest.core.advice.Substitutes;
import ripplerest.core.advice.WantedSupport;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Floats;
import ripplerest.core.drift.Rates;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Natural;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.rest.Casts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tying.Amounts;
import ripplerest.core.water.Conditions;

/** What can be asked of a fly beside its pose; each takes a second or so. */
public enum Question {
  /** The whole estimate: film reserve, other rests, footprint, bands. */
  WHOLE,
  WHAT_IF,
  LANDING,
  CARRY,
  OVER_TIME,
  /** How much of everything the fly takes. */
  AMOUNTS,
  SIZE_RUN,
  /** What could stand in for a part's material, or for the hook. */
  SUBSTITUTES,
  /** How many of a part reach a film reserve. */
  SUPPORT,
  /** The fly's footprint beside a natural's. */
  FOOTPRINT,
  /** The smallest changes that reach an outcome. */
  GOAL;

  private static final String HOOK = "hook";

  /** Most casts that a landing may be drawn from. */
  public static final int MOST_CASTS = 5000;

  /** The answer, as the line that ends a stream of them. */
  public AnswerLine answer(
      Ask ask, SizedPattern sized, Materials materials, Conditions conditions, Work work) {
    work.goOn();
    return switch (this) {
      case WHOLE -> {
        Options options =
            new Options(Options.Depth.FULL, ask.seed(), Options.BAND, Mesh.WORKING, work);
        Estimate estimate = Estimator.estimate(sized, materials, conditions, options);
        yield AnswerLine.of(EstimateView.drawn(estimate, materials));
      }
      case WHAT_IF -> AnswerLine.of(WhatIfs.of(sized, materials, conditions, work));
      case LANDING ->
          AnswerLine.of(
              Answers.landing(sized, materials, conditions, ask.casts(), ask.seed(), work),
              Casts.usual(conditions.touchdownFactor()));
      case CARRY ->
          AnswerLine.of(
              Answers.carry(sized, materials, conditions, work), sized, materials, conditions);
      case OVER_TIME -> AnswerLine.of(overTime(sized, materials, conditions, ask.seed(), work));
      case AMOUNTS -> AnswerLine.line(AmountsView.of(Amounts.of(sized, materials)));
      case SIZE_RUN ->
          AnswerLine.line(
              SizeRunView.of(SizeRun.of(sized, materials, conditions, work), materials));
      case SUBSTITUTES ->
          AnswerLine.line(
              SubstitutesView.of(
                  ask.part().equals(HOOK)
                      ? Substitutes.forHook(sized, ask.ownHooks(), materials, conditions, work)
                      : Substitutes.forPart(
                          sized, index(ask, sized), materials, conditions, work)));
      case SUPPORT ->
          AnswerLine.line(
              SupportedView.of(
                  WantedSupport.of(
                      sized, index(ask, sized), ask.reserve(), materials, conditions, work)));
      case FOOTPRINT ->
          AnswerLine.line(
              FootprintsView.of(
                  FootprintMatch.of(sized, natural(ask), materials, conditions, work)));
      case GOAL ->
          AnswerLine.line(
              ChangesView.of(
                  SmallestChanges.of(sized, goal(ask), materials, conditions, work),
                  sized,
                  conditions));
    };
  }

  /** Refuses, before any work is done, what this question cannot be asked with. */
  public void check(Ask ask, SizedPattern sized) {
    switch (this) {
      case LANDING -> Require.inRange("casts", ask.casts(), 1, MOST_CASTS);
      case SUBSTITUTES -> {
        if (!ask.part().equals(HOOK)) {
          index(ask, sized);
        }
      }
      case SUPPORT -> WantedSupport.check(sized, index(ask, sized), ask.reserve());
      case FOOTPRINT -> natural(ask);
      case GOAL -> goal(ask);
      default -> {
        // nothing but the fly is needed
      }
    }
  }

  private static int index(Ask ask, SizedPattern sized) {
    List<String> names = sized.pattern().names();
    int index = names.indexOf(ask.part());
    if (index < 0) {
      throw new OutOfRangeException(
          "part", "\"" + ask.part() + "\"", "one of " + names, "Name a part of this pattern.");
    }
    return index;
  }

  private static Natural natural(Ask ask) {
    return ask.natural()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "natural", "missing", "an insect", "Give its body length, order and stage."));
  }

  private static Goal goal(Ask ask) {
    return ask.goal()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "goal", "missing", "an outcome", "Say what is wanted of the fly."));
  }

  private static Map<Stretch, FloatOverTime> overTime(
      SizedPattern sized, Materials materials, Conditions conditions, long seed, Work work) {
    Floats floats = FloatOverTime.floats(sized, materials, conditions, work);
    Map<Stretch, FloatOverTime> byWater = new EnumMap<>(Stretch.class);
    for (Stretch stretch : Stretch.values()) {
      work.goOn();
      Rates rates = Rates.usual(stretch, conditions);
      byWater.put(stretch, FloatOverTime.of(floats, rates, seed));
    }
    return byWater;
  }
}
