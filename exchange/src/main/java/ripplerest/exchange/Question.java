package ripplerest.exchange;

import java.util.EnumMap;
import java.util.Map;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Floats;
import ripplerest.core.drift.Rates;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/** What can be asked of a fly beside its estimate; each takes a second or more. */
public enum Question {
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
      case LANDING ->
          AnswerLine.of(Answers.landing(sized, materials, conditions, casts, seed, work));
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
      Rates rates = Rates.usual(stretch, conditions.floatant());
      byWater.put(stretch, FloatOverTime.of(floats, rates, seed));
    }
    return byWater;
  }
}
