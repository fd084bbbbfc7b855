package ripplerest.evening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * What is to be planned.
 *
 * @param evenings free, in order of their days
 * @param wants flies that are wanted
 * @param stock what there is of each thing, in thousandths of its unit; what is not named does not
 *     run out
 */
public record Request(List<Free> evenings, List<Want> wants, Map<String, Long> stock) {
  public static final int MOST_EVENINGS = 20;
  public static final int MOST_FLIES = 200;

  /**
   * A free evening.
   *
   * @param seconds that are free in it
   * @param held what stays as it is: wants, a fly each, in order; one that {@link Held#fixed} is at
   *     the beginning
   */
  public record Free(String id, LocalDate day, long seconds, List<Held> held) {
    public Free {
      Require.text("evening", id, 60);
      Require.present("day", day);
      Require.inRange("free seconds", seconds, 0, 24 * 3600, "s");
      held = List.copyOf(held);
    }
  }

  /**
   * A fly that a hand put somewhere.
   *
   * @param want which it is one of
   * @param fixed whether it has its place at the very beginning, as one on the vise has; otherwise
   *     others may come before it and between, but those held keep their order
   */
  public record Held(String want, boolean fixed) {}

  /**
   * Flies of one kind that are wanted.
   *
   * @param from first day on which they can be tied
   * @param due last day on which they are of use
   * @param worth of one, against others, 1 to 100
   */
  public record Want(String id, Job job, int count, LocalDate from, LocalDate due, int worth) {
    public Want {
      Require.text("want", id, 200);
      Require.present("job", job);
      Require.inRange("count", count, 1, MOST_FLIES);
      Require.present("from", from);
      Require.present("due", due);
      Require.inRange("worth", worth, 1, 100);
    }
  }

  public Request {
    evenings = List.copyOf(evenings);
    Require.inRange("evenings", evenings.size(), 1, MOST_EVENINGS);
    wants = List.copyOf(wants);
    int flies = wants.stream().mapToInt(Want::count).sum();
    Require.inRange("flies in a plan", flies, 0, MOST_FLIES);
    stock = Map.copyOf(stock);
    for (int i = 1; i < evenings.size(); i++) {
      if (evenings.get(i).day().isBefore(evenings.get(i - 1).day())) {
        throw new OutOfRangeException(
            "evenings", evenings.get(i).day(), "in order of their days", "Sort them.");
      }
    }
  }
}
