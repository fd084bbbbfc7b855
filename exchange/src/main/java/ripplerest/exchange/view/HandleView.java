package ripplerest.exchange.view;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.outline.Anchor;
import ripplerest.core.outline.Outline;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.Handle;
import ripplerest.core.sizing.SizedPattern;

/**
 * Something on the fly that a hand can move: which field of which part (-1: the hook), what it is
 * now, its bounds and steps in {@code unit}, the rules that name a place on the way, where its
 * border lies on the shank ({@code null}: nowhere) and whether that moves toward the eye as it
 * grows, the place that it moves if it moves one (as a reach; {@code mmPerUnit} of its unit), and
 * from where to where it reaches on the drawing (empty: not drawn).
 */
public record HandleView(
    String part,
    int index,
    String field,
    String unit,
    double mm,
    double mmPerUnit,
    double value,
    double low,
    double high,
    double step,
    double leap,
    List<SnapView> snaps,
    PlaceView onShank,
    boolean towardEye,
    List<LengthView> place,
    List<double[]> reach) {

  /** A place that a rule of thumb names, and what the pattern holds there. */
  public record SnapView(String name, double mm, LengthView length) {}

  /**
   * A length as in a pattern: {@code rule} and {@code factor}, {@code reach} and its offset, or
   * empty and pinned mm.
   */
  public record LengthView(
      String rule, double factor, String reach, double offset, String unit, double mm) {}

  /** A place on the shank, mm from the eye. */
  public record PlaceView(double mm) {}

  static List<HandleView> of(SizedPattern sized, Outline outline) {
    return Handle.of(sized).stream().map(h -> of(h, Anchor.of(h, outline))).toList();
  }

  private static HandleView of(Handle h, List<Vector3D> reach) {
    return new HandleView(
        h.part(),
        h.index(),
        h.field(),
        h.unit(),
        rounded(h.mm()),
        rounded(h.mmPerUnit()),
        rounded(h.value()),
        rounded(h.low()),
        rounded(h.high()),
        h.step(),
        h.leap(),
        snaps(h.snaps()),
        Double.isNaN(h.shankMm()) ? null : new PlaceView(rounded(h.shankMm())),
        h.towardEye(),
        h.at().map(Length.Reach::new).map(HandleView::length).stream().toList(),
        reach.stream()
            .map(p -> new double[] {rounded(p.getX()), rounded(p.getY()), rounded(p.getZ())})
            .toList());
  }

  static List<SnapView> snaps(List<Handle.Snap> snaps) {
    return snaps.stream()
        .map(s -> new SnapView(s.name(), rounded(s.mm()), length(s.length())))
        .toList();
  }

  /** A length as a pattern holds it. */
  public static LengthView length(Length length) {
    if (length instanceof Length.Rule rule) {
      return new LengthView(Words.id(rule.reference()), rounded(rule.factor()), "", 0, "", 0);
    } else if (length instanceof Length.Reach reach) {
      Place to = reach.to();
      return new LengthView("", 0, to.landmark(), rounded(to.offset()), Words.id(to.unit()), 0);
    }
    return new LengthView("", 0, "", 0, "", rounded(((Length.Pinned) length).mm()));
  }

  private static double rounded(double v) {
    return Words.rounded(v, 3);
  }
}
