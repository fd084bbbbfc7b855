package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.SizedPattern.Span;

/** Lays out what is wound round the shank strand by strand: rib, marker bands, weighting wire. */
final class Strands {
  /** A band is a few turns of thread, as wide as this share of its place on the body. */
  private static final double BAND_SHARE = 0.3;

  /** What lies beside a stretch does not thicken its end, mm. */
  private static final double INSIDE_MM = 1e-6;

  private final Pattern pattern;
  private final Hook hook;
  private final Materials materials;
  private final Girth girth;
  private final List<Span> spans;
  private final Optional<Span> body;

  private Strands(Pattern pattern, Hook hook, Materials materials, List<Span> spans) {
    this.pattern = pattern;
    this.hook = hook;
    this.materials = materials;
    this.girth = new Girth(pattern, hook, spans);
    this.spans = spans;
    this.body = extent("body");
  }

  static List<Strand> of(Pattern pattern, Hook hook, Materials materials, List<Span> spans) {
    Strands strands = new Strands(pattern, hook, materials, spans);
    List<Strand> all = new ArrayList<>();
    List<String> names = pattern.names();
    for (int i = 0; i < names.size(); i++) {
      all.addAll(strands.of(names.get(i), pattern.parts().get(i)));
    }
    return all;
  }

  private Optional<Span> extent(String part) {
    return spans.stream()
        .filter(s -> s.part().equals(part))
        .reduce(
            (a, b) ->
                new Span(
                    part,
                    a.role(),
                    a.label(),
                    Math.min(a.fromMm(), b.fromMm()),
                    Math.max(a.toMm(), b.toMm())));
  }

  private List<Strand> of(String name, Part part) {
    if (part instanceof Part.Rib rib) {
      return rib(name, rib);
    } else if (part instanceof Part.Tag tag) {
      return List.of(tag(name, tag));
    } else if (part instanceof Part.Bands bands && body.isPresent()) {
      List<Strand> rings = new ArrayList<>();
      double place = body.get().lengthMm() / bands.count();
      for (int i = 0; i < bands.count(); i++) {
        double middle = body.get().fromMm() + place * (i + 0.5);
        rings.add(over(name, middle, middle, 1, BAND_SHARE * place));
      }
      return rings;
    } else if (part instanceof Part.WeightWire wire) {
      return List.of(weight(name, wire));
    }
    return List.of();
  }

  /** Close turns behind all that is wound. */
  private Strand tag(String name, Part.Tag tag) {
    double thick = materials.get(tag.material()).get(Property.STRAND_DIAMETER);
    double rear = spans.stream().mapToDouble(Span::toMm).max().orElse(hook.shankMm());
    double from = extent(name).map(Span::fromMm).orElse(rear);
    double radius = (hook.wireMm() + thick) / 2;
    return new Strand(name, from, from + tag.turns() * thick, radius, radius, tag.turns(), thick);
  }

  /** The turns of a rib are shared among its stretches by their length. */
  private List<Strand> rib(String name, Part.Rib rib) {
    double thick = materials.get(rib.material()).get(Property.STRAND_DIAMETER);
    List<Span> own = spans.stream().filter(s -> s.part().equals(name)).toList();
    double all = own.stream().mapToDouble(Span::lengthMm).sum();
    List<Strand> strands = new ArrayList<>();
    for (Span s : own) {
      double turns = all > 0 ? rib.turns() * s.lengthMm() / all : rib.turns();
      strands.add(over(name, s.fromMm(), s.toMm(), turns, thick));
    }
    return strands;
  }

  private Strand over(String name, double from, double to, double turns, double thick) {
    double lift = from == to ? 0 : thick / 2;
    double inside = Math.min(INSIDE_MM, (to - from) / 2);
    double first = girth.outer(from + inside) + lift;
    return new Strand(name, from, to, first, girth.outer(to - inside) + lift, turns, thick);
  }

  /** Close turns on the bare shank from where the body begins, as far as the shank goes. */
  private Strand weight(String name, Part.WeightWire wire) {
    double thick = materials.get(wire.material()).get(Property.STRAND_DIAMETER);
    double from = Math.min(body.map(Span::fromMm).orElse(0.0), hook.shankMm());
    double length = Math.min(wire.turns() * thick, hook.shankMm() - from);
    double radius = (hook.wireMm() + thick) / 2;
    return new Strand(name, from, from + length, radius, radius, wire.turns(), thick);
  }
}
