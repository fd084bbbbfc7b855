package ripplerest.core.sizing;

import java.util.Optional;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Wound;
import ripplerest.core.hook.Hook;
import ripplerest.core.sizing.SizedPattern.Span;

/** How thick the dressing stands round the shank; radii mm, from the axis of the wire. */
public final class Girth {
  /** What a body is made of, and how thick, where a pattern has none: bare thread. */
  public static final Part.Body BARE = new Part.Body("thread", 1.5);

  /** Radius of the head over the wire's, in wire diameters (assumption). */
  private static final double HEAD_IN_WIRES = 1.1;

  private static final double THINNEST_IN_WIRES = 0.55;

  /** Thread and stem round the wire where hackle or wing is tied in, mm (assumption). */
  private static final double SEAT_WRAP_MM = 0.13;

  /** Denier to which that belongs (common practice, no source). */
  private static final double SEAT_DENIER = 70;

  private final Pattern pattern;
  private final double wireMm;

  public Girth(Pattern pattern, Hook hook) {
    this.pattern = pattern;
    this.wireMm = hook.wireMm();
  }

  /** The part that makes the body. */
  public static Part.Body body(Pattern pattern) {
    return pattern.part(Part.Body.class).orElse(BARE);
  }

  /** The share of a stretch, 0 at the eye's end to 1 at the bend's, to the radius there. */
  public double at(Span span, double t) {
    return switch (span.role()) {
      case BODY, THORAX, EGG_SAC -> wound(span.part()).radiusMm(t, wireMm);
      case HEAD -> HEAD_IN_WIRES * wireMm;
      default -> seat();
    };
  }

  /** What covers a stretch; thread where the pattern has no body. */
  public Wound wound(String part) {
    return pattern.part(part).filter(Wound.class::isInstance).map(Wound.class::cast).orElse(BARE);
  }

  /** Radius of thread and stem on the wire. */
  public double seat() {
    double denier =
        pattern.part(Part.Thread.class).map(t -> (double) t.denier()).orElse(SEAT_DENIER);
    return wireMm / 2 + SEAT_WRAP_MM * Math.sqrt(denier / SEAT_DENIER);
  }

  /** Radius of the body at its front, or of thread over the wire where there is none. */
  public double front() {
    return pattern.part(Part.Body.class).map(b -> b.wires() * wireMm / 2).orElse(wireMm);
  }

  /** Fullest radius of the thorax. */
  public double thorax() {
    return wires(pattern.part(Part.Thorax.class).map(Part.Thorax::wires)) / 2;
  }

  /** How an extended body narrows; {@code t} from the hook to its end. */
  public static double taper(double t) {
    return 1 - Wound.TAIL_END_TAPER * t;
  }

  private double wires(Optional<Double> wires) {
    return wires.orElse(2.0) * wireMm;
  }
}
