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

  /** Bars of a barred fibre, how far out its dark root reaches, and where its tip begins. */
  private static final int BARS = 4;

  private static final double STEM = 0.35;
  private static final double TIP = 0.75;

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
    int fibre = 0;
    for (Outline.Thin f : fly.fibres()) {
      List<Point2D> line = f.line().stream().map(Figure::flat).toList();
      double wide = Math.max(FIBRE_MM, 1.4 * f.radiusMm());
      all.addAll(marked(f.part(), line, wide, inks.of(f.part()), fibre++));
    }
    all.add(line(HOOK, fly.wire(), fly.wireMm(), Inks.HOOK));
    all.add(line(HOOK, fly.eye(), fly.wireMm(), Inks.HOOK));
    if (!fly.barb().isEmpty()) {
      all.add(line(HOOK, fly.barb(), fly.wireMm() / 2, Inks.HOOK));
    }
    for (Outline.Thick m : fly.members()) {
      if (m.soft()) {
        all.addAll(strands(m, inks.of(m.part())));
      } else {
        all.addAll(wound(m, inks.of(m.part())));
      }
    }
    for (Outline.Wound s : fly.strands()) {
      all.add(line(s.part(), s.axis(), s.thickMm(), inks.of(s.part()).ink()));
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

  /** A fibre with its markings over it, as a line each. */
  private static List<Shape> marked(
      String part, List<Point2D> line, double wideMm, Inks.Look look, int number) {
    List<Shape> all = new ArrayList<>();
    Color ink = number % 2 == 1 ? look.mixed().orElse(look.ink()) : look.ink();
    all.add(new Shape(part, line, wideMm, ink));
    look.bars()
        .ifPresent(
            dark -> {
              for (int k = 0; k < BARS; k++) {
                all.add(
                    new Shape(
                        part, stretch(line, (k + 0.4) / BARS, (k + 0.7) / BARS), wideMm, dark));
              }
            });
    look.stem().ifPresent(dark -> all.add(new Shape(part, stretch(line, 0, STEM), wideMm, dark)));
    look.tip().ifPresent(tip -> all.add(new Shape(part, stretch(line, TIP, 1), wideMm, tip)));
    return all;
  }

  /** What is wound: its fringe, its outline, and its turns across it. */
  private static List<Shape> wound(Outline.Thick m, Inks.Look look) {
    List<Shape> all = new ArrayList<>();
    int n = m.axis().size();
    for (int i = 0; look.fringeMm() > 0 && i < n; i++) {
      double out = 1 + look.fringeMm() / m.radiiMm().get(i) * (0.6 + 0.4 * (i * 7 % 5) / 4);
      for (int side = -1; side <= 1; side += 2) {
        all.add(across(m, i, side * 0.8, Math.min(n - 1, i + 1), side * out, look.ink()));
      }
    }
    all.add(new Shape(m.part(), round(m, 1), 0, look.ink()));
    double next = look.turnsMm() / 2;
    double walked = 0;
    for (int i = 0; look.turnsMm() > 0 && i + 1 < n; i++) {
      walked += m.axis().get(i).distance(m.axis().get(i + 1));
      if (walked >= next) {
        Color line = look.bars().orElse(look.ink().darker());
        all.add(across(m, i, -1, Math.min(n - 1, i + 1), 1, line));
        next += look.turnsMm();
      }
    }
    return all;
  }

  /** A thin line from beside one point of a member to beside another, in its radii. */
  private static Shape across(
      Outline.Thick m, int from, double aside, int to, double other, Color ink) {
    return new Shape(
        m.part(), List.of(beside(m, from, aside), beside(m, to, other)), FIBRE_MM / 2, ink);
  }

  /** Part of a line, from and to shares of its points. */
  private static List<Point2D> stretch(List<Point2D> line, double from, double to) {
    List<Point2D> all = new ArrayList<>();
    int last = line.size() - 1;
    all.add(at(line, from * last));
    for (int i = (int) Math.floor(from * last) + 1; i < to * last; i++) {
      all.add(line.get(i));
    }
    all.add(at(line, to * last));
    return all;
  }

  private static Point2D at(List<Point2D> line, double place) {
    int i = Math.min(line.size() - 2, (int) Math.floor(place));
    Point2D a = line.get(i);
    Point2D b = line.get(i + 1);
    double t = place - i;
    return new Point2D.Double(
        a.getX() + t * (b.getX() - a.getX()), a.getY() + t * (b.getY() - a.getY()));
  }

  private static List<Shape> strands(Outline.Thick m, Inks.Look look) {
    List<Shape> all = new ArrayList<>();
    int n = m.axis().size();
    for (int k = -STRANDS; k <= STRANDS; k++) {
      List<Point2D> round = round(m, (double) k / STRANDS);
      all.addAll(marked(m.part(), round.subList(0, n), 2 * FIBRE_MM, look, k + STRANDS));
    }
    return all;
  }

  /** Round the envelope: out along one side and back along the other. */
  private static List<Point2D> round(Outline.Thick m, double share) {
    List<Point2D> out = new ArrayList<>();
    List<Point2D> back = new ArrayList<>();
    int n = m.axis().size();
    for (int i = 0; i < n; i++) {
      out.add(beside(m, i, share));
      back.add(0, beside(m, i, -share));
    }
    out.addAll(back);
    return out;
  }

  /** A point beside one of a member's, so many of its radii aside. */
  private static Point2D beside(Outline.Thick m, int i, double aside) {
    int n = m.axis().size();
    Point2D before = flat(m.axis().get(Math.max(0, i - 1)));
    Point2D after = flat(m.axis().get(Math.min(n - 1, i + 1)));
    double chord = Math.max(1e-9, before.distance(after));
    double r = aside * m.radiiMm().get(i);
    Point2D at = flat(m.axis().get(i));
    return new Point2D.Double(
        at.getX() - (after.getY() - before.getY()) / chord * r,
        at.getY() + (after.getX() - before.getX()) / chord * r);
  }

  private static Point2D flat(Vector3D p) {
    return new Point2D.Double(p.getX(), p.getZ());
  }
}
