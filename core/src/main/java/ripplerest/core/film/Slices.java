package ripplerest.core.film;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
 * as the film wanders along a member.
 */
final class Slices {
  /** A slice is wet once the level stands this share of its radius over its bottom. */
  private static final double WET_FROM = -0.7;

  /** Length of a segment, mm. */
  private static final double SEGMENT_MM = 1.0;

  /** Laws of a soaked tuft come after those of the three contact lines. */
  private static final int SOAKED = 3;

  final int count;
  final int segments;
  final int nodes;
  final int groups;
  final double[] x;
  final double[] y;
  final double[] z;
  final double[] depth;
  final double[] film;
  final double[] total;
  final int[] member;

  // By node.
  final double[] nodeX;
  final double[] nodeY;
  final double[] size;
  final int[] group;
  private final double[] nodeAt;
  private final double[] radius;

  // By segment: its first slice, the node it begins at, and what it presses on either end.
  private final int[] first;
  private final int[] from;
  private final double[] pressed;
  private final double[] pressedOn;
  private final List<Member> members;
  private final List<Slice> bodies = new ArrayList<>();
  private final double[] at;

  /** Tension along a slice's length, µN. */
  private final double[] pull;

  private final CylinderLaw[] facing;

  /** The most by which the film climbs to a slice's axis, mm: with its line receding. */
  private final double[] climbs;

  private final double ell;
  private final Wetting wetting;
  private final double[] entryDepth;
  private final CylinderLaw[][] laws = new CylinderLaw[2 * SOAKED][];
  private final double[][] thetas;
  private final double[] lastRadius;
  private final CylinderLaw[][] lastLaw;

  Slices(List<Member> members, Vector3D centre, Wetting wetting, Water water) {
    this.members = members;
    this.ell = water.capillaryLength();
    this.wetting = wetting;
    Map<String, Integer> groupOf = new HashMap<>();
    List<Integer> memberOf = new ArrayList<>();
    entryDepth = new double[members.size()];
    for (int m = 0; m < members.size(); m++) {
      bodies.addAll(members.get(m).slices());
      for (int i = 0; i < members.get(m).slices().size(); i++) {
        memberOf.add(m);
      }
      entryDepth[m] = entryDepth(members.get(m));
    }
    count = bodies.size();
    x = new double[count];
    y = new double[count];
    z = new double[count];
    depth = new double[count];
    film = new double[count];
    total = new double[count];
    member = new int[count];
    at = new double[3 * count];
    pull = new double[count];
    facing = new CylinderLaw[count];
    climbs = new double[count];
    int[] starts = new int[count + 1];
    int n = 0;
    double along = 0;
    for (int k = 0; k < count; k++) {
      Slice s = bodies.get(k);
      member[k] = memberOf.get(k);
      pull[k] = water.tension() * s.lengthMm();
      System.arraycopy(s.at().subtract(centre).toArray(), 0, at, 3 * k, 3);
      boolean another = k == 0 || member[k] != member[k - 1];
      along = another || along > SEGMENT_MM * (1 - 1e-9) ? 0 : along;
      if (along == 0) {
        starts[n++] = k;
      }
      along += s.lengthMm();
    }
    starts[n] = count;
    segments = n;
    first = java.util.Arrays.copyOf(starts, n + 1);
    from = new int[n];
    pressed = new double[n];
    pressedOn = new double[n];
    int last = -1;
    for (int g = 0; g < n; g++) {
      boolean another = g == 0 || member[first[g]] != member[first[g - 1]];
      from[g] = another ? last + 1 : last;
      last = from[g] + 1;
    }
    nodes = last + 1;
    nodeX = new double[nodes];
    nodeY = new double[nodes];
    nodeAt = new double[3 * nodes];
    size = new double[nodes];
    radius = new double[nodes];
    group = new int[nodes];
    for (int g = 0; g < n; g++) {
      lay(g, groupOf);
    }
    groups = groupOf.size();
    thetas = new double[members.size()][2 * SOAKED];
    lastLaw = new CylinderLaw[members.size()][2 * SOAKED];
    lastRadius = new double[members.size()];
    for (double[] of : thetas) {
      java.util.Arrays.fill(of, Double.NaN);
    }
    for (int i = 0; i < laws.length; i++) {
      laws[i] = new CylinderLaw[count];
    }
    for (int k = 0; k < count; k++) {
      climbs[k] = -ell * law(k, ContactLine.RECEDING, false).touch();
      if (members.get(member[k]).tuft().isPresent()) {
        climbs[k] = Math.max(climbs[k], -ell * law(k, ContactLine.RECEDING, true).touch());
      }
    }
  }

  /**
   * Depth at which the pressure of the water overcomes the film between a tuft's fibres and drives
   * its air out, mm: Young–Laplace between parallel fibres, -2γ·cos θ over the width of the gap.
   */
  private double entryDepth(Member m) {
    return m.tuft()
        .map(
            t -> {
              double cosine = Math.cos(wetting.angles(t.bareSurface()).advancing());
              return cosine >= 0 ? 0 : -2 * ell * ell * cosine / t.gapMm();
            })
        .orElse(Double.POSITIVE_INFINITY);
  }

  /** Lays the nodes at the two ends of a segment, half a slice beyond its outermost middles. */
  private void lay(int g, Map<String, Integer> groupOf) {
    int k = first[g];
    int end = first[g + 1] - 1;
    int own = groupOf.computeIfAbsent(members.get(member[k]).group(), name -> groupOf.size());
    for (int n = from[g]; n <= from[g] + 1; n++) {
      int near = n == from[g] ? k : end;
      int next = n == from[g] ? Math.min(k + 1, end) : Math.max(end - 1, k);
      for (int i = 0; i < 3; i++) {
        nodeAt[3 * n + i] = 1.5 * at[3 * near + i] - 0.5 * at[3 * next + i];
      }
      group[n] = own;
      radius[n] = Math.max(radius[n], bodies.get(near).radiusMm());
    }
  }

