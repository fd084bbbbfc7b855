package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.WantedSupport;
import ripplerest.exchange.view.WhatIfsView.SitsView;

/** How many of something reach a film reserve; {@code enough} is 0 where none does. */
public record SupportedView(
    String part, String unit, int now, double wanted, int enough, List<TryView> tried) {

  /** A number of them, and how the fly sits with it. */
  public record TryView(int number, SitsView sits) {}

  static SupportedView of(WantedSupport w) {
    return new SupportedView(
        w.part(),
        w.unit(),
        w.now(),
        w.wanted(),
        w.enough().orElse(0),
        w.tried().stream().map(t -> new TryView(t.number(), WhatIfsView.sits(t.sits()))).toList());
  }
}
