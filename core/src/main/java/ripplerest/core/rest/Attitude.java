package ripplerest.core.rest;

import ripplerest.core.quantity.Require;

/**
 * How a fly is turned as it meets the film.
 *
 * @param name for people
 * @param pitchRad positive with the tail down
 * @param rollRad positive with the +y side up
 */
public record Attitude(String name, double pitchRad, double rollRad) {
  /** Level, and rolled a little so that a balance on edge does not pass for a rest. */
  public static final Attitude UPRIGHT = new Attitude("upright", 0, Math.toRadians(3));

  /** On its back, and rolled a little. */
  public static final Attitude CAPSIZED = new Attitude("capsized", 0, Math.toRadians(177));

  /** Tail first. */
  public static final Attitude TAIL_FIRST =
      new Attitude("tail first", Math.toRadians(60), Math.toRadians(3));

  /** On its side. */
  public static final Attitude SIDEWAYS = new Attitude("on its side", 0, Math.toRadians(87));

  public Attitude {
    Require.text("name", name, 40);
    Require.inRange("pitch", pitchRad, -Math.PI, Math.PI, "rad");
    Require.inRange("roll", rollRad, -Math.PI, Math.PI, "rad");
  }
}
