package ripplerest.core.dressing;

import ripplerest.core.quantity.Require;

/**
 * One part of a fly, in tying order within its pattern. A new kind of part is a new record here;
 * the compiler then lists the layers that must learn it.
 */
public sealed interface Part {
  /** Name of the material it is made of. */
  String material();

  /** The same part of another material. */
  Part withMaterial(String other);

  /** Stable name of this kind of part, such as {@code tail}. */
  String kind();

  /** Fibres that trail behind the bend. {@code count} 2 to 24. */
  record Tail(String material, int count, Length length) implements Part {
    /** Most fibres. */
    public static final int MOST = 24;

    public Tail {
      Require.text("material", material, 60);
      Require.inRange("count", count, 2, MOST);
      Require.present("length", length);
    }

    @Override
    public Tail withMaterial(String other) {
      return new Tail(other, count, length);
    }

    @Override
    public String kind() {
      return "tail";
    }
  }

  /** The abdomen along the shank. {@code wires}: its thickness in wire diameters, 1.2 to 6. */
  record Body(String material, double wires) implements Part {
    public Body {
      Require.text("material", material, 60);
      Require.inRange("wires", wires, 1.2, 6, "wire diameters");
    }

    @Override
    public Body withMaterial(String other) {
      return new Body(other, wires);
    }

    @Override
    public String kind() {
      return "body";
    }
  }

  /** A divided pair of wing tips standing on the shank. */
  record UprightWing(String material, Length length) implements Part {
    public UprightWing {
      Require.text("material", material, 60);
      Require.present("length", length);
    }

    @Override
    public UprightWing withMaterial(String other) {
      return new UprightWing(other, length);
    }

    @Override
    public String kind() {
      return "upright-wing";
    }
  }

  /**
   * Hackle wound round the shank as a collar. {@code turns} 1 to 12, in half turns or finer; {@code
   * clippedBelow}: barbs cut level under the shank.
   */
  record CollarHackle(String material, double turns, Length barb, boolean clippedBelow)
      implements Part {
    public CollarHackle {
      Require.text("material", material, 60);
      Require.inRange("turns", turns, 1, 12, "turns");
      Require.present("barb", barb);
    }

    @Override
    public CollarHackle withMaterial(String other) {
      return new CollarHackle(other, turns, barb, clippedBelow);
    }

    @Override
    public String kind() {
      return "collar-hackle";
    }
  }

  /** An upright bunch that a parachute hackle is wound on. */
  record Post(String material, Length length) implements Part {
    public Post {
      Require.text("material", material, 60);
      Require.present("length", length);
    }

    @Override
    public Post withMaterial(String other) {
      return new Post(other, length);
    }

    @Override
    public String kind() {
      return "post";
    }
  }

  /** Hackle wound flat round a post. {@code turns} 1 to 12. */
  record ParachuteHackle(String material, double turns, Length barb) implements Part {
    public ParachuteHackle {
      Require.text("material", material, 60);
      Require.inRange("turns", turns, 1, 12, "turns");
      Require.present("barb", barb);
    }

    @Override
    public ParachuteHackle withMaterial(String other) {
      return new ParachuteHackle(other, turns, barb);
    }

    @Override
    public String kind() {
      return "parachute-hackle";
    }
  }

  /** Soft plumes tied in behind the eye and reaching out over it. {@code count} 1 to 8. */
  record ForwardPlume(String material, int count, Length length) implements Part {
    public ForwardPlume {
      Require.text("material", material, 60);
      Require.inRange("count", count, 1, 8);
      Require.present("length", length);
    }

    @Override
    public ForwardPlume withMaterial(String other) {
      return new ForwardPlume(other, count, length);
    }

    @Override
    public String kind() {
      return "forward-plume";
    }
  }
}
