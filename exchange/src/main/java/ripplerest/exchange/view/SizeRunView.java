package ripplerest.exchange.view;

import java.util.List;
import java.util.Optional;
import ripplerest.core.advice.SizeRun;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Sitting;

/** One pattern across hook sizes, large to small, each drawn at rest. */
public record SizeRunView(List<RunRowView> rows) {

  /**
   * One size: what stops it, or nothing; posture, heights mm, angles degrees, reserves in its own
   * weight, how it sits without what the pattern loses most without on its own hook (null where it
   * does not rest), and the lines to draw. Numbers are 0 where it sinks.
   */
  public record RunRowView(
      int size,
      boolean works,
      Sentence why,
      Sentence verdict,
      Sitting sits,
      double pitchDeg,
      double eyeMm,
      double keepsPostureTo,
      double sinksAt,
      double massMg,
      WhatIfsView.WhatIfView without,
      EstimateView.HookView measure,
      OutlineView outline) {}

  static SizeRunView of(List<SizeRun.Row> rows) {
    return new SizeRunView(rows.stream().map(SizeRunView::row).toList());
  }

  private static RunRowView row(SizeRun.Row row) {
    Estimate e = row.estimate();
    EstimateView view = EstimateView.of(e);
    return new RunRowView(
        row.size(),
        row.works(),
        row.why(),
        e.verdict(),
        e.sits(),
        view.rest() == null ? 0 : view.rest().pitchDeg(),
        view.rest() == null ? 0 : view.rest().eyeMm(),
        tenths(e.reserve().map(FilmReserve::keepsPostureTo)),
        tenths(e.reserve().map(FilmReserve::sinksAt)),
        view.massMg(),
        row.without().map(w -> WhatIfsView.whatIf(w, RestSummary.of(e))).orElse(null),
        view.hook(),
        OutlineView.of(Outliner.of(e)));
  }

  private static double tenths(Optional<Double> factor) {
    return Words.rounded(factor.orElse(0.0), 1);
  }
}
