package ripplerest.exchange.view;

import java.util.List;
import java.util.Optional;
import ripplerest.core.advice.SizeRun;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outliner;
import ripplerest.core.rest.FilmReserve;

/** One pattern across hook sizes, large to small, each drawn at rest. */
public record SizeRunView(List<RunRowView> rows) {

  /**
   * One size: what stops it, or nothing; posture, heights mm, angles degrees, reserves in its own
   * weight, and the lines to draw. Numbers are 0 where it sinks.
   */
  public record RunRowView(
      int size,
      boolean works,
      String why,
      String verdict,
      String posture,
      double pitchDeg,
      double eyeMm,
      double keepsPostureTo,
      double sinksAt,
      double massMg,
      EstimateView.HookView measure,
      EstimateView.OutlineView outline) {}

  static SizeRunView of(List<SizeRun.Row> rows, Materials materials) {
    return new SizeRunView(rows.stream().map(r -> row(r, materials)).toList());
  }

  private static RunRowView row(SizeRun.Row row, Materials materials) {
    Estimate e = row.estimate();
    EstimateView view = EstimateView.of(e);
    return new RunRowView(
        row.size(),
        row.works(),
        row.why(),
        e.verdict(),
        view.posture(),
        view.rest() == null ? 0 : view.rest().pitchDeg(),
        view.rest() == null ? 0 : view.rest().eyeMm(),
        tenths(e.reserve().map(FilmReserve::keepsPostureTo)),
        tenths(e.reserve().map(FilmReserve::sinksAt)),
        view.massMg(),
        view.hook(),
        EstimateView.outline(
            e.rest()
                .map(r -> Outliner.of(e.sized(), materials, e.conditions(), r))
                .orElseGet(() -> Outliner.dry(e.sized(), materials, e.conditions()))));
  }

  private static double tenths(Optional<Double> factor) {
    return Math.round(factor.orElse(0.0) * 10) / 10.0;
  }
}
