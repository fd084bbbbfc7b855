package ripplerest.core.practice;

import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Stretching;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tied.Planned;
import ripplerest.core.tied.Trend;

/** What of a fly can be seen to be too long or short, thick or thin. */
final class Sizes {
  private static final List<String> LENGTHS = List.of("length", "barb");
  static final String THICKNESS = "thickness";

  private Sizes() {}

  /** One of them, with the skill's words for it. */
  record Size(Planned planned, String of) {
    private static Size of(Planned p) {
      return new Size(p, Trend.sort(p.part()) + " " + p.field());
    }
  }

  /** All of them that nothing else makes room for. */
  static List<Size> of(PreparedFly fly) {
    return Planned.of(fly.sized()).stream()
        .filter(p -> LENGTHS.contains(p.field()) || p.field().equals(THICKNESS))
        .filter(p -> !PartKind.can(p.part(), Stretching.class) || p.field().equals(THICKNESS))
        .map(Size::of)
        .toList();
  }

  /** The fly with every length at its millimetres, so that none of them moves with another. */
  static PreparedFly pinned(PreparedFly fly) {
    SizedPattern sized = fly.sized();
    Pattern pattern = sized.pattern();
    List<String> names = pattern.names();
    for (int i = 0; i < names.size(); i++) {
      Part part = pattern.parts().get(i);
      for (Map.Entry<String, Object> value : PartKind.of(part).values(part).entrySet()) {
        if (value.getValue() instanceof Length) {
          part = pinned(part, names.get(i), value.getKey(), sized);
        }
      }
      pattern = pattern.withPart(i, part);
    }
    return fly.with(pattern);
  }

  private static Part pinned(Part part, String name, String field, SizedPattern sized) {
    return sized.dimensions().stream()
        .filter(d -> d.part().equals(name) && d.name().equals(field))
        .filter(d -> d.mm() >= Length.LEAST_MM)
        .findFirst()
        .map(d -> part.with(field, new Length.Pinned(d.mm())))
        .orElse(part);
  }

  /** The plan in a tier's words, what can be seen of it. */
  static List<Sentence> plan(PreparedFly fly) {
    List<String> seen = of(fly).stream().map(s -> s.planned().part()).toList();
    return fly.sized().dimensions().stream()
        .filter(d -> seen.contains(d.part()) && !d.rule().equals("pinned"))
        .filter(d -> LENGTHS.contains(d.name()) || d.name().equals(THICKNESS))
        .map(d -> Sentence.of("%s %s: %s", Words.title(d.part()), d.name(), d.rule()))
        .toList();
  }
}
