package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
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

  private final Pattern pattern;
  private final Hook hook;
  private final Materials materials;
  private final Girth girth;
  private final Span body;

  private Strands(Pattern pattern, Hook hook, Materials materials, List<Span> spans) {
    this.pattern = pattern;
    this.hook = hook;
    this.materials = materials;
    this.girth = new Girth(pattern, hook);
    this.body = spans.stream().filter(s -> s.part().equals("body")).findFirst().orElseThrow();
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

  private List<Strand> of(String name, Part part) {
    if (part instanceof Part.Rib rib) {
      double thick = materials.get(rib.material()).get(Property.STRAND_DIAMETER);
      return List.of(overBody(name, 0, 1, rib.turns(), thick));
    } else if (part instanceof Part.Bands bands) {
      List<Strand> rings = new ArrayList<>();
      double place = 1.0 / bands.count();
      for (int i = 0; i < bands.count(); i++) {
        double middle = place * (i + 0.5);
        double thick = BAND_SHARE * place * body.lengthMm();
        rings.add(overBody(name, middle, middle, 1, thick));
      }
      return rings;
    } else if (part instanceof Part.WeightWire wire) {
      return List.of(weight(name, wire));
    }
    return List.of();
  }

  private Strand overBody(String name, double from, double to, double turns, double thick) {
    double over = from == to ? 0 : thick / 2;
    return new Strand(
        name,
        body.fromMm() + from * body.lengthMm(),
        body.fromMm() + to * body.lengthMm(),
        girth.at(body, from) + over,
        girth.at(body, to) + over,
        turns,
        thick);
  }

  /** Close turns on the bare shank from where the body begins, as far as the shank goes. */
  private Strand weight(String name, Part.WeightWire wire) {
    double thick = materials.get(wire.material()).get(Property.STRAND_DIAMETER);
    double length = Math.min(wire.turns() * thick, hook.shankMm() - body.fromMm());
    double radius = (hook.wireMm() + thick) / 2;
    double from = body.fromMm();
    return new Strand(name, from, from + length, radius, radius, wire.turns(), thick);
  }
}
