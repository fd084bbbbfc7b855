package ripplerest.core.rest;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.RealMatrix;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FibreState;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.StateRules;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.rest.Settler.Settled;

/** Lands a fly and follows it to rest. One instance is a workspace and not thread safe. */
public final class RestFinder {
  private static final double HESSIAN_HEAVE_MM = 0.01;
  private static final double HESSIAN_TURN_RAD = Math.toRadians(0.2);

  /** Clearance at which a landing begins; the film can reach up to a thick member from there. */
  private static final double START_MM = 1.0;

  /** How far all forces may still move in a sweep when a rest is measured, in weights. */
  private static final double MEASURED = 1e-4;

  private static final int TRIES_OFF_A_SADDLE = 4;

  /** Poses after which a fly that was let go is given up; most need fifty to a hundred. */
  private static final int MOST_POSES = 400;

  private final FilmSolver film;
  private final Hook hook;
  private final Balance balance;
  private final Settler settler;
  private final double extent;
  private final double bodyRadius;
  private long firstPose;
  private boolean brief;

  public RestFinder(FilmSolver film, Hook hook) {
    this.film = film;
    this.hook = hook;
    this.balance = new Balance(film, hook.shankMm());
    this.extent = film.body().extent(film.centreOfMass());
    this.settler = new Settler(balance, 1.5 * extent + 4);
    this.bodyRadius =
        film.body().members().stream()
            .filter(m -> m.part().equals("body"))
            .flatMap(m -> m.slices().stream())
            .mapToDouble(FlyBody.Slice::radiusMm)
            .max()
            .orElse(hook.wireMm() / 2);
  }

  /**
   * The same finder, for rests that are only counted: neither what a ripple meets nor where
   * creeping water would leave them is measured.
   */
  public RestFinder briefly() {
    brief = true;
    return this;
  }

  /** Presses the fly down in an attitude, lets it go and follows it to rest. */
  public Landing land(Attitude attitude, double touchdownFactor) {
    return land(attitude, touchdownFactor, List.of());
  }

  /**
   * The same, but stops short of measuring a rest that is known already.
   *
   * @return the known rest itself, if the fly comes to it
   */
  Landing land(Attitude attitude, double touchdownFactor, List<Rest> known) {
    Touchdown.Landed landed = press(attitude, touchdownFactor);
    return letGo(attitude, landed, known);
  }

  Touchdown.Landed press(Attitude attitude, double touchdownFactor) {
    film.reset();
    film.forget();
    film.allow();
    firstPose = film.evaluations();
    Pose level = new Pose(0, attitude.pitchRad(), attitude.rollRad());
    Pose above = level.moved(START_MM - film.body().lowest(at -> height(level, at)), 0, 0);
    return new Touchdown(touchdownFactor).press(balance, above, extent);
  }

  Landing letGo(Attitude attitude, Touchdown.Landed landed, List<Rest> known) {
    long first = film.evaluations();
    FilmState state = landed.state().copy();
    Settled low =
        settler.settle(
            landed.pose(),
            state,
            ContactLine.RECEDING,
            1,
            known.isEmpty() ? Settler.FAIR : Settler.ROUGH);
    for (Rest rest : known) {
      if (low.outcome() == Outcome.RESTS && recedesTo(rest, low.pose())) {
        return rests(attitude, landed, rest);
      }
    }
    if (!known.isEmpty() && low.outcome() == Outcome.RESTS) {
      low = settler.goOn(low.pose(), state, ContactLine.RECEDING, Settler.FAIR, low.stiffness());
    }
    Optional<Rest.End> receding = end(low);
    if (receding.isEmpty()) {
      state = landed.state().copy(); // caught where it was pressed to, lines pinned on the way up
    }
    Pose from = receding.isEmpty() ? landed.pose() : low.pose();
    Settled settled = settler.goOn(from, state, ContactLine.MEAN, Settler.ROUGH, low.stiffness());
    for (Rest rest : known) {
      if (settled.outcome() == Outcome.RESTS && isNear(rest, settled.pose())) {
        return rests(attitude, landed, rest);
      }
    }
    for (int i = 0;
        i < TRIES_OFF_A_SADDLE
            && settled.outcome() == Outcome.RESTS
            && film.evaluations() - first < MOST_POSES;
        i++) {
      settled =
          settler.goOn(settled.pose(), state, ContactLine.MEAN, Settler.EXACT, settled.stiffness());
      if (settled.outcome() == Outcome.RESTS) {
        Rest rest =
            examine(attitude, landed.pressed(), settled.pose(), state, ending(low), receding);
        if (rest.proof().holds()) {
          return rests(attitude, landed, rest);
        }
        Pose off = offSaddle(settled.pose(), state);
        settled = settler.settle(off, state, ContactLine.MEAN, 1, Settler.ROUGH);
      }
    }
    return restsNowhere(attitude, landed, settled);
  }

