package ripplerest.core.assembly;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.dressing.LegSet;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Trim;
import ripplerest.core.dressing.Turned;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.SizedPattern.Span;

/**
 * Everything that stands out as single fibres: wound hackle, tail, legs. Wound barbs come in
 * mirrored pairs whose angles follow the golden-ratio sequence, so that a turn more adds barbs
 * without moving the ones there are.
 */
final class Hackles {
  private static final double SHORTEST_MM = 0.3;

  /**
   * By how much the barbs of a palmered feather are longer in front and shorter behind than at its
   * middle, as a share: its tip lies at the rear (assumption).
   */
  private static final double GRADED = 0.2;

  /**
   * Legs leave the body between these angles from the tail, and this far up or down (assumption).
   */
  private static final double LEGS_BACK = Math.toRadians(35);

  private static final double LEGS_ACROSS = Math.toRadians(100);
  private static final double LEGS_SET = Math.toRadians(25);

  private final BodyBuilder layup;
  private final Hook hook;

  Hackles(BodyBuilder layup) {
    this.layup = layup;
    this.hook = layup.hook;
  }

  void tail(String name, Part.Tail tail) {
    double splay = Math.toRadians(tail.splay());
    double seat = layup.sized.seatMm(name);
    Optional<Extension> extension =
        layup
            .sized
            .extensionUnder(name)
            .map(body -> Extension.of(layup.sized, "extended-body", body));
    Vector3D along = extension.map(Extension::direction).orElseGet(() -> hook.shankDirection(seat));
    Vector3D root =
        extension
            .map(e -> e.at(1))
            .orElseGet(() -> hook.onShank(seat).add(new Vector3D(0, 0, hook.wireMm() / 2)));
    double length = layup.sized.mm(name, "length");
    double apart = splay * length / 2 / tail.count();
    Bundling fibres = layup.bundled(tail.material(), tail.count(), length, apart);
    for (int i = 0; i < fibres.count(); i++) {
      double side = splay * ((i + 0.5) / fibres.count() - 0.5);
      Vector3D direction =
          along.scalarMultiply(Math.cos(side)).add(new Vector3D(0, Math.sin(side), 0));
      layup.fibre(name, tail.material(), root, direction, length, fibres.fibres());
    }
  }

  /** Side by side over the body, as far as they reach. */
  void flash(String name, Part.Flash flash) {
    double seat = layup.sized.seatMm(name);
    Vector3D back = hook.shankDirection(seat);
    double up = layup.bodyRadius();
    for (int i = 0; i < flash.count(); i++) {
      double side = up * ((i + 0.5) / flash.count() - 0.5);
      Vector3D root = hook.onShank(seat).add(new Vector3D(0, side, up));
      layup.fibre(name, flash.material(), root, back, layup.sized.mm(name, "length"));
    }
  }

  void legs(String name, Part.Legs legs) {
    double length = layup.sized.mm(name, "length");
    double set = legs.set() == LegSet.UP ? LEGS_SET : -LEGS_SET;
    double seat = layup.sized.seatMm(name);
    for (int i = 0; i < legs.count(); i++) {
      double t = legs.count() == 1 ? 0.5 : i / (legs.count() - 1.0);
      double from = LEGS_BACK + t * (LEGS_ACROSS - LEGS_BACK);
      for (int side : new int[] {-1, 1}) {
        Vector3D root = hook.onShank(seat).add(new Vector3D(0, side * layup.bodyRadius(), 0));
        Vector3D out =
            new Vector3D(
                Math.cos(from) * Math.cos(set),
                side * Math.sin(from) * Math.cos(set),
                Math.sin(set));
        layup.fibre(name, legs.material(), root, out, length);
      }
    }
  }

  /**
   * A collar's barbs stand round the shank, spread fore and aft by their own cup.
   *
   * @param drape how far all of them lean back, °
   */
  <T extends Part & Turned> void collar(String name, T hackle, Trim trim, double drape) {
    List<Span> spans = layup.sized.spansOf(name).stream().filter(s -> s.lengthMm() > 1e-6).toList();
    if (!spans.isEmpty()) {
      wound(name, hackle.tie(), hackle.turns(), spans, trim, Math.toRadians(drape), 0);
    }
  }

  void palmered(String name, Part.PalmeredHackle h) {
    List<Span> spans = layup.sized.spansOf(name).stream().filter(s -> s.lengthMm() > 1e-6).toList();
    if (!spans.isEmpty()) {
      wound(name, h.tie(), h.turns(), spans, h.trim(), 0, GRADED);
    }
  }

  /** All feathers of a hackle, the first one's barbs first. */
  private void wound(
      String name,
      Tie tie,
      double turns,
      List<Span> spans,
      Trim trim,
      double drape,
      double graded) {
    double barb = layup.sized.mm(name, "barb");
    wound(name, tie.material(), turns, barb, spans, trim, drape, graded);
    for (FurtherFeather f : tie.with()) {
      double other = f.barb().map(length -> layup.sized.mm(name, length)).orElse(barb);
      wound(name, f.material(), f.turns(), other, spans, trim, drape, graded);
    }
  }

