package ripplerest.core.film;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.laws.CrossingLaw;
import ripplerest.core.film.laws.FilmKernel;
import ripplerest.core.film.laws.LyingLaw;
import ripplerest.core.water.Water;

/**
 * All fibres of a fly: where they are in the last pose, and what the film does to each at the level
 * it was last given. Indexed alike everywhere; heights and reaches in mm, forces in µN.
 */
final class Fibres {
  private static final double SHALLOWEST = Math.toRadians(2);

  /** Place along a tapered barb whose radius stands for a crossing's own dimple. */
  private static final double TYPICAL_PLACE = 0.6;

  /** Least stretch that a lying fibre's two points stand for, in its length. */
  private static final double LEAST_STRETCH = 0.2;

  /** Half the distance of the two points of Gauss's rule, in what they stand for. */
  private static final double GAUSS = 1 / (2 * Math.sqrt(3));

  /** Steepest slope of the film that a lying fibre is shown. */
  private static final double STEEPEST = 0.5;

  final int count;
  final List<Fibre> bodies;

  // World places of the last pose.
  final double[] x;
  final double[] y;
  final double[] z;
  final double[] outX;
  final double[] outY;

  /** Inclination of the root, rad, positive downward. */
  final double[] down;

  private final double[] cosine;

  /** Height of the root before the fly is heaved, and of the tip over the root. */
  private final double[] up;

  private final double[] rise;

  /** Height of the straight fibre's tip over the undisturbed level. */
  final double[] tip;

  // What the film does at the last level.
  final double[] level;
  final double[] force;
  final double[] reach;
  final double[] arc;
  final double[] sine;
  final boolean[] springsOut;
  final boolean[] rootPassed;

  final double[] length;
  final double[] floodDepth;
  final double[] selfDepth;
  private final double[] root;
  private final double[] along;
  private final double[] unitForce;
  private final double[] weightOfWater;
  private final double[] mostPerMm;
  private final LyingLaw[] lying;
  private final Crossings crossings;

  /** Reach of the two points by which a lying fibre feels the film, mm; others use the inner. */
  final double[] inner;

  final double[] outer;

  /** Share of a lying fibre that those stand for. */
  private final double[] seen;

  /** Reach of a crossing at the undisturbed level, mm; kept while its line is pinned. */
  private final double[] crossing;

  private final double[] rootLevel;
  private final PinnedLines pinned;

  Fibres(List<Fibre> bodies, Vector3D centre, Wetting wetting, Water water, Mesh mesh) {
    this.bodies = bodies;
    this.count = bodies.size();
    FibreLaws laws = new FibreLaws(water, mesh);
    this.crossings = new Crossings(bodies, laws);
    x = new double[count];
    y = new double[count];
    z = new double[count];
    outX = new double[count];
    outY = new double[count];
    down = new double[count];
    cosine = new double[count];
    up = new double[count];
    rise = new double[count];
    tip = new double[count];
    level = new double[count];
    force = new double[count];
    reach = new double[count];
    arc = new double[count];
    sine = new double[count];
    springsOut = new boolean[count];
    rootPassed = new boolean[count];
    length = new double[count];
    floodDepth = new double[count];
    selfDepth = new double[count];
    root = new double[3 * count];
    along = new double[3 * count];
    unitForce = new double[count];
    weightOfWater = new double[count];
    mostPerMm = new double[count];
    lying = new LyingLaw[count];
    inner = new double[count];
    outer = new double[count];
    crossing = new double[count];
    seen = new double[count];
    rootLevel = new double[count];
    pinned = new PinnedLines(count);
    FilmKernel kernel = new FilmKernel(water);
    for (int i = 0; i < count; i++) {
      take(i, bodies.get(i), centre, wetting.angles(bodies.get(i).surface()), water, kernel);
      lying[i] = laws.lying(bodies.get(i));
    }
  }

  private void take(
      int i, Fibre f, Vector3D centre, Wetting.Angles angles, Water water, FilmKernel kernel) {
    System.arraycopy(f.root().subtract(centre).toArray(), 0, root, 3 * i, 3);
    System.arraycopy(f.direction().toArray(), 0, along, 3 * i, 3);
    length[i] = f.lengthMm();
    unitForce[i] = f.bendingStiffness() / (f.lengthMm() * f.lengthMm());
    double perimeter = 2 * Math.PI * f.radiusMm() * water.tension();
    for (ContactLine line : ContactLine.SLIDING) {
      crossings.setPull(i, line, -perimeter * angles.cosine(line));
    }
    double overhang = Math.max(0, angles.advancing() - Math.PI / 2);
    floodDepth[i] = 2 * water.capillaryLength() * Math.sin(overhang / 2);
    double typical = f.radiusMm() * (1 - f.taper() * TYPICAL_PLACE);
    selfDepth[i] = kernel.depression(typical * typical);
    weightOfWater[i] = water.specificWeight();
    mostPerMm[i] = 2 * water.tension() * Math.sin(Math.min(angles.advancing(), Math.PI / 2));
  }

