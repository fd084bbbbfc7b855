package ripplerest.core.dressing;

import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.dressing.tie.Tied;
import ripplerest.core.material.Form;

/**
 * One part of a fly, in tying order within its pattern. A new kind of part is a new record here:
 * {@link PartKind} reads its fields, bounds and units off it for every layer that treats all kinds
 * alike, once it has its place there; the assembly alone has to learn its shape. {@code feather} is
 * the usable length of the feather at hand, mm, 0 where nobody measured it.
 */
public sealed interface Part extends Tied {
  /** Most fibres in a tail. */
  int MOST_FIBRES = 24;

  /** Stable name of this kind of part, such as {@code tail}. */
  default String kind() {
    return PartKind.of(this).id();
  }

  /** The same part of another material. */
  default Part withMaterial(String other) {
    return tied(tie().withMaterial(other));
  }

  /** The same part, bound in otherwise. */
  default Part tied(Tie other) {
    return PartKind.of(this).create(other, PartKind.of(this).values(this));
  }

  /** Whether a field has a meaning here: what is not trimmed is not clipped to a length. */
  default boolean uses(String field) {
    return !field.equals("clip") || !PartKind.of(this).values(this).get("trim").equals("full");
  }

  /** The same part with one field otherwise. */
  default Part with(String field, Object value) {
    return PartKind.of(this).with(this, field, value);
  }

  /** Thread that the fly is tied with; it shows at the head and between parts. */
  @MadeOf(Form.WRAP)
  record Thread(Tie tie, @Range(low = 20, high = 210, unit = "denier") int denier)
      implements Part, Single {}

  /** A bead behind the eye. */
  @MadeOf(Form.SOLID)
  record Bead(Tie tie, @Range(low = 1, high = 5, unit = "mm") double diameter)
      implements Part, Single {}

  /** Heavy wire wound on the shank under body and thorax. */
  @MadeOf(Form.STRAND)
  record WeightWire(Tie tie, @Range(low = 2, high = 30, unit = "turns") double turns)
      implements Part, Turned {}

  /** Fibres that trail behind the bend; {@code splay}: angle between the outermost two. */
  @MadeOf(Form.FIBRE)
  record Tail(
      Tie tie,
      @Range(low = 2, high = MOST_FIBRES, unit = "fibres") int count,
      Length length,
      @Range(low = 0, high = 120, unit = "deg") double splay)
      implements Part, Counted {
    @Override
    public int bunches() {
      return 1;
    }
  }

  /** A case that the insect drags behind it: loose yarn or dubbing, tapered. */
  @MadeOf(Form.BUNDLE)
  record Shuck(
      Tie tie, @Range(low = 0.1, high = 2, unit = "bundles") double fullness, Length length)
      implements Part, Soft {}

  /** A ball at the end of the body. */
  @MadeOf(Form.WRAP)
  record EggSac(
      Tie tie, @Range(low = 1.2, high = 8, unit = "wire diameters") double wires, Length length)
      implements Part, Wound, Stretching, Single {
    @Override
    public double radiusMm(double t, double wireMm) {
      return Wound.ball(t, wires * wireMm);
    }

    @Override
    public boolean growsTowardEye() {
      return true;
    }
  }

  /** A body that reaches past the bend; {@code rise}: angle at which it leaves the shank. */
  @MadeOf(Form.WRAP)
  record ExtendedBody(
      Tie tie,
      @Range(low = 1.2, high = 6, unit = "wire diameters") double wires,
      Length length,
      @Range(low = -20, high = 90, unit = "deg") double rise,
      Core core)
      implements Part {
    /** On what it is wound. */
    public enum Core {
      /** Made on a needle, then bound in. */
      NEEDLE,
      /** Wound on the hook, over a strand that stands out behind it and is cut last. */
      STRAND
    }
  }

  /** Turns of a strand behind the body. */
  @MadeOf(Form.STRAND)
  record Tag(Tie tie, @Range(low = 1, high = 8, unit = "turns") double turns)
      implements Part, Turned {}

  /** One strand wound in open turns over the body. */
  @MadeOf(Form.STRAND)
  record Rib(Tie tie, @Range(low = 2, high = 14, unit = "turns") double turns)
      implements Part, Turned {}

