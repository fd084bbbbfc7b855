package ripplerest.core.drawer;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * Something that lies in the drawer.
 *
 * @param label what its owner calls it, 1 to 80 characters
 * @param kind name in the material table, whose physics it has
 * @param colour as on a part
 * @param ink its own colour, such as a dye's or a faded spool's, red, green and blue of a byte
 *     each; empty: as its colour's name
 * @param place where it lies, up to 80 characters
 * @param pieces whether it is offcuts or prepared pieces, such as cut wings or stacked bunches:
 *     counted one by one, and each serves one part
 * @param amount how much is left, in the unit of {@link #by}; 0 to {@value #MOST}
 * @param low from this amount on it is low
 * @param useBy after this day glue has set and varnish is tough, if it matters
 * @param barbs of its feathers, where a few were measured
 * @param lengthMm usable length of a feather or a piece, mm, where measured
 * @param hookSize of a hook
 * @param note how it came by its colour, or anything else; up to 400 characters
 */
public record Item(
    String label,
    String kind,
    Colour colour,
    OptionalInt ink,
    String place,
    boolean pieces,
    double amount,
    double low,
    Optional<LocalDate> useBy,
    Optional<BarbLengths> barbs,
    OptionalDouble lengthMm,
    OptionalInt hookSize,
    String note) {
  /** More than any drawer holds of anything. */
  public static final double MOST = 1e6;

  private static final int WHITE = 0xffffff;

  public Item {
    Require.text("label", label, 80);
    Require.text("kind", kind, 60);
    Require.present("colour", colour);
    ink.ifPresent(rgb -> Require.inRange("ink", rgb, 0, WHITE));
    atMost("place", place, 80);
    Require.inRange("amount", amount, 0, MOST, "");
    Require.inRange("low", low, 0, MOST, "");
    Require.present("useBy", useBy);
    Require.present("barbs", barbs);
    lengthMm.ifPresent(mm -> Require.inRange("lengthMm", mm, 5, 500, "mm"));
    hookSize.ifPresent(size -> Require.inRange("hookSize", size, 1, 32));
    atMost("note", note, 400);
  }

  private static void atMost(String field, String words, int most) {
    if (Require.sent(field, words).length() > most) {
      throw new OutOfRangeException(
          field, words.length() + " characters", "at most " + most, "Write less.");
    }
  }

  /** What it looks like; empty where nobody said. */
  public OptionalInt looks() {
    return ink.isPresent() ? ink : Shade.of(colour.name());
  }

  /** In what it is counted. */
  public Kept.By by(Materials materials) {
    return pieces ? Kept.By.PIECES : Kept.of(kind, materials).by();
  }

  /** Whether there is little enough of it to buy more. */
  public boolean isLow() {
    return amount <= low;
  }

  /** The same with another amount left. */
  public Item with(double other) {
    return new Item(
        label, kind, colour, ink, place, pieces, other, low, useBy, barbs, lengthMm, hookSize,
        note);
  }
}
