package ripplerest.core.drawer;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Table;

/**
 * How a kind of material is kept, and so in what it is counted.
 *
 * @param by what is counted
 * @param pack how much of it is sold at once, in that unit (common practice, no source)
 * @param fibres that one feather or square centimetre of skin gives; 0 where nothing is taken off
 *     it fibre by fibre (assumption)
 */
public record Kept(By by, double pack, double fibres) {
  /** What is counted of a material. */
  public enum By {
    FEATHERS("feathers", 1, 0),
    PATCH("cm²", 0.1, 1),
    SPOOL("m", 0.01, 2),
    DUBBING("mg", 1, 0),
    PIECES("pieces", 1, 0);

    private final String unit;
    private final double least;
    private final int decimals;

    By(String unit, double least, int decimals) {
      this.unit = unit;
      this.least = least;
      this.decimals = decimals;
    }

    /** Unit of an amount. */
    public String unit() {
      return unit;
    }

    /** The unit of one. */
    public String one() {
      return this == FEATHERS ? "feather" : this == PIECES ? "piece" : unit;
    }

    /** Less than this counts as nothing. */
    public double least() {
      return least;
    }

    /** Digits behind the point that an amount deserves. */
    public int decimals() {
      return decimals;
    }
  }

  private static final Map<String, Kept> ALL =
      Table.rows(Kept.class, "/ripplerest/core/drawer/kept.csv").stream()
          .collect(
              Collectors.toMap(
                  r -> r.get("material"),
                  r ->
                      new Kept(
                          By.valueOf(r.get("kept")),
                          Double.parseDouble(r.get("pack")),
                          Double.parseDouble(r.get("fibres")))));

  /**
   * How a material of this name is kept; one of the tier's own by what is known of it: barbs are on
   * feathers, strips are pieces, and what is loose is dubbing.
   */
  public static Kept of(String material, Materials materials) {
    return Optional.ofNullable(ALL.get(material)).orElseGet(() -> own(material, materials));
  }

  private static Kept own(String material, Materials materials) {
    var of = materials.get(material);
    if (of.has(Property.BARBS_PER_MM)) {
      return new Kept(By.FEATHERS, 10, 0);
    }
    if (of.has(Property.STRIP_LENGTH)) {
      return new Kept(By.PIECES, 50, 0);
    }
    if (of.has(Property.BUNDLE_RADIUS) || of.has(Property.STRIP_WIDTH)) {
      return new Kept(By.SPOOL, 3, 0);
    }
    return of.has(Property.FIBRE_RADIUS)
        ? new Kept(By.PATCH, 25, 400)
        : new Kept(By.DUBBING, 1000, 0);
  }
}
