package ripplerest.exchange.view;

import java.util.List;
import java.util.Optional;
import ripplerest.core.outline.Outline;
import ripplerest.core.tied.AsTied;

/** A fly as it was tied beside its plan, as it is sent. */
public record AsTiedView(
    boolean fine,
    String words,
    WhatIfsView.SitsView planned,
    WhatIfsView.SitsView made,
    List<DifferenceView> differences,
    List<EstimateView.OutlineView> outline) {

  /** One thing that came out otherwise; {@code now} if scissors mend it. */
  public record DifferenceView(
      String part,
      String field,
      double off,
      boolean fine,
      String words,
      boolean now,
      String advice) {}

  /** As it is sent, with lines to draw of the fly as tied where it floats. */
  public static AsTiedView of(AsTied t, Optional<Outline> outline) {
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
                        Math.round(d.made().off() * 100) / 100.0,
                        d.fine(),
                        d.words(),
                        d.now(),
                        d.advice()))
            .toList(),
        outline.map(EstimateView::outline).stream().toList());
  }
}
