package ripplerest.core.estimate;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.rest.Carry;

/**
 * What a fly can carry, told in things a tier has.
 *
 * @param carry the weight in water, and how the fly sits under it
 * @param beads the largest bead of each metal that is no heavier
 * @param nymphs the largest beaded nymph of each metal that is no heavier
 */
public record CarryLimit(Carry carry, List<Bead> beads, List<Nymph> nymphs) {
  /** Bead diameters that are sold, mm; common practice, no source. */
  private static final double[] DIAMETERS = {1.5, 2.0, 2.4, 2.8, 3.2, 3.5, 4.0};

  /** Hook of the nymph that usually gets a bead of each of those; common practice, no source. */
  private static final int[] HOOKS = {20, 18, 16, 14, 12, 10, 8};

  /** Diameter of the hole in a bead, in the bead's own (assumption). */
  private static final double HOLE = 0.4;

  private static final double STEEL = 7.85;
  private static final int NYMPH_WIRE = 2;

  /** Metals that beads are made of, g/cm³: brass from memory, tungsten alloys 14 to 18. */
  public enum Metal {
    BRASS(8.5),
    TUNGSTEN(16);

    private final double density;

    Metal(double density) {
      this.density = density;
    }
  }

  /**
   * A bead.
   *
   * @param metal brass or tungsten
   * @param diameterMm outside
   * @param inWaterMg weight in water, mg
   */
  public record Bead(Metal metal, double diameterMm, double inWaterMg) {
    /** A sphere with a round hole through it holds π/6·(d² - h²)^(3/2). */
    static Bead of(Metal metal, double diameterMm) {
      double square = diameterMm * diameterMm * (1 - HOLE * HOLE);
      double volume = Math.PI / 6 * Math.pow(square, 1.5);
      return new Bead(metal, diameterMm, volume * (metal.density - 1));
    }
  }

  /**
   * A nymph with the bead that usually goes on its hook; its dressing, once wet, weighs next to
   * nothing in water.
   *
   * @param hookSize number
   * @param inWaterMg weight in water of hook and bead, mg
   */
  public record Nymph(Metal metal, int hookSize, double beadMm, double inWaterMg) {
    static Nymph of(Metal metal, int i) {
      HookSpec hook = new HookSpec(HOOKS[i], HookSpec.Shape.STRAIGHT, 0, NYMPH_WIRE);
      double wire = Hook.of(hook).massMg(STEEL - 1);
      double bead = Bead.of(metal, DIAMETERS[i]).inWaterMg();
      return new Nymph(metal, HOOKS[i], DIAMETERS[i], wire + bead);
    }
  }

  static CarryLimit of(Carry carry) {
    List<Bead> beads =
        Arrays.stream(Metal.values())
            .flatMap(
                m ->
                    Arrays.stream(DIAMETERS)
                        .mapToObj(d -> Bead.of(m, d))
                        .filter(b -> b.inWaterMg() <= carry.mg())
                        .max(Comparator.comparingDouble(Bead::inWaterMg))
                        .stream())
            .toList();
    List<Nymph> nymphs =
        Arrays.stream(Metal.values()).flatMap(m -> largest(m, carry.mg()).stream()).toList();
    return new CarryLimit(carry, beads, nymphs);
  }

  private static Optional<Nymph> largest(Metal metal, double mg) {
    Nymph best = null;
    for (int i = 0; i < HOOKS.length; i++) {
      Nymph nymph = Nymph.of(metal, i);
      if (nymph.inWaterMg() <= mg) {
        best = nymph;
      }
    }
    return Optional.ofNullable(best);
  }
}
