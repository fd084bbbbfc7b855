package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Counted;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Turned;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Prior;
import ripplerest.core.sizing.Feather;
import ripplerest.core.sizing.Girth;
import ripplerest.core.sizing.SizeRules;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.Strand;
import ripplerest.core.water.Floatant;

/** How much of everything a sized fly takes, part by part in tying order, its weight last. */
public final class Amounts {
  /** Round fibres side by side fill this share of the bunch (densest packing of circles, π/√12). */
  static final double PACKED = Math.PI / Math.sqrt(12);

  /** Bound butts of fibres and tufts that are cut off, mm (common practice, no source). */
  private static final double BUTTS_MM = 4;

  /** How far tiers differ in how many wraps bind a fly, a share (assumption). */
  private static final double WRAPS_SPREAD = 0.25;

  private static final String DENSE_PLUME = "soft-plume";

  private static final int STEPS = 100;

  private final SizedPattern sized;
  private final Materials materials;
  private final Girth girth;
  private final Map<String, Double> mass = new TreeMap<>();
  private final List<Amount> amounts = new ArrayList<>();

  private Amounts(SizedPattern sized, Materials materials) {
    this.sized = sized;
    this.materials = materials;
    this.girth = new Girth(sized);
    FlyBody body = Assembler.assemble(sized, materials, Floatant.NONE, Mesh.WORKING);
    body.lumps().forEach(l -> mass.merge(l.part(), l.massMg(), Double::sum));
  }

  /** The amounts of a fly. */
  public static List<Amount> of(SizedPattern sized, Materials materials) {
    Amounts all = new Amounts(sized, materials);
    if (sized.pattern().part(Part.Thread.class).isEmpty()) {
      all.part("thread", ThreadWraps.thread(sized));
    }
    List<String> names = sized.pattern().names();
    for (int i = 0; i < names.size(); i++) {
      all.part(names.get(i), sized.pattern().parts().get(i));
    }
    all.add("hook", "weight", all.mass.get("hook"), 0, "mg");
    all.add("fly", "weight", all.mass.values().stream().mapToDouble(x -> x).sum(), 0, "mg");
    return List.copyOf(all.amounts);
  }

  private void part(String name, Part part) {
    Material material = materials.get(part.material());
    Form form = PartKind.of(part).form();
    if (part instanceof Part.Thread thread) {
      thread(name, thread, material);
      return;
    }
    switch (form) {
      case WRAP -> wrap(name, part, material);
      case HACKLE -> hackle(name, (Turned) part);
      case FIBRE -> fibres(name, (Counted) part, material);
      case BUNDLE -> bundle(name, part, material);
      case STRAND -> strand(name);
      case SOLID -> {
        // one bead is one bead
      }
    }
    if (mass.getOrDefault(name, 0.0) > 0) {
      double share = form == Form.WRAP || form == Form.BUNDLE ? solidSpread(material) : 0;
      add(name, "weight", mass.get(name), share * mass.get(name), "mg");
    }
  }

  private void thread(String name, Part.Thread thread, Material material) {
    ThreadWraps wraps = ThreadWraps.of(sized, thread, material);
    double binding = WRAPS_SPREAD * wraps.lengthMm();
    add(name, "thickness, corded", wraps.thickMm(), wraps.thickMm() / 10, "mm");
    add(name, "wraps", wraps.wraps(), WRAPS_SPREAD * wraps.wraps(), "wraps");
    add(name, "length on the fly", wraps.lengthMm(), binding, "mm");
    add(
        name,
        "weight by denier",
        wraps.massMg(),
        binding * ThreadWraps.mgPerMm(thread.denier()),
        "mg");
  }

  private void wrap(String name, Part part, Material material) {
    if (part instanceof Part.Bands) {
      List<Strand> rings = sized.strandsOf(name);
      add(name, "bands", rings.size(), 0, "bands");
      add(name, "each wide", rings.isEmpty() ? 0 : rings.get(0).thickMm(), 0, "mm");
      return;
    }
    List<Span> stretches = sized.spans().stream().filter(s -> s.part().equals(name)).toList();
    for (Span span : stretches) {
      if (span.lengthMm() > 1e-6 && !(part instanceof Part.Head)) {
        wound(
            name,
            stretches.size() > 1 ? ", part " + (stretches.indexOf(span) + 1) : "",
            material,
            span.lengthMm(),
            t -> girth.of(span, span.fromMm() + t * span.lengthMm()),
            sized.hook().wireMm() / 2);
      }
    }
    if (part instanceof Part.ExtendedBody body) {
      double front = body.wires() * sized.hook().wireMm() / 2;
      wound(name, "", material, sized.mm(name, "length"), t -> front * Girth.taper(t), 0);
    } else if (part instanceof Part.Head head) {
      add(name, "whip", head.whips(), 0, "turns");
    } else if (part instanceof Part.ThoraxCover cover) {
      add(name, "strip wide", cover.wires() * sized.hook().wireMm(), 0, "mm");
    }
  }

  /** What fills less of its room than this is loose fibres that have to be spun to a noodle. */
  private static final double LOOSE = 0.2;

