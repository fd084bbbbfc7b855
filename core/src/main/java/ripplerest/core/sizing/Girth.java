package ripplerest.core.sizing;

import java.util.List;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Wound;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.hook.Hook;
import ripplerest.core.sizing.SizedPattern.Piece;
import ripplerest.core.sizing.SizedPattern.Span;

/** How thick the dressing stands round the shank; radii mm, from the axis of the wire. */
public final class Girth {
  /** What a body is made of, and how thick, where a pattern has none: bare thread. */
  public static final Part.Body BARE = new Part.Body(Tie.of("thread"), 1.5);

  /** Radius of the head over the wire's, in wire diameters (assumption). */
  private static final double HEAD_IN_WIRES = 1.1;

  /** Thread and stem round the wire where hackle or wing is tied in, mm (assumption). */
  private static final double SEAT_WRAP_MM = 0.13;

  /** Denier to which that belongs (common practice, no source). */
  private static final double SEAT_DENIER = 70;

  private final Pattern pattern;
  private final List<Span> spans;
  private final double wireMm;

  Girth(Pattern pattern, Hook hook, List<Span> spans) {
    this.pattern = pattern;
    this.wireMm = hook.wireMm();
    this.spans = spans;
  }

  public Girth(SizedPattern sized) {
    this(sized.pattern(), sized.hook(), sized.spans());
  }

  /** The part that makes the body. */
  public static Part.Body body(Pattern pattern) {
    return pattern.part(Part.Body.class).orElse(BARE);
  }

  /** Radius of what is wound over a stretch, by itself, at a place of the shank. */
  public double of(Span span, double mm) {
    return switch (span.role()) {
      case BODY -> body(span, mm);
      case THORAX, EGG_SAC ->
          thickened(span) * wound(span.part()).radiusMm(share(span, mm), wireMm);
      case HEAD -> HEAD_IN_WIRES * wireMm;
      default -> seat();
    };
  }

  /** A body tapers over all of its stretches together. */
  private double body(Span span, double mm) {
    List<Span> all = spans.stream().filter(s -> s.part().equals(span.part())).toList();
    double from = all.stream().mapToDouble(Span::fromMm).min().orElse(span.fromMm());
    double to = all.stream().mapToDouble(Span::toMm).max().orElse(span.toMm());
    double t = (mm - from) / Math.max(to - from, 1e-9);
    return thickened(span) * wound(span.part()).radiusMm(t, wireMm);
  }

  private double thickened(Span span) {
    return span.wires().map(w -> w / wound(span.part()).wires()).orElse(1.0);
  }

  private static double share(Span span, double mm) {
    return (mm - span.fromMm()) / Math.max(span.lengthMm(), 1e-9);
  }

  /** Radius of all that lies on the shank at a place. */
  public double outer(double mm) {
    return spans.stream()
        .filter(s -> s.role() != Span.Role.OVER && s.fromMm() <= mm && mm <= s.toMm())
        .mapToDouble(s -> of(s, mm))
        .max()
        .orElse(seat());
  }

  /** Radius of a piece over all its layers. */
  public double outer(Piece piece, double mm) {
    return piece.layers().stream().mapToDouble(s -> of(s, mm)).max().orElse(seat());
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
    return pattern.part(Part.Thorax.class).map(t -> t.wires() * wireMm / 2).orElse(wireMm);
  }

  /** How an extended body narrows; {@code t} from the hook to its end. */
  public static double taper(double t) {
    return 1 - Wound.TAIL_END_TAPER * t;
  }
}
