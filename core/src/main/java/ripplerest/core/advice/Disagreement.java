package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.dressing.Hackle;
import ripplerest.core.dressing.LegSet;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Length.Reference;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Wing;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizeRules;
import ripplerest.core.sizing.Style;

/**
 * A thing that practitioners do either way, as the other dressing of a fly (all common practice, no
 * source). Neither way is the right one.
 *
 * @param name of the question, such as {@code full or clipped}
 * @param asItIs how this fly has it
 * @param otherwise how the other has it
 * @param other the fly tied the other way
 */
public record Disagreement(String name, String asItIs, String otherwise, Pattern other) {
  private static final double SPARSE_TURNS = 2.5;
  private static final double HEAVY_TURNS = 6;
  private static final double SPARSE_UP_TO = 4;
  private static final int A_SIZE = 2;
  private static final String PLUME = "soft-plume";
  private static final String YARN = "post-yarn";

  /** Every question that can be asked of this fly. */
  public static List<Disagreement> of(Pattern pattern, Style style, Materials materials) {
    List<Disagreement> all = new ArrayList<>();
    smaller(pattern).ifPresent(all::add);
    for (int i = 0; i < pattern.parts().size(); i++) {
      Part part = pattern.parts().get(i);
      String name = Words.of(pattern.names().get(i));
      if (part instanceof Hackle hackle) {
        all.add(turns(pattern, i, hackle, name));
      }
      if (PartKind.of(part).has("trim")) {
        all.add(trim(pattern, i, part, name));
      }
      stuff(pattern, i, part, name, materials).ifPresent(all::add);
      if (part instanceof Wing wing) {
        all.add(wing(pattern, i, wing, name));
      }
      if (part instanceof Part.Legs legs) {
        boolean down = legs.set() == LegSet.DOWN;
        all.add(
            new Disagreement(
                "legs up or down",
                down ? "legs down" : "legs up",
                down ? "legs up" : "legs down",
                pattern.withPart(i, part.with("set", down ? "up" : "down"))));
      }
    }
    all.add(extended(pattern, style));
    return List.copyOf(all);
  }

  private static Optional<Disagreement> smaller(Pattern pattern) {
    int size = pattern.hook().size() + A_SIZE;
    return size > HookSpec.SMALLEST || pattern.hook().measured().isPresent()
        ? Optional.empty()
        : Optional.of(
            new Disagreement(
                "as large as the natural or one size smaller",
                "size " + pattern.hook().size(),
                "size " + size,
                SizeRules.onto(pattern, size)));
  }

  private static Disagreement turns(Pattern pattern, int i, Hackle hackle, String name) {
    double now = hackle.turns();
    double other = now < SPARSE_UP_TO ? HEAVY_TURNS : SPARSE_TURNS;
    return new Disagreement(
        name + ": sparse or heavy",
        Words.tenths(now) + " turns",
        "%s turns".formatted(other == HEAVY_TURNS ? "6" : "2.5"),
        pattern.withPart(i, pattern.parts().get(i).with("turns", other)));
  }

  private static Disagreement trim(Pattern pattern, int i, Part part, String name) {
    boolean full = "full".equals(PartKind.of(part).values(part).get("trim"));
    return new Disagreement(
        name + ": full or clipped below",
        full ? "full" : "clipped",
        full ? "clipped below" : "full",
        pattern.withPart(i, part.with("trim", full ? "below" : "full")));
  }

  private static Optional<Disagreement> stuff(
      Pattern pattern, int i, Part part, String name, Materials materials) {
    boolean plume = part.material().equals(PLUME) || part.material().equals("farmed-plume");
    boolean yarn = part.material().equals(YARN);
    String other = plume ? YARN : PLUME;
    boolean can = PartKind.of(part).isMadeOf(materials.get(other));
    return (plume || yarn) && can
        ? Optional.of(
            new Disagreement(
                name + ": plume or yarn",
                plume ? "plume" : "yarn",
                plume ? "yarn" : "plume",
                pattern.withPart(i, part.withMaterial(other))))
        : Optional.empty();
  }

  /** Short is taken as two thirds of the shank. */
  private static Disagreement wing(Pattern pattern, int i, Wing wing, String name) {
    Length toBend = new Length.Reach(Place.at(Place.Landmark.BEND));
    boolean is = toBend.equals(wing.length());
    Length other = is ? new Length.Rule(Reference.SHANK, 0.65) : toBend;
    return new Disagreement(
        name + ": to the bend or short",
        is ? "to the bend" : "as it is",
        is ? "two thirds of the shank" : "to the bend",
        pattern.withPart(i, pattern.parts().get(i).with("length", other)));
  }

  private static Disagreement extended(Pattern pattern, Style style) {
    List<Part> parts = new ArrayList<>(pattern.parts());
    boolean has = parts.removeIf(Part.ExtendedBody.class::isInstance);
    if (!has) {
      parts.add(Math.min(1, parts.size()), DefaultParts.of(style, PartKind.named("extended-body")));
    }
    return new Disagreement(
        "extended body or all on the hook",
        has ? "extended" : "all on the hook",
        has ? "all on the hook" : "extended",
        pattern.withParts(parts));
  }
}
