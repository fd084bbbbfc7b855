package ripplerest.core.dressing.tie;

import java.util.Arrays;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;

/**
 * A colour as a tier names it.
 *
 * @param name free words, at most 40 characters; empty: not said
 * @param marking how it is marked
 * @param second the colour of the marking, or the other of two that are mixed; may be empty
 */
public record Colour(String name, Marking marking, String second) {
  private static final int LONGEST = 40;

  /** Nothing said. */
  public static final Colour NONE = new Colour("", Marking.PLAIN, "");

  /** How a feather, hair or strand is marked. */
  public enum Marking {
    PLAIN,
    /** Bars across the barb. */
    BARRED,
    /** Dark along the stem. */
    DARK_CENTRE,
    /** Pale at the tips. */
    TIPPED,
    MOTTLED,
    SPECKLED,
    /** Two colours mixed or twisted together. */
    MIXED;

    /** The marking of a word as files have it, such as {@code dark-centre}. */
    public static Marking named(String word) {
      return Arrays.stream(values())
          .filter(m -> Words.id(m).equals(word))
          .findFirst()
          .orElseThrow(
              () ->
                  new OutOfRangeException(
                      "marking",
                      "\"" + word + "\"",
                      "one of " + Arrays.stream(values()).map(Words::id).toList(),
                      "Use one of these."));
    }
  }

  public Colour {
    checked("name", name);
    Require.present("marking", marking);
    checked("second", second);
  }

  /** A plain colour. */
  public static Colour of(String name) {
    return new Colour(name, Marking.PLAIN, "");
  }

  public boolean isNone() {
    return equals(NONE);
  }

  /** As it stands before a material's name, such as {@code ginger} or {@code grizzled, barred}. */
  public String words() {
    String with = second.isEmpty() ? "" : " and " + second;
    if (marking == Marking.PLAIN) {
      return name + with;
    }
    String marked = marking.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    return (name + with + (name.isEmpty() && with.isEmpty() ? "" : ", ") + marked).strip();
  }

  private static void checked(String field, String words) {
    if (Require.present(field, words).length() > LONGEST) {
      throw new OutOfRangeException(
          "colour " + field,
          words.length() + " characters",
          "at most " + LONGEST + " characters",
          "Shorten it.");
    }
  }
}
