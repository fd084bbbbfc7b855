package ripplerest.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.assembly.FlyBody.Lump;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.FlyBody.Tuft;
import ripplerest.core.dressing.Part;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.water.Floatant;

/** Builds the three-dimensional body of a sized fly, barb by barb. Bodies and wire are rigid. */
public final class Assembler {
  /**
   * A bundle radius in the material table belongs to this gap, mm (size 14), and scales with it.
   */
  private static final double REFERENCE_GAP_MM = 4.0;

  /** Radius of thread, stem and head over the wire's, in wire diameters (assumption). */
  private static final double HEAD_IN_WIRES = 1.1;

  /** Thread and stem round the wire where hackle or wing is tied in, mm (assumption). */
  private static final double SEAT_WRAP_MM = 0.13;

  /** A body is thinner at the tail by this share (common practice). */
  private static final double TAIL_END_TAPER = 0.3;

  /** Half angle between a divided pair of wing tips and the upright, rad (common practice). */
  private static final double WING_DIVIDE = Math.toRadians(15);

  private static final String THREAD = "thread";
  private static final String WIRE = "hook-steel";

  private final SizedPattern sized;
  private final Hook hook;
  private final Materials materials;
  private final Floatant floatant;
  private final Mesh mesh;
  private final School school;
  private final List<Lump> lumps = new ArrayList<>();
  private final List<Member> members = new ArrayList<>();
  private final List<Fibre> fibres = new ArrayList<>();

  private Assembler(SizedPattern sized, Materials materials, Floatant floatant, Mesh mesh) {
    this.sized = sized;
    this.hook = sized.hook();
    this.materials = materials;
    this.floatant = floatant;
    this.mesh = mesh;
    this.school = School.named(sized.pattern().school());
  }

  /** The body of a fly. Floatant only sets how much air a bundle keeps under water. */
  public static FlyBody assemble(
      SizedPattern sized, Materials materials, Floatant floatant, Mesh mesh) {
    return new Assembler(sized, materials, floatant, mesh).build();
  }

  private FlyBody build() {
    bareWire();
    dressedShank();
    for (Part part : sized.pattern().parts()) {
      if (part instanceof Part.Tail tail) {
        tail(tail);
      } else if (part instanceof Part.UprightWing wing) {
        upright(wing);
      } else if (part instanceof Part.CollarHackle hackle) {
        collar(hackle);
      } else if (part instanceof Part.Post post) {
        post(post);
      } else if (part instanceof Part.ParachuteHackle hackle) {
        parachute(hackle);
      } else if (part instanceof Part.ForwardPlume plume) {
        plume(plume);
      } else if (part instanceof Part.Body) {
        continue; // laid on with the rest of the shank
      }
    }
    return new FlyBody(lumps, members, fibres);
  }

  /**
   * Eye, bend and point leg stand free; the shank's own wire weighs but lies inside the dressing.
   */
  private void bareWire() {
    double density = materials.get(WIRE).get(Property.DENSITY);
    double section = Math.PI * hook.wireMm() * hook.wireMm() / 4;
    List<Slice> free = new ArrayList<>();
    double arc = 0;
    List<Vector3D> path = hook.wire(mesh.sliceMm());
    for (int i = 1; i < path.size(); i++) {
      double length = path.get(i).distance(path.get(i - 1));
      Vector3D middle = path.get(i).add(path.get(i - 1)).scalarMultiply(0.5);
      lumps.add(new Lump("hook", middle, length * section * density));
      arc += length;
      if (arc > hook.shankMm() + 1e-6) {
        free.add(new Slice(middle, length, hook.wireMm() / 2, 1));
      }
    }
    members.add(new Member("hook", "shank-line", WIRE, free));
    int count = Math.max(8, (int) Math.ceil(Math.PI * hook.eyeMm() / mesh.sliceMm()));
    count += count % 2;
    double length = Math.PI * (hook.eyeMm() - hook.wireMm()) / count;
    List<Slice> ring = new ArrayList<>();
    for (Vector3D p : hook.eye(count)) {
      lumps.add(new Lump("hook", p, length * section * density));
      ring.add(new Slice(p, length, hook.wireMm() / 2, 1));
    }
    members.add(new Member("hook", "shank-line", WIRE, ring));
  }

