package ripplerest.core.quantity;

import java.util.List;
import java.util.Objects;

/** Argument checks for the constructors of core values. NaN and infinities fail every range. */
public final class Require {
  private Require() {}

  /** Returns {@code value} if {@code low <= value <= high}; {@code unit} only words the message. */
  public static double inRange(String field, double value, double low, double high, String unit) {
    if (!(value >= low && value <= high)) {
      throw new OutOfRangeException(
          field,
          value,
          "from " + plain(low) + " to " + plain(high) + (unit.isEmpty() ? "" : " " + unit),
          "Choose a value inside this range.");
    }
    return value;
  }

  /** Returns {@code value} if {@code low <= value <= high}. */
  public static int inRange(String field, int value, int low, int high) {
    if (value < low || value > high) {
      throw new OutOfRangeException(
          field, value, "from " + low + " to " + high, "Choose a whole number inside this range.");
    }
    return value;
  }

  /** Returns {@code text} if it is not blank and no longer than {@code longest} characters. */
  public static String text(String field, String text, int longest) {
    if (text == null || text.isBlank() || text.length() > longest) {
      String shown = text == null ? "missing" : "\"" + text + "\"";
      throw new OutOfRangeException(
          field, shown, "1 to " + longest + " characters", "Write a short text here.");
    }
    return text;
  }

  /** Returns what somebody outside has to send; refuses that it is missing. */
  public static <T> T sent(String field, T value) {
    if (value == null) {
      throw new OutOfRangeException(field, "missing", "given", "Send it too.");
    }
    return value;
  }

  /** Returns {@code value} if present. */
  public static <T> T present(String field, T value) {
    return Objects.requireNonNull(value, () -> field + " is missing");
  }

  /** Returns an unmodifiable copy of a list that must be present. */
  public static <T> List<T> copy(String field, List<T> values) {
    return List.copyOf(present(field, values));
  }

  private static String plain(double v) {
    return v == Math.rint(v) ? Long.toString((long) v) : Double.toString(v);
  }
}
