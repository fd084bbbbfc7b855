package ripplerest.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;

/** Names and numbers as documents write them and as people read them. */
public final class Words {
  private Words() {}

  /** A constant as documents write it, such as {@code half-down}. */
  public static String id(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** A constant in plain words, such as {@code half down}. */
  public static String of(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** What a document calls something, in plain words. */
  public static String of(String id) {
    return id.replace('-', ' ');
  }

  /** A noun for one thing or for several. */
  public static String counted(boolean one, String noun) {
    return one ? noun : noun + "s";
  }

  /** The same as a title: its first letter large. */
  public static String title(String id) {
    String words = of(id);
    return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /** The name of the constant that a document writes so. */
  public static String constant(String id) {
    return id.toUpperCase(Locale.ROOT).replace('-', '_');
  }

  /** A number with no more digits than it has, two decimals at most. */
  public static String number(double value) {
    return new BigDecimal(value)
        .setScale(2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  /** A whole number as one, any other with one decimal. */
  public static String tenths(double value) {
    return (value == Math.rint(value) ? "%.0f" : "%.1f").formatted(value);
  }

  /** A number rounded half up to so many decimals, and never minus nought. */
  public static double rounded(double value, int decimals) {
    double parts = Math.pow(10, decimals);
    return Math.round(value * parts) / parts + 0.0;
  }
}
