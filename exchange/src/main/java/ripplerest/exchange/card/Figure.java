package ripplerest.exchange.card;

import java.awt.Color;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.outline.Outline;

/**
 * A fly from the side as flat shapes in ink, mm: x toward the bend, y up from the film, or from the
 * eye of a fly in the vise.
 */
record Figure(List<Shape> shapes) {
  static final Figure NOTHING = new Figure(List.of());

  private static final double FIBRE_MM = 0.05;

  /** Strands by which a soft bundle is seen, on both sides of its middle. */
  private static final int STRANDS = 3;

  private static final String HOOK = "hook";

  /**
   * A line, or a closed area.
   *
   * @param part whose it is; {@code hook} for the wire
   * @param widthMm of a line; 0: the points go round an area
   */
  record Shape(String part, List<Point2D> points, double widthMm, Color ink) {
    boolean isArea() {
      return widthMm == 0;
    }
  }

  static Figure of(Outline fly, Inks inks) {
    List<Shape> all = new ArrayList<>();
    for (Outline.Thin f : fly.fibres()) {
      all.add(line(f.part(), f.line(), Math.max(FIBRE_MM, 1.4 * f.radiusMm()), inks.of(f.part())));
    }
    all.add(line(HOOK, fly.wire(), fly.wireMm(), Inks.HOOK));
    all.add(line(HOOK, fly.eye(), fly.wireMm(), Inks.HOOK));
    for (Outline.Thick m : fly.members()) {
      if (m.soft()) {
        all.addAll(strands(m, inks.of(m.part())));
      } else {
        all.add(new Shape(m.part(), round(m, 1), 0, inks.of(m.part())));
      }
    }
    for (Outline.Wound s : fly.strands()) {
      all.add(line(s.part(), s.axis(), s.thickMm(), inks.of(s.part())));
    }
    return new Figure(List.copyOf(all));
  }

  /** Hook and these parts alone. */
  Figure only(Collection<String> parts) {
    return new Figure(
        shapes.stream().filter(s -> s.part().equals(HOOK) || parts.contains(s.part())).toList());
  }

  boolean isEmpty() {
    return shapes.isEmpty();
  }

  /** The least box round it, mm. */
  Rectangle2D extent() {
    Rectangle2D box = null;
    for (Shape shape : shapes) {
      for (Point2D p : shape.points()) {
        if (box == null) {
          box = new Rectangle2D.Double(p.getX(), p.getY(), 0, 0);
        } else {
          box.add(p);
        }
      }
    }
    return box == null ? new Rectangle2D.Double() : box;
  }

  /** How much it is enlarged to fill a box. */
  double scaleInto(double wideMm, double highMm) {
    Rectangle2D box = extent();
    return Math.min(wideMm / Math.max(1, box.getWidth()), highMm / Math.max(1, box.getHeight()));
  }

  private static Shape line(String part, List<Vector3D> points, double widthMm, Color ink) {
    return new Shape(part, points.stream().map(Figure::flat).toList(), widthMm, ink);
  }

  private static List<Shape> strands(Outline.Thick m, Color ink) {
    List<Shape> all = new ArrayList<>();
    int n = m.axis().size();
    for (int k = -STRANDS; k <= STRANDS; k++) {
      List<Point2D> round = round(m, (double) k / STRANDS);
      all.add(new Shape(m.part(), round.subList(0, n), 2 * FIBRE_MM, ink));
    }
    return all;
  }

  /** Round the envelope: out along one side and back along the other. */
  private static List<Point2D> round(Outline.Thick m, double share) {
    List<Point2D> out = new ArrayList<>();
    List<Point2D> back = new ArrayList<>();
    int n = m.axis().size();
    for (int i = 0; i < n; i++) {
      Point2D before = flat(m.axis().get(Math.max(0, i - 1)));
      Point2D after = flat(m.axis().get(Math.min(n - 1, i + 1)));
      double chord = Math.max(1e-9, before.distance(after));
      double r = share * m.radiiMm().get(i);
      double x = -(after.getY() - before.getY()) / chord * r;
      double y = (after.getX() - before.getX()) / chord * r;
      Point2D at = flat(m.axis().get(i));
      out.add(new Point2D.Double(at.getX() + x, at.getY() + y));
      back.add(0, new Point2D.Double(at.getX() - x, at.getY() - y));
    }
    out.addAll(back);
    return out;
  }

  private static Point2D flat(Vector3D p) {
    return new Point2D.Double(p.getX(), p.getZ());
  }
}
