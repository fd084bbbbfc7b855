package ripplerest.core.box;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import ripplerest.core.drift.Stretch;
import ripplerest.core.hook.Natural;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * A day on the water, as it is planned.
 *
 * @param name of it, or of the water
 * @param day when
 * @param from when it begins
 * @param hours of fishing with these flies
 * @param water its kind
 * @param people who fish from these boxes
 * @param competition whether nobody stops to dress a fly again
 * @param fishPerHour expected, a person
 * @param heaviestG of the fish that are expected, g
 * @param naturals expected
 * @param wanted flies, and what share of the hours each is fished
 * @param boxes ids of those that go along; none: all
 * @param notes free words
 */
public record Outing(
    String name,
    LocalDate day,
    LocalTime from,
    double hours,
    Stretch water,
    int people,
    boolean competition,
    double fishPerHour,
    double heaviestG,
    List<Expected> naturals,
    List<Wanted> wanted,
    List<String> boxes,
    String notes) {
  public static final int MOST_NATURALS = 12;
  public static final int MOST_WANTED = 40;
  private static final int MOST_BOXES = 50;
  private static final int LONGEST_NOTES = 2000;
  private static final LocalDate EARLIEST = LocalDate.of(1950, 1, 1);
  private static final LocalDate LATEST = LocalDate.of(2150, 1, 1);

  /**
   * An insect that is expected.
   *
   * @param words of the tier for it, may be empty
   */
  public record Expected(
      Natural.Order order, Natural.Stage stage, double bodyMm, String shade, String words) {
    public Expected {
      Require.present("order", order);
      Require.present("stage", stage);
      Require.inRange("bodyMm", bodyMm, 2, 50, "mm");
      shade = shade == null ? "" : shade;
      words = words == null ? "" : words;
      atMost("shade", shade, 40);
      atMost("words", words, 80);
    }

    /** As what is matched with a hook. */
    public Natural natural() {
      return new Natural(order, stage, Natural.Sex.UNKNOWN, bodyMm, 0);
    }
  }

  /**
   * Flies that are taken.
   *
   * @param share of the hours in which they are fished, 0.01 to 1
   * @param count how many the tier wants by their own judgement; 0: as many as are reckoned
   */
  public record Wanted(Flies flies, double share, int count) {
    public Wanted {
      Require.present("flies", flies);
      Require.inRange("share", share, 0.01, 1, "of the hours");
      Require.inRange("count", count, 0, Move.MOST);
    }
  }

  public Outing {
    Require.text("name", name, 80);
    Require.present("day", day);
    if (day.isBefore(EARLIEST) || day.isAfter(LATEST)) {
      throw new OutOfRangeException(
          "day", day, "from " + EARLIEST + " to " + LATEST, "Give the day of the outing.");
    }
    Require.present("from", from);
    Require.inRange("hours", hours, 0.5, 24, "h");
    Require.present("water", water);
    Require.inRange("people", people, 1, 20);
    Require.inRange("fishPerHour", fishPerHour, 0, 30, "1/h");
    Require.inRange("heaviestG", heaviestG, 10, 30000, "g");
    naturals = naturals == null ? List.of() : Require.copy("naturals", naturals);
    Require.inRange("naturals", naturals.size(), 0, MOST_NATURALS);
    wanted = wanted == null ? List.of() : Require.copy("wanted", wanted);
    Require.inRange("wanted", wanted.size(), 0, MOST_WANTED);
    if (wanted.stream().map(Wanted::flies).distinct().count() < wanted.size()) {
      throw new OutOfRangeException(
          "wanted", "the same flies twice", "each once", "Add up their shares in one line.");
    }
    boxes = boxes == null ? List.of() : Require.copy("boxes", boxes);
    Require.inRange("boxes", boxes.size(), 0, MOST_BOXES);
    notes = notes == null ? "" : notes;
    atMost("notes", notes, LONGEST_NOTES);
  }

  /** Hours in which all together fish these flies, to the half hour. */
  public double hoursOf(Wanted flies) {
    return Math.rint(2 * hours * people * flies.share()) / 2;
  }

  private static void atMost(String field, String text, int longest) {
    if (text.length() > longest) {
      throw new OutOfRangeException(
          field, text.length() + " characters", "at most " + longest, "Shorten it.");
    }
  }
}
