package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Warning;
import ripplerest.core.sizing.SizedPattern.Dimension;
import ripplerest.core.sizing.SizedPattern.Span;

/** Turns a dressing into millimetres by the rules of its school. */
public final class Sizer {
  /** Share of a collar's turns that lie in front of an upright wing (common practice). */
  private static final double TURNS_IN_FRONT = 0.4;

  /** Shank taken by a bound-down wing, in wire diameters (assumption). */
  private static final double WING_SEAT_IN_WIRES = 1.5;

  /** Shank taken by the butts of one soft plume, in wire diameters (assumption). */
  private static final double PLUME_SEAT_IN_WIRES = 0.6;

  /** A body shorter than this share of the shank is crowded out (assumption). */
  private static final double SHORTEST_BODY = 0.35;

  private final Materials materials;

  public Sizer(Materials materials) {
    this.materials = materials;
  }

  /** A new pattern with every part at its school's default. */
  public static Pattern defaults(School school, HookSpec hook, String name) {
    return new Pattern(name, school.id(), hook, DefaultParts.of(school), "");
  }

  /** Sizes every part; a length outside the school's usual range gets a warning, not a refusal. */
  public SizedPattern size(Pattern pattern) {
    Hook hook = Hook.of(pattern.hook());
    School school = School.named(pattern.school());
    Work work = new Work(hook, school);
    for (Part part : pattern.parts()) {
      work.size(part);
    }
    List<Span> spans = work.shareShank(pattern);
    if (hook.extended()) {
      work.warnings.add(
          new Warning(
              "hook-extended",
              "fly",
              "This hook lies outside the size table; its dimensions are prolonged from it.",
              0,
              ""));
    }
    return new SizedPattern(pattern, hook, work.dimensions, spans, work.warnings);
  }

  /** One sizing under way. */
  private final class Work {
    final Hook hook;
    final School school;
    final List<Dimension> dimensions = new ArrayList<>();
    final List<Warning> warnings = new ArrayList<>();

    Work(Hook hook, School school) {
      this.hook = hook;
      this.school = school;
    }

    void size(Part part) {
      if (part instanceof Part.Tail tail) {
        length(part, "length", tail.length());
        usual(part, "count", tail.count());
      } else if (part instanceof Part.Body body) {
        byRule(part, "thickness", body.wires(), hook.wireMm(), "wire");
        usual(part, "wires", body.wires());
      } else if (part instanceof Part.UprightWing wing) {
        length(part, "length", wing.length());
      } else if (part instanceof Part.CollarHackle hackle) {
        length(part, "barb", hackle.barb());
        usual(part, "turns", hackle.turns());
        if (hackle.clippedBelow()) {
          double factor = school.rule(part.kind(), "clip").number();
          byRule(part, "clip", factor, hook.gapMm(), "gap");
        }
      } else if (part instanceof Part.Post post) {
        length(part, "length", post.length());
      } else if (part instanceof Part.ParachuteHackle hackle) {
        length(part, "barb", hackle.barb());
        usual(part, "turns", hackle.turns());
      } else if (part instanceof Part.ForwardPlume plume) {
        length(part, "length", plume.length());
        usual(part, "count", plume.count());
      }
    }

    private void length(Part part, String name, Length length) {
      School.Rule usual = school.rule(part.kind(), name);
      if (length instanceof Length.Rule rule) {
        byRule(part, name, rule.factor(), referenceMm(rule.reference()), words(rule.reference()));
        if (words(rule.reference()).replace(' ', '-').equals(usual.reference())) {
          usual(part, name, rule.factor());
        }
      } else if (length instanceof Length.Pinned pinned) {
        add(part, name, pinned.mm(), "pinned");
      }
    }

    private void byRule(Part part, String name, double factor, double referenceMm, String words) {
      add(part, name, factor * referenceMm, number(factor) + " × " + words);
    }

    private void add(Part part, String name, double mm, String rule) {
      dimensions.add(new Dimension(part.kind(), name, mm, mm / hook.eyeMm(), rule));
    }

