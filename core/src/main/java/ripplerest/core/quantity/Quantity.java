package ripplerest.core.quantity;

import java.util.Locale;

/**
 * A number with its unit and as many decimals as it deserves.
 *
 * @param value in {@code unit}
 * @param unit {@code mm} where whoever shows it may choose another
 * @param decimals 0 or more
 */
public record Quantity(double value, String unit, int decimals) {
  /** A length in millimetres. */
  public static Quantity mm(double value, int decimals) {
    return new Quantity(value, "mm", decimals);
  }

  /** As it is written where nobody chooses: {@code 2.5 mm}, {@code 12°}. */
  @Override
  public String toString() {
    String number = String.format(Locale.ROOT, "%." + decimals + "f", value);
    return unit.isEmpty() || unit.equals("°") ? number + unit : number + " " + unit;
  }
}
