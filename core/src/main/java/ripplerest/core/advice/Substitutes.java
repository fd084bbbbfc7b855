package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.SizedPattern;

/**
 * What could stand in for a material or a hook, the closest first, each with how the fly then sits.
 *
 * @param now the fly as it is
 * @param materials for the part that was asked about
 * @param hooks for the hook; empty unless that was asked about
 */
public record Substitutes(RestSummary now, List<Stead> materials, List<HookStead> hooks) {
  /** Most that are worth putting on the water. */
  private static final int MOST = 8;

  /**
   * A material instead.
   *
   * @param likeness to the one there is
   * @param then how the fly sits with it
   */
  public record Stead(Material material, Likeness likeness, RestSummary then) {}

  /**
   * A hook instead; ratios to the one there is.
   *
   * @param distance 0: the same
   */
  public record HookStead(
      HookSpec hook,
      double shank,
      double gap,
      double wire,
      double weight,
      double distance,
      RestSummary then) {}

  public Substitutes {
    materials = List.copyOf(materials);
    hooks = List.copyOf(hooks);
  }

  /** For one part; refuses an index that the pattern does not have. */
  public static Substitutes forPart(PreparedFly fly, int index, Work work) {
    Materials table = fly.materials();
    List<Part> parts = fly.pattern().parts();
    if (index < 0 || index >= parts.size()) {
      throw new OutOfRangeException(
          "part", "" + index, "0 to " + (parts.size() - 1), "Choose a part of this pattern.");
    }
    Part part = parts.get(index);
    Form form = PartKind.of(part).form();
    Material first = table.get(part.material());
    List<Material> others = new ArrayList<>();
    for (Material m : table.offered()) {
      if (PartKind.of(part).isMadeOf(m) && !m.id().equals(first.id())) {
        others.add(m);
      }
    }
    others.sort(Comparator.comparingDouble(m -> Likeness.of(first, m, form).distance()));
    List<Material> likest = others.subList(0, Math.min(MOST, others.size()));
    RestSummary now = RestSummary.of(fly);
    List<Stead> found = new ArrayList<>();
    for (Material m : likest) {
      work.throwIfCancelled();
      Pattern other = fly.pattern().withPart(index, part.withMaterial(m.id()));
      RestSummary then = RestSummary.of(fly.with(other));
      found.add(new Stead(m, Likeness.of(first, m, form), then));
      work.progress(found.size(), likest.size());
    }
    return new Substitutes(now, found, List.of());
  }

  /**
   * For the hook.
   *
   * @param own hooks that the tier has beside those of the size table
   */
  public static Substitutes forHook(PreparedFly fly, List<HookSpec> own, Work work) {
    SizedPattern sized = fly.sized();
    double steel = fly.materials().get("hook-steel").get(Property.DENSITY);
    HookSpec spec = sized.pattern().hook();
    List<HookSpec> candidates = new ArrayList<>(own);
    candidates.addAll(near(spec));
    candidates.removeIf(spec::equals);
    List<HookSpec> likest =
        candidates.stream()
            .distinct()
            .sorted(Comparator.comparingDouble(c -> distance(sized.hook(), spec, c)))
            .limit(MOST)
            .toList();
    RestSummary now = RestSummary.of(fly);
    List<HookStead> found = new ArrayList<>();
    for (HookSpec other : likest) {
      work.throwIfCancelled();
      RestSummary then = RestSummary.of(fly.with(fly.pattern().withHook(other)));
      found.add(stead(sized.hook(), spec, other, steel, then));
      work.progress(found.size(), likest.size());
    }
    return new Substitutes(now, List.of(), found);
  }

  /** Table hooks a step away in size, length, wire or shape. */
  private static List<HookSpec> near(HookSpec spec) {
    List<HookSpec> near = new ArrayList<>();
    for (int size = spec.size() - 2; size <= spec.size() + 2; size++) {
      for (HookSpec.Shape shape : HookSpec.Shape.values()) {
        for (int length = spec.lengthSteps() - 1; length <= spec.lengthSteps() + 1; length++) {
          for (int wire = spec.wireSteps() - 1; wire <= spec.wireSteps() + 1; wire++) {
            if (size % 2 == 0 && exists(size, length, wire)) {
              near.add(new HookSpec(size, shape, length, wire));
            }
          }
        }
      }
    }
    return near;
  }

  private static boolean exists(int size, int length, int wire) {
    return size >= HookSpec.LARGEST
        && size <= HookSpec.SMALLEST
        && length >= HookSpec.SHORTEST
        && length <= HookSpec.LONGEST
        && wire >= HookSpec.FINEST
        && wire <= HookSpec.HEAVIEST;
  }

  private static HookStead stead(
      Hook first, HookSpec wanted, HookSpec spec, double steel, RestSummary then) {
    Hook other = Hook.of(spec);
    return new HookStead(
        spec,
        other.shankMm() / first.shankMm(),
        other.gapMm() / first.gapMm(),
        other.wireMm() / first.wireMm(),
        other.massMg(steel) / first.massMg(steel),
        distance(first, wanted, spec),
        then);
  }

  /** Another bend is so far away, in doublings (assumption). */
  private static final double OTHER_SHAPE = 0.3;

  /** In doublings; wire counts twice, since its weight goes with the square. */
  private static double distance(Hook first, HookSpec wanted, HookSpec spec) {
    Hook other = Hook.of(spec);
    double shank = log2(other.shankMm() / first.shankMm());
    double gap = log2(other.gapMm() / first.gapMm());
    double wire = 2 * log2(other.wireMm() / first.wireMm());
    double shape = wanted.shape() == spec.shape() ? 0 : OTHER_SHAPE;
    return Math.sqrt(shank * shank + gap * gap + wire * wire + shape * shape);
  }

  private static double log2(double ratio) {
    return Math.log(ratio) / Math.log(2);
  }
}
