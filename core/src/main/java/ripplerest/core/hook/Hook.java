package ripplerest.core.hook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.quantity.Require;

/**
 * Geometry of a bare hook in the body frame.
 *
 * <p>Body frame: origin on the shank axis at the rear edge of the eye; +x along the shank to the
 * bend; +z away from the point; +y completes a right-handed set. A straight size 14 has the start
 * of its bend at (7.4, 0, 0) mm and its point near (4.4, 0, -4.0) mm.
 *
 * @param spec how a tier names it
 * @param shankMm from the rear edge of the eye to where the bend begins, along the wire
 * @param gapMm from shank to point leg
 * @param wireMm wire diameter
 * @param eyeMm outside length of the eye, the tier's pocket unit
 * @param pointLegMm straight leg that ends in the point
 * @param weighedMg mass of the bare hook if it was weighed
 * @param extended true if a dimension was taken beyond the rows of the size table
 */
public record Hook(
    HookSpec spec,
    double shankMm,
    double gapMm,
    double wireMm,
    double eyeMm,
    double pointLegMm,
    Optional<Double> weighedMg,
    boolean extended) {
  /** Eye length in wire diameters (common practice, from memory). */
  private static final double EYE_IN_WIRES = 2.3;

  /** Point leg in shanks (common practice, from memory). */
  private static final double POINT_LEG_IN_SHANKS = 0.4;

  /** How far a curved shank turns down, rad (assumption). */
  private static final double CURVED_TURN = Math.toRadians(40);

  private static final double SHORT_CURVED_TURN = Math.toRadians(55);

  /** Share of a curved shank that stays straight (assumption). */
  private static final double STRAIGHT_SHARE = 0.5;

  private static final double SHORT_STRAIGHT_SHARE = 0.35;

  /** Shank of a short curved hook in a standard one's (common practice, from memory). */
  private static final double SHORT_SHANK = 0.85;

  private static final int IN_TEN = 10;

  public Hook {
    Require.present("spec", spec);
    Require.inRange("shankMm", shankMm, 1, 40, "mm");
    Require.inRange("gapMm", gapMm, 0.5, 20, "mm");
    Require.inRange("wireMm", wireMm, 0.1, 2, "mm");
    Require.inRange("eyeMm", eyeMm, 0.2, 5, "mm");
    Require.inRange("pointLegMm", pointLegMm, 0.2, 20, "mm");
  }

  /** A hook as it was measured, or from the size table and its X steps. */
  public static Hook of(HookSpec spec) {
    return spec.measured().map(m -> measured(spec, m)).orElseGet(() -> fromTable(spec));
  }

  private static Hook measured(HookSpec spec, HookSpec.Measured m) {
    return new Hook(
        spec,
        m.shankMm(),
        m.gapMm(),
        m.wireMm(),
        m.eyeMm(),
        POINT_LEG_IN_SHANKS * m.shankMm(),
        m.tenMg().map(mg -> mg / IN_TEN),
        false);
  }

  /** X steps count single size numbers. */
  private static Hook fromTable(HookSpec spec) {
    int shankSize = spec.size() - spec.lengthSteps();
    int wireSize = spec.size() - spec.wireSteps();
    double standard = SizeTable.at(shankSize, SizeTable.Row::shank);
    double shank = spec.shape() == HookSpec.Shape.SHORT_CURVED ? SHORT_SHANK * standard : standard;
    double wire = SizeTable.at(wireSize, SizeTable.Row::wire);
    return new Hook(
        spec,
        shank,
        SizeTable.at(spec.size(), SizeTable.Row::gap),
        wire,
        EYE_IN_WIRES * wire,
        POINT_LEG_IN_SHANKS * shank,
        Optional.empty(),
        SizeTable.isExtended(shankSize) || SizeTable.isExtended(wireSize));
  }

  /**
   * Hook number, a fraction between two, whose gap in the standard table this is; -3 to 34.
   *
   * @param gapMm shank to point, mm
   */
  public static double sizeOfGap(double gapMm) {
    double low = SizeTable.LARGEST;
    double high = SizeTable.SMALLEST;
    for (int size = SizeTable.LARGEST; size < SizeTable.SMALLEST; size++) {
      double a = SizeTable.at(size, SizeTable.Row::gap);
      double b = SizeTable.at(size + 1, SizeTable.Row::gap);
      if (gapMm <= a && gapMm >= b) {
        return size + Math.log(a / gapMm) / Math.log(a / b);
      }
    }
    return gapMm > SizeTable.at(SizeTable.LARGEST, SizeTable.Row::gap) ? low : high;
  }

  /** From the rear edge of the eye to the outside of the bend, mm. */
  public double hookLengthMm() {
    return bendCentre().getX() + gapMm / 2 + wireMm / 2;
  }

  /**
   * Point on the axis of the wire at arc length {@code s} behind the eye: on the shank, the curve
   * that continues it, or in the bend.
   */
  public Vector3D onShank(double s) {
    if (s > shankMm) {
      return inBend(s - shankMm);
    }
    double straight = straightShankMm();
    if (s <= straight) {
      return new Vector3D(s, 0, 0);
    }
    double radius = (shankMm - straight) / turnAtBend();
    double turn = (s - straight) / radius;
    return new Vector3D(straight + radius * Math.sin(turn), 0, -radius * (1 - Math.cos(turn)));
  }

  /** Point of the bend at an arc length behind its beginning. */
  private Vector3D inBend(double s) {
    double angle = turnAtBend() + 2 * s / gapMm;
    return bendCentre().add(gapMm / 2, new Vector3D(Math.sin(angle), 0, Math.cos(angle)));
  }

  private Vector3D bendCentre() {
    double turned = turnAtBend();
    return bendStart().subtract(gapMm / 2, new Vector3D(Math.sin(turned), 0, Math.cos(turned)));
  }

  /** Where a tier sees {@code xMm} behind the eye, as an arc length on shank or bend. */
  public double arcAt(double xMm) {
    double low = 0;
    double high = shankMm + gapMm / 2 * Math.max(0, Math.PI / 2 - turnAtBend());
    for (int i = 0; i < 60; i++) {
      double middle = (low + high) / 2;
      if (onShank(middle).getX() < xMm) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /** Unit direction of the wire toward the point at arc length {@code s}. */
  public Vector3D shankDirection(double s) {
    if (s > shankMm) {
      double angle = turnAtBend() + 2 * (s - shankMm) / gapMm;
      return new Vector3D(Math.cos(angle), 0, -Math.sin(angle));
    }
    double straight = straightShankMm();
    double turn = s <= straight ? 0 : turnAtBend() * (s - straight) / (shankMm - straight);
    return new Vector3D(Math.cos(turn), 0, -Math.sin(turn));
  }

  /** Where the bend begins, about above the hook barb. */
  public Vector3D bendStart() {
    return onShank(shankMm);
  }

  /** Tip of the hook point. */
  public Vector3D point() {
    return inBend(bendMm()).add(new Vector3D(-pointLegMm, 0, 0));
  }

  /** Length of wire in the bend, mm. */
  private double bendMm() {
    return gapMm / 2 * (Math.PI - turnAtBend());
  }

  /**
   * Axis of the wire from the rear edge of the eye to the point, as points no more than {@code
   * stepMm} apart: shank, bend (an arc of the gap's diameter that turns the wire back parallel to
   * the straight shank) and point leg.
   */
  public List<Vector3D> wire(double stepMm) {
    List<Vector3D> path = new ArrayList<>();
    for (double s : steps(shankMm, stepMm)) {
      path.add(onShank(s));
    }
    for (double s : steps(bendMm(), stepMm)) {
      path.add(inBend(s));
    }
    Vector3D end = path.get(path.size() - 1);
    for (double s : steps(pointLegMm, stepMm)) {
      path.add(end.add(new Vector3D(-s, 0, 0)));
    }
    return withoutRepeats(path);
  }

  /** Axis of the eye's ring as a closed polygon of {@code count} points, lying in the xy plane. */
  public List<Vector3D> eye(int count) {
    double radius = (eyeMm - wireMm) / 2;
    List<Vector3D> ring = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double a = 2 * Math.PI * i / count;
      ring.add(new Vector3D(-eyeMm / 2 + radius * Math.cos(a), radius * Math.sin(a), 0));
    }
    return ring;
  }

  /** Length of wire in the whole hook, eye included, mm. */
  public double wireLengthMm() {
    return Math.PI * (eyeMm - wireMm) + shankMm + bendMm() + pointLegMm;
  }

  /** Mass of the hook in mg: as weighed, or whole wire length × section × density (mg/mm³). */
  public double massMg(double density) {
    return weighedMg.orElse(wireMg(density));
  }

  private double wireMg(double density) {
    return wireLengthMm() * Math.PI * wireMm * wireMm / 4 * density;
  }

  private double straightShankMm() {
    return switch (spec.shape()) {
      case STRAIGHT -> shankMm;
      case CURVED -> STRAIGHT_SHARE * shankMm;
      case SHORT_CURVED -> SHORT_STRAIGHT_SHARE * shankMm;
    };
  }

  private double turnAtBend() {
    return switch (spec.shape()) {
      case STRAIGHT -> 0;
      case CURVED -> CURVED_TURN;
      case SHORT_CURVED -> SHORT_CURVED_TURN;
    };
  }

  private static double[] steps(double length, double stepMm) {
    int n = Math.max(1, (int) Math.ceil(length / stepMm));
    double[] s = new double[n + 1];
    for (int i = 0; i <= n; i++) {
      s[i] = length * i / n;
    }
    return s;
  }

  private static List<Vector3D> withoutRepeats(List<Vector3D> path) {
    List<Vector3D> out = new ArrayList<>();
    for (Vector3D p : path) {
      if (out.isEmpty() || out.get(out.size() - 1).distance(p) > 1e-9) {
        out.add(p);
      }
    }
    return out;
  }
}