  private void wound(
      String name,
      String material,
      double turns,
      double barb,
      List<Span> spans,
      Trim trim,
      double drape,
      double graded) {
    double clip = trim == Trim.FULL ? Double.POSITIVE_INFINITY : layup.sized.mm(name, "clip");
    double wound = spans.stream().mapToDouble(Span::lengthMm).sum();
    double core = hub(spans.get(0).middleMm());
    double wide = wound + barb * Math.tan(Scatter.LEAN_RAD);
    Bundling pairs = pairs(material, turns, core, barb, wide);
    for (int p = 0; p < pairs.count(); p++) {
      double share = (p + 0.5) / pairs.count();
      double x = along(spans, wound * share);
      double hub = hub(x);
      double round = Math.PI * Scatter.GOLDEN.at(p);
      double lean = drape + Scatter.LEAN_RAD * Scatter.PLASTIC.centred(p);
      double length =
          barb
              * (1 + Scatter.LENGTH_SHARE * Scatter.PLASTIC_SQUARE.centred(p))
              * (1 + graded * (1 - 2 * share));
      for (int side : new int[] {-1, 1}) {
        Vector3D out = new Vector3D(0, side * Math.sin(round), -Math.cos(round));
        Vector3D direction =
            out.scalarMultiply(Math.cos(lean)).add(new Vector3D(Math.sin(lean), 0, 0));
        Vector3D root = hook.onShank(x).add(hub, out);
        double reach = reach(root.getZ() - hook.onShank(x).getZ(), hub, direction, trim, clip);
        if (reach > SHORTEST_MM) {
          layup.fibre(name, material, root, direction, Math.min(length, reach), pairs.fibres());
        }
      }
    }
  }

  /** What a feather is wound on, mm from the axis of the wire. */
  private double hub(double mm) {
    return layup.girth.outer(mm);
  }

  /** How long a barb may be where scissors have passed. */
  private static double reach(
      double rootMm, double hub, Vector3D direction, Trim trim, double clip) {
    double z = direction.getZ();
    return switch (trim) {
      case FULL -> clip;
      case BELOW -> z < 0 ? (rootMm + clip) / -z : Double.POSITIVE_INFINITY;
      case ABOVE -> z > 0 ? (clip - rootMm) / z : Double.POSITIVE_INFINITY;
      case ALL_ROUND -> Math.max(2 * SHORTEST_MM, clip - hub);
    };
  }

  /** A parachute's barbs lie flat round the post, each turn under the one before. */
  void parachute(String name, Part.ParachuteHackle hackle) {
    double barb = layup.sized.mm(name, "barb");
    parachute(name, hackle, hackle.material(), hackle.turns(), barb);
    for (FurtherFeather f : hackle.tie().with()) {
      double other = f.barb().map(length -> layup.sized.mm(name, length)).orElse(barb);
      parachute(name, hackle, f.material(), f.turns(), other);
    }
  }

  private void parachute(
      String name, Part.ParachuteHackle hackle, String material, double turns, double barb) {
    Part.Post post = layup.sized.pattern().part(Part.Post.class).orElseThrow();
    double stem = layup.get(material, Property.STEM_DIAMETER);
    double hub = 0.8 * layup.bundleRadius(post.material()) + stem / 2;
    double cup = Math.toRadians(hackle.droop());
    double seat = layup.seat("post");
    Bundling pairs = pairs(material, turns, hub, barb, barb * Math.tan(Scatter.LEAN_RAD / 2));
    for (int p = 0; p < pairs.count(); p++) {
      double round = Math.PI * Scatter.GOLDEN.at(p);
      double droop = cup + Scatter.LEAN_RAD / 2 * Scatter.PLASTIC.centred(p);
      double length = barb * (1 + Scatter.LENGTH_SHARE * Scatter.PLASTIC_SQUARE.centred(p));
      double height = layup.bodyRadius() + stem * (0.5 + turns * (1 - (p + 0.5) / pairs.count()));
      for (int side : new int[] {-1, 1}) {
        Vector3D out = new Vector3D(-Math.cos(round), side * Math.sin(round), 0);
        Vector3D direction =
            out.scalarMultiply(Math.cos(droop)).add(new Vector3D(0, 0, -Math.sin(droop)));
        Vector3D root = hook.onShank(seat).add(hub, out).add(new Vector3D(0, 0, height));
        layup.fibre(name, material, root, direction, length, pairs.fibres());
      }
    }
  }

  /**
   * Barbs of a wound hackle in pairs, a bundle each.
   *
   * @param wide of the ring of barbs half way along them, mm
   */
  private Bundling pairs(String material, double turns, double hub, double barb, double wide) {
    double perMm = layup.get(material, Property.BARBS_PER_MM);
    int pairs = Math.max(1, (int) Math.round(perMm * 2 * Math.PI * hub * turns / 2));
    double ring = 2 * Math.PI * (hub + barb / 2) * wide;
    return layup.bundled(material, pairs, barb, Bundling.apart(ring, 2 * pairs));
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
}
