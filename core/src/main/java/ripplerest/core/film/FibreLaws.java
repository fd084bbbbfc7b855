package ripplerest.core.film;

import java.util.HashMap;
import java.util.Map;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.laws.CrossingLaw;
import ripplerest.core.film.laws.LyingLaw;
import ripplerest.core.water.Water;

/**
 * Blends the force laws that the fibres of one fly need. Fibres whose lengths agree to two per cent
 * share a law in the barb's own units, which hardly changes with length, and scale it by their own.
 */
final class FibreLaws {
  private static final double ALIKE = Math.log(1.02);

  private final Water water;
  private final Mesh mesh;
  private final Map<Key, LyingLaw> lying = new HashMap<>();
  private final Map<Key, CrossingLaw> crossing = new HashMap<>();

  FibreLaws(Water water, Mesh mesh) {
    this.water = water;
    this.mesh = mesh;
  }

  LyingLaw lying(Fibre f) {
    double length = alike(f.lengthMm());
    double film = water.tension() * length * length * length / f.bendingStiffness();
    return lying
        .computeIfAbsent(
            new Key(f.bendingStiffness(), f.taper(), length, 0),
            k -> LyingLaw.of(film, length / water.capillaryLength(), f.taper(), mesh.segments()))
        .copy();
  }

  /**
   * @param pull Γ at the root, µN; negative where the film draws the drowned end down, or where the
   *     root is the drowned end
   */
  CrossingLaw crossing(Fibre f, double pull) {
    double length = alike(f.lengthMm());
    double kappa = pull * length * length / f.bendingStiffness();
    return crossing
        .computeIfAbsent(
            new Key(f.bendingStiffness(), f.taper(), length, pull),
            k -> CrossingLaw.of(kappa, f.taper()))
        .copy(pull * f.lengthMm() * f.lengthMm() / f.bendingStiffness());
  }

  private static double alike(double length) {
    return Math.exp(Math.rint(Math.log(length) / ALIKE) * ALIKE);
  }

  private record Key(double bendingStiffness, double taper, double length, double pull) {}
}
