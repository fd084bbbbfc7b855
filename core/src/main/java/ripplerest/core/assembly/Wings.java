package ripplerest.core.assembly;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.dressing.Part;
import ripplerest.core.hook.Hook;

/** Wings of all kinds, and other tufts. Their shapes are assumptions but for what a rule gives. */
final class Wings {
  /** Half angle between a divided pair of wing tips and the upright (common practice). */

  /** How far a flat wing rises over the shank. */
  private static final double FLAT_LIFT = Math.toRadians(4);

  /** Height of a loop in its length. */
  private static final double LOOP_HEIGHT = 0.4;

  /** How much thinner plumes are drawn in a loop or a fold. */
  private static final double DRAWN = 0.6;

  /** Stretch of shank that a folded shuttle covers, in shanks. */
  private static final double FOLD = 0.25;

  /** How steeply its tips stand over the eye. */
  private static final double TIPS_RISE = Math.toRadians(50);

  /** How far spent wings slope back and rise. */
  private static final double SPENT_BACK = Math.toRadians(8);

  private static final double SPENT_RISE = Math.toRadians(4);

  /** Half angle of the fan of a hair wing, and how far hairs differ in lift. */
  private static final double HAIR_FAN = Math.toRadians(22);

  private static final double HAIR_SPREAD = Math.toRadians(6);

  /** Slope of a tent's roof and distance of its barbs, in gaps. */
  private static final double ROOF = Math.toRadians(50);

  private static final double BARB_APART_IN_GAPS = 0.07;

  private static final double TENT_FALL = Math.toRadians(3);

  /** How far a shuck trails down. */
  private static final double SHUCK_FALL = Math.toRadians(8);

  private final BodyBuilder layup;
  private final Hook hook;

  Wings(BodyBuilder layup) {
    this.layup = layup;
    this.hook = layup.hook;
  }

  void upright(String name, Part.UprightWing wing) {
    Vector3D foot = top(layup.seat(name), hook.wireMm());
    double radius = layup.bundleRadius(wing.material());
    double length = layup.sized.mm(name, "length");
    for (int side : new int[] {-1, 1}) {
      double half = Math.toRadians(wing.apart() / 2);
      Vector3D up = new Vector3D(0, side * Math.sin(half), Math.cos(half));
      layup.bundle(name, name + side, wing.material(), foot, up, length, t -> radius * leaf(t));
    }
  }

  void post(String name, Part.Post post) {
    Vector3D foot = top(layup.seat(name), layup.seatRadius());
    double radius = layup.bundleRadius(post.material());
    double length = layup.sized.mm(name, "length");
    layup.bundle(
        name, name, post.material(), foot, Vector3D.PLUS_K, length, t -> radius * brush(t));
  }

  void indicator(String name, Part.Indicator tuft) {
    double seat = layup.seat(name);
    Vector3D foot = top(seat, layup.outerMm(seat));
    double radius = tuft.fullness() * layup.bundleRadius(tuft.material());
    double length = layup.sized.mm(name, "length");
    layup.bundle(
        name, name, tuft.material(), foot, Vector3D.PLUS_K, length, t -> radius * brush(t));
  }

  void forward(String name, Part.ForwardPlume plume) {
    double lift = Math.toRadians(plume.lift());
    Vector3D foot = top(layup.seat(name), hook.wireMm() / 2);
    Vector3D forward = new Vector3D(-Math.cos(lift), 0, Math.sin(lift));
    double radius = together(plume.material(), plume.count());
    double length = layup.sized.mm(name, "length");
    layup.bundle(name, name, plume.material(), foot, forward, length, t -> radius * leaf(t));
  }

  /** Plumes side by side over the body. */
  void flat(String name, Part.FlatWing wing) {
    double radius = layup.bundleRadius(wing.material());
    Vector3D foot = top(layup.seat(name), layup.bodyRadius());
    double length = layup.sized.mm(name, "length");
    double spread = Math.toRadians(wing.spread());
    for (int i = 0; i < wing.count(); i++) {
      double side = spread * ((i + 0.5) / wing.count() - 0.5);
      Vector3D back =
          new Vector3D(Math.cos(side) * Math.cos(FLAT_LIFT), Math.sin(side), Math.sin(FLAT_LIFT));
      layup.bundle(
          name, name + i, wing.material(), foot, back.normalize(), length, t -> radius * leaf(t));
    }
  }

  /** Half an ellipse over the thorax. */
  void looped(String name, Part.LoopedWing wing) {
    double loop = layup.sized.mm(name, "length");
    double height = LOOP_HEIGHT * loop;
    Vector3D foot = top(layup.seat(name), layup.seatRadius());
    double radius = DRAWN * together(wing.material(), wing.count());
    double a = loop / 2;
    // Ramanujan's first formula (Quarterly Journal of Mathematics 45 (1914) 350) for half of it
    double length =
        Math.PI / 2 * (3 * (a + height) - Math.sqrt((3 * a + height) * (a + 3 * height)));
    layup.bundle(
        name,
        name,
        wing.material(),
        t ->
            foot.add(
                new Vector3D(a * (1 - Math.cos(Math.PI * t)), 0, height * Math.sin(Math.PI * t))),
        length,
        t -> radius);
  }

