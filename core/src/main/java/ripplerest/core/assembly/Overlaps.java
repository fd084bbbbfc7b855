package ripplerest.core.assembly;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;

/**
 * Thick members that lie in the same place, such as a wing on a body: the room that both take is
 * counted once, for the one laid first, and only what faces the water is surface.
 *
 * <p>Counted by points, {@value #ROUND} round a slice and {@value #RINGS} rings across it, so a
 * share is good to a few hundredths. Left out: what the inner member does to the shape of the
 * outer.
 */
final class Overlaps {
  private static final int ROUND = 16;
  private static final int RINGS = 3;

  /** A slice that is all but buried still counts as a little open, so that it has a law. */
  private static final double LEAST_OPEN = 1e-3;

  /** Nothing is left out for a rounding error, mm. */
  private static final double NEARLY = 1e-9;

  private final List<Member> members;
  private final List<List<Disc>> discs;
  private final List<Row> rows;

  private Overlaps(List<Member> members) {
    this.members = members;
    this.discs = members.stream().map(Overlaps::discs).toList();
    this.rows = discs.stream().map(Row::of).toList();
  }

  /**
   * Discs of a member in the order of their places along the fly, so that only near ones are asked.
   */
  private record Row(Disc[] discs, double[] x, double farthest) {
    static Row of(List<Disc> of) {
      Disc[] discs = of.toArray(Disc[]::new);
      Arrays.sort(discs, Comparator.comparingDouble(Disc::x));
      double[] x = Arrays.stream(discs).mapToDouble(Disc::x).toArray();
      return new Row(discs, x, of.stream().mapToDouble(Disc::spanX).max().orElse(0));
    }

    /** Adds what may hold a point of a disc. */
    void near(Disc disc, List<Disc> found) {
      double apart = disc.planeX() + farthest + NEARLY;
      int start = Arrays.binarySearch(x, disc.x() - apart);
      double to = disc.x() + apart;
      for (int i = start < 0 ? -start - 1 : start; i < x.length && x[i] <= to; i++) {
        if (disc.mayMeet(discs[i])) {
          found.add(discs[i]);
        }
      }
    }
  }

  /** The same members, each slice with the room and the surface that is its own. */
  static List<Member> merged(List<Member> members) {
    return new Overlaps(members).merged();
  }

  /**
   * A slice as a short upright cylinder: its middle, the direction of its axis, half its length and
   * its radius. Numbers and plain sums, since millions are asked.
   */
  private record Disc(
      double x,
      double y,
      double z,
      double alongX,
      double alongY,
      double alongZ,
      double half,
      double radius) {
    static Disc of(Slice slice, Vector3D along) {
      Vector3D at = slice.at();
      return new Disc(
          at.getX(),
          at.getY(),
          at.getZ(),
          along.getX(),
          along.getY(),
          along.getZ(),
          slice.lengthMm() / 2,
          slice.radiusMm());
    }

    double reach() {
      return radius + half;
    }

    /** How far its middle plane goes along the fly from its middle, within its radius. */
    double planeX() {
      return radius * Math.sqrt(Math.max(0, 1 - alongX * alongX));
    }

    /** How far any point of it lies along the fly from its middle, at most. */
    double spanX() {
      return planeX() + half * Math.abs(alongX);
    }

    Vector3D along() {
      return new Vector3D(alongX, alongY, alongZ);
    }

    /** Whether a point lies in it. */
    boolean holds(double px, double py, double pz) {
      double dx = px - x;
      double dy = py - y;
      double dz = pz - z;
      double up = dx * alongX + dy * alongY + dz * alongZ;
      return Math.abs(up) <= half && dx * dx + dy * dy + dz * dz - up * up < radius * radius;
    }

    /** Whether {@code other} may hold a point of this disc's middle plane within its radius. */
    boolean mayMeet(Disc other) {
      double dx = other.x - x;
      double dy = other.y - y;
      double dz = other.z - z;
      double reach = reach() + other.reach();
      double square = dx * dx + dy * dy + dz * dz;
      if (square >= reach * reach) {
        return false;
      }
      double up = dx * other.alongX + dy * other.alongY + dz * other.alongZ;
      double cosine = alongX * other.alongX + alongY * other.alongY + alongZ * other.alongZ;
      double tilted = radius * Math.sqrt(Math.max(0, 1 - cosine * cosine)) + NEARLY;
      return Math.abs(up) <= other.half + tilted;
    }
  }

  private static List<Disc> discs(Member m) {
    List<Slice> slices = m.slices();
    List<Disc> all = new ArrayList<>();
    for (int k = 0; k < slices.size(); k++) {
      Slice s = slices.get(k);
      Vector3D before = slices.get(Math.max(0, k - 1)).at();
      Vector3D next = slices.get(Math.min(slices.size() - 1, k + 1)).at();
      Vector3D along = next.subtract(before);
      boolean lone = along.getNormSq() == 0;
      all.add(Disc.of(s, lone ? Vector3D.PLUS_I : along.normalize()));
    }
    return all;
  }

  private List<Member> merged() {
    List<Member> all = new ArrayList<>();
    for (int m = 0; m < members.size(); m++) {
      Member member = members.get(m);
      List<Slice> slices = new ArrayList<>();
      for (int k = 0; k < member.slices().size(); k++) {
        slices.add(merged(m, discs.get(m).get(k), member.slices().get(k)));
      }
      all.add(new Member(member.part(), member.group(), member.surface(), slices, member.tuft()));
    }
    return List.copyOf(all);
  }

  private Slice merged(int m, Disc disc, Slice slice) {
    List<Disc> earlier = new ArrayList<>();
    List<Disc> others = new ArrayList<>();
    for (int n = 0; n < members.size(); n++) {
      if (n < m) {
        rows.get(n).near(disc, earlier);
      } else if (n > m) {
        rows.get(n).near(disc, others);
      }
    }
    others.addAll(earlier);
    if (others.isEmpty()) {
      return slice;
    }
    Rotation turn =
        new Rotation(disc.along(), 2 * Math.PI / ROUND, RotationConvention.VECTOR_OPERATOR);
    Vector3D out = disc.along().orthogonal();
    int covered = 0;
    int taken = 0;
    for (int i = 0; i < ROUND; i++) {
      covered += isIn(others, disc, disc.radius(), out) ? 1 : 0;
      for (int ring = 0; ring < RINGS && !earlier.isEmpty(); ring++) {
        double r = disc.radius() * Math.sqrt((ring + 0.5) / RINGS); // rings of one area
        taken += isIn(earlier, disc, r, out) ? 1 : 0;
      }
      out = turn.applyTo(out);
    }
    double open = Math.max(LEAST_OPEN, 1 - (double) covered / ROUND);
    double left = 1 - (double) taken / (ROUND * RINGS);
    return new Slice(
        slice.at(), slice.lengthMm(), slice.radiusMm(), left * slice.buoyantShare(), open);
  }

  /** Whether any of these holds the point so far out from the middle of a disc. */
  private static boolean isIn(List<Disc> discs, Disc of, double far, Vector3D out) {
    double x = of.x() + far * out.getX();
    double y = of.y() + far * out.getY();
    double z = of.z() + far * out.getZ();
    for (int i = 0; i < discs.size(); i++) { // no iterator: it is asked too often
      if (discs.get(i).holds(x, y, z)) {
        return true;
      }
    }
    return false;
  }
}
