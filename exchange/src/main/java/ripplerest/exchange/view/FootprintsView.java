package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.FootprintMatch;
import ripplerest.core.hook.NaturalFootprint;
import ripplerest.core.quantity.Words;

/** What the natural presses into the film, and what the fly does on several hooks; mm. */
public record FootprintsView(
    double lengthMm, double widthMm, int dimples, String words, List<ComparedView> flies) {

  /**
   * The fly on one hook: by which way it was chosen ({@code own}: its own), and how much longer and
   * wider its footprint is, as shares; no footprint where it sinks.
   */
  public record ComparedView(
      String way, int size, EstimateView.FootprintView footprint, double longer, double wider) {}

  static FootprintsView of(FootprintMatch m) {
    NaturalFootprint n = m.natural();
    List<ComparedView> flies = new java.util.ArrayList<>();
    flies.add(compared("own", m.now()));
    m.ways().forEach(w -> flies.add(compared(Words.id(w.way()), w.fly())));
    return new FootprintsView(
        Words.rounded(n.lengthMm(), 1),
        Words.rounded(n.widthMm(), 1),
        n.dimples(),
        n.words(),
        flies);
  }

  private static ComparedView compared(String way, FootprintMatch.Compared c) {
    return new ComparedView(
        way,
        c.size(),
        c.footprint().map(EstimateView::footprint).orElse(null),
        Words.rounded(c.longer(), 2),
        Words.rounded(c.wider(), 2));
  }
}