  private Landing rests(Attitude attitude, Touchdown.Landed landed, Rest rest) {
    return new Landing(
        attitude, landed.pressed(), Outcome.RESTS, Optional.of(rest), Optional.empty(), unsolved());
  }

  /** A fly that is lighter than the water it displaces comes back up, wherever it went under. */
  private Landing restsNowhere(Attitude attitude, Touchdown.Landed landed, Settled settled) {
    double lift = lift();
    NoRest noRest =
        settled.outcome() == Outcome.SINKS && lift > 0
            ? new NoRest(
                NoRest.Why.WENT_UNDER_BUT_LIFTS,
                Sentence.of(
                    "Not known: it went under on landing, but drowned whole it lifts %.1f mg and comes"
                        + " back up; where it then rests was not found.",
                    lift))
            : noRest(settled, landed, balance.weight());
    Outcome ended = ending(settled);
    return new Landing(
        attitude,
        landed.pressed(),
        ended == Outcome.RESTS ? Outcome.UNSETTLED : ended, // in balance, but a touch tips it
        Optional.empty(),
        Optional.of(noRest),
        unsolved());
  }

  /** Nothing that lifts when drowned counts as sunk. */
  private Outcome ending(Settled settled) {
    return settled.outcome() == Outcome.SINKS && lift() > 0 ? Outcome.UNSETTLED : settled.outcome();
  }

  /** Buoyancy of the whole fly under water less its weight, mg. */
  private double lift() {
    return film.body().drownedVolumeMm3() * film.water().density() - film.body().massMg();
  }

  private Landing.Unsolved unsolved() {
    return new Landing.Unsolved(
        film.evaluations() - firstPose, film.unconverged(), film.worstChange() / balance.weight());
  }

  /** Lands the fly and tells every pose on its way down and to the rest that is shown. */
  public Landing land(Attitude attitude, double touchdownFactor, PoseListener watcher) {
    balance.watch(watcher);
    try {
      return land(attitude, touchdownFactor);
    } finally {
      balance.watch(PoseListener.UNSEEN);
    }
  }

  /** Moment that would turn the fly from an attitude at the bottom of its landing, µN·mm. */
  double turning(Touchdown.Landed landed) {
    film.setTolerance(5e-3 * balance.weight());
    return film.evaluate(landed.pose(), landed.state(), ContactLine.ADVANCING).pitch();
  }

  private boolean isNear(Rest rest, Pose pose) {
    return posture(pose) == rest.posture()
        && rest.isNear(
            height(pose, Vector3D.ZERO),
            height(pose, hook.bendStart()),
            height(pose, hook.point()));
  }

  /** Whether a fly whose lines recede is where it was on its way to a rest. */
  private boolean recedesTo(Rest rest, Pose pose) {
    Rest.End here = end(pose);
    return rest.interval().receding().filter(e -> e.isNear(here)).isPresent();
  }

  private Optional<Rest.End> end(Settled settled) {
    return settled.outcome() == Outcome.RESTS ? Optional.of(end(settled.pose())) : Optional.empty();
  }

  Rest.End end(Pose pose) {
    return new Rest.End(
        posture(pose),
        pose,
        height(pose, Vector3D.ZERO),
        height(pose, hook.bendStart()),
        height(pose, hook.point()));
  }

  /** Hangs a weight in water from the start of the bend, mg; 0 takes it off. */
  void hang(double mg) {
    balance.hang(mg, hook.bendStart());
  }

  /** Weight of the fly and what hangs from it, µN. */
  double weight() {
    return balance.weight();
  }

  /** Measures a pose at full accuracy. */
  private Rest examine(
      Attitude from,
      double pressed,
      Pose pose,
      FilmState state,
      Outcome recedes,
      Optional<Rest.End> receding) {
    double weight = balance.weight();
    film.setTolerance(MEASURED * weight);
    double[] left = balance.residual(pose, state, ContactLine.MEAN, 1);
    double filmLeft = film.lastChange() / weight;
    FilmSolution solved = film.solution(pose, state);
    balance.watch(PoseListener.UNSEEN); // what is measured now moves no fly that is shown
    int pending = StateRules.due(film, state, ContactLine.MEAN).size();
    int caught = state.caught();
    Rest.FibreCount count = count(state);
    List<Rest.Support> support = support(state);
    List<Set<String>> joined = film.joined(state);
    film.pin(state, ContactLine.MEAN);
    film.holdPlaces(true);
    RealMatrix stiffness = stiffness(pose, state, ContactLine.MEAN);
    Rest.Stiffness pinned =
        brief || count.crossing() == 0
            ? oneByOne(stiffness) // nothing to pin
            : oneByOne(stiffness(pose, state, ContactLine.PINNED));
    film.holdPlaces(false);
    Rest.Proof proof =
        new Rest.Proof(
            Math.abs(left[0]) / weight,
            Math.hypot(left[1], left[2]) / weight,
            filmLeft,
            Arrays.stream(Balance.eigenvalues(stiffness)).boxed().toList(),
            pending,
            caught);
    Rest.Interval interval =
        brief
            ? new Rest.Interval(recedes, receding, Outcome.UNSETTLED, Optional.empty())
            : interval(recedes, receding, pose, state, stiffness);
    return new Rest(
        from,
        pressed,
        pose,
        posture(pose),
        height(pose, Vector3D.ZERO),
        height(pose, hook.bendStart()),
        height(pose, hook.point()),
        count,
        support,
        joined,
        proof,
        oneByOne(stiffness),
        pinned,
        interval,
        solved);
  }

