package ripplerest.core.film;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.water.Water;

/**
 * Film and fly in one pose, states frozen: finds every force at once.
 *
 * <p>All that touches the film shares one elastic sheet ({@link FilmKernel}): a lying barb is a
 * {@link BarbChain}, a crossing one a {@link Crossing}, a slice of a thick member a {@link
 * CylinderLaw}, each settled against the level that all the others make, in turn, until no force
 * moves (block Gauss–Seidel; for lying barbs alone this is block coordinate descent on one strictly
 * convex contact problem). Forces are vertical: the pull of dimples on each other is left out,
 * which moves no balance since such forces cancel in pairs at one height.
 *
 * <p>Holds work arrays as a warm start; not thread safe.
 */
public final class FilmSolver {
  /** A barb whose lowest end is higher than this over the level is dry, mm. */
  private static final double CLEAR_MM = 0.4;

  /** A segment higher than this over the level is not asked what level it lies over, mm. */
  private static final double NEAR_MM = 0.25;

  private static final int MAX_SWEEPS = 40;

  private final Water water;
  private final FilmKernel kernel;
  private final FlyBody body;
  final Vector3D centreOfMass;
  final int fibreCount;
  final int sliceCount;
  final int segments;

  // Fibres: root and direction relative to the centre of mass, body frame.
  private final double[] rootX;
  private final double[] rootY;
  private final double[] rootZ;
  private final double[] dirX;
  private final double[] dirY;
  private final double[] dirZ;
  final double[] length;
  private final double[] stiffness;
  private final double[] gammaAdvancing;
  private final double[] gammaReceding;
  final double[] floodDepth;
  private final double[] selfDepth;
  private final double[] weightOfWater;
  final BarbChain[] chain;
  final Crossing[] crossing;

  // Fibres in the world.
  private final double[] x;
  private final double[] y;
  final double[] z;
  private final double[] outX;
  private final double[] outY;
  final double[] down;
  final double[] level;

  // Slices.
  private final double[] sliceX;
  private final double[] sliceY;
  private final double[] sliceZ;
  private final double[] sliceLength;
  private final double[] sliceRadius;
  private final int[] sliceGroup;
  private final int[] sliceMember;
  private final CylinderLaw[] lawAdvancing;
  private final CylinderLaw[] lawReceding;
  final double[] depth;
  private final double[] sliceForce;
  private final double[] wx;
  private final double[] wy;
  private final double[] wz;

  private final Sheet sheet;
  private final double[] levels;
  private final double[] nodeX;
  private final double[] nodeY;
  private double cosPitch;
  private double tolerance = 1e-4;

  public FilmSolver(FlyBody body, Wetting wetting, Water water, Mesh mesh) {
    this.water = water;
    this.kernel = new FilmKernel(water);
    this.body = body;
    this.centreOfMass = body.centreOfMass();
    this.segments = mesh.segments();
    int n = body.fibres().size();
    this.fibreCount = n;
    rootX = new double[n];
    rootY = new double[n];
    rootZ = new double[n];
    dirX = new double[n];
    dirY = new double[n];
    dirZ = new double[n];
    length = new double[n];
    stiffness = new double[n];
    gammaAdvancing = new double[n];
    gammaReceding = new double[n];
    floodDepth = new double[n];
    selfDepth = new double[n];
    weightOfWater = new double[n];
    chain = new BarbChain[n];
    crossing = new Crossing[n];
    x = new double[n];
    y = new double[n];
    z = new double[n];
    outX = new double[n];
    outY = new double[n];
    down = new double[n];
    level = new double[n];
    for (int i = 0; i < n; i++) {
      take(i, body.fibres().get(i), wetting);
    }
    List<Slice> slices = new ArrayList<>();
    for (Member m : body.members()) {
      slices.addAll(m.slices());
    }
    int s = slices.size();
    this.sliceCount = s;
    sliceX = new double[s];
    sliceY = new double[s];
    sliceZ = new double[s];
    sliceLength = new double[s];
    sliceRadius = new double[s];
    sliceGroup = new int[s];
    sliceMember = new int[s];
    lawAdvancing = new CylinderLaw[s];
    lawReceding = new CylinderLaw[s];
    depth = new double[s];
    sliceForce = new double[s];
    wx = new double[s];
    wy = new double[s];
    wz = new double[s];
    takeMembers(wetting);
    sheet = new Sheet(kernel, n, segments, sliceGroup);
    levels = new double[segments];
    nodeX = new double[segments];
    nodeY = new double[segments];
  }

