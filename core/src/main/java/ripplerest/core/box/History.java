package ripplerest.core.box;

import java.time.Month;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.drift.Stretch;
import ripplerest.core.quantity.Require;

/** What outings brought home: by water and month, and how flies were used up. */
public final class History {
  private static final double LEAST_HOURS = 0.5;

  private History() {}

  /**
   * What became of one kind of flies on an outing that is over.
   *
   * @param water its kind
   * @param month in which
   * @param hours that they were fished, by all together
   * @param lost in trees, fish and the river
   * @param chewed worn out
   * @param fish that they caught
   */
  public record Fished(
      Stretch water, Month month, Flies flies, double hours, int lost, int chewed, int fish) {
    public Fished {
      Require.present("water", water);
      Require.present("month", month);
      Require.present("flies", flies);
      Require.inRange("hours", hours, 0, 500, "h");
      Require.inRange("lost", lost, 0, Move.MOST);
      Require.inRange("chewed", chewed, 0, Move.MOST);
      Require.inRange("fish", fish, 0, 10_000);
    }
  }

  /** One kind of flies in one month on one kind of water, all outings together. */
  public record Line(
      Stretch water, Month month, Flies flies, int outings, double hours, int fish, int usedUp) {
    /** Fish an hour; of less than half an hour, as of half an hour. */
    public double fishAnHour() {
      return fish / Math.max(LEAST_HOURS, hours);
    }
  }

  /** By water, month, and the most fish an hour first. */
  public static List<Line> lines(List<Fished> all) {
    record Key(Stretch water, Month month, Flies flies) {}
    Map<Key, List<Fished>> by = new LinkedHashMap<>();
    for (Fished f : all) {
      by.computeIfAbsent(new Key(f.water(), f.month(), f.flies()), k -> new ArrayList<>()).add(f);
    }
    List<Line> lines = new ArrayList<>();
    by.forEach(
        (key, fished) ->
            lines.add(
                new Line(
                    key.water(),
                    key.month(),
                    key.flies(),
                    fished.size(),
                    fished.stream().mapToDouble(Fished::hours).sum(),
                    fished.stream().mapToInt(Fished::fish).sum(),
                    fished.stream().mapToInt(f -> f.lost() + f.chewed()).sum())));
    lines.sort(
        Comparator.comparing(Line::water)
            .thenComparing(Line::month)
            .thenComparing(l -> -l.fishAnHour()));
    return lines;
  }

  /** How flies were used up on this kind of water. */
  public static Wear wear(List<Fished> all, Stretch water) {
    return Wear.of(
        all.stream()
            .filter(f -> f.water() == water)
            .map(f -> new Wear(f.lost(), f.hours(), f.chewed(), f.fish()))
            .toList());
  }
}
