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
 * @param hook geometry of its hook
 * @param dimensions every length with the rule it came from
 * @param spans how the shank is shared out, from the eye to the bend, without gaps or overlaps
 * @param warnings what a tier should know before starting
 */
public record SizedPattern(
    Pattern pattern,
    Hook hook,
    List<Dimension> dimensions,
    List<Span> spans,
    List<Warning> warnings) {
  /**
   * A length of one part.
   *
   * @param part kind of part
   * @param name what is measured, such as {@code length} or {@code barb}
   * @param mm the length
   * @param eyeLengths the same in outside lengths of the hook's own eye
   * @param rule the rule it came from, such as {@code 1.75 × gap}, or {@code pinned}
   */
  public record Dimension(String part, String name, double mm, double eyeLengths, String rule) {}

  /**
   * A stretch of the shank.
   *
   * @param part kind of part, {@code head} and {@code thorax} too
   * @param label words on the plan
   * @param fromMm nearer the eye, from its rear edge
   * @param toMm nearer the bend
   */
  public record Span(String part, String label, double fromMm, double toMm) {
    public double lengthMm() {
      return toMm - fromMm;
    }

    public double middleMm() {
      return (fromMm + toMm) / 2;
    }
  }

  public SizedPattern {
    dimensions = List.copyOf(dimensions);
    spans = List.copyOf(spans);
    warnings = List.copyOf(warnings);
  }

  /** The same sizes with the part of the same kind replaced by one of another material. */
  public SizedPattern withPart(Part replacement) {
    return new SizedPattern(pattern.withPart(replacement), hook, dimensions, spans, warnings);
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

  /** All spans of a part, eye first. */
  public List<Span> spansOf(String part) {
    return spans.stream().filter(s -> s.part().equals(part)).toList();
  }
}
