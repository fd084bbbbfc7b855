package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.quantity.Words;
import ripplerest.core.tying.Amount;

/** How much of everything a fly takes, part by part in tying order. */
public record AmountsView(List<AmountView> amounts) {

  /** One amount with its standard deviation, 0 where it is counted. */
  public record AmountView(String part, String what, double value, double spread, String unit) {}

  static AmountsView of(List<Amount> amounts) {
    return new AmountsView(
        amounts.stream()
            .map(
                a ->
                    new AmountView(
                        a.part(),
                        a.what(),
                        Words.rounded(a.value(), 3),
                        Words.rounded(a.spread(), 3),
                        a.unit()))
            .toList());
  }
}
