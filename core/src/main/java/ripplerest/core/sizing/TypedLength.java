package ripplerest.core.sizing;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Length.Reference;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * A length as a tier types it: a number, whole, decimal or a fraction, and a unit. Gaps, shanks and
 * hook lengths become rules that follow the hook; millimetres, centimetres, inches, eye lengths and
 * wire diameters are pinned. A bare number keeps the unit the length had.
 */
public final class TypedLength {
  /** International inch (1959), exactly. */
  private static final double MM_PER_INCH = 25.4;

  private static final Pattern FORM =
      Pattern.compile(
          "(?:(?<whole>\\d+)\\s+)?(?<number>\\d+(?:\\.\\d+)?)(?:\\s*/\\s*(?<over>\\d+))?\\s*(?<unit>[a-z\" ]*)");

  private TypedLength() {}

  /**
   * Reads what was typed.
   *
   * @param text such as {@code 9mm}, {@code 3/8in}, {@code 1 1/8"}, {@code 1.5 gaps}, {@code 2
   *     eyes}
   * @param now what the length is at present
   * @param hook whose gap, shank, eye and wire are meant
   * @return refused by its own bounds if it is too long or too short
   */
  public static Length read(String text, Length now, Hook hook) {
    String plain = text.strip().toLowerCase(Locale.ROOT).replace(',', '.').replace('″', '"');
    Matcher m = FORM.matcher(plain);
    if (!m.matches() || "0".equals(m.group("over"))) {
      throw unreadable(text);
    }
    double number = Double.parseDouble(m.group("number"));
    if (m.group("over") != null) {
      number /= Double.parseDouble(m.group("over"));
    }
    if (m.group("whole") != null) {
      if (m.group("over") == null) {
        throw unreadable(text);
      }
      number += Double.parseDouble(m.group("whole"));
    }
    return switch (m.group("unit").strip()) {
      case "" -> bare(number, now);
      case "mm" -> new Length.Pinned(number);
      case "cm" -> new Length.Pinned(10 * number);
      case "in", "inch", "inches", "\"" -> new Length.Pinned(MM_PER_INCH * number);
      case "eye", "eyes", "eye length", "eye lengths" -> new Length.Pinned(number * hook.eyeMm());
      case "wire", "wires" -> new Length.Pinned(number * hook.wireMm());
      case "gap", "gaps" -> new Length.Rule(Reference.GAP, number);
      case "shank", "shanks" -> new Length.Rule(Reference.SHANK, number);
      case "hook", "hooks", "hook length", "hook lengths" ->
          new Length.Rule(Reference.HOOK_LENGTH, number);
      default -> throw unreadable(text);
    };
  }

  private static Length bare(double number, Length now) {
    return now instanceof Length.Rule rule
        ? new Length.Rule(rule.reference(), number)
        : new Length.Pinned(number);
  }

  private static OutOfRangeException unreadable(String text) {
    return new OutOfRangeException(
        "length",
        "\"" + text + "\"",
        "a number and mm, cm, in, gaps, eyes, wires, shanks or hooks",
        "Write it like 9mm, 3/8in, 1.5 gaps or 2 eyes.");
  }
}
