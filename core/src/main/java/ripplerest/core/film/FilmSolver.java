package ripplerest.core.film;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.laws.CrossingLaw;
import ripplerest.core.film.laws.CylinderLaw;
import ripplerest.core.film.laws.FilmKernel;
import ripplerest.core.film.laws.LyingLaw;
import ripplerest.core.film.laws.TippetBeam;
import ripplerest.core.film.numerics.Anderson;
import ripplerest.core.water.Tippet;
import ripplerest.core.water.Water;

/**
 * Film and fly in one pose, states frozen: finds every force at once.
 *
 * <p>All that touches the film shares one elastic {@link Sheet}: a lying barb bears by its {@link
 * LyingLaw}, a crossing one by its {@link CrossingLaw}, a slice of a thick member by its {@link
 * CylinderLaw}, each at the level that all the others make. Sweeps of Gauss–Seidel with {@link
 * Anderson}'s acceleration bring forces and levels to agree; then the places where the forces act
 * are brought up to date, and so on until neither moves. Forces are vertical: the pull of dimples
 * on each other is left out, which moves no balance since such forces cancel in pairs at one
 * height.
 *
 * <p>Keeps the last forces as a warm start; not thread safe.
 */
public final class FilmSolver {
  /** What is higher than this over the undisturbed level is not touched, mm. */
  private static final double CLEAR_MM = 0.4;

  private static final int MAX_SWEEPS = 40;

  /**
   * Pairs of forces brought together in one landing; a usual fly takes some ten million, the
   * heaviest of ours a few hundred million. A second or two.
   */
  private static final double MOST_WORK = 1.5e9;

  /** Sweeps before acceleration begins. */
  private static final int PLAIN_SWEEPS = 1;

  /** How far a force may be from where the sheet has it, in its own size and a little. */
  private static final double EXACT_SLACK = 0.05;

  private static final double ROUGH_SLACK = 0.3;

  /** Tolerances above this share of the weight are those of a path, not of a rest. */
  private static final double ROUGH_SHARE = 2e-4;

  private final Water water;
  private final FlyBody body;
  private final Vector3D centreOfMass;
  private final double weight;
  private final Fibres fibres;
  private final Slices slices;
  private final Sheet sheet;
  private final Anderson mixer;
  private final Optional<TippetBeam> tippet;

  /** Moment of the tippet's lift about the centre of mass, µN·mm; it turns the tail end up. */
  private double tippetTurn;

  private final int[] nearSegment;
  private final int[] nearFibre;
  private int segmentsNear;
  private int fibresNear;
  private final double[] before;
  private final double[] after;
  private double cosPitch;
  private double placedPitch = Double.NaN;
  private double placedRoll = Double.NaN;
  private double tolerance = 1e-4;
  private boolean rough;
  private boolean held;
  private long evaluations;
  private double spent;
  private long unconverged;
  private double worstChange;
  private double lastChange;

  /** A fly, its contact angles, the water, and the tippet that is tied to its eye, if any. */
  public FilmSolver(
      FlyBody body, Wetting wetting, Water water, Mesh mesh, Optional<Tippet> tippet) {
    this.tippet = tippet.map(t -> new TippetBeam(t, water));
    this.water = water;
    this.body = body;
    this.centreOfMass = body.centreOfMass();
    this.weight = body.massMg() * Water.GRAVITY;
    this.fibres = new Fibres(body.fibres(), centreOfMass, wetting, water, mesh);
    this.slices = new Slices(body.members(), centreOfMass, wetting, water);
    int stations = 2 * fibres.count + slices.nodes;
    this.sheet = new Sheet(new FilmKernel(water), stations);
    this.mixer = new Anderson(stations);
    this.nearSegment = new int[slices.segments];
    this.nearFibre = new int[fibres.count];
    this.before = new double[stations];
    this.after = new double[stations];
    fibres.reset();
  }

  /** A dry state for this fly. */
  public FilmState dryState() {
    return FilmState.dry(fibres.count, slices.count, body.members().size());
  }

  /** Of the fly, µN. */
  public double weight() {
    return weight;
  }

  public FlyBody body() {
    return body;
  }

  public Water water() {
    return water;
  }

  public Vector3D centreOfMass() {
    return centreOfMass;
  }

  Fibres fibres() {
    return fibres;
  }

  /** How often the film has been settled since this solver was made. */
  public long evaluations() {
    return evaluations;
  }

  /** Begins a budget of work anew: for a landing, a reserve, whatever is asked as one. */
  public void allow() {
    spent = 0;
  }

