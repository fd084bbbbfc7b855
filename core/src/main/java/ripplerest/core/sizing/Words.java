package ripplerest.core.sizing;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers and names as people write them. */
final class Words {
  private Words() {}

  static String number(double value) {
    return new BigDecimal(value)
        .setScale(2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  static String plain(String kind) {
    String words = kind.replace('-', ' ');
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
