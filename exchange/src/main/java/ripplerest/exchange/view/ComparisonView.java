package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.Comparison;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Sitting;

/** Dressings side by side, each drawn at rest, and their numbers against the first. */
public record ComparisonView(
    List<DressingView> flies, List<CompareRowView> rows, List<OneLineView> lines) {

  /**
   * Two of them on one line, by their places in the list.
   *
   * @param carriesMg the most in still water that the upper one carries
   * @param more whether it carries more
   * @param weighsMg of the lower one in water, wet through; negative if it floats even so
   * @param holds whether the upper one stays up
   */
  public record OneLineView(
      int top, int below, double carriesMg, boolean more, double weighsMg, boolean holds) {}

  /** One dressing. */
  public record DressingView(
      String name,
      int size,
      EstimateView.HookView measure,
      Outcome outcome,
      Sentence verdict,
      Sitting sits,
      OutlineView outline) {}

  /** One number of each fly; null where a fly has none. */
  public record CompareRowView(
      String name,
      String unit,
      int decimals,
      List<Double> values,
      List<Double> against,
      boolean differ) {}

  /** A comparison as it is sent. */
  static ComparisonView of(Comparison c) {
    return new ComparisonView(
        c.flies().stream().map(ComparisonView::fly).toList(),
        c.rows().stream().map(ComparisonView::row).toList(),
        c.lines().stream()
            .map(
                l ->
                    new OneLineView(
                        l.top(),
                        l.below(),
                        Words.rounded(l.carriesMg(), 0),
                        l.more(),
                        Words.rounded(l.weighsMg(), 0),
                        l.holds()))
            .toList());
  }

  private static DressingView fly(Estimate e) {
    return new DressingView(
        e.sized().pattern().name(),
        e.sized().pattern().hook().size(),
        EstimateView.hook(e.sized().hook()),
        e.outcome(),
        e.verdict(),
        e.sits(),
        OutlineView.of(Outliner.of(e)));
  }

  private static CompareRowView row(Comparison.Row r) {
    return new CompareRowView(
        r.name(),
        r.unit(),
        r.decimals(),
        numbers(r.values(), r.decimals()),
        numbers(r.against(), r.decimals()),
        r.differ());
  }

  private static List<Double> numbers(List<java.util.Optional<Double>> values, int decimals) {
    return values.stream()
        .map(v -> v.map(x -> Words.rounded(x, decimals)).orElse(null))
        .collect(java.util.stream.Collectors.toList()); // nulls stay
  }
}
