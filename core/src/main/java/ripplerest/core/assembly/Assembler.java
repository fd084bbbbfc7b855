package ripplerest.core.assembly;

import java.util.List;
import ripplerest.core.dressing.Part;
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

  private Assembler(Layup layup) {
    this.shank = new Shank(layup);
    this.wings = new Wings(layup);
    this.hackles = new Hackles(layup);
  }

  /** The body of a fly. Floatant only sets how much air a bundle keeps under water. */
  public static FlyBody assemble(
      SizedPattern sized, Materials materials, Floatant floatant, Mesh mesh) {
    Layup layup = new Layup(sized, materials, floatant, mesh);
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
    if (part instanceof Part.Bead bead) {
      shank.bead(name, bead);
    } else if (part instanceof Part.WeightWire wire) {
      shank.strands(name, wire.material());
    } else if (part instanceof Part.Rib rib) {
      shank.strands(name, rib.material());
    } else if (part instanceof Part.ExtendedBody body) {
      shank.extended(name, body);
    } else if (part instanceof Part.ThoraxCover cover) {
      shank.cover(name, cover);
    } else if (part instanceof Part.Head head) {
      shank.seal(name, head);
    } else if (part instanceof Part.Shuck shuck) {
      wings.shuck(name, shuck);
    } else if (part instanceof Part.FlatWing wing) {
      wings.flat(name, wing);
    } else if (part instanceof Part.ForwardPlume wing) {
      wings.forward(name, wing);
    } else if (part instanceof Part.LoopedWing wing) {
      wings.looped(name, wing);
    } else if (part instanceof Part.FoldedShuttle wing) {
      wings.shuttle(name, wing);
    } else if (part instanceof Part.UprightWing wing) {
      wings.upright(name, wing);
    } else if (part instanceof Part.Post post) {
      wings.post(name, post);
    } else if (part instanceof Part.SpentWing wing) {
      wings.spent(name, wing);
    } else if (part instanceof Part.Indicator tuft) {
      wings.indicator(name, tuft);
    } else if (part instanceof Part.HairWing wing) {
      wings.hair(name, wing);
    } else if (part instanceof Part.TentWing wing) {
      wings.tent(name, wing);
    } else if (part instanceof Part.Tail tail) {
      hackles.tail(name, tail);
    } else if (part instanceof Part.Legs legs) {
      hackles.legs(name, legs);
    } else if (part instanceof Part.CollarHackle h) {
      hackles.collar(name, h.material(), h.turns(), h.trim(), 0);
    } else if (part instanceof Part.SoftCollar h) {
      hackles.collar(name, h.material(), h.turns(), Part.Trim.FULL, h.drape());
    } else if (part instanceof Part.SpunPlume h) {
      hackles.collar(name, h.material(), h.turns(), h.trim(), 0);
    } else if (part instanceof Part.MixedHackle h) {
      hackles.mixed(name, h);
    } else if (part instanceof Part.PalmeredHackle h) {
      hackles.palmered(name, h);
    } else if (part instanceof Part.ParachuteHackle h) {
      hackles.parachute(name, h);
    }
    // thread, body, thorax and egg sac were laid on with the shank; bands weigh nothing
  }
}