  /** Forward along the thorax, then up over the eye. */
  void shuttle(String name, Part.FoldedShuttle wing) {
    double fold = FOLD * hook.shankMm();
    double tips = layup.sized.mm(name, "length");
    double front = layup.seat(name);
    double radius = together(wing.material(), wing.count());
    double high = layup.seatRadius() + DRAWN * radius;
    double length = fold + tips;
    Vector3D corner = top(front, high);
    layup.bundle(
        name,
        name,
        wing.material(),
        t -> {
          double along = t * length - fold;
          return along < 0
              ? corner.add(new Vector3D(-along, 0, 0))
              : corner.add(along, new Vector3D(-Math.cos(TIPS_RISE), 0, Math.sin(TIPS_RISE)));
        },
        length,
        t -> t * length < fold ? DRAWN * radius : radius * leaf((t * length - fold) / tips));
  }

  void spent(String name, Part.SpentWing wing) {
    Vector3D foot = top(layup.seat(name), hook.wireMm() / 2);
    double radius = layup.bundleRadius(wing.material());
    double length = layup.sized.mm(name, "length");
    for (int side : new int[] {-1, 1}) {
      Vector3D out =
          new Vector3D(Math.sin(SPENT_BACK), side * Math.cos(SPENT_BACK), Math.sin(SPENT_RISE));
      layup.bundle(
          name, name + side, wing.material(), foot, out.normalize(), length, t -> radius * leaf(t));
    }
  }

  /** Hair by hair, in mirrored pairs. */
  void hair(String name, Part.HairWing wing) {
    Vector3D foot = top(layup.seat(name), layup.bodyRadius());
    double length = layup.sized.mm(name, "length");
    int all = Math.max(1, wing.count() / 2);
    double across = length * length / 4 * 4 * HAIR_FAN * HAIR_SPREAD;
    Bundling pairs = layup.bundled(wing.material(), all, length, Bundling.apart(across, 2 * all));
    for (int p = 0; p < pairs.count(); p++) {
      double fan = HAIR_FAN * Scatter.GOLDEN.at(p);
      double lift = Math.toRadians(wing.lift()) + HAIR_SPREAD * Scatter.PLASTIC.centred(p);
      double hair = length * (1 + Scatter.LENGTH_SHARE * Scatter.PLASTIC_SQUARE.centred(p));
      for (int side : new int[] {-1, 1}) {
        Vector3D back =
            new Vector3D(
                Math.cos(fan) * Math.cos(lift),
                side * Math.sin(fan) * Math.cos(lift),
                Math.sin(lift));
        layup.fibre(name, wing.material(), foot, back, hair, pairs.fibres());
      }
    }
  }

  /** Barbs side by side down both slopes of a roof. */
  void tent(String name, Part.TentWing wing) {
    Vector3D ridge = top(layup.seat(name), layup.bodyRadius());
    double length = layup.sized.mm(name, "length");
    double apart = BARB_APART_IN_GAPS * hook.gapMm();
    Vector3D back = new Vector3D(Math.cos(TENT_FALL), 0, -Math.sin(TENT_FALL));
    for (int i = 0; i < wing.count(); i++) {
      double down = apart * (i + 0.5);
      for (int side : new int[] {-1, 1}) {
        Vector3D root =
            ridge.add(new Vector3D(0, side * down * Math.cos(ROOF), -down * Math.sin(ROOF)));
        layup.fibre(name, wing.material(), root, back, length);
      }
    }
  }

  void shuck(String name, Part.Shuck shuck) {
    double seat = layup.sized.seatMm(name);
    Vector3D along = hook.shankDirection(seat);
    double fall = Math.atan2(along.getZ(), along.getX()) - SHUCK_FALL;
    Vector3D direction = new Vector3D(Math.cos(fall), 0, Math.sin(fall));
    double radius = shuck.fullness() * layup.bundleRadius(shuck.material());
    double length = layup.sized.mm(name, "length");
    layup.bundle(
        name,
        name,
        shuck.material(),
        hook.onShank(seat),
        direction,
        length,
        t -> radius * (1 - 0.7 * t));
  }

  private Vector3D top(double alongShank, double height) {
    return hook.onShank(alongShank).add(new Vector3D(0, 0, height));
  }

  /** Fullest radius of several plumes laid together. */
  private double together(String material, int count) {
    return layup.bundleRadius(material) * Math.sqrt(count);
  }

  /**
   * A bundle's outline from foot (0) to tip (1): narrow, fullest near the middle, open at the tip.
   */
  private static double leaf(double t) {
    return t < 0.4
        ? 0.35 + 0.65 * Math.sin(Math.PI / 2 * t / 0.4)
        : 1 - 0.5 * Math.pow((t - 0.4) / 0.6, 2);
  }

  /** A bunch cut level. */
  private static double brush(double t) {
    return 0.8 + 0.4 * t;
  }
}
