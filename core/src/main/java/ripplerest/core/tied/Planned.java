package ripplerest.core.tied;

import java.util.ArrayList;
import java.util.List;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;

/**
 * Something of a fly that can be measured or counted once it is tied.
 *
 * @param part name of the part
 * @param field of that part, as in the pattern file
 * @param value what was planned, in {@code unit}
 * @param low least that a finished fly could have
 * @param high the most
 * @param unit mm, or what is counted
 */
public record Planned(
    String part, String field, double value, double low, double high, String unit) {
  /** A body's thickness is planned in diameters of the wire and measured in mm. */
  private static final String WIRES = "wires";

  private static final String THICKNESS = "thickness";

  /** What nobody counts on a finished fly. */
  private static final List<String> UNCOUNTED = List.of("denier", "whips", "fullness");

  /** Error of a length by caliper or ruler on a soft thing, mm (assumption). */
  static final double HAND_MM = 0.2;

  /** The same of a thickness between the jaws, mm (assumption). */
  private static final double JAWS_MM = 0.1;

  /** Error of a count of turns, turns (assumption). */
  private static final double HAND_TURNS = 0.25;

  /** All of a fly, in tying order. */
  public static List<Planned> of(SizedPattern sized) {
    List<Planned> all = new ArrayList<>();
    List<String> names = sized.pattern().names();
    for (int i = 0; i < names.size(); i++) {
      String name = names.get(i);
      Part part = sized.pattern().parts().get(i);
      PartKind kind = PartKind.of(part);
      for (PartKind.Field f : kind.fields()) {
        switch (f.type()) {
          case LENGTH -> lengths(all, sized, name, f.name());
          case COUNT, NUMBER -> counted(all, sized, name, part, f);
          default -> {
            // a word, not a number
          }
        }
      }
    }
    return List.copyOf(all);
  }

  private static void lengths(List<Planned> all, SizedPattern sized, String part, String field) {
    sized.dimensions().stream()
        .filter(d -> d.part().equals(part) && d.name().equals(field))
        .forEach(d -> all.add(new Planned(part, field, d.mm(), 0.5, Length.MOST_MM, "mm")));
  }

  private static void counted(
      List<Planned> all, SizedPattern sized, String name, Part part, PartKind.Field f) {
    double value = ((Number) PartKind.of(part).values(part).get(f.name())).doubleValue();
    double wire = sized.hook().wireMm();
    if (f.name().equals(WIRES)) {
      all.add(new Planned(name, THICKNESS, value * wire, f.low() * wire, f.high() * wire, "mm"));
    } else if (f.unit().equals("mm") && f.name().equals("diameter")) {
      all.add(new Planned(name, f.name(), value, f.low(), f.high(), "mm"));
    } else if (!List.of("deg", "mm", "").contains(f.unit()) && !UNCOUNTED.contains(f.name())) {
      all.add(new Planned(name, f.name(), value, f.low(), f.high(), f.unit()));
    }
  }

  /** Error of a value that is read off by hand, in {@code unit}. */
  public double handError() {
    if (unit.equals("mm")) {
      return field.equals(THICKNESS) || field.equals("diameter") ? JAWS_MM : HAND_MM;
    }
    return unit.equals("turns") ? HAND_TURNS : 0;
  }

  /** The pattern with this one thing as it was made; refuses what no fly could have. */
  public SizedPattern with(SizedPattern sized, double made, Sizer sizer) {
    int index = sized.pattern().names().indexOf(part);
    Part before = sized.pattern().parts().get(index);
    Object now = PartKind.of(before).values(before).get(field);
    Part after;
    if (field.equals(THICKNESS)) {
      after = before.with(WIRES, made / sized.hook().wireMm());
    } else if (now instanceof Length) {
      after = before.with(field, new Length.Pinned(made));
    } else {
      after = before.with(field, now instanceof Integer ? (Object) whole(made) : made);
    }
    return sizer.size(sized.pattern().withPart(index, after));
  }

  private int whole(double made) {
    if (made != Math.rint(made)) {
      throw new OutOfRangeException(
          part + " " + field, made, "a whole number", "Count them again.");
    }
    return (int) made;
  }
}
