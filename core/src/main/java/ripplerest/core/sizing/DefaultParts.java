package ripplerest.core.sizing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.quantity.Words;

/** Parts at a style's defaults. */
public final class DefaultParts {
  private DefaultParts() {}

  /** All parts that the style ties, in tying order. */
  static List<Part> of(Style style) {
    return style.parts().stream().map(kind -> of(style, kind)).toList();
  }

  /** One part, whether the style ties it or not. */
  public static Part of(Style style, PartKind kind) {
    Map<String, Object> values = new HashMap<>();
    for (PartKind.Field field : kind.fields()) {
      values.put(field.name(), value(style.rule(kind.id(), field.name()), field));
    }
    return kind.create(style.rule(kind.id(), "material").value(), values);
  }

  /** What a field holds by common practice. */
  public static Object usual(PartKind kind, PartKind.Field field) {
    return value(Style.commonPractice(kind.id(), field.name()), field);
  }

  /** The dimension of the hook that a length goes by, by common practice, such as {@code gap}. */
  public static String reference(PartKind kind, PartKind.Field field) {
    return Style.commonPractice(kind.id(), field.name()).reference();
  }

  private static Object value(Style.Rule rule, PartKind.Field field) {
    return switch (field.type()) {
      case COUNT, NUMBER -> rule.number();
      case CHOICE -> rule.value();
      case LENGTH -> {
        String reference = Words.constant(rule.reference());
        yield new Length.Rule(Length.Reference.valueOf(reference), rule.number());
      }
    };
  }
}
