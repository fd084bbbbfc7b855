package ripplerest.core.hook;

import ripplerest.core.quantity.Require;

/**
 * A hook as a tier names it.
 *
 * @param size 8 (large) to 22 (small)
 * @param shape of shank and bend
 * @param lengthSteps the X of length: 2 short = -2 … 4 long = 4
 * @param wireSteps the X of wire: 2 fine = -2 … 2 heavy = 2
 */
public record HookSpec(int size, Shape shape, int lengthSteps, int wireSteps) {
  /** The finest and the heaviest wire, in steps. */
  public static final int FINEST = -2;

  public static final int HEAVIEST = 2;

  /** Shape of shank and bend. */
  public enum Shape {
    STRAIGHT,
    CURVED
  }

  public HookSpec {
    Require.inRange("size", size, 8, 22);
    Require.present("shape", shape);
    Require.inRange("lengthSteps", lengthSteps, -2, 4);
    Require.inRange("wireSteps", wireSteps, FINEST, HEAVIEST);
  }

  public HookSpec withSize(int other) {
    return new HookSpec(other, shape, lengthSteps, wireSteps);
  }

  public HookSpec withWire(int steps) {
    return new HookSpec(size, shape, lengthSteps, steps);
  }
}
