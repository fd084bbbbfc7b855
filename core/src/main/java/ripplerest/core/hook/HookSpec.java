package ripplerest.core.hook;

import java.util.Optional;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;

/**
 * A hook as a tier names it.
 *
 * @param size 1 (large) to 32 (small)
 * @param shape of shank and bend
 * @param lengthSteps the X of length: 2 short = -2 … 4 long = 4
 * @param wireSteps the X of wire: 2 fine = -2 … 2 heavy = 2
 * @param barbed whether its barb stands, or there is none or a pressed one
 * @param measured what was measured on the hook itself, which wins; empty: by the size table
 */
public record HookSpec(
    int size,
    Shape shape,
    int lengthSteps,
    int wireSteps,
    boolean barbed,
    Optional<Measured> measured) {
  /** The largest and the smallest number. */
  public static final int LARGEST = 1;

  public static final int SMALLEST = 32;

  /** The largest and the smallest that most dry flies are tied on. */
  public static final int USUAL_LARGEST = 6;

  public static final int USUAL_SMALLEST = 22;

  /** The shortest and the longest shank, in steps. */
  public static final int SHORTEST = -2;

  public static final int LONGEST = 4;

  /** The finest and the heaviest wire, in steps. */
  public static final int FINEST = -2;

  public static final int HEAVIEST = 2;

  /** Shape of shank and bend. */
  public enum Shape {
    STRAIGHT,
    /** The rear half of the shank turns down with the bend. */
    CURVED,
    /** Curved, and short for its gap. */
    SHORT_CURVED;

    /** The shape of this name, such as {@code short-curved}; refuses another. */
    public static Shape named(String word) {
      for (Shape shape : values()) {
        if (Words.id(shape).equals(word)) {
          return shape;
        }
      }
      throw new OutOfRangeException(
          "shape", "\"" + word + "\"", "straight, curved or short-curved", "Use one of these.");
    }
  }

  /**
   * A hook that was measured.
   *
   * @param name what the tier calls it
   * @param shankMm from behind the eye to where the bend begins, 1 to 40
   * @param gapMm shank to point, 0.5 to 20
   * @param wireMm wire diameter, 0.1 to 2
   * @param eyeMm outside length of the eye, 0.2 to 5
   * @param tenMg weight of ten hooks, 5 to 20,000 mg; empty: from the wire
   */
  public record Measured(
      String name,
      double shankMm,
      double gapMm,
      double wireMm,
      double eyeMm,
      Optional<Double> tenMg) {
    public Measured {
      Require.text("name", name, 80);
      Require.inRange("shankMm", shankMm, 1, 40, "mm");
      Require.inRange("gapMm", gapMm, 0.5, 20, "mm");
      Require.inRange("wireMm", wireMm, 0.1, 2, "mm");
      Require.inRange("eyeMm", eyeMm, 0.2, 5, "mm");
      tenMg.ifPresent(mg -> Require.inRange("tenMg", mg, 5, 20_000, "mg"));
    }
  }

  public HookSpec {
    Require.inRange("size", size, LARGEST, SMALLEST);
    Require.present("shape", shape);
    Require.inRange("lengthSteps", lengthSteps, SHORTEST, LONGEST);
    Require.inRange("wireSteps", wireSteps, FINEST, HEAVIEST);
    Require.present("measured", measured);
  }

  /** A hook of the size table. */
  public HookSpec(int size, Shape shape, int lengthSteps, int wireSteps) {
    this(size, shape, lengthSteps, wireSteps, true, Optional.empty());
  }

  /** With its barb standing. */
  public HookSpec(
      int size, Shape shape, int lengthSteps, int wireSteps, Optional<Measured> measured) {
    this(size, shape, lengthSteps, wireSteps, true, measured);
  }

  public HookSpec withSize(int other) {
    return new HookSpec(other, shape, lengthSteps, wireSteps, barbed, Optional.empty());
  }

  /** Another wire; a measured hook gives way to the table's. */
  public HookSpec withWire(int steps) {
    return new HookSpec(size, shape, lengthSteps, steps, barbed, Optional.empty());
  }
}
