package ripplerest.core.box;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * Where all flies are, by what became of each: counts are the moves added up, so that none can be
 * lost or made by miscounting.
 */
public final class Whereabouts {
  private final Map<Flies, Map<Place, Integer>> counts = new LinkedHashMap<>();

  private Whereabouts() {}

  /** A number of flies that are alike, in one place. */
  public record Count(Flies flies, Place place, int count) {}

  /**
   * Adds the moves up, the earliest first. Where more went than came, because a tied fly was
   * deleted from the log since, as many went as there were.
   */
  public static Whereabouts of(List<Move> moves) {
    Whereabouts all = new Whereabouts();
    moves.forEach(all::add);
    return all;
  }

  private void add(Move move) {
    Map<Place, Integer> of = counts.computeIfAbsent(move.flies(), f -> new LinkedHashMap<>());
    int count = move.count();
    if (!(move.from() instanceof Place.Vise)) {
      count = Math.min(count, of.getOrDefault(move.from(), 0));
      of.merge(move.from(), -count, Integer::sum);
    }
    of.merge(move.to(), count, Integer::sum);
  }

  /** The same after one more move. */
  public Whereabouts after(Move move) {
    Whereabouts next = new Whereabouts();
    counts.forEach((flies, of) -> next.counts.put(flies, new LinkedHashMap<>(of)));
    next.add(move);
    return next;
  }

  /** Refuses a move that takes more than there is. */
  public void check(Move move) {
    int there = count(move.flies(), move.from());
    if (!(move.from() instanceof Place.Vise) && there < move.count()) {
      throw new OutOfRangeException(
          "count",
          move.count(),
          there == 0 ? "none: there is none there" : "at most the " + there + " that are there",
          "Take fewer, or log what was tied first.");
    }
  }

  /** How many of these are there. */
  public int count(Flies flies, Place place) {
    return counts.getOrDefault(flies, Map.of()).getOrDefault(place, 0);
  }

  /** How many of these are in these boxes. */
  public int inBoxes(Flies flies, Collection<String> boxes) {
    return boxes.stream().mapToInt(box -> count(flies, new Place.In(box))).sum();
  }

  /** All that are somewhere. */
  public List<Count> all() {
    List<Count> all = new ArrayList<>();
    counts.forEach(
        (flies, of) ->
            of.forEach(
                (place, count) -> {
                  if (count > 0) {
                    all.add(new Count(flies, place, count));
                  }
                }));
    return all;
  }
}
