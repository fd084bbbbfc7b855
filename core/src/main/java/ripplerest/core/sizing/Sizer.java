package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ripplerest.core.dressing.Feathered;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Single;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Material;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern.Dimension;

/** Turns a dressing into millimetres by the rules of its style. */
public final class Sizer {
  /** Code of a warning that only says that a part departs from its style. */
  public static final String OUTSIDE_STYLE = "outside-style";

  /** What lies outside a style's range by less than this is not told, mm. */
  private static final double USUAL_TOO_MM = 0.02;

  /** Thread and stem under a hackle, mm (assumption). */
  private static final double WRAPS_MM = 0.26;

  private final Supplier<Materials> table;
  private final Supplier<Styles> styles;

  /** A sizer that knows the styles that ship with the program. */
  public Sizer(Materials materials) {
    this(materials, Styles.standard());
  }

  public Sizer(Materials materials, Styles styles) {
    this(() -> materials, () -> styles);
  }

  /** A sizer that asks each time: house styles and the tier's own materials come and go. */
  public Sizer(Supplier<Materials> table, Supplier<Styles> styles) {
    this.table = table;
    this.styles = styles;
  }

  /** A sizer for other versions of a fly: it knows that fly's style. */
  public static Sizer like(SizedPattern sized, Materials materials) {
    return new Sizer(materials, Styles.standard().with(sized.style()));
  }

  /** The materials it knows now. */
  public Materials materials() {
    return table.get();
  }

  /** A style that it knows now; refuses an unknown id and lists those there are. */
  public Style style(String id) {
    return styles.get().named(id);
  }

  /** This sizer, which also knows what a document brings along; what it knows stays as it is. */
  public Sizer knowing(List<HouseStyle> brought, List<MaterialRow> rows) {
    Styles known = styles.get();
    Materials materials = table.get();
    Styles more = known;
    for (HouseStyle house : brought) {
      more = known.knows(house.id()) ? more : more.with(house.style());
    }
    List<MaterialRow> fresh = rows.stream().filter(r -> !materials.knows(r.material())).toList();
    return new Sizer(materials.with(fresh), more);
  }

  /** A new pattern with every part at its style's default. */
  public static Pattern defaults(Style style, HookSpec hook, String name) {
    return new Pattern(name, style.id(), hook, DefaultParts.of(style), "");
  }

  /** Sizes every part; where it departs from its style it gets a warning, not a refusal. */
  public SizedPattern size(Pattern pattern) {
    Hook hook = Hook.of(pattern.hook());
    Style style = styles.get().named(pattern.style());
    Materials materials = table.get();
    ShankPlan plan = new ShankPlan(pattern, hook, style, materials);
    Work work = new Work(hook, style, materials, plan);
    List<String> names = pattern.names();
    for (int i = 0; i < names.size(); i++) {
      work.size(names.get(i), pattern.parts().get(i), i);
    }
    work.warnings.addAll(plan.warnings);
    for (int i = 0; i < names.size(); i++) {
      if (isTwice(pattern.parts(), i)) {
        work.warnings.add(twice(names.get(i), pattern.parts().get(i)));
      }
    }
    if (hook.extended()) {
      work.warnings.add(
          new Warning(
              "hook-extended",
              "fly",
              "This hook lies outside the size table; its dimensions are extrapolated from it.",
              0,
              ""));
    }
    return new SizedPattern(
        pattern,
        style,
        hook,
        work.dimensions,
        plan.spans,
        plan.seats,
        Strands.of(pattern, hook, materials, plan.spans),
        plan.landmarks,
        work.feathers,
        work.warnings);
  }

  /** Whether only the first of its kind counts, and this is another. */
  private static boolean isTwice(List<Part> parts, int i) {
    Part part = parts.get(i);
    return part instanceof Single
        && part.tie().stretches().isEmpty()
        && parts.subList(0, i).stream().anyMatch(p -> p.getClass() == part.getClass());
  }

  private static Warning twice(String name, Part part) {
    return new Warning(
        "once",
        name,
        "A fly has one %s; only the first counts. Leave this out, or say where each is wound."
            .formatted(PartKind.of(part).label()),
        0,
        "");
  }

  /** One sizing under way. */
  private final class Work {
    /** Not a rule of the style: what the tier has at hand. */
    final Hook hook;

    final Style style;
    final Materials materials;
    final ShankPlan plan;
    final List<Dimension> dimensions = new ArrayList<>();
    final List<Feather> feathers = new ArrayList<>();
    final List<Warning> warnings = new ArrayList<>();

    Work(Hook hook, Style style, Materials materials, ShankPlan plan) {
      this.plan = plan;
      this.materials = materials;
      this.hook = hook;
      this.style = style;
    }

