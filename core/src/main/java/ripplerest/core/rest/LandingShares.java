package ripplerest.core.rest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ripplerest.core.quantity.Together;

/**
 * How a fly comes to rest over many landings, drawn from a stated distribution of attitudes.
 *
 * @param throwsMade landings drawn
 * @param shares rests that came about, the most frequent first
 * @param sunk landings after which it sank
 * @param unsettled landings after which no balance was found
 * @param falls every landing by itself
 */
public record LandingShares(
    int throwsMade, List<Share> shares, int sunk, int unsettled, List<Fall> falls) {
  private static final int WORKERS = 2;

  /** Landings after which it is asked whether they are enough. */
  private static final int BATCH = 50;

  /** Standard normal deviate that leaves a tenth on either side. */
  private static final double TENTH = 1.2816;

  /**
   * A rest and how often it came about.
   *
   * @param rest as it was first found
   * @param count landings that came to it
   */
  public record Share(Rest rest, int count) {}

  /**
   * One landing.
   *
   * @param cast how it came down
   * @param sits how it ended
   */
  public record Fall(Casts.Cast cast, Sitting sits) {}

  /**
   * A share with its statistical error.
   *
   * @param share of all landings, 0 to 1
   * @param low lower end of the middle 80 %
   * @param high upper end
   */
  public record Ratio(double share, double low, double high) {
    double width() {
      return high - low;
    }
  }

  public LandingShares {
    shares = List.copyOf(shares);
    falls = List.copyOf(falls);
  }

  /** Share of the landings that came to a posture. */
  public Ratio of(Posture posture) {
    int n = shares.stream().filter(s -> s.rest().posture() == posture).mapToInt(Share::count).sum();
    return ratio(n, throwsMade);
  }

  /**
   * A count as a share: Wilson's interval (E. B. Wilson, J. Am. Stat. Assoc. 22 (1927) 209), which
   * stays inside 0 and 1.
   */
  public static Ratio ratio(int count, int landings) {
    double n = Math.max(1, landings);
    double p = count / n;
    double z = TENTH * TENTH / n;
    double middle = (p + z / 2) / (1 + z);
    double half = TENTH / (1 + z) * Math.sqrt(p * (1 - p) / n + z / (4 * n));
    return new Ratio(p, Math.max(0, middle - half), Math.min(1, middle + half));
  }

  /**
   * Lands a fly many times. Same seed, same answer, however many cores there are. Ends early once
   * every share is known as well as an even one would be after all landings.
   *
   * @param finders makes a workspace; asked once a worker
   * @param casts how it comes down
   * @param count landings at most
   * @param known rests that need not be measured again
   * @param landed told how many landings are done, from any thread
   * @param cancelled the search ends once it says true; what is done by then is returned
   */
  public static LandingShares draw(
      Supplier<RestFinder> finders,
      Casts casts,
      int count,
      long seed,
      List<Rest> known,
      IntConsumer landed,
      BooleanSupplier cancelled) {
    SplittableRandom random = new SplittableRandom(seed);
    List<SplittableRandom> each = IntStream.range(0, count).mapToObj(i -> random.split()).toList();
    AtomicInteger done = new AtomicInteger();
    List<Worker> workers =
        IntStream.range(0, WORKERS).mapToObj(w -> new Worker(finders.get(), known)).toList();
    LandingShares all = new LandingShares(0, List.of(), 0, 0, List.of());
    for (int from = 0; from < count && !all.isAsGoodAs(count); from += BATCH) {
      int start = from;
      int end = Math.min(count, from + BATCH);
      Together.map(
          IntStream.range(0, WORKERS).boxed().toList(),
          w -> {
            for (int i = start + w; i < end && !cancelled.getAsBoolean(); i += WORKERS) {
              workers.get(w).tally().follow(casts.draw(each.get(i)), workers.get(w).finder());
              landed.accept(done.incrementAndGet());
            }
            return w;
          });
      Tally tally = new Tally(known);
      workers.forEach(w -> tally.add(w.tally()));
      all = tally.shares();
    }
    return all;
  }

  private record Worker(RestFinder finder, Tally tally) {
    Worker(RestFinder finder, List<Rest> known) {
      this(finder, new Tally(known));
    }
  }

  /** Whether every share is as well known as an even one would be after so many landings. */
  private boolean isAsGoodAs(int landings) {
    double wide = ratio(landings / 2, landings).width();
    return throwsMade > 0
        && falls.stream()
            .collect(Collectors.groupingBy(Fall::sits, Collectors.counting()))
            .values()
            .stream()
            .allMatch(n -> ratio(n.intValue(), throwsMade).width() <= wide);
  }

  /** Landings counted by where they ended. */
  private static final class Tally {
    final List<Rest> rests;
    private final List<Integer> counts = new ArrayList<>();
    private final List<Fall> falls = new ArrayList<>();
    private int sunk;
    private int unsettled;

    Tally(List<Rest> known) {
      rests = new ArrayList<>(known);
      known.forEach(r -> counts.add(0));
    }

    void follow(Casts.Cast cast, RestFinder finder) {
      Landing landing = cast.land(finder, rests);
      falls.add(new Fall(cast, Sitting.of(landing.outcome(), landing.rest().map(Rest::posture))));
      if (landing.rest().isPresent()) {
        add(landing.rest().get(), 1);
      } else if (landing.outcome() == Outcome.SINKS) {
        sunk++;
      } else {
        unsettled++;
      }
    }

    void add(Tally other) {
      falls.addAll(other.falls);
      sunk += other.sunk;
      unsettled += other.unsettled;
      for (int i = 0; i < other.rests.size(); i++) {
        add(other.rests.get(i), other.counts.get(i));
      }
    }

    private void add(Rest rest, int times) {
      for (int i = 0; i < rests.size(); i++) {
        if (rests.get(i).isSameAs(rest)) {
          counts.set(i, counts.get(i) + times);
          return;
        }
      }
      rests.add(rest);
      counts.add(times);
    }

    LandingShares shares() {
      List<Share> shares = new ArrayList<>();
      for (int i = 0; i < rests.size(); i++) {
        if (counts.get(i) > 0) {
          shares.add(new Share(rests.get(i), counts.get(i)));
        }
      }
      shares.sort(Comparator.comparingInt(Share::count).reversed());
      return new LandingShares(falls.size(), shares, sunk, unsettled, falls);
    }
  }
}
