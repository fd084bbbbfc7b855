package ripplerest.core.sizing;

import java.util.List;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Warning;

/**
 * A pattern with every part in millimetres.
 *
 * @param pattern what was sized
 * @param style whose rules it was sized by
 * @param hook geometry of its hook
 * @param dimensions every length with the rule it came from
 * @param spans how the shank is shared out, from the eye to the bend, without gaps or overlaps
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
   */
  public record Span(String part, Role role, String label, double fromMm, double toMm) {
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
      EGG_SAC
    }

    public double lengthMm() {
      return toMm - fromMm;
    }

    public double middleMm() {
      return (fromMm + toMm) / 2;
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
        other, style, hook, dimensions, spans, strands, landmarks, feathers, warnings);
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

  /** The first span of a part, that must be there. */
  public Span span(String part) {
    return spans.stream().filter(s -> s.part().equals(part)).findFirst().orElseThrow();
  }

  /** The strands of a part; none unless it is wound in open turns. */
  public List<Strand> strandsOf(String part) {
    return strands.stream().filter(s -> s.part().equals(part)).toList();
  }

  /** All spans of a part, eye first. */
  public List<Span> spansOf(String part) {
    return spans.stream().filter(s -> s.part().equals(part)).toList();
  }
}