  /** A strip goes on in layers, edge to edge; anything loose is twisted to one noodle. */
  private void wound(
      String name,
      String of,
      Material material,
      double length,
      DoubleUnaryOperator radius,
      double core) {
    double mean = mean(radius);
    double layer = Math.max(0.02, mean - core);
    if (material.has(Property.STRIP_WIDTH)) {
      Prior wide = material.priors().get(Property.STRIP_WIDTH);
      Prior thick = material.priors().get(Property.STRIP_THICKNESS);
      double turns = length / wide.mean();
      double layers = Math.max(1, Math.rint(layer / thick.mean()));
      double strip = layers * Math.hypot(turns * 2 * Math.PI * (core + layer / 2), length);
      double share = wide.spread() / wide.mean();
      add(name, "turns, edge to edge" + of, turns, share * turns, "turns");
      add(name, "layers" + of, layers, 0, "layers");
      add(name, "length to wind" + of, strip, share * strip, "mm");
      if (material.has(Property.STRIP_LENGTH)) {
        Prior one = material.priors().get(Property.STRIP_LENGTH);
        add(name, "to take" + of, Math.ceil(strip / one.mean()), 0, "pieces");
      }
    } else {
      boolean loose = material.get(Property.SOLID_SHARE) < LOOSE;
      double thick = loose ? Math.max(layer, threadMm()) : layer;
      double turns = length / thick;
      double noodle = Math.hypot(turns * 2 * Math.PI * (core + thick / 2), length);
      String what = loose ? "noodle" : "strand";
      add(name, what + " thick" + of, thick, 0, "mm");
      add(name, what + " long" + of, noodle, solidSpread(material) * noodle / 2, "mm");
    }
  }

  /** A noodle is never thinner than the thread that it is spun on. */
  private double threadMm() {
    Part.Thread thread = ThreadWraps.thread(sized);
    return ThreadWraps.thickMm(thread.denier(), materials.get(thread.material()));
  }

  private void hackle(String name, Turned part) {
    sized.feathers().stream()
        .filter(f -> f.part().equals(name))
        .map(Feather::usedMm)
        .forEach(mm -> add(name, "feather used", mm, 0.05 * mm, "mm"));
    add(name, "turns", part.turns(), 0, "turns");
  }

  private void fibres(String name, Counted part, Material material) {
    int all = part.bunches() * part.count();
    double length = sized.mm(name, "length");
    add(name, part instanceof Part.HairWing ? "hairs" : "fibres", all, 0, "pieces");
    add(name, "to take, with butts", length + BUTTS_MM, 1, "mm");
    if (part instanceof Part.HairWing) {
      Prior radius = material.priors().get(Property.FIBRE_RADIUS);
      double stacked = stackedMm(all, radius.mean());
      add(name, "stacked bunch thick", stacked, stacked * radius.spread() / radius.mean(), "mm");
      add(name, "flare at the tips", flareMm(name), 0.2 * flareMm(name), "mm");
    }
  }

  /** Diameter of so many round fibres laid closest together, mm. */
  static double stackedMm(int fibres, double radiusMm) {
    return 2 * radiusMm * Math.sqrt(fibres / PACKED);
  }

  /** How wide the assembled hair stands at its tips. */
  private double flareMm(String name) {
    double[] across =
        Assembler.assemble(sized, materials, Floatant.NONE, Mesh.WORKING).fibres().stream()
            .filter(f -> f.part().equals(name))
            .mapToDouble(f -> f.tip().getY())
            .sorted()
            .toArray();
    return across.length == 0 ? 0 : across[across.length - 1] - across[0];
  }

  private void bundle(String name, Part part, Material material) {
    if (part instanceof Counted plumes) {
      add(name, "plumes", plumes.count(), 0, "plumes");
      usualPlumes(name, part, material);
    }
    double length = sized.mm(name, "length");
    Prior radius = material.priors().get(Property.BUNDLE_RADIUS);
    double thick = 2 * radius.mean() * sized.hook().gapMm() / 4;
    add(name, "to take, with butts", length + BUTTS_MM, 1, "mm");
    add(name, "one bunch thick", thick, thick * radius.spread() / radius.mean(), "mm");
  }

  /**
   * Of thin, farmed plumes a tier takes half as many again at most (common practice, no source).
   */
  private static final double MOST_AGAIN = 1.5;

  /** The rule is told in dense plumes; of thin ones it takes as many as fill the same room. */
  private void usualPlumes(String name, Part part, Material material) {
    double dense = materials.get(DENSE_PLUME).get(Property.BUNDLE_RADIUS);
    double here = material.get(Property.BUNDLE_RADIUS);
    SizeRules.usual(part.kind(), "count", sized.pattern().hook().size())
        .map(n -> Math.rint(n * Math.min(MOST_AGAIN, dense * dense / (here * here))))
        .ifPresent(n -> add(name, "usual on this size, of such plumes", n, 0, "plumes"));
  }

  private void strand(String name) {
    List<Strand> all = sized.strandsOf(name);
    for (int i = 0; i < all.size(); i++) {
      Strand strand = all.get(i);
      String of = all.size() > 1 ? ", part " + (i + 1) : "";
      add(name, "turns" + of, strand.turns(), 0, "turns");
      add(name, "turns apart" + of, strand.spacingMm(), 0, "mm");
      add(name, "length on the fly" + of, strand.lengthMm(), 0.05 * strand.lengthMm(), "mm");
    }
  }

  /** How far off a mass is for not knowing how tightly the material lies, a share. */
  private static double solidSpread(Material material) {
    Prior solid = material.priors().get(Property.SOLID_SHARE);
    return solid == null ? 0 : solid.spread() / solid.mean();
  }

  private static double mean(DoubleUnaryOperator radius) {
    double sum = 0;
    for (int i = 0; i < STEPS; i++) {
      sum += radius.applyAsDouble((i + 0.5) / STEPS);
    }
    return sum / STEPS;
  }

  private void add(String part, String what, double value, double spread, String unit) {
    amounts.add(new Amount(part, what, value, spread, unit));
  }
}