  private void take(int i, Fibre f, Wetting wetting) {
    Vector3D root = f.root().subtract(centreOfMass);
    rootX[i] = root.getX();
    rootY[i] = root.getY();
    rootZ[i] = root.getZ();
    dirX[i] = f.direction().getX();
    dirY[i] = f.direction().getY();
    dirZ[i] = f.direction().getZ();
    length[i] = f.lengthMm();
    stiffness[i] = f.bendingStiffness();
    Wetting.Angles angles = wetting.angles(f.surface());
    double perimeter = 2 * Math.PI * f.radiusMm() * water.tension();
    gammaAdvancing[i] = -perimeter * Math.cos(angles.advancing());
    gammaReceding[i] = -perimeter * Math.cos(angles.receding());
    double overhang = Math.max(0, angles.advancing() - Math.PI / 2);
    floodDepth[i] = 2 * water.capillaryLength() * Math.sin(overhang / 2);
    selfDepth[i] = kernel.depression(f.radiusMm() * f.radiusMm());
    weightOfWater[i] = water.specificWeight() * Math.PI * f.radiusMm() * f.radiusMm();
    double limit = 2 * water.tension() * Math.sin(Math.min(angles.advancing(), Math.PI / 2));
    chain[i] = new BarbChain(segments, f.lengthMm(), stiffness[i], kernel, limit);
    crossing[i] = new Crossing();
  }

  private void takeMembers(Wetting wetting) {
    Map<String, Integer> groups = new HashMap<>();
    Map<String, CylinderLaw> laws = new HashMap<>();
    int k = 0;
    for (int m = 0; m < body.members().size(); m++) {
      Member member = body.members().get(m);
      int group = groups.computeIfAbsent(member.group(), g -> groups.size());
      Wetting.Angles angles = wetting.angles(member.surface());
      for (Slice s : member.slices()) {
        Vector3D at = s.at().subtract(centreOfMass);
        sliceX[k] = at.getX();
        sliceY[k] = at.getY();
        sliceZ[k] = at.getZ();
        sliceLength[k] = s.lengthMm();
        sliceRadius[k] = s.radiusMm();
        sliceGroup[k] = group;
        sliceMember[k] = m;
        lawAdvancing[k] = law(laws, s, angles.advancing());
        lawReceding[k] = law(laws, s, angles.receding());
        k++;
      }
    }
  }

  private CylinderLaw law(Map<String, CylinderLaw> laws, Slice s, double theta) {
    String key = s.radiusMm() + "/" + theta + "/" + s.buoyantShare();
    return laws.computeIfAbsent(
        key, k -> new CylinderLaw(water, s.radiusMm(), theta, s.buoyantShare()));
  }

  /** A dry state for this fly. */
  public FilmState dryState() {
    return FilmState.dry(fibreCount, sliceCount);
  }

  /** Weight of the fly, µN. */
  public double weight() {
    return body.massMg() * Water.GRAVITY;
  }

  public FlyBody body() {
    return body;
  }

  public Vector3D centreOfMass() {
    return centreOfMass;
  }

  /** How far all forces together may still move in a sweep, µN. */
  public void setTolerance(double microNewtons) {
    this.tolerance = microNewtons;
  }

  /** Forgets every warm start. */
  public void reset() {
    sheet.clear();
    java.util.Arrays.fill(sliceForce, 0);
    java.util.Arrays.fill(level, 0);
    for (int i = 0; i < fibreCount; i++) {
      crossing[i] = new Crossing();
      chain[i].straighten(0, 1);
    }
  }

  /**
   * Settles film and fibres under the fly in a pose.
   *
   * @param rising true once the fly has come down and rises again: contact lines recede
   */
  public Load evaluate(Pose pose, FilmState state, boolean rising) {
    place(pose);
    sheet.beginPose();
    for (int sweep = 0; sweep < MAX_SWEEPS; sweep++) {
      sheet.beginSweep();
      double moved = 0;
      for (int k = 0; k < sliceCount; k++) {
        moved += settleSlice(k, state, rising);
      }
      for (int i = 0; i < fibreCount; i++) {
        moved += settleFibre(i, state.fibres[i], rising);
      }
      if (moved < tolerance) {
        break;
      }
      sheet.accelerate();
    }
    return sum(state, rising);
  }

