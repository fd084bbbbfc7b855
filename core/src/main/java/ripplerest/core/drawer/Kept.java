package ripplerest.core.drawer;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ripplerest.core.material.Material;
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
    FEATHERS("feathers", 1, 1),
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
   * How a material of this name is kept; one of the tier's own as what it is most like of those
   * that ship: as much is known of both, and the values are the nearest.
   */
  public static Kept of(String material, Materials materials) {
    return Optional.ofNullable(ALL.get(material)).orElseGet(() -> own(material, materials));
  }

  private static Kept own(String material, Materials materials) {
    Material own = materials.get(material);
    return materials.offered().stream()
        .filter(m -> ALL.containsKey(m.id()))
        .min(Comparator.comparingDouble(m -> apart(own, m)))
        .map(m -> ALL.get(m.id()))
        .orElseThrow();
  }

  /** What is known of one alone, and how far apart the logarithms of what is known of both are. */
  private static double apart(Material one, Material other) {
    double apart = 0;
    for (Property p : Property.values()) {
      if (one.has(p) != other.has(p)) {
        apart += UNLIKE;
      } else if (one.has(p) && one.get(p) > 0 && other.get(p) > 0) {
        apart += Math.abs(Math.log(one.get(p) / other.get(p)));
      }
    }
    return apart;
  }

  private static final double UNLIKE = 100;
}
