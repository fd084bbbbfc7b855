package ripplerest.core.sizing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;

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

  /** What a field holds where a pattern leaves it to its style. */
  public static Object usual(Style style, PartKind kind, PartKind.Field field) {
    return value(style.rule(kind.id(), field.name()), field);
  }

  /** What a field holds by common practice. */
  public static Object usual(PartKind kind, PartKind.Field field) {
    return value(Style.commonPractice(kind.id(), field.name()), field);
  }

  /**
   * The dimension of the hook that a length goes by if it goes by one, by common practice, such as
   * {@code gap}.
   */
  public static String reference(PartKind kind, PartKind.Field field) {
    Style.Rule rule = Style.commonPractice(kind.id(), field.name());
    return rule.isReach() ? "hook-length" : rule.reference();
  }

  private static Object value(Style.Rule rule, PartKind.Field field) {
    return switch (field.type()) {
      case COUNT, NUMBER -> rule.number();
      case CHOICE -> rule.value();
      case LENGTH -> rule.length(rule.value());
    };
  }
}
