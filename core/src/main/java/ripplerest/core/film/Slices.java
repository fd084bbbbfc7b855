package ripplerest.core.film;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.water.Water;

/**
 * All slices of a fly's thick members: where they are in the last pose, and what the water does to
 * each at the level it was last given. Heights in mm, forces in µN.
 *
 * <p>A few slices side by side make one station on the film: they see one level and press as one.
 */
final class Slices {
  /** A slice is wet once the level stands this share of its radius over its bottom. */
  private static final double WET_FROM = -0.7;

  /** Neighbouring slices of a member that press on the film as one. */
  private static final int SLICES_A_STATION = 6;

  /** Laws of a soaked tuft come after those of the three contact lines. */
  private static final int SOAKED = 3;

  final int count;
  final int stations;
  final int groups;
  final double[] x;
  final double[] y;
  final double[] z;
  final double[] depth;
  final double[] film;
  final double[] total;
  final int[] member;

  // By station.
  final double[] stationX;
  final double[] stationY;
  final double[] size;
  final int[] group;
  private final int[] first;
  private final List<Member> members;
  private final List<Slice> bodies = new ArrayList<>();
  private final double[] at;

  /** Tension along a slice's length, µN. */
  private final double[] pull;

  private final CylinderLaw[] facing;
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
    int[] starts = new int[count + 1];
    int n = 0;
    for (int k = 0; k < count; k++) {
      Slice s = bodies.get(k);
      member[k] = memberOf.get(k);
      pull[k] = water.tension() * s.lengthMm();
      System.arraycopy(s.at().subtract(centre).toArray(), 0, at, 3 * k, 3);
      boolean another = k > 0 && member[k] != member[k - 1];
      if (k == 0 || another || k - starts[n - 1] == SLICES_A_STATION) {
        starts[n++] = k;
      }
    }
    starts[n] = count;
    stations = n;
    first = java.util.Arrays.copyOf(starts, n + 1);
    stationX = new double[n];
    stationY = new double[n];
    size = new double[n];
    group = new int[n];
    for (int s = 0; s < n; s++) {
      Member of = members.get(member[first[s]]);
      group[s] = groupOf.computeIfAbsent(of.group(), g -> groupOf.size());
      double length = 0;
      for (int k = first[s]; k < first[s + 1]; k++) {
        length += bodies.get(k).lengthMm();
      }
      double radius = bodies.get(first[s]).radiusMm();
      size[s] = Math.max(radius, FilmKernel.SELF_OF_SEGMENT * length);
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

  void place(Turn turn) {
    for (int k = 0; k < count; k++) {
      turn.apply(at[3 * k], at[3 * k + 1], at[3 * k + 2]);
      x[k] = turn.x;
      y[k] = turn.y;
      z[k] = turn.z + turn.heave;
    }
    for (int s = 0; s < stations; s++) {
      double sumX = 0;
      double sumY = 0;
      for (int k = first[s]; k < first[s + 1]; k++) {
        sumX += x[k];
        sumY += y[k];
      }
      stationX[s] = sumX / (first[s + 1] - first[s]);
      stationY[s] = sumY / (first[s + 1] - first[s]);
    }
  }

  /** Height of a station's lowest point over the undisturbed level. */
  double lowest(int s) {
    double least = Double.POSITIVE_INFINITY;
    for (int k = first[s]; k < first[s + 1]; k++) {
      least = Math.min(least, z[k] - bodies.get(k).radiusMm());
    }
    return least;
  }

  /** Takes a station out of the water. */
  void lift(int s) {
    for (int k = first[s]; k < first[s + 1]; k++) {
      depth[k] = -z[k];
      film[k] = 0;
      total[k] = 0;
    }
  }

  /** Prepares a station for being asked at many levels. */
  void face(int s, FilmState state, ContactLine line) {
    for (int k = first[s]; k < first[s + 1]; k++) {
      facing[k] = law(k, state, line);
    }
  }

  /** The film's force on a station at a level, µN. */
  double settle(int s, double level) {
    double sum = 0;
    for (int k = first[s]; k < first[s + 1]; k++) {
      depth[k] = level - z[k];
      film[k] = facing[k].film(depth[k] / ell) * pull[k];
      sum += film[k];
    }
    return sum;
  }

  /** Adds the water's push to the film's, at the levels last settled at. */
  void addBuoyancy(int s, FilmState state) {
    for (int k = first[s]; k < first[s + 1]; k++) {
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
    boolean soaked = state.soaked[member[k]];
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
  }
}
