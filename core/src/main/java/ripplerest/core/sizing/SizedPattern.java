package ripplerest.core.sizing;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;

/**
 * A pattern with every part in millimetres.
 *
 * @param pattern what was sized
 * @param style whose rules it was sized by
 * @param hook geometry of its hook
 * @param dimensions every length with the rule it came from
 * @param spans stretches of the shank in the order in which they are wound; they may overlap
 * @param seats where each part is bound in, mm behind the eye, by its name
 * @param strands what is wound round the shank strand by strand
 * @param landmarks places on the shank that a tier looks for
 * @param feathers what each hackle asks of its feather
 * @param warnings what a tier should know before starting
 */
public record SizedPattern(
    Pattern pattern,
    Style style,
    Hook hook,
    List<Dimension> dimensions,
    List<Span> spans,
    Map<String, Double> seats,
    List<Strand> strands,
    List<Landmark> landmarks,
    List<Feather> feathers,
    List<Warning> warnings) {
  /**
   * A length of one part.
   *
   * @param part name of the part
   * @param name what is measured, such as {@code length} or {@code barb}
   * @param mm the length
   * @param eyeLengths the same in outside lengths of the hook's own eye
   * @param rule the rule it came from, such as {@code 1.75 × gap}, or {@code pinned}
   */
  public record Dimension(String part, String name, double mm, double eyeLengths, String rule) {}

  /**
   * A stretch of the shank.
   *
   * @param part name of the part, {@code head} too
   * @param role what it is for
   * @param label words on the plan
   * @param fromMm nearer the eye, from its rear edge
   * @param toMm nearer the bend
   * @param wires thickness in wire diameters, where the pattern gives the stretch its own
   */
  public record Span(
      String part, Role role, String label, double fromMm, double toMm, Optional<Double> wires) {
    /** What a stretch of the shank is for. */
    public enum Role {
      BEAD,
      HEAD,
      THORAX,
      /** Turns of a collar. */
      HACKLE,
      /** A wing is bound in here. */
      WING_SEAT,
      BODY,
      EGG_SAC,
      /** Bare thread. */
      THREAD,
      /** In open turns over what is there; it takes no room of its own. */
      OVER;

      /** Whether it hides what it is wound over. */
      boolean covers() {
        return this == BEAD || this == HEAD || this == THORAX || this == BODY || this == EGG_SAC;
      }
    }

    Span(String part, Role role, String label, double fromMm, double toMm) {
      this(part, role, label, fromMm, toMm, Optional.empty());
    }

    public double lengthMm() {
      return toMm - fromMm;
    }

    public double middleMm() {
      return (fromMm + toMm) / 2;
    }
  }

  /**
   * A piece of the shank that has the same layers all along.
   *
   * @param layers in the order of winding; bare thread if there are none
   */
  public record Piece(double fromMm, double toMm, List<Span> layers) {
    public Piece {
      layers = List.copyOf(layers);
    }

    /** What one sees of it: hackle and wing butts hide no body they are wound over. */
    public Span outermost() {
      return layers.stream()
          .reduce((under, over) -> over.role().covers() || !under.role().covers() ? over : under)
          .orElseGet(() -> new Span("thread", Span.Role.THREAD, "thread", fromMm, toMm));
    }

    public double lengthMm() {
      return toMm - fromMm;
    }
  }

  /**
   * A place on the shank.
   *
   * @param name what a tier calls it
   * @param mm from the rear edge of the eye
   * @param eyeLengths the same in eye lengths
   * @param shareOfShank the same in shanks
   */
  public record Landmark(String name, double mm, double eyeLengths, double shareOfShank) {}

  public SizedPattern {
    seats = Map.copyOf(seats);
    strands = List.copyOf(strands);
    landmarks = List.copyOf(landmarks);
    feathers = List.copyOf(feathers);
    dimensions = List.copyOf(dimensions);
    spans = List.copyOf(spans);
    warnings = List.copyOf(warnings);
  }

  /** The same sizes with one part replaced by one of another material. */
  public SizedPattern withPart(int index, Part replacement) {
    Pattern other = pattern.withPart(index, replacement);
    return new SizedPattern(
        other, style, hook, dimensions, spans, seats, strands, landmarks, feathers, warnings);
  }

  /** The same plan with every length as it came out, mm from mm. */
  public SizedPattern withLengths(DoubleUnaryOperator cameOut) {
    List<Dimension> tied =
        dimensions.stream()
            .map(
                d -> {
                  double mm = cameOut.applyAsDouble(d.mm());
                  return new Dimension(
                      d.part(), d.name(), mm, d.eyeLengths() * mm / d.mm(), d.rule());
                })
            .toList();
    return new SizedPattern(
        pattern, style, hook, tied, spans, seats, strands, landmarks, feathers, warnings);
  }

  /** Millimetres of a dimension that must be there. */
  public double mm(String part, String name) {
    return dimensions.stream()
        .filter(d -> d.part().equals(part) && d.name().equals(name))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRangeException("dimension", part + " " + name, "sized", "Size it first."))
        .mm();
  }

  /** A length that a part might have instead of its own, mm. */
  public double mm(String part, Length length) {
    return new Reaches(this).mm(part, length);
  }

  /** On which size of hook a body is as long as this extended one; empty without an extension. */
  public Sentence asLongAs() {
    return AsLongAs.words(this);
  }

  /** The extended body on whose end a tail is bound, where the pattern has it nowhere else. */
  public Optional<Part.ExtendedBody> extensionUnder(String part) {
    return pattern
        .part(part)
        .filter(p -> p instanceof Part.Tail && p.tie().seat().isEmpty())
        .flatMap(tail -> pattern.part(Part.ExtendedBody.class));
  }

  /** All of a part's stretches as one, which must be there. */
  public Span span(String part) {
    return extent(part).orElseThrow();
  }

  /** All of a part's stretches as one, front to rear, if it has any. */
  public Optional<Span> extent(String part) {
    return spansOf(part).stream()
        .reduce(
            (a, b) ->
                new Span(part, a.role(), a.label(), a.fromMm(), Math.max(a.toMm(), b.toMm())));
  }

  /** Whether the pattern has a part wound toward the eye; most are. */
  public boolean windsForward(String part) {
    return pattern
        .part(part)
        .filter(p -> !p.tie().stretches().isEmpty())
        .map(p -> p.tie().stretches().get(0))
        .map(
            s -> {
              Reaches reaches = new Reaches(this);
              return reaches.mm(s.from()) >= reaches.mm(s.to());
            })
        .orElse(true);
  }

  /** The shank from the eye rearward, layers and all, without gaps or overlaps. */
  public List<Piece> pieces() {
    return Layers.of(spans);
  }

  /** Where a part is bound in, mm behind the eye. */
  public double seatMm(String part) {
    return seats.getOrDefault(part, span("head").toMm());
  }

  /** The strands of a part; none unless it is wound in open turns. */
  public List<Strand> strandsOf(String part) {
    return strands.stream().filter(s -> s.part().equals(part)).toList();
  }

  /** All spans of a part, eye first. */
  public List<Span> spansOf(String part) {
    return spans.stream()
        .filter(s -> s.part().equals(part))
        .sorted(Comparator.comparingDouble(Span::fromMm))
        .toList();
  }
}
