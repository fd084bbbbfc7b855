package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;

/**
 * How a fly comes to rest in most casts: eight of them, and more for as long as it is not plain
 * which way is the commoner.
 *
 * @param casts how many were made
 * @param ways what came of them, the commonest first
 */
public record Headline(int casts, List<Way> ways) {
  private static final int FIRST = 8;
  private static final int MOST = 64;

  public Headline {
    ways = List.copyOf(ways);
  }

  /**
   * One way to end.
   *
   * @param sits posture, sunk or not known
   * @param count casts that ended so
   * @param share of all casts, with its error
   */
  public record Way(Sitting sits, int count, LandingShares.Ratio share) {}

  /** Casts a fly; same seed, same answer. */
  static Headline of(PreparedFly fly, List<Rest> known, long seed, Work work) {
    Map<Sitting, Integer> counts = new TreeMap<>();
    Headline so = new Headline(0, List.of());
    for (int next = FIRST; so.casts < MOST; next = so.casts) {
      LandingShares more =
          LandingShares.draw(
              fly::finder,
              Casts.usual(fly.conditions().touchdownFactor()),
              next,
              seed + so.casts,
              known,
              done -> {},
              work::cancelled);
      work.throwIfCancelled();
      more.shares()
          .forEach(s -> counts.merge(Sitting.of(s.rest().posture()), s.count(), Integer::sum));
      counts.merge(Sitting.SUNK, more.sunk(), Integer::sum);
      counts.merge(Sitting.UNSETTLED, more.unsettled(), Integer::sum);
      so = counted(so.casts + next, counts);
      if (!so.isClose()) {
        return so;
      }
    }
    return so;
  }

  private static Headline counted(int casts, Map<Sitting, Integer> counts) {
    LandingShares all = new LandingShares(casts, List.of(), 0, 0);
    List<Way> ways = new ArrayList<>();
    counts.forEach(
        (sits, count) -> {
          if (count > 0) {
            ways.add(new Way(sits, count, all.ratio(count)));
          }
        });
    ways.sort(Comparator.comparingInt(Way::count).reversed());
    return new Headline(casts, ways);
  }

  /** Whether the two commonest ways are as common as each other, for all that was seen. */
  public boolean isClose() {
    return ways.size() > 1 && ways.get(1).share().high() >= ways.get(0).share().low();
  }
}
