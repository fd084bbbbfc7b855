package ripplerest.app.evening;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import ripplerest.core.box.Flies;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.evening.Request;
import ripplerest.evening.Schedule;

/**
 * Evenings at the vise as they are kept.
 *
 * @param evenings free, by day
 * @param wants flies that are to be tied
 * @param slots flies in the order in which they are tied, evening by evening
 * @param byStock whether what the drawer does not have cannot be tied
 * @param left what did not fit when it was planned, and why
 * @param why it was planned so
 * @param plannedOf the evenings and wants that it was planned for, so that what changed since shows
 */
public record EveningPlan(
    List<FreeEvening> evenings,
    List<Want> wants,
    List<Slot> slots,
    boolean byStock,
    List<Schedule.LeftOut> left,
    List<String> why,
    String plannedOf) {
  static final EveningPlan EMPTY =
      new EveningPlan(List.of(), List.of(), List.of(), false, List.of(), List.of(), "");

  private static final int MOST_WANTS = 60;

  /** An evening that is free. */
  public record FreeEvening(String id, LocalDate day, LocalTime from, int minutes) {
    public FreeEvening {
      Require.text("evening", Require.sent("id", id), 60);
      Require.sent("day", day);
      Require.sent("from", from);
      Require.inRange("minutes", minutes, 10, 720);
    }

    LocalDateTime begins() {
      return day.atTime(from);
    }

    LocalDateTime ends() {
      return begins().plusMinutes(minutes);
    }
  }

  /**
   * Flies that are wanted.
   *
   * @param outing id of the outing that lacks them; empty for none
   * @param from first day on which what they need is there
   * @param due last day on which they are of use
   * @param worth of one, 1 to 100: what is worth least is left out first
   */
  public record Want(
      String id, Flies flies, int count, String outing, LocalDate from, LocalDate due, int worth) {
    public Want {
      Require.text("want", Require.sent("id", id), 60);
      Require.sent("flies", flies);
      Require.inRange("count", count, 1, 99);
      outing = outing == null ? "" : outing;
      Require.sent("from", from);
      Require.sent("due", due);
      Require.inRange("worth", worth, 1, 100);
    }
  }

  /**
   * One fly in an evening.
   *
   * @param pinned whether a hand put it there
   * @param fly its entry in the log; null before it is tied
   */
  public record Slot(String evening, String want, boolean pinned, UUID fly) {
    public Slot {
      Require.sent("evening", evening);
      Require.sent("want", want);
    }

    Slot tied(UUID as) {
      return new Slot(evening, want, pinned, as);
    }
  }

  public EveningPlan {
    evenings = evenings == null ? List.of() : List.copyOf(evenings);
    wants = wants == null ? List.of() : List.copyOf(wants);
    slots = slots == null ? List.of() : List.copyOf(slots);
    left = left == null ? List.of() : List.copyOf(left);
    why = why == null ? List.of() : List.copyOf(why);
    plannedOf = plannedOf == null ? "" : plannedOf;
    Require.inRange("evenings", evenings.size(), 0, Request.MOST_EVENINGS);
    Require.inRange("wants", wants.size(), 0, MOST_WANTS);
    Require.inRange(
        "flies wanted", wants.stream().mapToInt(Want::count).sum(), 0, Request.MOST_FLIES);
    once("evenings", evenings.stream().map(FreeEvening::id));
    once("wants", wants.stream().map(Want::id));
  }

  private static void once(String field, Stream<String> ids) {
    List<String> all = ids.toList();
    if (all.stream().distinct().count() < all.size()) {
      throw new OutOfRangeException(field, "the same id twice", "each once", "Give each its own.");
    }
  }

  /** What a plan is made for. */
  String asked() {
    return evenings + " " + wants + " " + byStock;
  }

  /** What a hand changes; slots of evenings or wants that are gone go with them. */
  EveningPlan changed(
      List<FreeEvening> newEvenings, List<Want> newWants, List<Slot> newSlots, boolean newByStock) {
    List<FreeEvening> byDay =
        newEvenings.stream()
            .sorted(
                java.util.Comparator.comparing(FreeEvening::begins).thenComparing(FreeEvening::id))
            .toList();
    List<String> evening = byDay.stream().map(FreeEvening::id).toList();
    List<String> want = newWants.stream().map(Want::id).toList();
    java.util.Map<String, Integer> room = new java.util.HashMap<>();
    newWants.forEach(w -> room.put(w.id(), w.count()));
    List<Slot> kept =
        newSlots.stream()
            .filter(s -> evening.contains(s.evening()) && want.contains(s.want()))
            .filter(s -> room.merge(s.want(), -1, Integer::sum) >= 0)
            .sorted(java.util.Comparator.comparingInt(s -> evening.indexOf(s.evening())))
            .toList();
    return new EveningPlan(byDay, newWants, kept, newByStock, left, why, plannedOf);
  }

  EveningPlan with(List<Slot> others) {
    return new EveningPlan(evenings, wants, others, byStock, left, why, plannedOf);
  }

  EveningPlan planned(
      List<Slot> found, List<Schedule.LeftOut> leftOut, List<String> because, String of) {
    return new EveningPlan(evenings, wants, found, byStock, leftOut, because, of);
  }
}
