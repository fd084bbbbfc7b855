package ripplerest.core.film;

import java.util.Arrays;
import java.util.List;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.film.laws.CylinderLaw;

/** By which law the water answers to each slice: its surface, and which way its line slides. */
final class SliceLaws {
  /** Laws of a soaked tuft come after those of the three contact lines. */
  private static final int SOAKED = 3;

  private final List<Member> members;
  private final List<Slice> slices;
  private final int[] member;
  private final double[] own;
  private final Wetting wetting;
  private final double ell;
  private final CylinderLaw[][] laws;
  private final double[][] thetas;

  /**
   * @param member of each slice
   * @param own share of an endless cylinder's dent that each slice's surroundings make
   * @param ell capillary length, mm
   */
  SliceLaws(
      List<Member> members,
      List<Slice> slices,
      int[] member,
      double[] own,
      Wetting wetting,
      double ell) {
    this.members = members;
    this.slices = slices;
    this.member = member;
    this.own = own;
    this.wetting = wetting;
    this.ell = ell;
    this.laws = new CylinderLaw[2 * SOAKED][slices.size()];
    this.thetas = new double[members.size()][2 * SOAKED];
    for (double[] of : thetas) {
      Arrays.fill(of, Double.NaN);
    }
  }

  /** The law of a slice as it is. */
  CylinderLaw of(int k, FilmState state, ContactLine line) {
    return of(k, way(k, state, line), state.soaked[member[k]]);
  }

  /** Water still advances over what is not wet. */
  private static ContactLine way(int k, FilmState state, ContactLine line) {
    ContactLine sliding = line == ContactLine.PINNED ? ContactLine.MEAN : line;
    return state.wet[k] ? sliding : ContactLine.ADVANCING;
  }

  /** Whether a slice as it is dents the film at a depth of its axis, mm. */
  boolean dents(int k, FilmState state, ContactLine line, double depth) {
    return of(k, state, line).dent(depth / ell) != 0;
  }

  /** Depth of the axis from which the film holds on to a slice as it is, mm. */
  double holdsFrom(int k, FilmState state, ContactLine line) {
    return holdsFrom(k, way(k, state, line), state.soaked[member[k]]);
  }

  double holdsFrom(int k, ContactLine way, boolean soaked) {
    return ell * of(k, way, soaked).holdsFrom();
  }

  private CylinderLaw of(int k, ContactLine way, boolean soaked) {
    int variant = way.ordinal() + (soaked ? SOAKED : 0);
    if (laws[variant][k] == null) {
      Member of = members.get(member[k]);
      double share = soaked ? of.tuft().orElseThrow().solidShare() : 1;
      double radius = Math.sqrt(share) * slices.get(k).radiusMm() / ell;
      laws[variant][k] =
          isLikeLast(k) && laws[variant][k - 1] != null
              ? laws[variant][k - 1]
              : CylinderLaw.of(radius, theta(member[k], variant, way, soaked), own[k]);
    }
    return laws[variant][k];
  }

  /** Whether a slice is no other than the one before it; along most members they all are alike. */
  private boolean isLikeLast(int k) {
    return k > 0
        && member[k] == member[k - 1]
        && slices.get(k).radiusMm() == slices.get(k - 1).radiusMm()
        && CylinderLaw.share(own[k]) == CylinderLaw.share(own[k - 1]);
  }

  private double theta(int m, int variant, ContactLine way, boolean soaked) {
    if (Double.isNaN(thetas[m][variant])) {
      Member of = members.get(m);
      String surface = soaked ? of.tuft().orElseThrow().bareSurface() : of.surface();
      thetas[m][variant] = Math.acos(wetting.angles(surface).cosine(way));
    }
    return thetas[m][variant];
  }
}
