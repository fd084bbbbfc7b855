package ripplerest.core.assembly;

import static ripplerest.core.assembly.BodyBuilder.SHANK_LINE;
import static ripplerest.core.assembly.BodyBuilder.THREAD;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.dressing.Finish;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Wound;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.Girth;
import ripplerest.core.sizing.SizedPattern.Piece;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.Strand;

/** The hook and what is wound on its shank. */
final class Shank {
  private static final String WIRE = "hook-steel";

  /** Diameter of the hole in a bead, in the bead's own (assumption). */
  private static final double HOLE = 0.4;

  /** Of a drop on a size 14 head, mg (assumption); it goes with the square of the eye. */
  private static final Map<Finish, Double> DROP_MG =
      Map.of(
          Finish.NONE, 0.0,
          Finish.VARNISH, 0.1,
          Finish.GLUE, 0.15,
          Finish.RESIN, 0.4);

  private static final double DROP_EYE_MM = 0.94;

  private final BodyBuilder layup;
  private final Hook hook;

  Shank(BodyBuilder layup) {
    this.layup = layup;
    this.hook = layup.hook;
  }

  /**
   * Eye, bend and point leg stand free; the shank's own wire weighs but lies inside the dressing.
   */
  void bareWire() {
    double section = Math.PI * hook.wireMm() * hook.wireMm() / 4;
    double perMm = section * layup.get(WIRE, Property.DENSITY);
    double asWeighed = hook.massMg(perMm / section) / (hook.wireLengthMm() * perMm);
    double dressed =
        layup.sized.pieces().stream().mapToDouble(Piece::toMm).max().orElse(hook.shankMm());
    List<Slice> free = new ArrayList<>();
    double arc = 0;
    List<Vector3D> path = hook.wire(layup.sliceMm());
    for (int i = 1; i < path.size(); i++) {
      double length = path.get(i).distance(path.get(i - 1));
      Vector3D middle = path.get(i).add(path.get(i - 1)).scalarMultiply(0.5);
      layup.weigh("hook", middle, length * perMm * asWeighed);
      arc += length;
      if (arc > Math.max(dressed, hook.shankMm()) + 1e-6) {
        free.add(new Slice(middle, length, hook.wireMm() / 2, 1));
      }
    }
    layup.bare("hook", WIRE, free);
    int count = Math.max(8, (int) Math.ceil(Math.PI * hook.eyeMm() / layup.sliceMm()));
    count += count % 2;
    double length = Math.PI * (hook.eyeMm() - hook.wireMm()) / count;
    List<Slice> ring = new ArrayList<>();
    for (Vector3D p : hook.eye(count)) {
      layup.weigh("hook", p, length * perMm * asWeighed);
      ring.add(new Slice(p, length, hook.wireMm() / 2, 1));
    }
    layup.bare("hook", WIRE, ring);
  }

  /** What is wound covers the shank from eye to bend, layer on layer. */
  void dressed() {
    for (Piece piece : layup.sized.pieces()) {
      if (piece.lengthMm() > 1e-6) {
        cover(piece);
      }
    }
  }

  private void cover(Piece piece) {
    Span top = piece.outermost();
    if (top.role() == Span.Role.BEAD) {
      // its mass is laid on with the part; here is the surface that meets the water
      Part.Bead bead = layup.sized.pattern().part(Part.Bead.class).orElseThrow();
      layup.bare(top.part(), bead.material(), bead(top, bead));
      return;
    }
    List<Span> spans = piece.layers().isEmpty() ? List.of(top) : piece.layers();
    List<BodyBuilder.Layer> layers = spans.stream().map(this::layer).toList();
    layup.wrap(piece.fromMm(), piece.lengthMm(), layers, owner(top), shown(top));
  }

  private BodyBuilder.Layer layer(Span span) {
    return new BodyBuilder.Layer(owner(span), material(span), mm -> layup.girth.of(span, mm));
  }

  /** Head, and what hackle and wings are bound down with, are thread. */
  private static String owner(Span span) {
    return isBody(span) ? span.part() : THREAD;
  }

  private static boolean isBody(Span span) {
    return switch (span.role()) {
      case BODY, THORAX, EGG_SAC -> true;
      default -> false;
    };
  }

  private String material(Span span) {
    return isBody(span) ? layup.girth.wound(span.part()).material() : thread();
  }

  private String thread() {
    return layup.sized.pattern().part(Part.Thread.class).map(Part::material).orElse(THREAD);
  }

  /** Wound hackle hides the thread under it. */
  private String shown(Span span) {
    return span.role() == Span.Role.HACKLE
        ? layup.sized.pattern().part(span.part()).orElseThrow().material()
        : material(span);
  }

  private List<Slice> bead(Span span, Part.Bead bead) {
    int count = Math.max(4, (int) Math.ceil(span.lengthMm() / layup.sliceMm()));
    double length = span.lengthMm() / count;
    List<Slice> slices = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double t = (i + 0.5) / count;
      Vector3D at = hook.onShank(span.fromMm() + t * span.lengthMm());
      slices.add(new Slice(at, length, Wound.ball(t, bead.diameter()), 1));
    }
    return slices;
  }

  /** A sphere with a round hole through it holds π/6·(d² - h²)^(3/2). */
  void bead(String name, Part.Bead bead) {
    double square = bead.diameter() * bead.diameter() * (1 - HOLE * HOLE);
    double mass =
        Math.PI / 6 * Math.pow(square, 1.5) * layup.get(bead.material(), Property.DENSITY);
    layup.weigh(name, hook.onShank(bead.diameter() / 2), mass);
  }

  /** A rib, or wire under the body: it only weighs. */
  void strands(String name, String material) {
    for (Strand strand : layup.sized.strandsOf(name)) {
      double mass = strand.volumeMm3() * layup.get(material, Property.DENSITY);
      layup.weigh(name, hook.onShank((strand.fromMm() + strand.toMm()) / 2), mass);
    }
  }

  /** Leaves the shank at the bend. */
  void extended(String name, Part.ExtendedBody body) {
    Extension extension = Extension.of(layup.sized, name, body);
    double front = body.wires() * hook.wireMm() / 2;
    layup.rod(
        name,
        SHANK_LINE,
        body.material(),
        extension::at,
        extension.lengthMm(),
        t -> front * Girth.taper(t));
  }

  /** A strip along the top of the thorax. */
  void cover(String name, Part.ThoraxCover cover) {
    for (Span span : layup.sized.spansOf("thorax")) {
      double radius = cover.wires() * hook.wireMm() / 2;
      double top = layup.girth.thorax() + radius;
      if (span.lengthMm() > 1e-6) {
        layup.rod(
            name,
            SHANK_LINE,
            cover.material(),
            t -> hook.onShank(span.fromMm() + t * span.lengthMm()).add(new Vector3D(0, 0, top)),
            span.lengthMm(),
            t -> radius);
      }
    }
  }

  /** A drop on the head. */
  void seal(String name, Part.Head head) {
    double scale = hook.eyeMm() / DROP_EYE_MM;
    double mass = head.coats() * DROP_MG.get(head.finish()) * scale * scale;
    layup.weigh(name, hook.onShank(layup.sized.span("head").middleMm()), mass);
  }
}