  /** The abdomen along the shank; {@code wires}: its thickness. */
  @MadeOf(Form.WRAP)
  record Body(Tie tie, @Range(low = 1.2, high = 8, unit = "wire diameters") double wires)
      implements Part, Wound, Single {
    @Override
    public double radiusMm(double t, double wireMm) {
      return Math.max(THINNEST_IN_WIRES * wireMm, wires * wireMm / 2 * (1 - TAIL_END_TAPER * t));
    }
  }

  /** Darker segments wound over the rear of the body. */
  @MadeOf(Form.WRAP)
  record Segments(
      Tie tie, @Range(low = 1.2, high = 8, unit = "wire diameters") double wires, Length length)
      implements Part, Wound {
    @Override
    public double radiusMm(double t, double wireMm) {
      return wires * wireMm / 2 * (1 - TAIL_END_TAPER * t);
    }
  }

  /** Marker bands drawn or wound over a body of thread; they weigh next to nothing. */
  @MadeOf(Form.WRAP)
  record Bands(Tie tie, @Range(low = 1, high = 12, unit = "bands") int count, Made made)
      implements Part {
    /** How they come there. */
    public enum Made {
      /** Drawn with a marker. */
      MARKED,
      /** Wound of blackened thread. */
      WOUND
    }
  }

  /** Strands that lie back over the body and catch the light. */
  @MadeOf(Form.FIBRE)
  record Flash(Tie tie, @Range(low = 1, high = 8, unit = "strands") int count, Length length)
      implements Part, Counted {
    @Override
    public int bunches() {
      return 1;
    }
  }

  /** Hackle wound in open turns along the body and bound down. */
  @MadeOf(Form.HACKLE)
  record PalmeredHackle(
      Tie tie,
      @Range(low = 2, high = 14, unit = "turns") double turns,
      Length barb,
      Trim trim,
      Length clip,
      @Range(low = 0, high = 200, unit = "mm") double feather)
      implements Part, Hackle {}

  /** The fuller part of the body next to wing and hackle. */
  @MadeOf(Form.WRAP)
  record Thorax(
      Tie tie, @Range(low = 1.2, high = 10, unit = "wire diameters") double wires, Length length)
      implements Part, Wound, Stretching, Single {
    @Override
    public double radiusMm(double t, double wireMm) {
      return wires * wireMm / 2 * (0.8 + 0.2 * Math.sin(Math.PI * t));
    }

    @Override
    public boolean growsTowardEye() {
      return false;
    }
  }

  /** A strip folded over the thorax. */
  @MadeOf(Form.WRAP)
  record ThoraxCover(Tie tie, @Range(low = 0.5, high = 4, unit = "wire diameters") double wires)
      implements Part {}

  /** Legs to both sides of the thorax, {@code count} a side. */
  @MadeOf(Form.FIBRE)
  record Legs(
      Tie tie, @Range(low = 1, high = 4, unit = "a side") int count, Length length, LegSet set)
      implements Part, Counted {}

  /** Soft plumes laid flat over the body; {@code spread}: angle between the outermost two. */
  @MadeOf(Form.BUNDLE)
  record FlatWing(
      Tie tie,
      @Range(low = 1, high = 8, unit = "plumes") int count,
      Length length,
      @Range(low = 0, high = 120, unit = "deg") double spread)
      implements Part, Counted, Wing, Soft {}

  /** Soft plumes tied in behind the eye and reaching out over it. */
  @MadeOf(Form.BUNDLE)
  record ForwardPlume(
      Tie tie,
      @Range(low = 1, high = 8, unit = "plumes") int count,
      Length length,
      @Range(low = 0, high = 80, unit = "deg") double lift)
      implements Part, Counted, Soft {}

  /** Plumes drawn into a loop over the thorax; {@code length}: of the loop along the shank. */
  @MadeOf(Form.BUNDLE)
  record LoopedWing(Tie tie, @Range(low = 1, high = 8, unit = "plumes") int count, Length length)
      implements Part, Counted, Soft {}

  /** Plumes folded forward over the thorax, their tips standing over the eye. */
  @MadeOf(Form.BUNDLE)
  record FoldedShuttle(Tie tie, @Range(low = 1, high = 8, unit = "plumes") int count, Length length)
      implements Part, Counted, Soft {}

