package ripplerest.exchange;

import java.util.EnumMap;
import java.util.Map;
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
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Casts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/** What can be asked of a fly beside its pose; each takes a second or so. */
public enum Question {
  /** The whole estimate: film reserve, other rests, footprint, bands. */
  WHOLE,
  WHAT_IF,
  LANDING,
  CARRY,
  OVER_TIME;

  /** Most casts that a landing may be drawn from. */
  public static final int MOST_CASTS = 5000;

  /**
   * The answer, as the line that ends a stream of them.
   *
   * @param casts of {@link #LANDING}, 1 to {@value #MOST_CASTS}
   */
  public AnswerLine answer(
      SizedPattern sized,
      Materials materials,
      Conditions conditions,
      int casts,
      long seed,
      Work work) {
    work.goOn();
    return switch (this) {
      case WHOLE -> {
        Options options = new Options(Options.Depth.FULL, seed, Options.BAND, Mesh.WORKING, work);
        Estimate estimate = Estimator.estimate(sized, materials, conditions, options);
        yield AnswerLine.of(EstimateView.drawn(estimate, materials));
      }
      case WHAT_IF -> AnswerLine.of(WhatIfs.of(sized, materials, conditions, work));
      case LANDING ->
          AnswerLine.of(
              Answers.landing(sized, materials, conditions, casts, seed, work),
              Casts.usual(conditions.touchdownFactor()));
      case CARRY -> AnswerLine.of(Answers.carry(sized, materials, conditions, work));
      case OVER_TIME -> AnswerLine.of(overTime(sized, materials, conditions, seed, work));
    };
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
