package ripplerest.exchange.view;

import java.util.List;
import java.util.Locale;
import ripplerest.core.advice.FootprintMatch;
import ripplerest.core.hook.NaturalFootprint;

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
    m.ways()
        .forEach(
            w ->
                flies.add(
                    compared(w.way().name().toLowerCase(Locale.ROOT).replace('_', '-'), w.fly())));
    return new FootprintsView(
        tenths(n.lengthMm()), tenths(n.widthMm()), n.dimples(), n.words(), flies);
  }

  private static ComparedView compared(String way, FootprintMatch.Compared c) {
    return new ComparedView(
        way,
        c.size(),
        c.footprint().map(EstimateView::footprint).orElse(null),
        Math.round(c.longer() * 100) / 100.0,
        Math.round(c.wider() * 100) / 100.0);
  }

  private static double tenths(double mm) {
    return Math.round(mm * 10) / 10.0;
  }
}
