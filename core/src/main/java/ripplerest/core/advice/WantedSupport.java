package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Posture;
import ripplerest.core.sizing.SizedPattern;

/**
 * How many plumes, turns, fibres or hairs reach a wanted film reserve.
 *
 * @param part name of the part that was varied
 * @param unit what was counted
 * @param now how many there are
 * @param wanted film reserve, in the fly's own weight
 * @param tried every number that was put on the water, few to many
 * @param enough the fewest found to reach it while the fly sits as it does; empty: none does
 */
public record WantedSupport(
    String part, String unit, int now, double wanted, List<Try> tried, Optional<Integer> enough) {
  /** Numbers tried before the search narrows. */
  private static final int FIRST_TRIES = 7;

  /** A number of them, and how the fly sits with it. */
  public record Try(int number, RestSummary sits) {}

  public WantedSupport {
    tried = List.copyOf(tried);
  }

  /**
   * Searches the numbers that the part allows.
   *
   * @param index of the part; refused if nothing of it is counted
   * @param wanted 1 to {@link FilmReserve#MOST}
   */
  public static WantedSupport of(PreparedFly fly, int index, double wanted, Work work) {
    check(fly.sized(), index, wanted);
    return new Search(fly, index, wanted, work).run();
  }

  /** Refuses an index out of range, a part that is not counted, and a reserve out of range. */
  public static void check(SizedPattern sized, int index, double wanted) {
    Require.inRange("reserve", wanted, 1, FilmReserve.MOST, "times its own weight");
    Require.inRange("part", index, 0, sized.pattern().parts().size() - 1);
    Part part = sized.pattern().parts().get(index);
    if (counted(part).isEmpty()) {
      throw new OutOfRangeException(
          "part",
          part.kind(),
          "one that is counted in plumes, fibres, hairs or turns",
          "Choose a wing, a tail or a hackle.");
    }
  }

  /** The field of a part by which it holds more, if it has one. */
  public static Optional<PartKind.Field> counted(Part part) {
    return PartKind.of(part).fields().stream().filter(PartKind.Field::isCounted).findFirst();
  }

  /** One search under way. */
  private static final class Search {
    private final PreparedFly fly;
    private final int index;
    private final Part part;
    private final PartKind.Field field;
    private final double wanted;
    private final Work work;
    private final TreeMap<Integer, RestSummary> tried = new TreeMap<>();

    Search(PreparedFly fly, int index, double wanted, Work work) {
      this.fly = fly;
      this.index = index;
      this.part = fly.pattern().parts().get(index);
      this.field = counted(part).orElseThrow();
      this.wanted = wanted;
      this.work = work;
    }

    WantedSupport run() {
      int now = (int) Math.round(number(PartKind.of(part).values(part).get(field.name())));
      int low = (int) Math.ceil(field.low());
      int high = (int) Math.floor(field.high());
      Optional<Posture> posture = at(now).posture();
      for (int i = 0; i < FIRST_TRIES; i++) {
        at((int) Math.round(low + i * (high - low) / (FIRST_TRIES - 1.0)));
      }
      Optional<Integer> enough = fewest(posture);
      while (enough.isPresent() && below(enough.get()) < enough.get() - 1) {
        int before = below(enough.get());
        at((before + enough.get()) / 2);
        enough = fewest(posture);
      }
      List<Try> all = new ArrayList<>();
      tried.forEach((n, sits) -> all.add(new Try(n, sits)));
      String name = fly.pattern().names().get(index);
      return new WantedSupport(name, field.unit(), now, wanted, all, enough);
    }

    private static double number(Object value) {
      return ((Number) value).doubleValue();
    }

    /** The next smaller number that was tried, or one below the least there is. */
    private int below(int number) {
      Integer lower = tried.lowerKey(number);
      return lower == null ? number - 1 : lower;
    }

    private Optional<Integer> fewest(Optional<Posture> posture) {
      return tried.entrySet().stream()
          .filter(e -> posture.isEmpty() || e.getValue().posture().equals(posture))
          .filter(e -> e.getValue().keepsPostureTo() >= wanted)
          .map(java.util.Map.Entry::getKey)
          .min(Comparator.naturalOrder());
    }

    private RestSummary at(int number) {
      return tried.computeIfAbsent(
          number,
          n -> {
            work.throwIfCancelled();
            Part changed = part.with(field.name(), (double) n);
            RestSummary sits = RestSummary.of(fly.with(fly.pattern().withPart(index, changed)));
            work.progress(Math.min(tried.size() + 1, 2 * FIRST_TRIES), 2 * FIRST_TRIES);
            return sits;
          });
    }
  }
}
