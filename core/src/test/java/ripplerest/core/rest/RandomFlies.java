package ripplerest.core.rest;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Turned;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.dressing.tie.Winding;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

/** Valid patterns from a seeded generator. */
public final class RandomFlies {
  private RandomFlies() {}

  /** A style's parts with every field and material drawn anew, some left out, some added. */
  public static Pattern pattern(SplittableRandom random) {
    Style style = any(Styles.standard().offered(), random);
    List<Part> parts = new ArrayList<>();
    for (PartKind kind : style.parts()) {
      if (random.nextInt(10) > 0 || kind.id().equals("post")) {
        parts.add(part(kind, random));
      }
    }
    for (int i = random.nextInt(4); i > 0; i--) {
      PartKind kind = any(PartKind.all(), random);
      if (!kind.id().equals("parachute-hackle")) {
        parts.add(random.nextInt(parts.size() + 1), part(kind, random));
      }
    }
    if (parts.isEmpty()) {
      parts.add(part(PartKind.named("body"), random));
    }
    return new Pattern("random", style.id(), hook(random), parts, "");
  }

  /** A fly of one of three styles with its lengths, counts, turns and thickness drawn anew. */
  static Pattern plain(SplittableRandom random) {
    String id = List.of("upright-collar", "parachute", "forward-plume").get(random.nextInt(3));
    Style style = Style.named(id);
    HookSpec hook =
        new HookSpec(
            random.nextInt(8, 23),
            random.nextBoolean() ? HookSpec.Shape.STRAIGHT : HookSpec.Shape.CURVED,
            random.nextInt(-2, 5),
            random.nextInt(-2, 3));
    List<Part> parts = new ArrayList<>();
    for (Part p : Sizer.defaults(style, hook, "x").parts()) {
      parts.add(varied(p, random));
    }
    return new Pattern("plain", id, hook, parts, "");
  }

  private static Part varied(Part part, SplittableRandom random) {
    return switch (part.kind()) {
      case "tail" -> part.with("count", random.nextInt(2, 25)).with("length", length(random));
      case "body" -> part.with("wires", random.nextDouble(1.2, 6));
      case "collar-hackle" -> {
        Part drawn = part.with("turns", random.nextDouble(1, 12)).with("barb", length(random));
        yield drawn.with("trim", random.nextBoolean() ? "below" : "full");
      }
      case "parachute-hackle" ->
          part.with("turns", random.nextDouble(1, 12)).with("barb", length(random));
      case "forward-plume" ->
          part.with("count", random.nextInt(1, 9)).with("length", length(random));
      default -> part.with("length", length(random));
    };
  }

  private static HookSpec hook(SplittableRandom random) {
    HookSpec.Shape shape = any(List.of(HookSpec.Shape.values()), random);
    Optional<HookSpec.Measured> measured =
        random.nextInt(8) > 0
            ? Optional.empty()
            : Optional.of(
                new HookSpec.Measured(
                    "measured",
                    random.nextDouble(3, 15),
                    random.nextDouble(2, 7),
                    random.nextDouble(0.2, 0.7),
                    random.nextDouble(0.5, 1.5),
                    Optional.of(random.nextDouble(50, 900))));
    return new HookSpec(
        random.nextInt(8, 23), shape, random.nextInt(-2, 5), random.nextInt(-2, 3), measured);
  }

  /** A part with every field drawn from its bounds. */
  static Part part(PartKind kind, SplittableRandom random) {
    Map<String, Object> values = new HashMap<>();
    for (PartKind.Field f : kind.fields()) {
      values.put(
          f.name(),
          switch (f.type()) {
            case COUNT -> random.nextInt((int) f.low(), (int) f.high() + 1);
            case NUMBER -> random.nextDouble(f.low(), f.high());
            case LENGTH -> length(random);
            case CHOICE -> any(f.options(), random);
          });
    }
    List<String> materials = new ArrayList<>();
    for (Material m : Flies.MATERIALS.all()) {
      if (kind.form().fits(m)) {
        materials.add(m.id());
      }
    }
    Tie tie = Tie.of(any(materials, random));
    if (kind.can(Turned.class) && kind.form() == Form.HACKLE && random.nextInt(10) == 0) {
      var second =
          new FurtherFeather(
              any(materials, random),
              Colour.of("grizzled"),
              random.nextDouble(1, 2),
              random.nextBoolean() ? Optional.of(length(random)) : Optional.empty());
      tie = tie.with(List.of(second), any(List.of(Winding.values()), random));
    }
    return kind.create(tie, values);
  }

  private static <T> T any(List<T> of, SplittableRandom random) {
    return of.get(random.nextInt(of.size()));
  }

  private static Length length(SplittableRandom random) {
    return random.nextBoolean()
        ? new Length.Pinned(random.nextDouble(0.5, 20))
        : new Length.Rule(Length.Reference.GAP, random.nextDouble(0.3, 3));
  }
}