  private void place(Pose pose) {
    double cr = Math.cos(pose.rollRad());
    double sr = Math.sin(pose.rollRad());
    cosPitch = Math.cos(pose.pitchRad());
    double sp = Math.sin(pose.pitchRad());
    for (int i = 0; i < fibreCount; i++) {
      double ry = rootY[i] * cr - rootZ[i] * sr;
      double rz = rootY[i] * sr + rootZ[i] * cr;
      x[i] = rootX[i] * cosPitch + rz * sp;
      y[i] = ry;
      z[i] = -rootX[i] * sp + rz * cosPitch + pose.heaveMm();
      double dy = dirY[i] * cr - dirZ[i] * sr;
      double dz = dirY[i] * sr + dirZ[i] * cr;
      double ux = dirX[i] * cosPitch + dz * sp;
      double uz = -dirX[i] * sp + dz * cosPitch;
      double flat = Math.sqrt(ux * ux + dy * dy);
      outX[i] = flat > 1e-9 ? ux / flat : 1;
      outY[i] = flat > 1e-9 ? dy / flat : 0;
      down[i] = Math.atan2(-uz, flat);
    }
    for (int k = 0; k < sliceCount; k++) {
      double ry = sliceY[k] * cr - sliceZ[k] * sr;
      double rz = sliceY[k] * sr + sliceZ[k] * cr;
      wx[k] = sliceX[k] * cosPitch + rz * sp;
      wy[k] = ry;
      wz[k] = -sliceX[k] * sp + rz * cosPitch + pose.heaveMm();
    }
  }

  private double settleSlice(int k, FilmState state, boolean rising) {
    CylinderLaw law = rising && state.wet[k] ? lawReceding[k] : lawAdvancing[k];
    double before = sheet.sliceForce(k);
    if (wz[k] > CLEAR_MM - law.touchesFrom()) {
      depth[k] = -wz[k];
      sliceForce[k] = 0;
      sheet.liftSlice(k);
      return Math.abs(before);
    }
    depth[k] = sheet.level(wx[k], wy[k], -1, sliceGroup[k]) - wz[k];
    sliceForce[k] = law.total(depth[k]) * sliceLength[k];
    double film = law.film(depth[k]) * sliceLength[k];
    double size = Math.max(sliceRadius[k], FilmKernel.SELF_OF_SEGMENT * sliceLength[k]);
    sheet.pressSlice(k, wx[k], wy[k], size, film);
    return Math.abs(film - before);
  }

  private double settleFibre(int i, FibreState state, boolean rising) {
    double before = sheet.fibreForce(i);
    double after = 0;
    switch (state) {
      case LYING -> after = settleLying(i);
      case CROSSING_TIP_DOWN, CROSSING_ROOT_DOWN -> after = settleCrossing(i, state, rising);
      case DROWNED -> {
        level[i] = sheet.level(x[i], y[i], i, -1);
        sheet.keep(i, 0);
      }
    }
    return Math.abs(after - before);
  }

  private double settleLying(int i) {
    double tip = z[i] - length[i] * Math.sin(down[i]);
    BarbChain c = chain[i];
    if (Math.min(z[i], tip) > CLEAR_MM) {
      if (sheet.count(i) > 0 || c.load() > 0) {
        c.straighten(down[i], z[i]);
      }
      sheet.keep(i, 0);
      level[i] = 0;
      return 0;
    }
    if (c.load() == 0) {
      c.straighten(down[i], z[i]);
    }
    levelsUnder(i, c);
    level[i] = levels[0];
    c.settle(down[i], z[i], levels);
    double sum = 0;
    for (int k = 0; k < segments; k++) {
      double px = x[i] + outX[i] * c.reach[k];
      double py = y[i] + outY[i] * c.reach[k];
      sheet.press(i, k, px, py, FilmKernel.SELF_OF_SEGMENT * c.share(k), c.force[k]);
      sum += c.force[k];
    }
    sheet.keep(i, segments);
    return sum;
  }

  private double settleCrossing(int i, FibreState state, boolean rising) {
    Crossing c = crossing[i];
    boolean tipDown = state == FibreState.CROSSING_TIP_DOWN;
    double alpha = Math.max(Math.toRadians(2), tipDown ? down[i] : -down[i]);
    double px = x[i] + outX[i] * c.reach;
    double py = y[i] + outY[i] * c.reach;
    level[i] = sheet.level(px, py, i, -1);
    double gap = tipDown ? z[i] - level[i] : level[i] - z[i];
    c.solve(alpha, gap, gamma(i, rising), stiffness[i], selfDepth[i], tipDown);
    px = x[i] + outX[i] * c.reach;
    py = y[i] + outY[i] * c.reach;
    sheet.press(i, 0, px, py, body.fibres().get(i).radiusMm(), c.force);
    sheet.keep(i, 1);
    return c.force;
  }

  double gamma(int i, boolean rising) {
    return rising ? gammaReceding[i] : gammaAdvancing[i];
  }

  /** The pull that a dry tip must overcome to pierce, µN. */
  double piercingPull(int i) {
    return gammaAdvancing[i];
  }

  double selfDepth(int i) {
    return selfDepth[i];
  }

  double stiffness(int i) {
    return stiffness[i];
  }