    private void usual(Part part, String dimension, double value) {
      School.Rule rule = school.rule(part.kind(), dimension);
      if (!rule.isUsual(value)) {
        warnings.add(
            new Warning(
                "outside-school",
                part.kind(),
                "%s %s is %s; %s ties %s to %s."
                    .formatted(
                        plain(part.kind()),
                        dimension,
                        number(value),
                        school.label().toLowerCase(Locale.ROOT),
                        rule.low(),
                        rule.high()),
                value,
                rule.reference()));
      }
    }

    private double referenceMm(Length.Reference reference) {
      return switch (reference) {
        case GAP -> hook.gapMm();
        case SHANK -> hook.shankMm();
        case HOOK_LENGTH -> hook.hookLengthMm();
      };
    }

    /** Shares the shank out from eye to bend: head, hackle and wing by width, the rest the body. */
    List<Span> shareShank(Pattern pattern) {
      List<Span> spans = new ArrayList<>();
      double seat = school.rule("school", "wing-seat").number() * hook.shankMm();
      double half = wingWidth(pattern) / 2;
      Part.CollarHackle collar = pattern.part(Part.CollarHackle.class).orElse(null);
      double stem = collar == null ? 0 : stem(collar.material());
      double front = collar == null ? 0 : collar.turns() * TURNS_IN_FRONT;
      double behind = collar == null ? 0 : collar.turns() - front;
      double headEnd = seat - half - front * stem;
      warnIfCrowded(headEnd, collar, stem);
      headEnd = Math.max(0, headEnd);
      spans.add(new Span("head", "head", 0, headEnd));
      double at = headEnd;
      if (collar != null) {
        at = add(spans, "collar-hackle", "hackle " + number(front), at, Math.max(at, seat - half));
      }
      at = add(spans, wingKind(pattern), wingKind(pattern), at, Math.max(at, seat + half));
      if (collar != null) {
        at = add(spans, "collar-hackle", "hackle " + number(behind), at, at + behind * stem);
      }
      at = Math.min(at, hook.shankMm());
      double body = hook.shankMm() - at;
      if (body < SHORTEST_BODY * hook.shankMm()) {
        double lack = SHORTEST_BODY * hook.shankMm() - body;
        warnings.add(
            new Warning(
                "body-crowded",
                "body",
                "The body is %.1f mm short of a third of the shank; fewer hackle turns would free it."
                    .formatted(lack),
                lack,
                "mm"));
      }
      add(spans, "body", "body", at, hook.shankMm());
      return spans;
    }

    private double add(List<Span> spans, String part, String label, double from, double to) {
      double end = Math.min(to, hook.shankMm());
      spans.add(new Span(part, label, Math.min(from, end), end));
      return end;
    }

    private void warnIfCrowded(double headEnd, Part.CollarHackle collar, double stem) {
      double wanted = Double.parseDouble(school.rule("school", "head").low()) * hook.eyeMm();
      double lack = wanted - headEnd;
      if (lack <= 1e-9) {
        return;
      }
      String giveWay =
          collar == null
              ? "Tie the wing in further back."
              : "One turn of hackle less frees %.2f mm of it.".formatted(stem * TURNS_IN_FRONT);
      warnings.add(
          new Warning(
              "head-crowded",
              "head",
              "The head is crowded by %.1f mm (%.1f eye lengths). %s"
                  .formatted(lack, lack / hook.eyeMm(), giveWay),
              lack,
              "mm"));
    }

    private double wingWidth(Pattern pattern) {
      double plumes = pattern.part(Part.ForwardPlume.class).map(Part.ForwardPlume::count).orElse(0);
      return Math.max(WING_SEAT_IN_WIRES, PLUME_SEAT_IN_WIRES * plumes) * hook.wireMm();
    }

    private String wingKind(Pattern pattern) {
      return pattern.parts().stream()
          .filter(
              p ->
                  p instanceof Part.UprightWing
                      || p instanceof Part.Post
                      || p instanceof Part.ForwardPlume)
          .map(Part::kind)
          .findFirst()
          .orElse("thorax");
    }

    private double stem(String material) {
      Material hackle = materials.get(material);
      return hackle.get(Property.STEM_DIAMETER);
    }
  }

  private static String words(Length.Reference reference) {
    return reference.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  private static String plain(String kind) {
    String words = kind.replace('-', ' ');
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private static String number(double value) {
    return new java.math.BigDecimal(value)
        .setScale(2, java.math.RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
