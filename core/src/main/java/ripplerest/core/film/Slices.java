package ripplerest.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.film.laws.CylinderLaw;
import ripplerest.core.film.laws.FilmKernel;
import ripplerest.core.water.Water;

/**
 * All slices of a fly's thick members: where they are in the last pose, and what the water does to
 * each at the level it was last given. Heights in mm, forces in µN.
 *
 * <p>A few slices side by side make a segment between two nodes on the film: levels run evenly from
 * one to the other, and what a slice presses goes to both by the lever rule, so that neither jumps
 * as the film wanders along a member. All nodes see each other; what a slice's own surroundings do
 * is in its {@link CylinderLaw}.
 */
final class Slices {
  /** Length of a segment, about, ℓ. */
  private static final double SEGMENT = 0.36;

  /** Slices whose middles are farther apart than this many of their lengths are not joined. */
  private static final double JOINED = 1.6;

  final int count;
  final int segments;
  final int nodes;
  final double[] x;
  final double[] y;
  final double[] z;
  final double[] depth;
  final double[] film;
  private final double[] dent;
  final double[] total;
  final int[] member;

  // By node.
  final double[] nodeX;
  final double[] nodeY;
  final double[] size;
  private final double[] nodeAt;

  // By segment: its first slice, the node it begins at, and what it presses on either end.
  private final int[] first;
  private final int[] from;
  private final double[] pressed;
  private final double[] pressedOn;
  private final List<Member> members;
  private final List<Slice> bodies = new ArrayList<>();
  private final double[] at;

  /** Tension along a slice's length that meets the water, µN. */
  private final double[] pull;

  /** Whether a slice goes on from the one before it. */
  final boolean[] joined;

  /** Share of an endless cylinder's dent that a slice's own surroundings make. */
  private final double[] own;

  final double[] radius;
  final double[] length;
  private final CylinderLaw[] facing;

  // In the attitude last placed in, before it is heaved: heights of slices, and the lowest bottom
  // of each segment.
  private final double[] up;
  private final double[] lowest;
  private double heave;

  private final boolean[] asked;

  private final double ell;
  private final SliceLaws laws;
  private final SliceMemory memory;

  Slices(List<Member> members, Vector3D centre, Wetting wetting, Water water) {
    this.members = members;
    this.ell = water.capillaryLength();
    List<Integer> memberOf = new ArrayList<>();
    for (int m = 0; m < members.size(); m++) {
      bodies.addAll(members.get(m).slices());
      for (int i = 0; i < members.get(m).slices().size(); i++) {
        memberOf.add(m);
      }
    }
    count = bodies.size();
    x = new double[count];
    y = new double[count];
    z = new double[count];
    depth = new double[count];
    film = new double[count];
    dent = new double[count];
    total = new double[count];
    member = new int[count];
    at = new double[3 * count];
    pull = new double[count];
    radius = new double[count];
    length = new double[count];
    facing = new CylinderLaw[count];
    up = new double[count];
    joined = new boolean[count];
    own = new double[count];
    int[] starts = new int[count + 1];
    int n = 0;
    double along = 0;
    double every = 0;
    for (int k = 0; k < count; k++) {
      Slice s = bodies.get(k);
      member[k] = memberOf.get(k);
      radius[k] = s.radiusMm();
      length[k] = s.lengthMm();
      pull[k] = water.tension() * s.lengthMm() * s.open();
      System.arraycopy(s.at().subtract(centre).toArray(), 0, at, 3 * k, 3);
      joined[k] = k > 0 && isJoined(k);
      if (k == 0 || member[k] != member[k - 1]) {
        double whole = members.get(member[k]).slices().stream().mapToDouble(Slice::lengthMm).sum();
        every = whole / Math.max(1, Math.round(whole / (SEGMENT * ell)));
        along = 0;
        starts[n++] = k;
      } else if (along + s.lengthMm() / 2 > every) {
        along -= every;
        starts[n++] = k;
      }
      along += s.lengthMm();
    }
    starts[n] = count;
    segments = n;
    first = Arrays.copyOf(starts, n + 1);
    from = new int[n];
    pressed = new double[n];
    pressedOn = new double[n];
    lowest = new double[n];
    asked = new boolean[n];
    int last = -1;
    for (int g = 0; g < n; g++) {
      from[g] = g > 0 && joined[first[g]] ? last : last + 1;
      last = from[g] + 1;
    }
    nodes = last + 1;
    nodeX = new double[nodes];
    nodeY = new double[nodes];
    nodeAt = new double[3 * nodes];
    size = new double[nodes];
    for (int g = 0; g < n; g++) {
      lay(g);
    }
    shareDents(water);
    laws = new SliceLaws(members, bodies, member, own, wetting, ell);
    memory = new SliceMemory(this, members, laws, wetting, ell);
  }

