package ripplerest.exchange.view;

import java.util.List;
import java.util.OptionalInt;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.dressing.tie.Tint;
import ripplerest.core.film.FibreState;
import ripplerest.core.outline.Outline;
import ripplerest.core.quantity.Words;

/** Lines to draw, world frame, mm: {@code [x, y, z]}, z up from the undisturbed level. */
public record OutlineView(
    List<double[]> eye,
    List<double[]> wire,
    double wireMm,
    List<double[]> barb,
    List<ThickView> members,
    List<WoundView> strands,
    List<ThinView> fibres,
    List<double[]> film,
    List<double[]> across,
    List<TintView> tints) {

  /**
   * A thick member: whether it is seen by its strands, its axis, and the radius at each point of
   * it, mm.
   */
  public record ThickView(String part, boolean soft, List<double[]> axis, List<Double> radiiMm) {}

  /** A strand of rib or wire, or a band: its axis and thickness, mm. */
  public record WoundView(String part, List<double[]> axis, double thickMm) {}

  /**
   * A fibre: its state, whether the film bears it, its radius at the root, mm, how much thinner its
   * tip is as a share of that, and its bent line.
   */
  public record ThinView(
      String part,
      FibreState state,
      boolean bears,
      double radiusMm,
      double taper,
      List<double[]> line) {}

  /**
   * The colour that is said of a part, as {@code #rrggbb}; null where the words name no known
   * colour.
   */
  public record TintView(String part, String ink, Colour.Marking marking, String second) {
    static TintView of(String part, Tint tint) {
      return new TintView(part, hex(tint.ink()), tint.marking(), hex(tint.second()));
    }

    private static String hex(OptionalInt ink) {
      return ink.isPresent() ? Shade.hex(ink.getAsInt()) : null;
    }
  }

  /** An outline as it is sent. */
  public static OutlineView of(Outline o) {
    return new OutlineView(
        line(o.eye()),
        line(o.wire()),
        Words.rounded(o.wireMm(), 3),
        line(o.barb()),
        o.members().stream()
            .map(
                m ->
                    new ThickView(
                        m.part(),
                        m.soft(),
                        line(m.axis()),
                        m.radiiMm().stream().map(r -> Words.rounded(r, 3)).toList()))
            .toList(),
        o.strands().stream()
            .map(w -> new WoundView(w.part(), line(w.axis()), Words.rounded(w.thickMm(), 3)))
            .toList(),
        o.fibres().stream().map(OutlineView::thin).toList(),
        line(o.film()),
        line(o.across()),
        o.tints().entrySet().stream().map(e -> TintView.of(e.getKey(), e.getValue())).toList());
  }

  private static ThinView thin(Outline.Thin f) {
    return new ThinView(
        f.part(),
        f.state(),
        f.bears(),
        Words.rounded(f.radiusMm(), 4),
        Words.rounded(f.taper(), 2),
        line(f.line()));
  }

  private static List<double[]> line(List<Vector3D> points) {
    return points.stream()
        .map(
            p ->
                new double[] {
                  Words.rounded(p.getX(), 3), Words.rounded(p.getY(), 3), Words.rounded(p.getZ(), 3)
                })
        .toList();
  }
}