  void place(Turn turn) {
    for (int k = 0; k < count; k++) {
      turn.apply(at[3 * k], at[3 * k + 1], at[3 * k + 2]);
      x[k] = turn.x;
      y[k] = turn.y;
      z[k] = turn.z + turn.heave;
    }
    for (int n = 0; n < nodes; n++) {
      turn.apply(nodeAt[3 * n], nodeAt[3 * n + 1], nodeAt[3 * n + 2]);
      nodeX[n] = turn.x;
      nodeY[n] = turn.y;
      size[n] = radius[n];
    }
    for (int g = 0; g < segments; g++) {
      int n = from[g];
      double flat = Math.hypot(nodeX[n + 1] - nodeX[n], nodeY[n + 1] - nodeY[n]);
      size[n] = Math.max(size[n], FilmKernel.SELF_OF_SEGMENT * flat);
      size[n + 1] = Math.max(size[n + 1], FilmKernel.SELF_OF_SEGMENT * flat);
    }
  }

  /**
   * How far a segment is from where the film could take hold of it at the undisturbed level, mm.
   */
  double clearance(int g) {
    double least = Double.POSITIVE_INFINITY;
    for (int k = first[g]; k < first[g + 1]; k++) {
      least = Math.min(least, z[k] - climbs[k]);
    }
    return least;
  }

  /** Takes a segment out of the water. */
  void lift(int g) {
    pressed[g] = 0;
    pressedOn[g] = 0;
    for (int k = first[g]; k < first[g + 1]; k++) {
      depth[k] = -z[k];
      film[k] = 0;
      total[k] = 0;
    }
  }

  /** The node at which a segment begins; it ends at the next. */
  int from(int g) {
    return from[g];
  }

  /** Prepares a segment for being asked at many levels. */
  void face(int g, FilmState state, ContactLine line) {
    for (int k = first[g]; k < first[g + 1]; k++) {
      facing[k] = law(k, state, line);
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
      film[k] = facing[k].film(depth[k] / ell) * pull[k];
      sum += film[k];
      on += along * film[k];
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

  /** Adds the water's push to the film's, at the levels last settled at. */
  void addBuoyancy(int g, FilmState state) {
    for (int k = first[g]; k < first[g + 1]; k++) {
      Slice slice = bodies.get(k);
      CylinderLaw law = facing[k];
      double solid =
          state.soaked[member[k]]
              ? members.get(member[k]).tuft().orElseThrow().solidShare()
              : slice.buoyantShare();
      double wide = slice.radiusMm() / (ell * law.radius());
      total[k] = film[k] + law.buoyancy(depth[k] / ell, solid * wide * wide) * pull[k];
    }
  }

  private CylinderLaw law(int k, FilmState state, ContactLine line) {
    ContactLine way = line == ContactLine.PINNED ? ContactLine.MEAN : line;
    if (!state.wet[k]) {
      way = ContactLine.ADVANCING;
    }
    return law(k, way, state.soaked[member[k]]);
  }

  private CylinderLaw law(int k, ContactLine way, boolean soaked) {
    CylinderLaw[] of = laws[way.ordinal() + (soaked ? SOAKED : 0)];
    if (of[k] == null) {
      of[k] = law(member[k], bodies.get(k).radiusMm(), way, soaked);
    }
    return of[k];
  }

  private CylinderLaw law(int m, double radius, ContactLine way, boolean soaked) {
    int variant = way.ordinal() + (soaked ? SOAKED : 0);
    double theta = theta(m, variant, way, soaked);
    double of = soaked ? Math.sqrt(members.get(m).tuft().orElseThrow().solidShare()) : 1;
    if (lastRadius[m] != radius || lastLaw[m][variant] == null) {
      lastRadius[m] = radius;
      java.util.Arrays.fill(lastLaw[m], null);
      lastLaw[m][variant] = CylinderLaw.of(of * radius / ell, theta);
    }
    return lastLaw[m][variant];
  }

  private double theta(int m, int variant, ContactLine way, boolean soaked) {
    if (Double.isNaN(thetas[m][variant])) {
      Member of = members.get(m);
      String surface = soaked ? of.tuft().orElseThrow().bareSurface() : of.surface();
      thetas[m][variant] = Math.acos(wetting.angles(surface).cosine(way));
    }
    return thetas[m][variant];
  }

  /**
   * Marks slices that the water has reached as wet, dries those that are lifted clear, and takes
   * the air out of tufts that are pressed too deep.
   *
   * @return whether a tuft lost its air
   */
  boolean remember(FilmState state, ContactLine line) {
    boolean soaked = false;
    for (int k = 0; k < count; k++) {
      double radius = bodies.get(k).radiusMm();
      if (depth[k] > WET_FROM * radius) {
        state.wet[k] = true;
      } else if (line != ContactLine.ADVANCING && state.wet[k] && film[k] == 0 && total[k] == 0) {
        state.wet[k] = false;
      }
      if (depth[k] > entryDepth[member[k]] && !state.soaked[member[k]]) {
        state.soaked[member[k]] = true;
        soaked = true;
      }
    }
    return soaked;
  }

  void reset() {
    java.util.Arrays.fill(film, 0);
    java.util.Arrays.fill(total, 0);
    java.util.Arrays.fill(pressed, 0);
    java.util.Arrays.fill(pressedOn, 0);
  }
}