  /**
   * Whether the budget is spent: whoever follows a fly gives up and says so. It counts what forces
   * do to each other, not seconds, so that the same fly is given up at the same step anywhere.
   */
  public boolean isSpent() {
    return spent > MOST_WORK;
  }

  /** Evaluations since {@link #forget} whose sweeps ran out before the forces had settled. */
  public long unconverged() {
    return unconverged;
  }

  /** By how much all forces together moved in the last sweep of the worst of those, µN. */
  public double worstChange() {
    return worstChange;
  }

  /** The same in the last evaluation, µN. */
  public double lastChange() {
    return lastChange;
  }

  /** Begins anew to count what has not settled. */
  public void forget() {
    unconverged = 0;
    worstChange = 0;
  }

  /** How far all forces together may still move in a sweep, µN. */
  public void setTolerance(double microNewtons) {
    tolerance = microNewtons;
    rough = microNewtons > ROUGH_SHARE * weight;
  }

  /**
   * Holds forces where they are on the sheet while the fly moves by hundredths of a millimetre, so
   * that differences of what it bears are smooth.
   */
  public void holdPlaces(boolean hold) {
    held = hold;
  }

  /** Forgets every warm start. */
  public void reset() {
    fibres.reset();
    slices.reset();
    sheet.clear();
  }

  /**
   * Settles film and fibres under the fly in a pose.
   *
   * @param line which way contact lines slide
   */
  public Load evaluate(Pose pose, FilmState state, ContactLine line) {
    evaluations++;
    Turn turn = new Turn(pose);
    cosPitch = turn.cosPitch;
    boolean turned = pose.pitchRad() != placedPitch || pose.rollRad() != placedRoll;
    placedPitch = pose.pitchRad();
    placedRoll = pose.rollRad();
    fibres.place(turn, turned);
    slices.place(turn, turned);
    gather(state);
    arrange(state, line);
    sweep(state, line);
    for (int n = 0; n < fibresNear; n++) {
      fibres.bringUpToDate(nearFibre[n], state.fibres[nearFibre[n]], line);
    }
    for (int n = 0; n < segmentsNear; n++) {
      slices.bringUpToDate(nearSegment[n], state);
    }
    return sum(state, pose);
  }

  /**
   * Stations are the nodes of slices first, then two a fibre; one that does not lie needs the
   * first.
   */
  private int station(int fibre) {
    return slices.nodes + 2 * fibre;
  }

  /** Finds what is near enough to the film to matter. */
  private void gather(FilmState state) {
    segmentsNear = 0;
    for (int g = 0; g < slices.segments; g++) {
      if (slices.isNear(g, state, CLEAR_MM)) {
        nearSegment[segmentsNear++] = g;
      }
    }
    fibresNear = 0;
    for (int i = 0; i < fibres.count; i++) {
      boolean clear = state.fibres[i] == FibreState.LYING && fibres.lowest(i) > CLEAR_MM;
      if (clear) {
        fibres.lift(i);
        continue;
      }
      if (state.fibres[i] == FibreState.DROWNED) {
        fibres.sink(i);
      }
      nearFibre[fibresNear++] = i;
    }
  }

  /** Puts every station where its force acts. */
  private void arrange(FilmState state, ContactLine line) {
    sheet.begin(rough || held ? ROUGH_SLACK : EXACT_SLACK);
    for (int n = 0; n < segmentsNear; n++) {
      slices.face(nearSegment[n], state, line);
      int node = slices.from(nearSegment[n]);
      if (n == 0 || slices.from(nearSegment[n - 1]) + 1 != node) {
        place(node);
      }
      place(node + 1);
    }
    for (int n = 0; n < fibresNear; n++) {
      int i = nearFibre[n];
      fibres.lay(i, state.fibres[i], line);
      double size = fibres.size(i, state.fibres[i]);
      place(station(i), i, fibres.inner[i], size);
      if (state.fibres[i] == FibreState.LYING) {
        place(station(i) + 1, i, fibres.outer[i], size);
      }
    }
    sheet.settleDown();
  }

  private void place(int n) {
    sheet.place(n, slices.nodeX[n], slices.nodeY[n], slices.size[n], Sheet.NO_GROUP);
  }

  private void place(int station, int i, double reach, double size) {
    sheet.place(station, fibres.x(i, reach), fibres.y(i, reach), size, i);
  }