  private Rest.Interval interval(
      Outcome recedes,
      Optional<Rest.End> receding,
      Pose pose,
      FilmState state,
      RealMatrix stiffness) {
    Settled high = settler.goOn(pose, state.copy(), ContactLine.ADVANCING, Settler.FAIR, stiffness);
    return new Rest.Interval(recedes, receding, ending(high), end(high));
  }

  private RealMatrix stiffness(Pose pose, FilmState state, ContactLine line) {
    return balance.stiffness(pose, state, line, HESSIAN_HEAVE_MM, HESSIAN_TURN_RAD);
  }

  private Rest.Stiffness oneByOne(RealMatrix k) {
    double square = hook.shankMm() * hook.shankMm();
    return new Rest.Stiffness(
        k.getEntry(0, 0), k.getEntry(1, 1) * square, k.getEntry(2, 2) * square);
  }

  /** How a fly in this pose sits. */
  Posture posture(Pose pose) {
    return Posture.of(
        pose.pitchRad(),
        pose.rollRad(),
        height(pose, Vector3D.ZERO),
        height(pose, hook.bendStart()),
        bodyRadius);
  }

  /** Whether a pose lies so deep that the film bears less than a share of the weight. */
  boolean isUnder(Pose pose, FilmState state, double share) {
    double borne =
        film.supportByPart(state).values().stream().mapToDouble(held -> Math.abs(held[0])).sum();
    return pose.heaveMm() < 0 && borne < share * balance.weight();
  }

  /** How far from the middle of the fly there may be anything to see of the film, mm. */
  public double reachMm() {
    return extent + film.water().capillaryLength();
  }

  /** How far any point of the fly may lie from its centre of mass, mm. */
  double extent() {
    return extent;
  }

  FilmSolver film() {
    return film;
  }

  Settler settler() {
    return settler;
  }

  private double height(Pose pose, Vector3D bodyPoint) {
    return pose.place(bodyPoint, film.centreOfMass()).getZ();
  }

  private Pose offSaddle(Pose pose, FilmState state) {
    RealMatrix stiffness = stiffness(pose, state, ContactLine.MEAN);
    EigenDecompositionSymmetric eigen = new EigenDecompositionSymmetric(stiffness);
    return balance.moved(pose, eigen.getEigenvector(2).mapMultiply(0.1).toArray());
  }

  private Rest.FibreCount count(FilmState state) {
    int lying = film.lyingLoaded(state);
    return new Rest.FibreCount(
        state.count(FibreState.LYING) - lying,
        lying,
        state.count(FibreState.CROSSING_TIP_DOWN) + state.count(FibreState.CROSSING_ROOT_DOWN),
        state.count(FibreState.DROWNED));
  }

  private List<Rest.Support> support(FilmState state) {
    return film.supportByPart(state).entrySet().stream()
        .map(e -> new Rest.Support(e.getKey(), e.getValue()[0], e.getValue()[1], e.getValue()[2]))
        .toList();
  }

  private static NoRest noRest(Settled settled, Touchdown.Landed landed, double weight) {
    return switch (settled.outcome()) {
      case SINKS ->
          new NoRest(
              NoRest.Why.SANK,
              Sentence.of(
                  "Sinks: the water pushed back with at most %.1f times its weight on landing, and once let go could not hold it.",
                  landed.pressed()));
      case UNSETTLED ->
          new NoRest(
              NoRest.Why.NO_BALANCE,
              Sentence.of(
                  "Not known: no balance was found within %d steps; %.3f of the weight was left over.",
                  settled.steps(), Math.abs(settled.residual()[0]) / weight));
      case RESTS ->
          new NoRest(
              NoRest.Why.NO_STEADY_BALANCE,
              Sentence.of(
                  "Not known: no balance that a touch would not tip was found within %d poses.",
                  MOST_POSES));
    };
  }
}
