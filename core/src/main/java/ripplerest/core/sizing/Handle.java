package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Length.Reference;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Stretching;
import ripplerest.core.dressing.Wing;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;

/**
 * Something on a fly that a hand can move.
 *
 * @param part name of the part, or {@code hook}
 * @param index of the part in tying order; -1 for the hook
 * @param field what it changes: a length, or a number whose room on the shank it is
 * @param unit of what is counted; {@code mm} for a length
 * @param mm the length, or the room on the shank, at present
 * @param mmPerUnit what one of {@code unit} comes to
 * @param value at present, in {@code unit}
 * @param low least value
 * @param high greatest value
 * @param step smallest change by hand, in {@code unit}
 * @param leap larger change by hand
 * @param snaps lengths that a rule of thumb names, short to long; none for a place
 * @param shankMm where on the shank its border lies, from the eye; NaN where it has none
 * @param towardEye whether that border moves toward the eye as the part grows
 * @param at the place that it moves, where it moves one: {@code value} is then mm behind the eye
 *     and {@code mmPerUnit} what one of the place's own unit comes to
 */
public record Handle(
    String part,
    int index,
    String field,
    String unit,
    double mm,
    double mmPerUnit,
    double value,
    double low,
    double high,
    double step,
    double leap,
    List<Snap> snaps,
    double shankMm,
    boolean towardEye,
    Optional<Place> at) {
  /** A nudge and a bigger one, mm. */
  private static final double NUDGE_MM = 0.1;

  private static final double LEAP_MM = 0.5;

  /** Multiples of the hook's measures that tiers go by (common practice, no source). */
  private static final Map<Reference, double[]> MEASURES =
      Map.of(
          Reference.GAP, new double[] {0.5, 1, 1.5, 1.75, 2},
          Reference.SHANK, new double[] {0.5, 1},
          Reference.HOOK_LENGTH, new double[] {0.5, 1, 1.5},
          Reference.BODY, new double[] {0.5, 1});

  /**
   * A place that a hand is drawn to.
   *
   * @param name of the rule, such as {@code 1½ gaps}
   * @param mm the length there
   * @param length what the pattern then holds
   */
  public record Snap(String name, double mm, Length length) {}

  public Handle {
    snaps = List.copyOf(snaps);
  }

  /** Every handle of a fly, in tying order, the hook first. */
  public static List<Handle> of(SizedPattern sized) {
    List<Handle> all = new ArrayList<>();
    all.add(hook(sized));
    List<String> names = sized.pattern().names();
    PlaceHandles places = new PlaceHandles(sized);
    for (int i = 0; i < names.size(); i++) {
      Part part = sized.pattern().parts().get(i);
      for (PartKind.Field field : PartKind.of(part).fields()) {
        Object value = PartKind.of(part).values(part).get(field.name());
        if (!part.uses(field.name())) {
          continue;
        }
        if (value instanceof Length length) {
          all.add(length(sized, names.get(i), i, part, field.name(), length));
        } else if (field.isCounted()) {
          all.addAll(number(sized, names.get(i), i, field, ((Number) value).doubleValue()));
        }
      }
      all.addAll(places.of(names.get(i), i, part));
    }
    return List.copyOf(all);
  }

  /** Places on the shank that a hand is drawn to, eye first. */
  public static List<Snap> places(SizedPattern sized) {
    return new PlaceHandles(sized).snaps();
  }

  private static Handle hook(SizedPattern sized) {
    HookSpec spec = sized.pattern().hook();
    List<Snap> sizes = new ArrayList<>();
    for (int size = HookSpec.SMALLEST; size >= HookSpec.LARGEST; size--) {
      double mm = Hook.of(spec.withSize(size)).hookLengthMm();
      sizes.add(new Snap(String.valueOf(size), mm, new Length.Rule(Reference.HOOK_LENGTH, 1)));
    }
    double mm = sized.hook().hookLengthMm();
    return new Handle(
        "hook",
        -1,
        "size",
        "size",
        mm,
        mm,
        spec.size(),
        HookSpec.LARGEST,
        HookSpec.SMALLEST,
        1,
        2,
        sizes,
        Double.NaN,
        false,
        Optional.empty());
  }

  private static Handle length(
      SizedPattern sized, String name, int index, Part part, String field, Length length) {
    Hook hook = sized.hook();
    double mm = sized.mm(name, field);
    double unit =
        length instanceof Length.Rule rule
            ? sized.mm(name, new Length.Rule(rule.reference(), 1))
            : 1;
    double low = length instanceof Length.Rule ? 0.05 * unit : 0.5;
    double high = length instanceof Length.Rule ? Length.MOST_FACTOR * unit : Length.MOST_MM;
    return new Handle(
        name,
        index,
        field,
        "mm",
        mm,
        1,
        mm,
        low,
        high,
        NUDGE_MM,
        LEAP_MM,
        snaps(sized, name, part, field),
        border(sized, name, part),
        part instanceof Stretching s && s.growsTowardEye(),
        Optional.empty());
  }

  /** Where a part's room on the shank ends, if it has any. */
  private static double border(SizedPattern sized, String name, Part part) {
    if (!(part instanceof Stretching stretching)) {
      return Double.NaN;
    }
    var spans = sized.spansOf(name).stream();
    return stretching.growsTowardEye()
        ? spans.mapToDouble(s -> s.fromMm()).min().orElse(Double.NaN)
        : spans.mapToDouble(s -> s.toMm()).max().orElse(Double.NaN);
  }

  private static List<Snap> snaps(SizedPattern sized, String name, Part part, String field) {
    Hook hook = sized.hook();
    List<Snap> all = new ArrayList<>();
    for (Reference reference : Reference.values()) {
      for (double factor : MEASURES.get(reference)) {
        add(
            all,
            measure(factor, reference),
            new Length.Rule(reference, factor),
            sized.mm(name, new Length.Rule(reference, factor)));
      }
    }
    String kind = ripplerest.core.dressing.Pattern.kindOf(name);
    Style.Rule usual = sized.style().rule(kind, field);
    if (!usual.reference().isEmpty() && !usual.reference().equals("mm")) {
      Length length = usual.length(usual.value());
      add(all, "as the style ties it", length, sized.mm(name, length));
    }
    sized.spansOf(name).stream()
        .findFirst()
        .filter(s -> part instanceof Wing)
        .ifPresent(
            s -> {
              reach(all, sized, name, "to the bend", Place.Landmark.BEND);
              if (sized.pattern().part(Part.Tail.class).isPresent()) {
                reach(all, sized, name, "to the tail's end", Place.Landmark.TAIL_TIP);
              }
            });
    if (part instanceof Part.ExtendedBody body && field.equals("length")) {
      all.addAll(AsLongAs.snaps(sized, name, body));
    }
    all.sort(java.util.Comparator.comparingDouble(Snap::mm));
    return all;
  }

  private static void reach(
      List<Snap> all, SizedPattern sized, String name, String words, Place.Landmark to) {
    Length length = new Length.Reach(Place.at(to));
    add(all, words, length, sized.mm(name, length));
  }

  private static void add(List<Snap> all, String name, Length length, double mm) {
    all.add(new Snap(name, mm, length));
  }

  private static String measure(double factor, Reference reference) {
    String number =
        factor == 0.5
            ? "½"
            : factor == 1 ? "1" : factor == 1.5 ? "1½" : factor == 1.75 ? "1¾" : "2";
    String word =
        switch (reference) {
          case GAP -> "gap";
          case SHANK -> "shank";
          case HOOK_LENGTH -> "hook length";
          case BODY -> "body";
        };
    return number + " " + word + (factor > 1 ? "s" : "");
  }

  private static List<Handle> number(
      SizedPattern sized, String name, int index, PartKind.Field field, double value) {
    boolean turns = field.name().equals("turns");
    var spans = sized.spansOf(name);
    double room = spans.isEmpty() ? 0 : spans.get(spans.size() - 1).lengthMm();
    double border = spans.isEmpty() ? Double.NaN : spans.get(spans.size() - 1).toMm();
    return List.of(
        new Handle(
            name,
            index,
            field.name(),
            field.unit(),
            room,
            room / value,
            value,
            field.low(),
            field.high(),
            turns ? 0.5 : 1,
            1,
            List.of(),
            border,
            false,
            Optional.empty()));
  }
}
