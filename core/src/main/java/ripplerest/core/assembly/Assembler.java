package ripplerest.core.assembly;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Trim;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Floatant;

/** Builds the three-dimensional body of a sized fly, barb by barb. Bodies and wire are rigid. */
public final class Assembler {
  /** More than any fly that could be tied; the heaviest of ours has 406. */
  private static final int MOST_FIBRES = 1200;

  private final Shank shank;
  private final Wings wings;
  private final Hackles hackles;

  private Assembler(BodyBuilder layup) {
    this.shank = new Shank(layup);
    this.wings = new Wings(layup);
    this.hackles = new Hackles(layup);
  }

  /** The body of a fly. Floatant only sets how much air a bundle keeps under water. */
  public static FlyBody assemble(
      SizedPattern sized, Materials materials, Floatant floatant, Mesh mesh) {
    BodyBuilder layup = new BodyBuilder(sized, materials, floatant, mesh);
    Assembler assembler = new Assembler(layup);
    assembler.shank.bareWire();
    assembler.shank.dressed();
    List<String> names = sized.pattern().names();
    for (int i = 0; i < names.size(); i++) {
      assembler.lay(names.get(i), sized.pattern().parts().get(i));
      checkRoom(names.get(i), layup.fibreCount());
    }
    return layup.body();
  }

  /** Every fibre presses on every other: what that takes grows with the square of their number. */
  private static void checkRoom(String part, int fibres) {
    if (fibres > MOST_FIBRES) {
      throw new OutOfRangeException(
          part,
          "the part with which the fly has " + fibres + " fibres",
          "one with which it has at most " + MOST_FIBRES,
          "Wind fewer turns, or leave a part out.");
    }
  }

  private void lay(String name, Part part) {
    SHAPES.get(part.getClass()).lay(this, name, part);
  }

  /** Lays a part of one kind on the body. */
  @FunctionalInterface
  private interface Shape<P> {
    void lay(Assembler on, String name, P part);
  }

  private static final Map<Class<?>, Shape<Part>> SHAPES = new HashMap<>();

  static {
    shape(Part.Bead.class, (on, name, bead) -> on.shank.bead(name, bead));
    shape(Part.WeightWire.class, (on, name, wire) -> on.shank.strands(name, wire.material()));
    shape(Part.Tag.class, (on, name, tag) -> on.shank.strands(name, tag.material()));
    shape(Part.Rib.class, (on, name, rib) -> on.shank.strands(name, rib.material()));
    shape(Part.ExtendedBody.class, (on, name, body) -> on.shank.extended(name, body));
    shape(Part.ThoraxCover.class, (on, name, cover) -> on.shank.cover(name, cover));
    shape(Part.Head.class, (on, name, head) -> on.shank.seal(name, head));
    shape(Part.Shuck.class, (on, name, shuck) -> on.wings.shuck(name, shuck));
    shape(Part.FlatWing.class, (on, name, wing) -> on.wings.flat(name, wing));
    shape(Part.ForwardPlume.class, (on, name, wing) -> on.wings.forward(name, wing));
    shape(Part.LoopedWing.class, (on, name, wing) -> on.wings.looped(name, wing));
    shape(Part.FoldedShuttle.class, (on, name, wing) -> on.wings.shuttle(name, wing));
    shape(Part.UprightWing.class, (on, name, wing) -> on.wings.upright(name, wing));
    shape(Part.Post.class, (on, name, post) -> on.wings.post(name, post));
    shape(Part.SpentWing.class, (on, name, wing) -> on.wings.spent(name, wing));
    shape(Part.Indicator.class, (on, name, tuft) -> on.wings.indicator(name, tuft));
    shape(Part.HairWing.class, (on, name, wing) -> on.wings.hair(name, wing));
    shape(Part.TentWing.class, (on, name, wing) -> on.wings.tent(name, wing));
    shape(Part.Tail.class, (on, name, tail) -> on.hackles.tail(name, tail));
    shape(Part.Legs.class, (on, name, legs) -> on.hackles.legs(name, legs));
    shape(Part.CollarHackle.class, (on, name, h) -> on.hackles.collar(name, h, h.trim(), 0));
    shape(Part.SoftCollar.class, (on, name, h) -> on.hackles.collar(name, h, Trim.FULL, h.drape()));
    shape(Part.SpunPlume.class, (on, name, h) -> on.hackles.collar(name, h, h.trim(), 0));
    shape(Part.PalmeredHackle.class, (on, name, h) -> on.hackles.palmered(name, h));
    shape(Part.ParachuteHackle.class, (on, name, h) -> on.hackles.parachute(name, h));
    laidWithTheShank(
        Part.Thread.class,
        Part.Body.class,
        Part.Segments.class,
        Part.Thorax.class,
        Part.EggSac.class,
        Part.HerlHead.class);
    shape(Part.Flash.class, (on, name, flash) -> on.hackles.flash(name, flash));
    shape(Part.Bands.class, (on, name, bands) -> {}); // they weigh nothing
    for (PartKind kind : PartKind.all()) {
      if (!SHAPES.containsKey(kind.type())) {
        throw new IllegalStateException(kind.id() + " has no shape");
      }
    }
  }

  private static <P extends Part> void shape(Class<P> kind, Shape<P> shape) {
    SHAPES.put(kind, (on, name, part) -> shape.lay(on, name, kind.cast(part)));
  }

  @SafeVarargs
  private static void laidWithTheShank(Class<? extends Part>... kinds) {
    for (Class<? extends Part> kind : kinds) {
      shape(kind, (on, name, part) -> {});
    }
  }
}
