package ripplerest.exchange.view;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Stretch;
import ripplerest.core.quantity.Words;

/** How long it floats, by kind of water. */
public record OverTimeView(List<WaterView> waters) {

  /** Share still up against minutes and false casts on one kind of water; null: later than that. */
  public record WaterView(
      Stretch water,
      List<Double> minutes,
      List<Double> up,
      List<Double> low,
      List<Double> high,
      List<Double> casts,
      LimitView median,
      LimitView dressAgain,
      int fish,
      boolean moreFish,
      double lostMinutes) {}

  /** A time, min. */
  public record LimitView(double minutes) {}

  static OverTimeView of(Map<Stretch, FloatOverTime> byWater) {
    return new OverTimeView(
        byWater.entrySet().stream().map(e -> water(e.getKey(), e.getValue())).toList());
  }

  private static WaterView water(Stretch water, FloatOverTime f) {
    return new WaterView(
        water,
        f.minutes(),
        shares(f.up()),
        shares(f.low()),
        shares(f.high()),
        f.casts().stream().map(v -> Words.rounded(v, 1)).toList(),
        limit(f.medianMinutes()),
        limit(f.dressAgainMinutes()),
        f.fish(),
        f.fish() == FloatOverTime.MOST_FISH,
        Words.rounded(f.lostMinutes(), 0));
  }

  private static List<Double> shares(List<Double> all) {
    return all.stream().map(v -> Words.rounded(v, 3)).toList();
  }

  private static LimitView limit(OptionalDouble minutes) {
    return minutes.isPresent() ? new LimitView(minutes.getAsDouble()) : null;
  }
}
