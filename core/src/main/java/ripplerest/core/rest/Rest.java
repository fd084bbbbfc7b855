package ripplerest.core.rest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;

/**
 * A balance that a fly can come to, contact lines at the mean of receding and advancing, where
 * ripples drive them; with the interval of balances in which they may leave it instead.
 *
 * @param from how it landed
 * @param pressed how many times its weight the water pushed back with at the bottom of the landing
 * @param pose where it is
 * @param posture how it sits
 * @param eyeMm height of the rear edge of the eye over the undisturbed level
 * @param bendMm height of the start of the bend
 * @param pointMm height of the hook point
 * @param fibres how many fibres are in which state
 * @param support what each part holds
 * @param joined parts that the water joins, so that what one of them holds the others hold too
 * @param proof why this counts as a rest
 * @param sliding stiffness with contact lines that slide
 * @param pinned stiffness with contact lines that hold: what a small ripple meets
 * @param interval rests that hysteresis allows
 * @param film what was solved there, to draw and to measure
 */
public record Rest(
    Attitude from,
    double pressed,
    Pose pose,
    Posture posture,
    double eyeMm,
    double bendMm,
    double pointMm,
    FibreCount fibres,
    List<Support> support,
    List<Set<String>> joined,
    Proof proof,
    Stiffness sliding,
    Stiffness pinned,
    Interval interval,
    FilmSolution film) {

  /**
   * Restoring force and moments of a small displacement, one at a time.
   *
   * @param heave µN/mm
   * @param pitch µN·mm/rad
   * @param roll µN·mm/rad
   */
  public record Stiffness(double heave, double pitch, double roll) {}

  /**
   * One end of the interval of rests.
   *
   * @param posture how it sits there
   * @param pose where it is
   * @param eyeMm height of the rear edge of the eye
   * @param bendMm height of the start of the bend
   * @param pointMm height of the hook point
   */
  public record End(Posture posture, Pose pose, double eyeMm, double bendMm, double pointMm) {
    /** Whether two are the same place; either side counts once. */
    boolean isNear(End other) {
      return posture == other.posture
          && isWithin(eyeMm - other.eyeMm, bendMm - other.bendMm, pointMm - other.pointMm);
    }
  }

  /**
   * Rests from the same landing with all contact lines at one limit; empty where it does not rest.
   *
   * @param recedingEnds how it ends let go after landing, water drawing back everywhere
   * @param receding where
   * @param advancingEnds how it ends come down again on the same wetted barbs, water creeping on
   *     everywhere
   * @param advancing where
   */
  public record Interval(
      Outcome recedingEnds,
      Optional<End> receding,
      Outcome advancingEnds,
      Optional<End> advancing) {
    /** Whether both ends sit as the rest between them does. */
    public boolean isOneClass(Posture posture) {
      return receding.filter(e -> e.posture() == posture).isPresent()
          && advancing.filter(e -> e.posture() == posture).isPresent();
    }
  }

  /**
   * Fibres by state.
   *
   * @param dry clear of the water
   * @param lying on the unbroken film
   * @param crossing through the film, tip or root under water
   * @param drowned wholly under water
   */
  public record FibreCount(int dry, int lying, int crossing, int drowned) {}

  /**
   * What one part takes of the weight.
   *
   * @param part kind of part
   * @param filmUn held by the film, µN; negative where the film pulls the part down
   * @param buoyancyUn held by displaced water, µN
   * @param turnsUnMm moment about the centre of mass by which both turn the tail end up, µN·mm
   */
  public record Support(String part, double filmUn, double buoyancyUn, double turnsUnMm) {
    public double totalUn() {
      return filmUn + buoyancyUn;
    }
  }

  /**
   * What parts that the water joins hold together.
   *
   * @param parts one, or those that are joined, that which holds most first
   * @param totalUn µN
   */
  public record Held(List<String> parts, double totalUn) {}

  /** What holds the fly, by what the water joins, most first. */
  public List<Held> held() {
    List<Support> left = new ArrayList<>(support);
    left.sort(Comparator.comparingDouble(Support::totalUn).reversed());
    List<Held> all = new ArrayList<>();
    while (!left.isEmpty()) {
      String first = left.get(0).part();
      Set<String> together =
          joined.stream().filter(set -> set.contains(first)).findFirst().orElse(Set.of(first));
      List<Support> of = left.stream().filter(s -> together.contains(s.part())).toList();
      left.removeAll(of);
      all.add(
          new Held(
              of.stream().map(Support::part).toList(),
              of.stream().mapToDouble(Support::totalUn).sum()));
    }
    all.sort(Comparator.comparingDouble(Held::totalUn).reversed());
    return all;
  }

  /**
   * The test of a rest.
   *
   * @param forceShare |F| over the weight; below 10⁻³
   * @param momentShare |M| over weight times shank; below 10⁻³
   * @param filmShare by how much all forces on the film together still moved in the last sweep,
   *     over the weight; below 10⁻³
   * @param stiffness eigenvalues of the Hessian over ±0.01 mm and ±0.2°, µN/mm, turns counted in
   *     shanks; all positive
   * @param pendingChanges fibres whose state cannot last; 0
   * @param caught fibres between two states that each call for the other, their contact line held
   */
  public record Proof(
      double forceShare,
      double momentShare,
      double filmShare,
      List<Double> stiffness,
      int pendingChanges,
      int caught) {
    static final double LARGEST_SHARE = 1e-3;

    public boolean holds() {
      return forceShare < LARGEST_SHARE
          && momentShare < LARGEST_SHARE
          && filmShare < LARGEST_SHARE
          && pendingChanges == 0
          && stiffness.stream().allMatch(k -> k > 0);
    }
  }

  /** What the fly remembers of its way here. */
  public FilmState state() {
    return film.state();
  }

  /** What a part holds, µN; 0 for one that is not there. */
  public double holds(String part) {
    return support.stream().filter(s -> s.part().equals(part)).mapToDouble(Support::totalUn).sum();
  }

  /** Whether two rests are the same place, however the fly got there; either side counts once. */
  public boolean isSameAs(Rest other) {
    return posture == other.posture && isNear(other.eyeMm, other.bendMm, other.pointMm);
  }

  boolean isNear(double eye, double bend, double point) {
    return isWithin(eyeMm - eye, bendMm - bend, pointMm - point);
  }

  private static boolean isWithin(double eye, double bend, double point) {
    return Math.abs(eye) < 0.3 && Math.abs(bend) < 0.3 && Math.abs(point) < 0.5;
  }
}
