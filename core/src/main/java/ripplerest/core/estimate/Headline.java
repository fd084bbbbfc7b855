package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.LandingShares.Fall;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;

/**
 * How a fly comes to rest in most casts: eight of them, and more for as long as it is not plain
 * which way is the commoner.
 *
 * @param falls every cast that was made
 * @param ways what came of them, the commonest first
 * @param found rests that they came to in postures that were not known before
 */
public record Headline(List<Fall> falls, List<Way> ways, List<Rest> found) {
  private static final int FIRST = 8;
  private static final int MOST = 64;

  public Headline {
    falls = List.copyOf(falls);
    ways = List.copyOf(ways);
    found = List.copyOf(found);
  }

  /**
   * One way to end.
   *
   * @param sits posture, sunk or not known
   * @param count casts that ended so
   * @param share of all casts, with its error
   */
  public record Way(Sitting sits, int count, LandingShares.Ratio share) {}

  /**
   * Casts a fly; same seed, same answer.
   *
   * @param known rests that need not be measured again
   * @param sofar told what is known while more casts are made
   */
  static Headline of(
      PreparedFly fly, List<Rest> known, long seed, Work work, Consumer<Headline> sofar) {
    List<Rest> rests = new ArrayList<>(known);
    Headline so = new Headline(List.of(), List.of(), List.of());
    for (int next = FIRST; ; next = so.casts()) {
      LandingShares more =
          LandingShares.draw(
              fly::finder,
              Casts.usual(fly.conditions().touchdownFactor()),
              next,
              seed + so.casts(),
              rests,
              done -> {},
              work::cancelled);
      work.throwIfCancelled();
      for (LandingShares.Share share : more.shares()) {
        if (rests.stream().noneMatch(r -> r.posture() == share.rest().posture())) {
          rests.add(share.rest());
        }
      }
      List<Fall> falls = new ArrayList<>(so.falls);
      falls.addAll(more.falls());
      so = new Headline(falls, ways(falls), rests.subList(known.size(), rests.size()));
      if (!so.isClose() || so.casts() >= MOST) {
        return so;
      }
      sofar.accept(so);
    }
  }

  private static List<Way> ways(List<Fall> falls) {
    Map<Sitting, List<Fall>> bySitting = falls.stream().collect(Collectors.groupingBy(Fall::sits));
    return bySitting.entrySet().stream()
        .map(e -> way(e.getKey(), e.getValue().size(), falls.size()))
        .sorted(Comparator.comparingInt(Way::count).reversed().thenComparing(Way::sits))
        .toList();
  }

  private static Way way(Sitting sits, int count, int casts) {
    return new Way(sits, count, LandingShares.ratio(count, casts));
  }

  /** How many casts were made. */
  public int casts() {
    return falls.size();
  }

  /** Whether the two commonest ways are as common as each other, for all that was seen. */
  public boolean isClose() {
    return ways.size() > 1 && ways.get(1).share().high() >= ways.get(0).share().low();
  }

  /** What in the cast makes it end one way rather than the other, as far as the casts show it. */
  Optional<WhatDecides> decides(Sitting one, Sitting other) {
    return WhatDecides.of(falls, one, other);
  }
}