  /** Head, hackle seat, wing seat and body cover the shank from eye to bend. */
  private void dressedShank() {
    for (Span span : sized.spans()) {
      if (span.lengthMm() < 1e-6) {
        continue;
      }
      if (span.part().equals("body")) {
        Part.Body body = sized.pattern().part(Part.Body.class).orElse(new Part.Body(THREAD, 1.5));
        double front = body.wires() * hook.wireMm() / 2;
        alongShank(
            span,
            "body",
            body.material(),
            body.material(),
            t -> Math.max(0.55 * hook.wireMm(), front * (1 - TAIL_END_TAPER * t)));
      } else {
        double radius = span.part().equals("head") ? HEAD_IN_WIRES * hook.wireMm() : seatRadius();
        alongShank(span, "thread", THREAD, shownSurface(span), t -> radius);
      }
    }
  }

  private double seatRadius() {
    return hook.wireMm() / 2 + SEAT_WRAP_MM;
  }

  /** Wound hackle hides the thread under it. */
  private String shownSurface(Span span) {
    return sized
        .pattern()
        .part(Part.CollarHackle.class)
        .filter(h -> span.part().equals(h.kind()))
        .map(Part.CollarHackle::material)
        .orElse(THREAD);
  }

  private void alongShank(
      Span span, String part, String material, String shown, DoubleUnaryOperator radius) {
    int count = Math.max(1, (int) Math.ceil(span.lengthMm() / mesh.sliceMm()));
    double length = span.lengthMm() / count;
    Bulk bulk = bulk(part, material);
    double wireRadius = hook.wireMm() / 2;
    List<Slice> slices = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double t = (i + 0.5) / count;
      double r = radius.applyAsDouble(t);
      double wireShare = wireRadius * wireRadius / (r * r);
      double buoyant = wireShare + (1 - wireShare) * bulk.buoyantShare();
      Vector3D at = hook.onShank(span.fromMm() + t * span.lengthMm());
      slices.add(new Slice(at, length, r, buoyant));
      double dressing = Math.PI * (r * r - wireRadius * wireRadius) * length;
      lumps.add(new Lump(part, at, dressing * bulk.solidShare() * bulk.density()));
    }
    members.add(new Member(part, "shank-line", surface(part, shown), slices));
  }

  private void tail(Part.Tail tail) {
    double splay = Math.toRadians(school.rule("tail", "splay").number());
    Vector3D along = hook.shankDirection(hook.shankMm());
    Vector3D root = hook.bendStart().add(new Vector3D(0, 0, hook.wireMm() / 2));
    double length = sized.mm("tail", "length");
    for (int i = 0; i < tail.count(); i++) {
      double side = splay * ((i + 0.5) / tail.count() - 0.5);
      Vector3D direction =
          along.scalarMultiply(Math.cos(side)).add(new Vector3D(0, Math.sin(side), 0));
      fibre("tail", tail.material(), root, direction, length);
    }
  }

  private void upright(Part.UprightWing wing) {
    double seat = sized.span("upright-wing").middleMm();
    Vector3D foot = hook.onShank(seat).add(new Vector3D(0, 0, hook.wireMm()));
    double radius = bundleRadius(wing.material());
    for (int side : new int[] {-1, 1}) {
      Vector3D up = new Vector3D(0, side * Math.sin(WING_DIVIDE), Math.cos(WING_DIVIDE));
      double length = sized.mm("upright-wing", "length");
      bundle(
          "upright-wing", "wing" + side, wing.material(), foot, up, length, t -> radius * leaf(t));
    }
  }

  private void post(Part.Post post) {
    Vector3D foot = postFoot();
    double radius = bundleRadius(post.material());
    Vector3D up = new Vector3D(0, 0, 1);
    double length = sized.mm("post", "length");
    bundle("post", "post", post.material(), foot, up, length, t -> radius * (0.8 + 0.4 * t));
  }

  private Vector3D postFoot() {
    double seat = sized.span("post").middleMm();
    return hook.onShank(seat).add(new Vector3D(0, 0, seatRadius()));
  }

  private void plume(Part.ForwardPlume plume) {
    double seat = sized.span("forward-plume").middleMm();
    double lift = Math.toRadians(school.rule("forward-plume", "lift").number());
    Vector3D foot = hook.onShank(seat).add(new Vector3D(0, 0, hook.wireMm() / 2));
    Vector3D forward = new Vector3D(-Math.cos(lift), 0, Math.sin(lift));
    double radius = bundleRadius(plume.material()) * Math.sqrt(plume.count());
    double length = sized.mm("forward-plume", "length");
    bundle(
        "forward-plume", "plume", plume.material(), foot, forward, length, t -> radius * leaf(t));
  }

  /**
   * A bundle's outline from foot (0) to tip (1): narrow, fullest near the middle, open at the tip.
   */
  private static double leaf(double t) {
    return t < 0.4
        ? 0.35 + 0.65 * Math.sin(Math.PI / 2 * t / 0.4)
        : 1 - 0.5 * Math.pow((t - 0.4) / 0.6, 2);
  }

  private void bundle(
      String part,
      String group,
      String material,
      Vector3D foot,
      Vector3D direction,
      double lengthMm,
      DoubleUnaryOperator radius) {
    int count = Math.max(4, (int) Math.ceil(lengthMm / mesh.sliceMm()));
    double length = lengthMm / count;
    Bulk bulk = bulk(part, material);
    List<Slice> slices = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double t = (i + 0.5) / count;
      double r = radius.applyAsDouble(t);
      Vector3D at = foot.add(t * lengthMm, direction);
      slices.add(new Slice(at, length, r, bulk.buoyantShare()));
      lumps.add(new Lump(part, at, Math.PI * r * r * length * bulk.solidShare() * bulk.density()));
    }
    String surface = surface(part, material);
    double fibre = materials.get(material).get(Property.FIBRE_RADIUS);
    Tuft tuft = new Tuft(surface, bulk.solidShare(), fibre);
    members.add(new Member(part, group, surface, slices, Optional.of(tuft)));
  }

  /**
   * A collar's barbs stand round the shank, spread fore and aft by their own cup. They come in
   * mirrored pairs whose angles follow the golden-ratio sequence, so that a turn more adds barbs
   * without moving the ones there are.
   */
  private void collar(Part.CollarHackle hackle) {
    double hub = seatRadius();
    double clip =
        hackle.clippedBelow() ? sized.mm("collar-hackle", "clip") : Double.POSITIVE_INFINITY;
    double barb = sized.mm("collar-hackle", "barb");
    List<Span> spans =
        sized.spansOf("collar-hackle").stream().filter(s -> s.lengthMm() > 1e-6).toList();
    double wound = spans.stream().mapToDouble(Span::lengthMm).sum();
    int pairs = pairs(hackle.material(), hackle.turns(), hub);
    for (int p = 0; p < pairs; p++) {
      double x = along(spans, wound * (p + 0.5) / pairs);
      double round = Math.PI * Scatter.GOLDEN.at(p);
      double lean = Scatter.LEAN_RAD * Scatter.PLASTIC.centred(p);
      double length = barb * (1 + Scatter.LENGTH_SHARE * Scatter.PLASTIC_SQUARE.centred(p));
      for (int side : new int[] {-1, 1}) {
        Vector3D out = new Vector3D(0, side * Math.sin(round), -Math.cos(round));
        Vector3D direction =
            out.scalarMultiply(Math.cos(lean)).add(new Vector3D(Math.sin(lean), 0, 0));
        Vector3D root = hook.onShank(x).add(hub, out);
        double reach = direction.getZ() < 0 ? (root.getZ() + clip) / -direction.getZ() : length;
        if (reach > 0.3) {
          fibre("collar-hackle", hackle.material(), root, direction, Math.min(length, reach));
        }
      }
    }
  }

  /** A parachute's barbs lie flat round the post, each turn under the one before. */
  private void parachute(Part.ParachuteHackle hackle) {
    Material material = materials.get(hackle.material());
    double stem = material.get(Property.STEM_DIAMETER);
    double hub = 0.8 * bundleRadius(postMaterial()) + stem / 2;
    double bodyTop =
        sized.pattern().part(Part.Body.class).map(Part.Body::wires).orElse(2.0) * hook.wireMm() / 2;
    double barb = sized.mm("parachute-hackle", "barb");
    double cup = Math.toRadians(school.rule("parachute-hackle", "droop").number());
    int pairs = pairs(hackle.material(), hackle.turns(), hub);
    for (int p = 0; p < pairs; p++) {
      double round = Math.PI * Scatter.GOLDEN.at(p);
      double droop = cup + Scatter.LEAN_RAD / 2 * Scatter.PLASTIC.centred(p);
      double length = barb * (1 + Scatter.LENGTH_SHARE * Scatter.PLASTIC_SQUARE.centred(p));
      double height = bodyTop + stem * (0.5 + hackle.turns() * (1 - (p + 0.5) / pairs));
      for (int side : new int[] {-1, 1}) {
        Vector3D out = new Vector3D(-Math.cos(round), side * Math.sin(round), 0);
        Vector3D direction =
            out.scalarMultiply(Math.cos(droop)).add(new Vector3D(0, 0, -Math.sin(droop)));
        Vector3D foot = hook.onShank(sized.span("post").middleMm());
        Vector3D root = foot.add(hub, out).add(new Vector3D(0, 0, height));
        fibre("parachute-hackle", hackle.material(), root, direction, length);
      }
    }
  }

  private String postMaterial() {
    return sized.pattern().part(Part.Post.class).orElseThrow().material();
  }

  private int pairs(String material, double turns, double hub) {
    double perMm = materials.get(material).get(Property.BARBS_PER_MM);
    return Math.max(1, (int) Math.round(perMm * 2 * Math.PI * hub * turns / 2));
  }

  private static double along(List<Span> spans, double wound) {
    double left = wound;
    for (Span span : spans) {
      if (left <= span.lengthMm()) {
        return span.fromMm() + left;
      }
      left -= span.lengthMm();
    }
    return spans.get(spans.size() - 1).toMm();
  }

  private void fibre(
      String part, String material, Vector3D root, Vector3D direction, double lengthMm) {
    Material m = materials.get(material);
    Fibre fibre =
        new Fibre(
            part,
            surface(part, material),
            root,
            direction.normalize(),
            lengthMm,
            m.get(Property.FIBRE_RADIUS),
            m.get(Property.TAPER),
            m.get(Property.YOUNGS_MODULUS));
    fibres.add(fibre);
    Vector3D middle = root.add(fibre.middleBeyond(0), fibre.direction());
    lumps.add(new Lump(part, middle, fibre.volumeBeyond(0) * m.get(Property.DENSITY)));
  }

  private double bundleRadius(String material) {
    double scale = hook.gapMm() / REFERENCE_GAP_MM;
    return materials.get(material).get(Property.BUNDLE_RADIUS) * scale;
  }

  /** What a bundle is made of: solid share, its density, and what of the envelope displaces. */
  private record Bulk(double solidShare, double density, double buoyantShare) {}

  /** Some schools keep the floatant off part of the fly. */
  private boolean isDressed(String part) {
    return floatant != Floatant.NONE
        && school
            .find("school", "dressed")
            .map(rule -> List.of(rule.value().split(" ")).contains(part))
            .orElse(true);
  }

  private String surface(String part, String material) {
    return isDressed(part) ? material : FlyBody.undressed(material);
  }

  private Bulk bulk(String part, String material) {
    Material m = materials.get(material);
    double solid = m.get(Property.SOLID_SHARE);
    double bare = m.get(Property.KEPT_AIR_UNTREATED);
    double air = isDressed(part) ? floatant.between(bare, m.get(Property.KEPT_AIR_TREATED)) : bare;
    return new Bulk(solid, m.get(Property.DENSITY), Math.min(1, solid + air));
  }
}