  private boolean isJoined(int k) {
    if (member[k] == member[k - 1]) {
      return true;
    }
    Slice here = bodies.get(k);
    Slice before = bodies.get(k - 1);
    double apart = JOINED * Math.max(here.lengthMm(), before.lengthMm());
    return members.get(member[k]).group().equals(members.get(member[k - 1]).group())
        && here.at().distance(before.at()) < apart;
  }

  /** Lays the nodes at the two ends of a segment, half a slice beyond its outermost middles. */
  private void lay(int g) {
    int k = first[g];
    int end = first[g + 1] - 1;
    for (int n = from[g]; n <= from[g] + 1; n++) {
      int near = n == from[g] ? k : end;
      int next = n == from[g] ? Math.min(k + 1, end) : Math.max(end - 1, k);
      for (int i = 0; i < 3; i++) {
        nodeAt[3 * n + i] = 1.5 * at[3 * near + i] - 0.5 * at[3 * next + i];
      }
      double around = Math.max(bodies.get(near).radiusMm(), FilmKernel.SELF_OF_SEGMENT * length(g));
      size[n] = Math.max(size[n], around);
    }
  }

  private double length(int g) {
    double length = 0;
    for (int k = first[g]; k < first[g + 1]; k++) {
      length += bodies.get(k).lengthMm();
    }
    return length;
  }

  /**
   * What the sheet leaves to a slice's own law: the dent that the load about its two nodes makes at
   * those nodes, against that of an endless line of such load, ℓ·exp(-R/ℓ)/2γ.
   */
  private void shareDents(Water water) {
    FilmKernel kernel = new FilmKernel(water);
    double[] about = new double[nodes];
    for (int g = 0; g < segments; g++) {
      about[from[g]] += length(g) / 2;
      about[from[g] + 1] += length(g) / 2;
    }
    for (int n = 0; n < nodes; n++) {
      about[n] *= kernel.depression(Sheet.square(size[n])) * 2 * water.tension() / ell;
    }
    for (int g = 0; g < segments; g++) {
      double share = 1.0 / (first[g + 1] - first[g]);
      for (int k = first[g]; k < first[g + 1]; k++) {
        double along = (k - first[g] + 0.5) * share;
        double dent = about[from[g]] + along * (about[from[g] + 1] - about[from[g]]);
        own[k] = Math.min(1, dent * Math.exp(bodies.get(k).radiusMm() / ell));
      }
    }
  }

  /**
   * @param turned whether the attitude is another than the last one; a fly that only heaves is
   *     where it was
   */
  void place(Turn turn, boolean turned) {
    heave = turn.heave;
    if (!turned) {
      return;
    }
    for (int g = 0; g < segments; g++) {
      double least = Double.POSITIVE_INFINITY;
      for (int k = first[g]; k < first[g + 1]; k++) {
        turn.apply(at[3 * k], at[3 * k + 1], at[3 * k + 2]);
        x[k] = turn.x;
        y[k] = turn.y;
        up[k] = turn.z;
        least = Math.min(least, turn.z - radius[k]);
      }
      lowest[g] = least;
    }
    for (int n = 0; n < nodes; n++) {
      turn.apply(nodeAt[3 * n], nodeAt[3 * n + 1], nodeAt[3 * n + 2]);
      nodeX[n] = turn.x;
      nodeY[n] = turn.y;
    }
  }

  /**
   * Brings a segment to its height.
   *
   * @param clear height over the undisturbed level from which the film does not touch it, mm
   * @return whether it is lower, or the film has hold of it
   */
  boolean isNear(int g, FilmState state, double clear) {
    boolean asks = lowest[g] + heave <= clear || isTaken(g, state);
    for (int k = first[g]; k < first[g + 1]; k++) {
      z[k] = up[k] + heave;
    }
    if (!asks) {
      lift(g);
    }
    asked[g] = asks;
    return asks;
  }

