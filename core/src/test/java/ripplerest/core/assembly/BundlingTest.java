package ripplerest.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ripplerest.core.material.Material;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Prior;
import ripplerest.core.rest.Flies;
import ripplerest.core.water.Floatant;

class BundlingTest {
  private static final Material BARB = Materials.standard().get("dry-hackle");

  /** The same materials, every fibre by itself. */
  static Materials free(Materials materials) {
    return with(materials, 1);
  }

  private static Materials with(Materials materials, double share) {
    List<MaterialRow> rows = new ArrayList<>();
    for (Material m : materials.all()) {
      if (m.has(Property.INDEPENDENT_FIBRES)) {
        rows.add(
            new MaterialRow(
                m.id(),
                "",
                Property.INDEPENDENT_FIBRES,
                share,
                0,
                Prior.Kind.ASSUMPTION,
                "for this check"));
      }
    }
    return materials.with(rows);
  }

  // By hand: two clamped fibres that touch beyond s are bent with 3Bd²/s³ and save (2π - 4)γr a
  // length there; the least of the sum over s lies at s⁴ = 9Bd²/((2π - 4)γr), found here by trying.
  @Test
  void fibresThatCannotTouchStandByThemselves() {
    double radius = BARB.get(Property.FIBRE_RADIUS);
    double stiffness =
        BARB.get(Property.YOUNGS_MODULUS)
            * Math.PI
            * Math.pow(radius, 4)
            / 4
            * (1 - BARB.get(Property.TAPER));
    double length = 7;
    double saved = (2 * Math.PI - 4) * 73 * radius;
    for (double apart = 0.1; apart < 3; apart += 0.1) {
      double best = 0;
      double least = 0;
      for (double s = 0.01; s <= length; s += 0.01) {
        double energy = 3 * stiffness * apart * apart / (s * s * s) - saved * (length - s);
        if (energy < least || best == 0) {
          least = energy;
          best = s;
        }
      }
      int bundles = Bundling.of(BARB, 1000, length, apart).count();
      double alone = BARB.get(Property.INDEPENDENT_FIBRES);
      double parts = best > length - 0.02 ? 1 : Math.pow(best / length, 4);
      assertThat(bundles / 1000.0).isCloseTo(alone + (1 - alone) * parts, within(0.01));
    }
  }

  /** Stuck together or not, a hackle weighs and displaces the same and bends as easily in all. */
  @Test
  void bundlesHoldAllTheFibres() {
    FlyBody apart = collar(1);
    FlyBody together = collar(0.3);
    assertThat(together.fibres()).hasSizeLessThan(apart.fibres().size() / 2);
    assertThat(together.massMg()).isCloseTo(apart.massMg(), within(0.02));
    assertThat(together.drownedVolumeMm3()).isCloseTo(apart.drownedVolumeMm3(), within(0.02));
    assertThat(stiffness(together)).isCloseTo(stiffness(apart), within(0.02 * stiffness(apart)));
  }

  private static double stiffness(FlyBody body) {
    return body.fibres().stream()
        .filter(f -> f.part().equals("collar-hackle"))
        .mapToDouble(FlyBody.Fibre::bendingStiffness)
        .sum();
  }

  private static FlyBody collar(double share) {
    Materials materials = with(Materials.standard(), share);
    return Flies.prepared(Flies.of("upright-collar", 14), Flies.GEL).with(materials).body();
  }

  // Common practice, no source: a palmered feather's tip lies at the rear, its barbs are shorter.
  @Test
  void aPalmeredFeatherIsLongerInFront() {
    FlyBody stone =
        Flies.prepared(Flies.of("palmered-stone", 10), Flies.GEL.with(Floatant.NONE)).body();
    List<FlyBody.Fibre> barbs =
        stone.fibres().stream().filter(f -> f.part().equals("palmered-hackle")).toList();
    double front = barbs.get(0).lengthMm();
    double rear = barbs.get(barbs.size() - 1).lengthMm();
    assertThat(front / rear).isBetween(1.3, 1.7);
    assertThat(barbs.get(0).root().getX()).isLessThan(barbs.get(barbs.size() - 1).root().getX());
  }
}
