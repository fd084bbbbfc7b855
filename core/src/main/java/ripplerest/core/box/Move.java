package ripplerest.core.box;

import java.time.LocalDate;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * Some flies that went from one place to another.
 *
 * @param flies which
 * @param from where they were
 * @param to where they are now
 * @param count 1 or more
 * @param day on which
 * @param outing id of the outing on which it was; empty for none
 */
public record Move(Flies flies, Place from, Place to, int count, LocalDate day, String outing) {
  /** Nobody ties more of one fly at once. */
  public static final int MOST = 1000;

  public Move {
    Require.present("flies", flies);
    Require.inRange("count", count, 1, MOST);
    Require.present("day", day);
    Require.present("outing", outing);
    if (from.equals(to)) {
      throw new OutOfRangeException("to", "where they are", "somewhere else", "Choose another.");
    }
    if (to instanceof Place.Vise || !(from instanceof Place.Vise) && !from.holds()) {
      throw new OutOfRangeException(
          "from", "a place that nothing comes back from", "a box or a loan", "Undo that move.");
    }
  }
}
