package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.Comparison;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outliner;
import ripplerest.core.rest.Outcome;

/** Dressings side by side, each drawn at rest, and their numbers against the first. */
public record ComparisonView(List<DressingView> flies, List<CompareRowView> rows) {

  /** One dressing. */
  public record DressingView(
      String name,
      int size,
      EstimateView.HookView measure,
      Outcome outcome,
      String verdict,
      String posture,
      EstimateView.OutlineView outline) {}

  /** One number of each fly; null where a fly has none. */
  public record CompareRowView(
      String name,
      String unit,
      int decimals,
      List<Double> values,
      List<Double> against,
      boolean differ) {}

  /** A comparison as it is sent. */
  public static ComparisonView of(Comparison c, Materials materials) {
    return new ComparisonView(
        c.flies().stream().map(e -> fly(e, materials)).toList(),
        c.rows().stream().map(ComparisonView::row).toList());
  }

  private static DressingView fly(Estimate e, Materials materials) {
    return new DressingView(
        e.sized().pattern().name(),
        e.sized().pattern().hook().size(),
        EstimateView.hook(e.sized().hook()),
        e.outcome(),
        e.verdict(),
        e.word(),
        EstimateView.outline(
            e.rest()
                .map(r -> Outliner.of(e.sized(), materials, e.conditions(), r))
                .orElseGet(() -> Outliner.dry(e.sized(), materials, e.conditions()))));
  }

  private static CompareRowView row(Comparison.Row r) {
    double parts = Math.pow(10, r.decimals());
    return new CompareRowView(
        r.name(),
        r.unit(),
        r.decimals(),
        numbers(r.values(), parts),
        numbers(r.against(), parts),
        r.differ());
  }

  private static List<Double> numbers(List<java.util.Optional<Double>> values, double parts) {
    return values.stream()
        .map(v -> v.map(x -> Math.round(x * parts) / parts + 0.0).orElse(null))
        .collect(java.util.stream.Collectors.toList()); // nulls stay
  }
}