  private void sweep(FilmState state, ContactLine line) {
    double least = tolerance / (2.0 * (segmentsNear + 2 * fibresNear + 1));
    for (int sweep = 0; sweep < MAX_SWEEPS; sweep++) {
      int filled = sheet.read(before);
      if (sweep == PLAIN_SWEEPS) {
        mixer.begin(filled);
      }
      double change = 0;
      for (int n = 0; n < segmentsNear; n++) {
        int g = nearSegment[n];
        int node = slices.from(g);
        slices.settle(g, sheet.level(node), sheet.level(node + 1));
        change += sheet.press(node, slices.pressedAtStart(g), least);
        if (n + 1 == segmentsNear || slices.from(nearSegment[n + 1]) != node + 1) {
          change += sheet.press(node + 1, slices.pressedAtEnd(g), least);
        }
      }
      for (int n = 0; n < fibresNear; n++) {
        int i = nearFibre[n];
        int u = station(i);
        if (state.fibres[i] == FibreState.LYING) {
          fibres.settleLying(i, sheet.level(u), sheet.level(u + 1));
          change += sheet.press(u, fibres.innerForce(i), least);
          change += sheet.press(u + 1, fibres.outerForce(i), least);
        } else {
          double force = fibres.settle(i, state.fibres[i], line, sheet.level(u));
          change += sheet.press(u, force, least);
        }
      }
      double near = segmentsNear + 2.0 * fibresNear;
      spent += near * near;
      lastChange = change;
      if (change < tolerance) {
        return;
      }
      if (sweep >= PLAIN_SWEEPS) {
        sheet.read(after);
        mixer.mix(before, after);
        sheet.write(after);
      }
    }
    unconverged++;
    worstChange = Math.max(worstChange, lastChange);
  }

  private Load sum(FilmState state, Pose pose) {
    LoadSum sum = new LoadSum();
    for (int n = 0; n < segmentsNear; n++) {
      int g = nearSegment[n];
      for (int k = slices.first(g); k < slices.first(g + 1); k++) {
        sum.add(slices.total[k], slices.x[k], slices.y[k]);
      }
    }
    for (int n = 0; n < fibresNear; n++) {
      int i = nearFibre[n];
      if (fibres.force[i] != 0) {
        sum.add(fibres.force[i], fibres.x(i, fibres.reach[i]), fibres.y(i, fibres.reach[i]));
      }
      double buoyancy = fibres.buoyancy(i, state.fibres[i]);
      if (buoyancy > 0) {
        double middle = fibres.buoyancyReach(i, state.fibres[i]);
        sum.add(buoyancy, fibres.x(i, middle), fibres.y(i, middle));
      }
    }
    if (tippet.isPresent()) {
      Vector3D eye = pose.place(Vector3D.ZERO, centreOfMass);
      TippetBeam beam = tippet.get();
      beam.settle(eye.getZ(), pose.pitchRad());
      sum.add(beam.lift, eye.getX(), 0);
      sum.turn(beam.moment);
      tippetTurn = beam.lift * eye.getX();
    }
    return sum.load(cosPitch);
  }

  /**
   * Marks what the last pose has wetted, dried or soaked.
   *
   * @return whether forces change by it at once: a tuft lost its air
   */
  public boolean remember(FilmState state, ContactLine line) {
    return slices.remember(state, line);
  }

  /** Holds every contact line of a barb where the last evaluation left it. */
  public void pin(FilmState state, ContactLine line) {
    fibres.pin(state, line);
  }

  /** What the water does to each part in the last pose, as {@link PartSupport} tells it. */
  public Map<String, double[]> supportByPart(FilmState state) {
    Map<String, double[]> byPart = PartSupport.of(body, slices, fibres, state);
    tippet.ifPresent(t -> byPart.put("tippet", new double[] {t.lift, 0, tippetTurn - t.moment}));
    return byPart;
  }

  /** Parts that the water joins in the last pose, each set of two or more. */
  public List<Set<String>> joined(FilmState state) {
    return PartSupport.joined(body, slices, state);
  }

  /** How deep the film is pressed where it is pressed deepest in the last pose, mm. */
  public double deepestMm() {
    return sheet.deepest();
  }

  /** Number of lying fibres that the film bears in the last pose. */
  public int lyingLoaded(FilmState state) {
    return PartSupport.lyingLoaded(fibres, state);
  }

  /**
   * What was solved in the last pose, to be kept.
   *
   * @param pose that was evaluated last
   * @param state that it was evaluated in
   */
  public FilmSolution solution(Pose pose, FilmState state) {
    return new FilmSolution(
        body, centreOfMass, pose, state.copy(), sheet.frozen(), new FibreShape(water, fibres));
  }
}
