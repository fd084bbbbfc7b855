package ripplerest.core.rest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import ripplerest.core.quantity.Together;

/**
 * Looks for every rest of a fly: lands it in attitudes all round the sphere, and in between where
 * the pitching moment at the bottom of the landing changes sign, so that a balance may lie there.
 */
public final class RestSearch {
  private static final int WORKERS = 2;

  private RestSearch() {}

  /**
   * All rests found, in the order in which they were found.
   *
   * @param finders makes a workspace; asked once a worker
   * @param sidesAlike whether left and right of the fly mirror each other
   * @param known rests that need not be found again; not in the result
   * @param cancelled the search ends once it says true
   */
  public static List<Rest> all(
      Supplier<RestFinder> finders,
      double touchdownFactor,
      boolean sidesAlike,
      List<Rest> known,
      BooleanSupplier cancelled) {
    List<Attitude> starts = Attitude.around(sidesAlike);
    List<List<Rest>> found =
        Together.map(
            IntStream.range(0, WORKERS).boxed().toList(),
            w -> new Worker(finders.get(), touchdownFactor, known, cancelled).land(starts, w));
    List<Rest> all = new ArrayList<>();
    for (List<Rest> some : found) {
      some.stream()
          .filter(r -> all.stream().noneMatch(r::isSameAs))
          .filter(r -> known.stream().noneMatch(r::isSameAs))
          .forEach(all::add);
    }
    return List.copyOf(all);
  }

  /**
   * Takes every other start; which, is fixed, so that the same fly has the same rests each time.
   */
  private static final class Worker {
    private final RestFinder finder;
    private final double factor;
    private final BooleanSupplier cancelled;
    private final List<Rest> rests;

    /** Whether where the upright landing ends is known. */
    private final boolean hasUpright;

    private Attitude lastPitched;
    private double lastTurning;

    Worker(RestFinder finder, double factor, List<Rest> known, BooleanSupplier cancelled) {
      this.finder = finder;
      this.factor = factor;
      this.cancelled = cancelled;
      this.rests = new ArrayList<>(known);
      this.hasUpright = known.stream().anyMatch(r -> r.from().equals(Attitude.UPRIGHT));
    }

    List<Rest> land(List<Attitude> starts, int worker) {
      List<Attitude> mine = new ArrayList<>();
      for (Attitude a : starts) {
        boolean over = Math.abs(a.rollRad()) > Math.PI / 2;
        if (over == (worker == 1)) {
          mine.add(a);
        }
      }
      mine.sort(
          java.util.Comparator.comparingDouble((Attitude a) -> Math.abs(a.rollRad()))
              .thenComparingDouble(Attitude::pitchRad));
      for (Attitude a : mine) {
        from(a);
      }
      return rests;
    }

    private void from(Attitude start) {
      if (cancelled.getAsBoolean()) {
        return;
      }
      Touchdown.Landed landed = finder.press(start, factor);
      double turning = finder.turning(landed);
      boolean isLanded = start.equals(Attitude.UPRIGHT) && hasUpright;
      if (!isLanded) {
        take(finder.letGo(start, landed, rests).rest());
      }
      if (lastPitched != null && lastPitched.rollRad() == start.rollRad()) {
        bracket(lastPitched, lastTurning, start, turning);
      }
      lastPitched = start;
      lastTurning = turning;
    }

    /** Raising pitch below, lowering it above: a balance may lie between. */
    private void bracket(Attitude below, double raising, Attitude above, double lowering) {
      if (raising > 0 && lowering < 0) {
        double share = raising / (raising - lowering);
        double pitch = below.pitchRad() + share * (above.pitchRad() - below.pitchRad());
        Attitude between = new Attitude("where it turns neither way", pitch, above.rollRad());
        take(finder.land(between, factor, rests).rest());
      }
    }

    private void take(Optional<Rest> rest) {
      rest.filter(r -> rests.stream().noneMatch(r::isSameAs)).ifPresent(rests::add);
    }
  }
}