  /** Level under each end of a lying fibre's segments that could touch the film. */
  private void levelsUnder(int i, BarbChain c) {
    int first = segments;
    int last = 0;
    for (int k = 0; k < segments; k++) {
      nodeX[k] = x[i] + outX[i] * c.reach[k];
      nodeY[k] = y[i] + outY[i] * c.reach[k];
      levels[k] = 0;
      if (c.z[k] <= NEAR_MM || c.force[k] > 0) {
        first = Math.min(first, k);
        last = k;
      }
    }
    if (first <= last) {
      sheet.addLevels(i, nodeX, nodeY, first, last, levels);
    }
  }

  private Load sum(FilmState state, boolean rising) {
    double lift = 0;
    double pitch = 0;
    double roll = 0;
    for (int k = 0; k < sliceCount; k++) {
      lift += sliceForce[k];
      pitch -= sliceForce[k] * wx[k];
      roll += sliceForce[k] * wy[k];
    }
    for (int i = 0; i < fibreCount; i++) {
      for (int k = 0; k < sheet.count(i); k++) {
        double f = sheet.force(i, k);
        lift += f;
        pitch -= f * sheet.x(i, k);
        roll += f * sheet.y(i, k);
      }
      double f = fibreBuoyancy(i, state.fibres[i]);
      if (f > 0) {
        double mid = wetMiddle(i, state.fibres[i]) * Math.cos(down[i]);
        lift += f;
        pitch -= f * (x[i] + outX[i] * mid);
        roll += f * (y[i] + outY[i] * mid);
      }
    }
    return new Load(lift, pitch, roll * cosPitch);
  }

  private double fibreBuoyancy(int i, FibreState state) {
    double arc = Math.min(length[i], crossing[i].arc);
    return weightOfWater[i]
        * switch (state) {
          case LYING -> 0;
          case CROSSING_TIP_DOWN -> length[i] - arc;
          case CROSSING_ROOT_DOWN -> arc;
          case DROWNED -> length[i];
        };
  }

  private double wetMiddle(int i, FibreState state) {
    double arc = Math.min(length[i], crossing[i].arc);
    return switch (state) {
      case LYING, DROWNED -> length[i] / 2;
      case CROSSING_TIP_DOWN -> (length[i] + arc) / 2;
      case CROSSING_ROOT_DOWN -> arc / 2;
    };
  }

  /** Marks slices that the water has reached as wet, and dries those that are lifted clear. */
  public void remember(FilmState state, boolean rising) {
    for (int k = 0; k < sliceCount; k++) {
      if (depth[k] > -0.7 * sliceRadius[k]) {
        state.wet[k] = true;
      } else if (rising && depth[k] < lawReceding[k].touchesFrom()) {
        state.wet[k] = false;
      }
    }
  }

  /** Film and buoyant force of each part in the last pose, µN: part name to {film, buoyancy}. */
  public Map<String, double[]> supportByPart(FilmState state) {
    Map<String, double[]> byPart = new java.util.TreeMap<>();
    for (int k = 0; k < sliceCount; k++) {
      String part = body.members().get(sliceMember[k]).part();
      double film = sheet.sliceForce(k);
      double[] held = byPart.computeIfAbsent(part, p -> new double[2]);
      held[0] += film;
      held[1] += sliceForce[k] - film;
    }
    for (int i = 0; i < fibreCount; i++) {
      double[] held = byPart.computeIfAbsent(body.fibres().get(i).part(), p -> new double[2]);
      held[0] += sheet.fibreForce(i);
      held[1] += fibreBuoyancy(i, state.fibres[i]);
    }
    return byPart;
  }

  /** Number of lying fibres that the film bears in the last pose. */
  public int lyingLoaded(FilmState state) {
    int loaded = 0;
    for (int i = 0; i < fibreCount; i++) {
      if (state.fibres[i] == FibreState.LYING && bears(i, FibreState.LYING)) {
        loaded++;
      }
    }
    return loaded;
  }

  /** Whether the film pushes a fibre up in the last pose. */
  public boolean bears(int i, FibreState state) {
    return switch (state) {
      case LYING -> chain[i].load() > 1e-6;
      case CROSSING_TIP_DOWN, CROSSING_ROOT_DOWN -> crossing[i].force > 0;
      case DROWNED -> false;
    };
  }

  /** Level of the film at a place in the world after the last evaluation, mm; for drawing. */
  public double levelAt(double px, double py) {
    return sheet.level(px, py, -1, -1);
  }

  /** Bent shape of a fibre in the last pose, world frame: places along it from root to tip. */
  public List<Vector3D> shapeOf(int i, FibreState state) {
    return FibreShape.of(this, i, state);
  }

  /** World place at a horizontal reach from a fibre's root and a height. */
  Vector3D beside(int i, double reach, double height) {
    return new Vector3D(x[i] + outX[i] * reach, y[i] + outY[i] * reach, height);
  }
}