  /**
   * @param turned whether the attitude is another than the last one; a fly that only heaves is
   *     where it was
   */
  void place(Turn turn, boolean turned) {
    for (int i = 0; i < count; i++) {
      if (turned) {
        turn(i, turn);
      }
      z[i] = up[i] + turn.heave;
      tip[i] = z[i] + rise[i];
    }
  }

  private void turn(int i, Turn turn) {
    int k = 3 * i;
    turn.apply(root[k], root[k + 1], root[k + 2]);
    x[i] = turn.x;
    y[i] = turn.y;
    up[i] = turn.z;
    turn.apply(along[k], along[k + 1], along[k + 2]);
    double flat = Math.sqrt(turn.x * turn.x + turn.y * turn.y);
    outX[i] = flat > 1e-9 ? turn.x / flat : 1;
    outY[i] = flat > 1e-9 ? turn.y / flat : 0;
    down[i] = Math.atan2(-turn.z, flat);
    cosine[i] = flat;
    rise[i] = length[i] * turn.z;
  }

  /** Takes a fibre off the film. */
  void lift(int i) {
    force[i] = level[i] = 0;
    reach[i] = length[i] * cosine[i];
  }

  /** Leaves a drowned fibre only its root, over which the level is asked. */
  void sink(int i) {
    force[i] = 0;
    reach[i] = 0;
  }

  /** Place of a point so far out from the root, mm. */
  double x(int i, double reach) {
    return x[i] + outX[i] * reach;
  }

  double y(int i, double reach) {
    return y[i] + outY[i] * reach;
  }

  /** Height of the straight fibre's lower end over the undisturbed level. */
  double lowest(int i) {
    return Math.min(z[i], tip[i]);
  }

  /**
   * Lays the places by which a fibre presses on the film and feels it; they follow from the pose
   * alone, so that forces have a potential. A lying fibre has two, Gauss's points of the stretch
   * that would be under the undisturbed level if it were straight; a crossing one has that of its
   * crossing there.
   */
  void lay(int i, FibreState state, ContactLine line) {
    if (state == FibreState.LYING) {
      double end = length[i] * cosine[i];
      double meets = down[i] == 0 ? 0 : z[i] * length[i] * cosine[i] / (z[i] - tip[i]);
      double least = LEAST_STRETCH * end;
      double from = down[i] > 0 ? Math.max(0, Math.min(end - least, meets)) : 0;
      double to = down[i] < 0 ? Math.max(least, Math.min(end, meets)) : end;
      double half = GAUSS * (to - from);
      inner[i] = (from + to) / 2 - half;
      outer[i] = (from + to) / 2 + half;
      seen[i] = (to - from) / end;
      return;
    }
    inner[i] = tip[i] > z[i] ? length[i] * cosine[i] : 0; // the end that comes out first
    if (state.isCrossing() && line != ContactLine.PINNED) {
      CrossingLaw law = crossings.law(i, state, line);
      law.turn(inclination(i, state));
      double height = state == FibreState.CROSSING_ROOT_DOWN ? -z[i] : z[i];
      law.solve(height / length[i], selfDepth[i] * unitForce[i] / length[i]);
      crossing[i] = law.reach * length[i];
    }
    if (state.isCrossing()) {
      inner[i] = crossing[i];
    }
  }

  /**
   * Radius of the points by which a fibre presses on the film, mm: where it crosses, its own; each
   * of two that stand for a load along it, what a segment of half that load's length sinks by
   * itself. Smaller, and barbs that lie close would push each other down more than themselves.
   */
  double size(int i, FibreState state) {
    double radius = bodies.get(i).radiusMm();
    double half = (outer[i] - inner[i]) / (4 * GAUSS);
    return state == FibreState.LYING ? Math.max(radius, FilmKernel.SELF_OF_SEGMENT * half) : radius;
  }

  /**
   * What a lying fibre bears on a film that slopes evenly through two levels: force and place are
   * left behind. A slope seen over a short stretch only is no measure of the film under the rest,
   * and counts by the share of the fibre that the stretch is.
   */
  void settleLying(int i, double innerLevel, double outerLevel) {
    double slope = seen[i] * (outerLevel - innerLevel) / (outer[i] - inner[i]);
    double middle = (inner[i] + outer[i]) / 2;
    rootLevel[i] = (innerLevel + outerLevel) / 2 - slope * middle;
    if (z[i] > rootLevel[i] && tip[i] > rootLevel[i] + slope * length[i] * cosine[i]) {
      force[i] = 0;
      level[i] = rootLevel[i] + slope * reach[i];
      return;
    }
    LyingLaw law = lying[i];
    double tilt = Math.max(-STEEPEST, Math.min(STEEPEST, slope)) * cosine[i] * cosine[i];
    law.turn(down[i] + tilt);
    force[i] = unitForce[i] * law.force((z[i] - rootLevel[i]) / length[i]);
    level[i] = rootLevel[i] + slope * reach[i];
    if (force[i] > 0) {
      reach[i] = length[i] * law.reach();
    }
  }

