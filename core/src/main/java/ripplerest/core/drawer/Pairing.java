package ripplerest.core.drawer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import ripplerest.core.dressing.tie.Lab;

/** Which two feathers match: where a hackle is wound of two, or one pair makes a part. */
public final class Pairing {
  /** Barbs of two that match differ by no more, a share (common practice, no source). */
  private static final double MATCH = 0.05;

  /** Things that are paired with each other, of either. */
  private static final int MOST = 8;

  private static final double BARBS_OFF = 150;

  /** Feathers of one pair that differ more by CIEDE2000 are seen to (assumption). */
  private static final double SEEN_APART = 4;

  private Pairing() {}

  /**
   * Two things that match.
   *
   * @param first place of what the first need is taken from
   * @param second the same for the second; the two may be one where it has two feathers
   * @param barbMm how long barbs of both are, as near to what is wished as both have them; empty
   *     where one of them is not measured
   * @param distance how far both are from what is wished, as of a {@link Pick}
   */
  public record Pair(int first, int second, OptionalDouble barbMm, double distance) {}

  /** Of a part that takes a pair, such as two wings: both also look alike. */
  public static List<Pair> of(Need pair, List<Item> drawer) {
    Need one = pair.with(pair.amount() / 2);
    return of(one, one, drawer).stream()
        .filter(p -> p.first() <= p.second())
        .filter(p -> alike(drawer.get(p.first()), drawer.get(p.second())))
        .toList();
  }

  /** Whether nobody sees that two differ. */
  private static boolean alike(Item one, Item other) {
    if (one.colour().marking() != other.colour().marking()) {
      return false;
    }
    if (one.looks().isEmpty() || other.looks().isEmpty()) {
      return one.equals(other);
    }
    Lab first = Lab.of(one.looks().getAsInt());
    return first.difference(Lab.of(other.looks().getAsInt())) < SEEN_APART;
  }

  /** All that fit both needs and match, the nearest first. */
  public static List<Pair> of(Need one, Need other, List<Item> drawer) {
    List<Pair> pairs = new ArrayList<>();
    for (Pick first : fitting(one, drawer)) {
      for (Pick second : fitting(other, drawer)) {
        boolean enough =
            first.place() != second.place()
                || drawer.get(first.place()).amount() >= one.amount() + other.amount();
        if (enough) {
          pair(first, second, one, drawer).ifPresent(pairs::add);
        }
      }
    }
    pairs.sort(Comparator.comparingDouble(Pair::distance));
    return List.copyOf(pairs);
  }

  private static List<Pick> fitting(Need need, List<Item> drawer) {
    return Picking.of(need, drawer).stream().filter(Pick::fits).limit(MOST).toList();
  }

  private static Optional<Pair> pair(Pick first, Pick second, Need need, List<Item> drawer) {
    double distance = first.distance() + second.distance();
    Optional<BarbLengths> one = drawer.get(first.place()).barbs();
    Optional<BarbLengths> other = drawer.get(second.place()).barbs();
    if (one.isEmpty() || other.isEmpty() || need.barbMm().isEmpty()) {
      return Optional.of(
          new Pair(
              first.place(), second.place(), OptionalDouble.empty(), distance + BARBS_OFF / 10));
    }
    double wanted = need.barbMm().getAsDouble();
    return Stream.concat(
            Stream.of(wanted),
            Stream.concat(one.get().measured().stream(), other.get().measured().stream()))
        .filter(mm -> has(one.get(), mm) && has(other.get(), mm))
        .min(Comparator.comparingDouble(mm -> Math.abs(mm - wanted)))
        .map(
            mm ->
                new Pair(
                    first.place(),
                    second.place(),
                    OptionalDouble.of(mm),
                    distance + BARBS_OFF * Math.abs(mm / wanted - 1)));
  }

  private static boolean has(BarbLengths barbs, double mm) {
    return barbs.shareUpTo((1 + MATCH / 2) * mm) > barbs.shareUpTo((1 - MATCH / 2) * mm);
  }
}
