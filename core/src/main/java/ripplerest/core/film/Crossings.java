package ripplerest.core.film;

import java.util.List;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.film.laws.CrossingLaw;

/**
 * By which law each fibre crosses the film: its end that is down, and which way its line slides.
 */
final class Crossings {
  private static final int LINES = ContactLine.SLIDING.length;

  private final List<Fibre> fibres;
  private final FibreLaws laws;

  /** Γ at the root by line and fibre, µN. */
  private final double[][] pull;

  private final CrossingLaw[][] tipDown;
  private final CrossingLaw[][] rootDown;

  Crossings(List<Fibre> fibres, FibreLaws laws) {
    this.fibres = fibres;
    this.laws = laws;
    pull = new double[LINES][fibres.size()];
    tipDown = new CrossingLaw[LINES][fibres.size()];
    rootDown = new CrossingLaw[LINES][fibres.size()];
  }

  void setPull(int i, ContactLine line, double microNewton) {
    pull[line.ordinal()][i] = microNewton;
  }

  /** The most that the film can pull at any place of a fibre: Γ at its root, µN. */
  double pull(int i, ContactLine line) {
    return pull[sliding(line)][i];
  }

  /** The law of a fibre in a state in which it crosses; a workspace of that fibre's own. */
  CrossingLaw law(int i, FibreState state, ContactLine line) {
    boolean tip = state == FibreState.CROSSING_TIP_DOWN;
    CrossingLaw[] of = (tip ? tipDown : rootDown)[sliding(line)];
    if (of[i] == null) {
      double gamma = pull(i, line);
      of[i] = laws.crossing(fibres.get(i), tip ? gamma : -gamma);
    }
    return of[i];
  }

  /** A pinned line was at its mean before. */
  private static int sliding(ContactLine line) {
    return (line == ContactLine.PINNED ? ContactLine.MEAN : line).ordinal();
  }
}
