package ripplerest.core.assembly;

import ripplerest.core.quantity.Require;

/**
 * How finely a fly is cut up.
 *
 * @param sliceMm length of a slice of a thick member, 0.02 to 2 mm
 * @param segments straight segments of the chain behind a lying fibre's law, 4 to 64
 */
public record Mesh(double sliceMm, int segments) {
  /** The mesh that the product works with; the refinement test says how far it can be trusted. */
  public static final Mesh WORKING = new Mesh(0.1, 32);

  public Mesh {
    Require.inRange("sliceMm", sliceMm, 0.02, 2, "mm");
    Require.inRange("segments", segments, 4, 64);
  }

  /** Half the slice, twice the segments. */
  public Mesh refined() {
    return new Mesh(sliceMm / 2, segments * 2);
  }
}
