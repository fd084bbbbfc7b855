package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.Table;

/**
 * What is counted goes by a rule of its own from hook size to hook size: plumes, fibres, hairs (all
 * common practice, no source). Lengths follow their own rules and are not touched here.
 */
public final class SizeRules {
  private static final String RESOURCE = "/ripplerest/core/sizing/counts-by-size.csv";
  private static final List<Rule> RULES = read();

  private SizeRules() {}

  private record Rule(String part, String field, int from, int to, double value) {}

  /** The usual number of something on a hook of this size, where there is a rule for it. */
  public static Optional<Double> usual(String kind, String field, int size) {
    return RULES.stream()
        .filter(r -> r.part().equals(kind) && r.field().equals(field))
        .filter(r -> size >= r.from() && size <= r.to())
        .map(Rule::value)
        .findFirst();
  }

  /**
   * The same pattern on a hook of another size: counts move with their rule, and a pattern that
   * departs from a rule departs as far on the other hook; pinned lengths stay.
   */
  public static Pattern onto(Pattern pattern, int size) {
    HookSpec hook = pattern.hook().size() == size ? pattern.hook() : pattern.hook().withSize(size);
    return onto(pattern, hook);
  }

  /** The same on any other hook. */
  public static Pattern onto(Pattern pattern, HookSpec hook) {
    List<Part> parts =
        pattern.parts().stream().map(p -> onto(p, pattern.hook().size(), hook.size())).toList();
    return pattern.withHook(hook).withParts(parts);
  }

  private static Part onto(Part part, int from, int to) {
    PartKind kind = PartKind.of(part);
    Map<String, Object> values = kind.values(part);
    Part moved = part;
    for (PartKind.Field field : kind.fields()) {
      Optional<Double> before = usual(kind.id(), field.name(), from);
      Optional<Double> after = usual(kind.id(), field.name(), to);
      if (before.isPresent() && after.isPresent()) {
        double now = ((Number) values.get(field.name())).doubleValue();
        double then = now + after.get() - before.get();
        moved = moved.with(field.name(), Math.max(field.low(), Math.min(field.high(), then)));
      }
    }
    return moved;
  }

  private static List<Rule> read() {
    List<Rule> rules = new ArrayList<>();
    for (CSVRecord r : Table.rows(SizeRules.class, RESOURCE)) {
      rules.add(
          new Rule(
              r.get("part"),
              r.get("field"),
              Integer.parseInt(r.get("from")),
              Integer.parseInt(r.get("to")),
              Double.parseDouble(r.get("value"))));
    }
    return List.copyOf(rules);
  }
}
