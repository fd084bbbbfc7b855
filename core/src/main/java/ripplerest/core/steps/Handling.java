package ripplerest.core.steps;

import java.util.Map;
import java.util.stream.Collectors;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Table;

/** How a material is handled at the vise: spun, wound edge to edge, levelled, split, cut. */
final class Handling {
  /** What fills less of its room than this is loose fibres that are spun to a noodle. */
  private static final double LOOSE = 0.2;

  private static final Map<String, String> KNOWN =
      Table.rows(Handling.class, "handling.csv").stream()
          .collect(Collectors.toMap(r -> r.get("material"), r -> r.get("handling")));

  private Handling() {}

  /** The word for it; a tier's own material is handled as its values say. */
  static String of(Material material) {
    String known = KNOWN.get(material.id());
    if (known != null) {
      return known;
    }
    if (material.has(Property.STRIP_WIDTH)) {
      return "strip";
    } else if (Form.HACKLE.fits(material)) {
      return "feather";
    } else if (Form.STRAND.fits(material)) {
      return "strand";
    } else if (Form.BUNDLE.fits(material)) {
      return "yarn";
    } else if (Form.FIBRE.fits(material)) {
      return "fibre";
    }
    return material.has(Property.SOLID_SHARE) && material.get(Property.SOLID_SHARE) < LOOSE
        ? "dubbing"
        : "yarn";
  }
}