    void size(String name, Part part, int index) {
      PartKind kind = PartKind.of(part);
      Material material = materials.get(part.material());
      if (!kind.form().fits(material)) {
        throw new OutOfRangeException(
            "parts[" + index + "]/material",
            "\"" + material.id() + "\"",
            "a material that a " + kind.label() + " can be made of",
            "Choose one of " + fitting(kind) + ".");
      }
      if (!kind.isMadeOf(material)) {
        warnings.add(
            new Warning(
                "material-unusual",
                name,
                "No tier uses %s as %s; choose %s."
                    .formatted(
                        material.label().toLowerCase(Locale.ROOT),
                        kind.label().toLowerCase(Locale.ROOT),
                        labels(fitting(kind))),
                0,
                ""));
      }
      if (!style.ties(kind.id())) {
        warn(name, "%s ties no %s.".formatted(style.label(), kind.label()), 0, "");
      }
      Map<String, Object> values = kind.values(part);
      for (PartKind.Field field : kind.fields()) {
        Object value = values.get(field.name());
        if (!part.uses(field.name())) {
          continue;
        }
        if (value instanceof Length length) {
          length(name, kind.id(), field.name(), length);
        } else if (value instanceof Number number && !field.isAtHand()) {
          if (field.name().equals("wires")) {
            byRule(name, "thickness", number.doubleValue(), hook.wireMm(), "wire");
          }
          usual(name, kind.id(), field.name(), number.doubleValue());
        }
      }
      if (part instanceof Feathered feathered) {
        feather(name, kind.id(), material, feathered);
      }
    }

    private List<String> fitting(PartKind kind) {
      List<String> ids = new ArrayList<>();
      for (Material m : materials.offered()) {
        if (kind.isMadeOf(m)) {
          ids.add(m.id());
        }
      }
      return ids;
    }

    private String labels(List<String> ids) {
      return ids.stream()
          .limit(3)
          .map(id -> materials.get(id).label().toLowerCase(Locale.ROOT))
          .collect(Collectors.joining(" or "));
    }

    private void feather(String name, String kind, Material material, Feathered part) {
      double stem = material.get(Property.STEM_DIAMETER);
      double hub = hook.wireMm() + WRAPS_MM;
      double perGap = style.rule(kind, "barb").number();
      double barb = plan.mm(name, part.barb());
      double size = Hook.sizeOfGap(barb / perGap);
      Feather feather = Feather.of(name, size, part.turns(), hub, stem, part.feather());
      feathers.add(feather);
      feather
          .runsOutAfter()
          .ifPresent(
              after ->
                  warnings.add(
                      new Warning(
                          "feather-short",
                          name,
                          Sentence.of(
                              "The feather runs out after %.1f turns; it would have to be %s long.",
                              after, Quantity.mm(feather.usedMm(), 0)),
                          after,
                          "turns")));
    }

    private void length(String name, String kind, String field, Length length) {
      double mm = plan.mm(name, length);
      add(name, field, mm, length.words());
      Style.Rule rule = style.rule(kind, field);
      if (rule.low().isEmpty()) {
        return;
      }
      double low = plan.mm(name, rule, rule.low());
      double high = plan.mm(name, rule, rule.high());
      if (mm < low - USUAL_TOO_MM || mm > high + USUAL_TOO_MM) {
        double value = length instanceof Length.Rule own ? own.factor() : mm;
        warnings.add(
            new Warning(
                OUTSIDE_STYLE,
                name,
                Sentence.of(
                    "%s %s is %s (%s); %s ties %s to %s.",
                    Words.title(name),
                    field,
                    length.words(),
                    Quantity.mm(mm, 1),
                    style.label().toLowerCase(Locale.ROOT),
                    Quantity.mm(low, 1),
                    Quantity.mm(high, 1)),
                value,
                rule.reference()));
      }
    }

    private void byRule(String part, String name, double factor, double referenceMm, String words) {
      add(part, name, factor * referenceMm, Words.number(factor) + " × " + words);
    }

    private void add(String part, String name, double mm, String rule) {
      dimensions.add(new Dimension(part, name, mm, mm / hook.eyeMm(), rule));
    }

    private void usual(String name, String kind, String dimension, double value) {
      Style.Rule rule = style.rule(kind, dimension);
      if (!rule.isUsual(value)) {
        String words =
            "%s %s is %s; %s ties %s to %s."
                .formatted(
                    Words.title(name),
                    dimension,
                    Words.number(value),
                    style.label().toLowerCase(Locale.ROOT),
                    rule.low(),
                    rule.high());
        warn(name, words, value, rule.reference());
      }
    }

    private void warn(String part, String words, double value, String unit) {
      warnings.add(new Warning(OUTSIDE_STYLE, part, words, value, unit));
    }
  }
}