  /** The part of a lying fibre's force that goes to its outer point; its work is the law's own. */
  double outerForce(int i) {
    double middle = (inner[i] + outer[i]) / 2;
    return force[i] * (0.5 + seen[i] * (reach[i] - middle) / (outer[i] - inner[i]));
  }

  double innerForce(int i) {
    return force[i] - outerForce(i);
  }

  /** Force at a level, µN, of a fibre that does not lie. */
  double settle(int i, FibreState state, ContactLine line, double at) {
    level[i] = at;
    force[i] = state.isCrossing() ? cross(i, state, line) : 0;
    return force[i];
  }

  /** Height of the root over the film toward the dry end. */
  private double gap(int i, FibreState state) {
    return state == FibreState.CROSSING_ROOT_DOWN ? level[i] - z[i] : z[i] - level[i];
  }

  private double cross(int i, FibreState state, ContactLine line) {
    double sign = state == FibreState.CROSSING_ROOT_DOWN ? -1 : 1;
    if (line == ContactLine.PINNED) {
      return pinned.force(i, gap(i, state), sign);
    }
    CrossingLaw law = crossings.law(i, state, line);
    law.solve(gap(i, state) / length[i], selfDepth[i] * unitForce[i] / length[i]);
    return sign * law.force * unitForce[i];
  }

  /** Brings place and crossing up to date with the level last given. */
  void bringUpToDate(int i, FibreState state, ContactLine line) {
    if (state == FibreState.LYING) {
      if (force[i] > 0) {
        lying[i].bringUpToDate((z[i] - rootLevel[i]) / length[i]);
      }
    } else if (state != FibreState.DROWNED && line != ContactLine.PINNED) {
      CrossingLaw law = crossings.law(i, state, line);
      reach[i] = law.reach * length[i];
      arc[i] = Math.min(1, law.arc) * length[i];
      sine[i] = law.sine;
      springsOut[i] = law.springsOut;
      rootPassed[i] = law.rootPassed;
    }
  }

  /** Holds every contact line where it is in the state last settled. */
  void pin(FilmState state, ContactLine line) {
    for (int i = 0; i < count; i++) {
      if (state.fibres[i].isCrossing()) {
        double stiff =
            crossings.law(i, state.fibres[i], line).pinnedStiffness * unitForce[i] / length[i];
        pinned.pin(i, force[i], gap(i, state.fibres[i]), stiff, selfDepth[i]);
      }
    }
  }

  private double inclination(int i, FibreState state) {
    return Math.max(SHALLOWEST, state == FibreState.CROSSING_TIP_DOWN ? down[i] : -down[i]);
  }

  /** The crossing that fibre {@code i} would have if it crossed now at the level last given. */
  CrossingLaw ifCrossing(int i, FibreState state, ContactLine line) {
    CrossingLaw law = crossings.law(i, state, line);
    law.turn(inclination(i, state));
    law.solve(gap(i, state) / length[i], selfDepth[i] * unitForce[i] / length[i]);
    return law;
  }

  /** Depth of a fibre's own dimple a force in its law's unit, mm. */
  double dimplePerUnit(int i) {
    return selfDepth[i] * unitForce[i];
  }

  /** Energy that piercing would set free a length of a lying fibre, µN. */
  double push(int i) {
    return lying[i].push * unitForce[i];
  }

  /** The same for the energy that it costs: Γ of the advancing angle at the tip, µN. */
  double piercingPull(int i) {
    return crossings.pull(i, ContactLine.ADVANCING) * (1 - bodies.get(i).taper());
  }

  /** The most that the film can pull at any place of a fibre: Γ at its root, µN. */
  double rootPull(int i, ContactLine line) {
    return crossings.pull(i, line);
  }

  /** Whether the film bears all it can along what lies on it. */
  boolean floods(int i) {
    return force[i] > 0 && lying[i].lineForce * unitForce[i] / length[i] > mostPerMm[i];
  }

  /** Weight of the water that a fibre displaces, µN. */
  double buoyancy(int i, FibreState state) {
    Fibre f = bodies.get(i);
    return weightOfWater[i]
        * switch (state) {
          case LYING -> 0;
          case CROSSING_TIP_DOWN -> f.volumeBeyond(arc[i]);
          case CROSSING_ROOT_DOWN -> f.volumeBeyond(0) - f.volumeBeyond(arc[i]);
          case DROWNED -> f.volumeBeyond(0);
        };
  }

  /** Horizontal distance from the root to the middle of that water, mm. */
  double buoyancyReach(int i, FibreState state) {
    Fibre f = bodies.get(i);
    return switch (state) {
      case LYING, DROWNED -> f.middleBeyond(0) * cosine[i];
      case CROSSING_TIP_DOWN ->
          reach[i] + (f.middleBeyond(arc[i]) - arc[i]) * Math.sqrt(1 - sine[i] * sine[i]);
      case CROSSING_ROOT_DOWN -> arc[i] / 2 * cosine[i];
    };
  }

  void reset() {
    Arrays.fill(force, 0);
    Arrays.fill(level, 0);
    for (int i = 0; i < count; i++) {
      reach[i] = length[i];
    }
  }
}
