package ripplerest.core.film;

import java.util.Arrays;
import java.util.List;
import ripplerest.core.assembly.FlyBody.Member;

/**
 * What the slices of a fly remember: which the film has hold of, which are wet, and which tufts
 * have lost their air.
 *
 * <p>The film does not reach for what it has never touched. It takes hold of a slice whose bottom
 * comes under the level, spreads from there along the member as far as it would hold on, its line
 * advancing, and lets go where it would not, its line as it slides. The two differ: that is the
 * hysteresis of a rod that is dipped and drawn out.
 */
final class SliceMemory {
  /** A slice is wet once the level stands this share of its radius over its bottom. */
  private static final double WET_FROM = -0.7;

  /** How far beyond what it holds the film may wander before it is asked again, ℓ. */
  private static final double REACH = 0.2;

  private final Slices slices;
  private final SliceLaws laws;
  private final double reach;
  private final double[] entryDepth;
  private final boolean[] near;

  /**
   * @param ell capillary length, mm
   */
  SliceMemory(Slices slices, List<Member> members, SliceLaws laws, Wetting wetting, double ell) {
    this.slices = slices;
    this.laws = laws;
    this.reach = REACH * ell;
    this.near = new boolean[slices.count];
    this.entryDepth = members.stream().mapToDouble(m -> entryDepth(m, wetting, ell)).toArray();
  }

  /**
   * Depth at which the pressure of the water overcomes the film between a tuft's fibres and drives
   * its air out, mm: Young–Laplace between parallel fibres, -2γ·cos θ over the width of the gap.
   */
  private static double entryDepth(Member m, Wetting wetting, double ell) {
    return m.tuft()
        .map(
            t -> {
              double cosine = Math.cos(wetting.angles(t.bareSurface()).advancing());
              return cosine >= 0 ? 0 : -2 * ell * ell * cosine / t.gapMm();
            })
        .orElse(Double.POSITIVE_INFINITY);
  }

  /**
   * Marks slices that the water has reached as wet, dries those that are lifted clear, lets the
   * film take hold and let go, and takes the air out of tufts that are pressed too deep.
   *
   * @return whether forces change by it at once: the film took hold, or a tuft lost its air
   */
  boolean update(FilmState state, ContactLine line) {
    boolean changed = false;
    for (int g = 0; g < slices.segments; g++) {
      if (slices.isAsked(g)) {
        changed |= update(g, state, line);
      } else if (line != ContactLine.ADVANCING) {
        Arrays.fill(state.wet, slices.first(g), slices.first(g + 1), false);
      }
    }
    return spread(state, line) | changed;
  }

  private boolean update(int g, FilmState state, ContactLine line) {
    boolean changed = false;
    for (int k = slices.first(g); k < slices.first(g + 1); k++) {
      double depth = slices.depth[k];
      int m = slices.member[k];
      if (!state.taken[k] && depth >= -slices.radius[k]) {
        state.taken[k] = changed = true;
      }
      if (state.taken[k] && depth > wetFrom(k, state)) {
        state.wet[k] = true;
      } else if (line != ContactLine.ADVANCING && state.wet[k] && slices.isIdle(k)) {
        state.wet[k] = false;
      }
      if (depth > entryDepth[m] && !state.soaked[m]) {
        state.soaked[m] = true;
        changed = true;
      }
    }
    return changed;
  }

  /** Depth of the axis from which a slice that the film holds gets wet, mm. */
  private double wetFrom(int k, FilmState state) {
    double holds = laws.holdsFrom(k, ContactLine.ADVANCING, state.soaked[slices.member[k]]);
    return holds < -slices.radius[k] ? holds : WET_FROM * slices.radius[k];
  }

  /**
   * Spreads the film from where it holds to all along a member that it would hold too, and a little
   * farther; beyond that it has let go.
   *
   * @return whether it took hold of anything on which it pulls
   */
  private boolean spread(FilmState state, ContactLine line) {
    Arrays.fill(near, false);
    spread(state, line, 1);
    spread(state, line, -1);
    boolean pulls = false;
    for (int k = 0; k < slices.count; k++) {
      pulls |= near[k] && !state.taken[k] && laws.dents(k, state, line, slices.depth[k]);
      state.taken[k] = near[k];
    }
    return pulls;
  }

  private void spread(FilmState state, ContactLine line, int way) {
    double left = -1; // how far the film still reaches, mm
    for (int i = 0; i < slices.segments; i++) {
      int g = way > 0 ? i : slices.segments - 1 - i;
      if (left < 0 && !slices.isTaken(g, state)) {
        continue;
      }
      int start = way > 0 ? slices.first(g) : slices.first(g + 1) - 1;
      for (int k = start; k >= slices.first(g) && k < slices.first(g + 1); k += way) {
        if (left < 0 && !state.taken[k]) {
          continue;
        }
        if (!slices.joined[way > 0 ? k : Math.min(k + 1, slices.count - 1)]) {
          left = -1;
        }
        boolean reached = state.taken[k] || left >= 0;
        left =
            reached && slices.depth[k] >= laws.holdsFrom(k, state, line)
                ? reach
                : left - slices.length[k];
        near[k] |= left >= 0;
      }
    }
  }
}
