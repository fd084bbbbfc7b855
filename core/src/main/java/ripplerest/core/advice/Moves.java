package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.Style;

/**
 * Every single change that a tier could make to a fly and still tie it in its style: numbers,
 * lengths and angles within what the style ties, another trim, a material that stands near, one or
 * two steps of wire; and what hands do at the waterside. Small changes first.
 */
final class Moves {
  /** Steps by which a number or an angle goes through its usual range. */
  private static final int STEPS = 8;

  /** Materials that are tried in place of one. */
  private static final int MATERIALS = 3;

  /** Effort of another word, of another material and of a step of wire (assumption). */
  private static final double OTHER_WORD = 0.5;

  /** A snip with the scissors at the waterside. */
  private static final String SNIP = "below";

  private static final double SNIP_EFFORT = 0.1;

  private static final double OTHER_MATERIAL = 0.6;
  private static final double WIRE_STEP = 0.5;

  private final Pattern pattern;
  private final Style style;
  private final Materials materials;
  private final List<Move> all = new ArrayList<>();

  private Moves(Pattern pattern, Style style, Materials materials) {
    this.pattern = pattern;
    this.style = style;
    this.materials = materials;
  }

  static List<Move> of(Pattern pattern, Style style, Materials materials) {
    Moves moves = new Moves(pattern, style, materials);
    moves.all.addAll(Hands.of(pattern));
    moves.wire();
    for (int i = 0; i < pattern.parts().size(); i++) {
      moves.part(i, pattern.parts().get(i));
    }
    moves.all.sort(Comparator.comparingDouble(Move::effort));
    return moves.all;
  }

  private void wire() {
    HookSpec hook = pattern.hook();
    for (int step = -2; step <= 2; step++) {
      int wire = hook.wireSteps() + step;
      boolean sold = wire >= HookSpec.FINEST && wire <= HookSpec.HEAVIEST;
      if (step != 0 && sold && hook.measured().isEmpty()) {
        all.add(Move.wire(wire, WIRE_STEP * Math.abs(step)));
      }
    }
  }

  private void part(int i, Part part) {
    PartKind kind = PartKind.of(part);
    Map<String, Object> values = kind.values(part);
    for (PartKind.Field field : kind.fields()) {
      if (field.isAtHand() || !part.uses(field.name())) {
        continue;
      }
      Object value = values.get(field.name());
      switch (field.type()) {
        case CHOICE -> words(i, field, (String) value);
        case LENGTH -> length(i, kind, field, (Length) value);
        case COUNT, NUMBER -> number(i, kind, field, ((Number) value).doubleValue());
      }
    }
    material(i, part, kind);
  }

  private void words(int i, PartKind.Field field, String now) {
    for (String option : field.options()) {
      if (!option.equals(now)) {
        all.add(Move.of(i, field.name(), option, effort(option)));
      }
    }
  }

  private static double effort(String option) {
    return option.equals(SNIP) ? SNIP_EFFORT : OTHER_WORD;
  }

  private void length(int i, PartKind kind, PartKind.Field field, Length now) {
    Style.Rule rule = style.rule(kind.id(), field.name());
    if (now instanceof Length.Reach reach && rule.reaches(reach)) {
      double past = reach.to().offset();
      each(rule, past, 0.5)
          .forEach(
              v -> all.add(Move.of(i, field.name(), rule.length("" + v), effort(rule, v - past))));
    }
    if (!(now instanceof Length.Rule) || rule.low().isEmpty()) {
      return; // pinned by the tier, who means it
    }
    Length.Rule length = (Length.Rule) now;
    if (!Words.id(length.reference()).equals(rule.reference())) {
      return;
    }
    each(rule, length.factor(), 0.05)
        .forEach(
            v ->
                all.add(
                    Move.of(
                        i,
                        field.name(),
                        new Length.Rule(length.reference(), v),
                        effort(rule, v - length.factor()))));
  }

  private void number(int i, PartKind kind, PartKind.Field field, double now) {
    Style.Rule rule = style.rule(kind.id(), field.name());
    if (rule.low().isEmpty()) {
      return;
    }
    double grain = field.type() == PartKind.Type.COUNT ? 1 : field.unit().equals("deg") ? 5 : 0.5;
    for (double v : each(rule, now, field.unit().equals("wire diameters") ? 0.1 : grain)) {
      if (v >= field.low() && v <= field.high()) {
        all.add(Move.of(i, field.name(), v, effort(rule, v - now)));
      }
    }
  }

  private static double effort(Style.Rule rule, double change) {
    double usual = Double.parseDouble(rule.high()) - Double.parseDouble(rule.low());
    return Math.abs(change) / Math.max(usual, 1e-9);
  }

  /** Values through the usual range, a grain or an eighth of it apart, all but the present one. */
  private static List<Double> each(Style.Rule rule, double now, double grain) {
    double low = Double.parseDouble(rule.low());
    double high = Double.parseDouble(rule.high());
    double step = Math.max(grain, Math.round((high - low) / STEPS / grain) * grain);
    List<Double> values = new ArrayList<>();
    for (int k = -4 * STEPS; k <= 4 * STEPS; k++) {
      double v = Math.round((now + k * step) * 100) / 100.0;
      if (k != 0 && v >= low - 1e-9 && v <= high + 1e-9) {
        values.add(v);
      }
    }
    return values;
  }

  private void material(int i, Part part, PartKind kind) {
    Form form = kind.form();
    Material now = materials.get(part.material());
    materials.offered().stream()
        .filter(m -> kind.isMadeOf(m) && !m.id().equals(now.id()))
        .sorted(Comparator.comparingDouble(m -> Likeness.of(now, m, form).distance()))
        .limit(MATERIALS)
        .forEach(m -> all.add(Move.of(i, "material", m.id(), OTHER_MATERIAL)));
  }
}