  /** Whether the film has hold of any of a segment's slices. */
  boolean isTaken(int g, FilmState state) {
    for (int k = first[g]; k < first[g + 1]; k++) {
      if (state.taken[k]) {
        return true;
      }
    }
    return false;
  }

  /** Takes a segment out of the water. */
  private void lift(int g) {
    for (int k = first[g]; k < first[g + 1]; k++) {
      depth[k] = -z[k];
    }
    if (asked[g]) {
      pressed[g] = 0;
      pressedOn[g] = 0;
      Arrays.fill(dent, first[g], first[g + 1], 0);
      Arrays.fill(film, first[g], first[g + 1], 0);
      Arrays.fill(total, first[g], first[g + 1], 0);
    }
  }

  /** The first slice of a segment; of one beyond the last, how many slices there are. */
  int first(int g) {
    return first[g];
  }

  /** The node at which a segment begins; it ends at the next. */
  int from(int g) {
    return from[g];
  }

  /** Prepares a segment for being asked at many levels; what the film has no hold of has no law. */
  void face(int g, FilmState state, ContactLine line) {
    for (int k = first[g]; k < first[g + 1]; k++) {
      facing[k] = state.taken[k] ? laws.of(k, state, line) : null;
    }
  }

  /** Settles a segment between the levels at its two ends. */
  void settle(int g, double level, double levelOn) {
    double share = 1.0 / (first[g + 1] - first[g]);
    double along = share / 2;
    double sum = 0;
    double on = 0;
    for (int k = first[g]; k < first[g + 1]; k++) {
      depth[k] = level + along * (levelOn - level) - z[k];
      dent[k] = facing[k] == null ? 0 : facing[k].dent(depth[k] / ell) * pull[k];
      sum += dent[k];
      on += along * dent[k];
      along += share;
    }
    pressed[g] = sum - on;
    pressedOn[g] = on;
  }

  /** What the segments on both sides of the node at which one begins press there, µN. */
  double pressedAtStart(int g) {
    return g > 0 && from[g - 1] + 1 == from[g] ? pressed[g] + pressedOn[g - 1] : pressed[g];
  }

  /** What they press on the node at which it ends. */
  double pressedAtEnd(int g) {
    boolean last = g + 1 == segments || from[g + 1] != from[g] + 1;
    return last ? pressedOn[g] : pressedOn[g] + pressed[g + 1];
  }

  /** Tells the film's part from the water's, at the levels last settled at. */
  void bringUpToDate(int g, FilmState state) {
    for (int k = first[g]; k < first[g + 1]; k++) {
      CylinderLaw law = facing[k];
      if (law == null) {
        film[k] = total[k] = 0;
        continue;
      }
      Slice slice = bodies.get(k);
      double solid =
          state.soaked[member[k]]
              ? members.get(member[k]).tuft().orElseThrow().solidShare()
              : slice.buoyantShare();
      double wide = slice.radiusMm() / (ell * law.radius());
      double length = pull[k] / slice.open();
      film[k] = law.film(depth[k] / ell) * pull[k];
      total[k] = dent[k] + law.wet(depth[k] / ell) * solid * wide * wide * length;
    }
  }

  /**
   * Marks what the last pose has wetted, dried, soaked, or given the film to hold.
   *
   * @return whether forces change by it at once
   */
  boolean remember(FilmState state, ContactLine line) {
    return memory.update(state, line);
  }

  /** Whether a segment was near enough to the film to be asked in the last pose. */
  boolean isAsked(int g) {
    return asked[g];
  }

  /** Whether the water does nothing to a slice. */
  boolean isIdle(int k) {
    return film[k] == 0 && total[k] == 0;
  }

  /** Whether the surfaces of two slices are nearer to each other than this, mm. */
  boolean isWithin(int k, int l, double mm) {
    double dx = x[k] - x[l];
    double dy = y[k] - y[l];
    double dz = z[k] - z[l];
    double reach = radius[k] + radius[l] + mm;
    return dx * dx + dy * dy + dz * dz < reach * reach;
  }

  void reset() {
    Arrays.fill(film, 0);
    Arrays.fill(dent, 0);
    Arrays.fill(total, 0);
    Arrays.fill(pressed, 0);
    Arrays.fill(pressedOn, 0);
  }
}
