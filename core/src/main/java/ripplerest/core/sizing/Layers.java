package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import ripplerest.core.sizing.SizedPattern.Span;

/** What lies on the shank, layer on layer in the order of winding. */
final class Layers {
  /** Stretches shorter than this are none, mm. */
  private static final double NOTHING_MM = 1e-9;

  private Layers() {}

  /**
   * Cuts the stretches into pieces that each have the same layers all along.
   *
   * @param spans in the order of winding; they may overlap
   * @return eye first, without gaps or overlaps; bare thread where nothing is wound
   */
  static List<SizedPattern.Piece> of(List<Span> spans) {
    List<Span> laid = spans.stream().filter(s -> s.role() != Span.Role.OVER).toList();
    double[] cuts =
        laid.stream()
            .flatMapToDouble(s -> DoubleStream.of(s.fromMm(), s.toMm()))
            .sorted()
            .toArray();
    List<SizedPattern.Piece> pieces = new ArrayList<>();
    for (int i = 1; i < cuts.length; i++) {
      double from = cuts[i - 1];
      double to = cuts[i];
      if (to - from > NOTHING_MM) {
        List<Span> layers =
            laid.stream()
                .filter(s -> s.fromMm() < to - NOTHING_MM && s.toMm() > from + NOTHING_MM)
                .toList();
        pieces.add(new SizedPattern.Piece(from, to, layers));
      }
    }
    return List.copyOf(pieces);
  }
}
