package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.tied.AsTied;

/** A fly as it was tied beside its plan, as it is sent. */
public record AsTiedView(
    boolean fine,
    Sentence words,
    WhatIfsView.SitsView planned,
    WhatIfsView.SitsView made,
    List<DifferenceView> differences,
    OutlineView outline) {

  /** One thing that came out otherwise; {@code now} if scissors mend it. */
  public record DifferenceView(
      String part,
      String field,
      double off,
      boolean fine,
      Sentence words,
      boolean now,
      String advice) {}

  /** As it is sent, with lines to draw of the fly as tied. */
  static AsTiedView of(AsTied t) {
    return new AsTiedView(
        t.isFine(),
        t.words(),
        WhatIfsView.sits(t.planned()),
        WhatIfsView.sits(t.made()),
        t.differences().stream()
            .map(
                d ->
                    new DifferenceView(
                        d.made().planned().part(),
                        d.made().planned().field(),
                        Words.rounded(d.made().off(), 2),
                        d.fine(),
                        d.words(),
                        d.now(),
                        d.advice()))
            .toList(),
        OutlineView.of(Outliner.of(t.estimate())));
  }
}
