package ripplerest.core.box;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Who has what: flies that were lent and did not come back, nor were told lost or worn out. */
public final class Loans {
  private Loans() {}

  /** Some that are alike, with somebody; {@code since} is the day of the first of them. */
  public record Loan(String to, Flies flies, int count, LocalDate since) {}

  private record Key(String to, Flies flies) {}

  /** Some of one move that are still out. */
  private record Out(int count, LocalDate day) {}

  /**
   * What is out after these moves, the earliest first. What comes back is what went first, so what
   * is still out went last.
   *
   * @return by name, the longest out first
   */
  public static List<Loan> of(List<Move> moves) {
    Map<Key, Deque<Out>> out = new LinkedHashMap<>();
    for (Move move : moves) {
      if (move.from() instanceof Place.Lent from) {
        takeBack(
            out.getOrDefault(new Key(from.to(), move.flies()), new ArrayDeque<>()), move.count());
      }
      if (move.to() instanceof Place.Lent to) {
        out.computeIfAbsent(new Key(to.to(), move.flies()), k -> new ArrayDeque<>())
            .addLast(new Out(move.count(), move.day()));
      }
    }
    List<Loan> loans = new ArrayList<>();
    out.forEach(
        (key, all) -> {
          if (!all.isEmpty()) {
            int count = all.stream().mapToInt(Out::count).sum();
            loans.add(new Loan(key.to(), key.flies(), count, all.getFirst().day()));
          }
        });
    loans.sort(Comparator.comparing(Loan::to).thenComparing(Loan::since));
    return List.copyOf(loans);
  }

  private static void takeBack(Deque<Out> out, int count) {
    int left = count;
    while (left > 0 && !out.isEmpty()) {
      Out first = out.removeFirst();
      if (first.count() > left) {
        out.addFirst(new Out(first.count() - left, first.day()));
      }
      left -= first.count();
    }
  }
}