  /** A divided pair of wing tips standing on the shank; {@code apart}: the V between them. */
  @MadeOf(Form.BUNDLE)
  record UprightWing(Tie tie, Length length, @Range(low = 0, high = 120, unit = "deg") double apart)
      implements Part, Wing, Soft {}

  /** An upright bunch, alone or to wind a parachute hackle on. */
  @MadeOf(Form.BUNDLE)
  record Post(Tie tie, Length length) implements Part, Soft, Single {}

  /** Stacked hair tied back over the body. */
  @MadeOf(Form.FIBRE)
  record HairWing(
      Tie tie,
      @Range(low = 5, high = 80, unit = "hairs") int count,
      Length length,
      @Range(low = 0, high = 60, unit = "deg") double lift)
      implements Part, Counted, Wing {
    @Override
    public int bunches() {
      return 1;
    }
  }

  /** A slip of feather folded roofwise over the body; {@code count} barbs a side. */
  @MadeOf(Form.FIBRE)
  record TentWing(
      Tie tie, @Range(low = 3, high = 12, unit = "barbs a side") int count, Length length)
      implements Part, Counted, Wing {}

  /** Yarn or tips spread flat to both sides. */
  @MadeOf(Form.BUNDLE)
  record SpentWing(Tie tie, Length length) implements Part, Wing, Soft {}

  /** A tuft on top, to see the fly by. */
  @MadeOf(Form.BUNDLE)
  record Indicator(
      Tie tie, @Range(low = 0.1, high = 2, unit = "bundles") double fullness, Length length)
      implements Part, Soft {}

  /** Hackle wound round the shank as a collar. */
  @MadeOf(Form.HACKLE)
  record CollarHackle(
      Tie tie,
      @Range(low = 1, high = 12, unit = "turns") double turns,
      Length barb,
      Trim trim,
      Length clip,
      @Range(low = 0, high = 200, unit = "mm") double feather)
      implements Part, Hackle {}

  /** Hackle wound flat round a post; {@code droop}: how far its barbs slope down. */
  @MadeOf(Form.HACKLE)
  record ParachuteHackle(
      Tie tie,
      @Range(low = 1, high = 12, unit = "turns") double turns,
      Length barb,
      @Range(low = 0, high = 30, unit = "deg") double droop,
      @Range(low = 0, high = 200, unit = "mm") double feather)
      implements Part, Hackle {}

  /** A collar of a soft game-bird feather; {@code drape}: how far its barbs lean back. */
  @MadeOf(Form.HACKLE)
  record SoftCollar(
      Tie tie,
      @Range(low = 1, high = 6, unit = "turns") double turns,
      Length barb,
      @Range(low = 0, high = 70, unit = "deg") double drape,
      @Range(low = 0, high = 200, unit = "mm") double feather)
      implements Part, Feathered {}

  /** Fibres of soft plume spun in a split thread or a loop and wound as a collar. */
  @MadeOf(Form.HACKLE)
  record SpunPlume(
      Tie tie,
      @Range(low = 1, high = 8, unit = "turns") double turns,
      Length barb,
      Trim trim,
      Length clip,
      Held held)
      implements Part, Turned {
    /** What holds its fibres. */
    public enum Held {
      /** The thread, split with a needle. */
      SPLIT_THREAD,
      /** A loop of thread, made where the part begins and parked until then. */
      LOOP
    }
  }

  /** A head of herl, wound into glue over what is bound there. */
  @MadeOf(Form.WRAP)
  record HerlHead(Tie tie, @Range(low = 1.2, high = 6, unit = "wire diameters") double wires)
      implements Part, Wound {
    @Override
    public double radiusMm(double t, double wireMm) {
      return Math.max(THINNEST_IN_WIRES * wireMm, Wound.ball(t, wires * wireMm));
    }
  }

  /**
   * Whip finish and what it is sealed with; {@code second}: turns of a second whip, 0 for none;
   * {@code coats}: how often it is sealed.
   */
  @MadeOf(Form.WRAP)
  record Head(
      Tie tie,
      @Range(low = 3, high = 12, unit = "turns") int whips,
      @Range(low = 0, high = 12, unit = "turns") int second,
      WhipPlace at,
      Finish finish,
      @Range(low = 1, high = 3, unit = "coats") int coats)
      implements Part, Single {}
}
