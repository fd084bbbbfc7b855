package ripplerest.core.rest;

import java.util.List;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;

/**
 * A balance that a fly can come to.
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
 * @param proof why this counts as a rest
 * @param state what the fly remembers of its way here
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
    Proof proof,
    FilmState state) {

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
   */
  public record Support(String part, double filmUn, double buoyancyUn) {
    public double totalUn() {
      return filmUn + buoyancyUn;
    }
  }

  /**
   * The test of a rest.
   *
   * @param forceShare |F| over the weight; below 10⁻³
   * @param momentShare |M| over weight times shank; below 10⁻³
   * @param stiffness eigenvalues of the Hessian over ±0.01 mm and ±0.2°, µN/mm, turns counted in
   *     shanks; all positive
   * @param pendingChanges fibres whose state cannot last; 0
   */
  public record Proof(
      double forceShare, double momentShare, List<Double> stiffness, int pendingChanges) {
    static final double LARGEST_SHARE = 1e-3;

    public boolean holds() {
      return forceShare < LARGEST_SHARE
          && momentShare < LARGEST_SHARE
          && pendingChanges == 0
          && stiffness.stream().allMatch(k -> k > 0);
    }
  }

  /** Whether two rests are the same place, however the fly got there. */
  public boolean isSameAs(Rest other) {
    return posture == other.posture
        && Math.abs(eyeMm - other.eyeMm) < 0.3
        && Math.abs(bendMm - other.bendMm) < 0.3
        && Math.abs(pointMm - other.pointMm) < 0.5;
  }
}
