package ripplerest.core.tying;

import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.material.Material;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Piece;
import ripplerest.core.sizing.SizedPattern.Span;

/**
 * The thread that a fly takes, from the number of its wraps.
 *
 * @param thickMm corded thickness of the thread
 * @param wraps turns round the shank: one layer under the dressing, what binds each part, the whip
 * @param lengthMm of those wraps
 * @param massMg of that length
 */
record ThreadWraps(double thickMm, double wraps, double lengthMm, double massMg) {
  /** Length of which the denier is the mass in grams, mm (ISO 1144:2016, textiles: tex system). */
  private static final double DENIER_LENGTH_MM = 9_000_000;

  private static final double MG_IN_G = 1000;

  static ThreadWraps of(SizedPattern sized, Part.Thread thread, Material material) {
    double thick = thickMm(thread.denier(), material);
    Pattern pattern = sized.pattern();
    double shank =
        sized.pieces().stream()
            .filter(p -> p.outermost().role() != Span.Role.BEAD)
            .mapToDouble(Piece::lengthMm)
            .sum();
    double binds = sized.style().rule("school", "wraps").number();
    long bound =
        pattern.parts().stream()
            .filter(
                p ->
                    !(p instanceof Part.Thread || p instanceof Part.Bead || p instanceof Part.Head))
            .count();
    int whips = pattern.part(Part.Head.class).map(Part.Head::whips).orElse(0);
    double wraps = shank / thick + binds * bound + whips;
    // one round is a circle through the middle of the thread, the pitch of a wrap being small
    double length = wraps * Math.PI * (sized.hook().wireMm() + thick);
    return new ThreadWraps(thick, wraps, length, length * mgPerMm(thread.denier()));
  }

  /** The thread of a fly; what its style takes where the pattern names none. */
  static Part.Thread thread(SizedPattern sized) {
    return sized
        .pattern()
        .part(Part.Thread.class)
        .orElseGet(() -> (Part.Thread) DefaultParts.of(sized.style(), PartKind.named("thread")));
  }

  /** Linear mass of a thread, mg/mm: denier are grams in 9,000 m. */
  static double mgPerMm(double denier) {
    return denier * MG_IN_G / DENIER_LENGTH_MM;
  }

  /** Thickness of the corded thread: the circle that holds its filaments and their gaps, mm. */
  static double thickMm(double denier, Material material) {
    double solid = mgPerMm(denier) / material.get(Property.DENSITY);
    return Math.sqrt(4 / Math.PI * solid / material.get(Property.SOLID_SHARE));
  }
}
