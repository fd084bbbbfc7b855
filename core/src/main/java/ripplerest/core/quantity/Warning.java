package ripplerest.core.quantity;

/**
 * Something a tier should know about a fly; data, not an error.
 *
 * @param code stable name for programs, such as {@code head-crowded}
 * @param part the part it concerns, or {@code fly}
 * @param message a sentence for people
 * @param amount how much, in {@code unit}; 0 where there is no amount
 * @param unit unit of the amount, empty where there is none
 */
public record Warning(String code, String part, Sentence message, double amount, String unit) {
  public Warning {
    Require.text("code", code, 60);
    Require.text("part", part, 60);
    Require.text("message", message.text(), 400);
    Require.inRange("amount", amount, -1e9, 1e9, unit);
  }

  /** A warning in words that hold no length. */
  public Warning(String code, String part, String message, double amount, String unit) {
    this(code, part, Sentence.of(message), amount, unit);
  }
}
