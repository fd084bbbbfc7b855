package ripplerest.app.outings;

import java.time.LocalDate;
import java.util.List;
import ripplerest.core.box.Flies;
import ripplerest.core.box.History;
import ripplerest.core.box.Outing;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * An outing with what was worked out for it, and what came of it.
 *
 * @param lives how long its flies float on its water, as far as that was asked
 * @param report what came of it; empty before it was told
 */
public record OutingEntry(Outing outing, List<Life> lives, List<Brought> report) {
  public OutingEntry {
    Require.present("outing", outing);
    lives = lives == null ? List.of() : List.copyOf(lives);
    report = report == null ? List.of() : List.copyOf(report);
  }

  /**
   * How long one fly floats there.
   *
   * @param dressAgainMinutes when one in five is down; null: later than two hours
   * @param fish that it stands
   * @param lostShare of the hours that dressing it again takes
   */
  public record Life(Flies flies, Double dressAgainMinutes, int fish, double lostShare) {}

  /**
   * What became of the flies of one kind.
   *
   * @param hours that they were fished
   * @param worked what they did, in a tier's words
   */
  public record Brought(Flies flies, double hours, int lost, int chewed, int fish, String worked) {
    public Brought {
      Require.sent("flies", flies);
      worked = worked == null ? "" : worked;
      if (worked.length() > 400) {
        throw new OutOfRangeException(
            "worked", worked.length() + " characters", "at most 400", "Shorten it.");
      }
    }

    History.Fished fished(Outing outing) {
      return new History.Fished(
          outing.water(), outing.day().getMonth(), flies, hours, lost, chewed, fish);
    }
  }

  boolean isOver(LocalDate today) {
    return !report.isEmpty() || outing.day().isBefore(today);
  }

  OutingEntry with(Outing other) {
    boolean same = other.water() == outing.water();
    return new OutingEntry(other, same ? lives : List.of(), report);
  }

  OutingEntry living(List<Life> found) {
    return new OutingEntry(outing, found, report);
  }

  OutingEntry told(List<Brought> brought) {
    return new OutingEntry(outing, lives, brought);
  }
}
