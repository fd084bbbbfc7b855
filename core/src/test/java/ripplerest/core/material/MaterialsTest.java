package ripplerest.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import ripplerest.core.quantity.OutOfRangeException;

class MaterialsTest {
  private static final Materials STANDARD = Materials.standard();

  @Test
  void everyValueHasASourceAndEverySurfaceItsAngles() {
    for (Material m : STANDARD.all()) {
      assertThat(m.priors().values()).allMatch(p -> !p.source().isBlank());
      assertThat(m.get(Property.RECEDING_UNTREATED))
          .isLessThan(m.get(Property.ADVANCING_UNTREATED));
      assertThat(m.get(Property.RECEDING_TREATED)).isLessThan(m.get(Property.ADVANCING_TREATED));
      assertThat(m.get(Property.DENSITY)).isPositive();
    }
  }

  // Source: Bonser and Purslow, J. Exp. Biol. 198 (1995) 1029: 2.5 GPa for feather keratin.
  @Test
  void unitsOfTheFileBecomeUnitsOfTheCore() {
    Material hackle = STANDARD.get("dry-hackle");
    assertThat(hackle.get(Property.YOUNGS_MODULUS)).isEqualTo(2.5e9);
    assertThat(hackle.get(Property.ADVANCING_TREATED))
        .isCloseTo(Math.toRadians(120), within(1e-12));
  }

  @Test
  void anUnknownMaterialIsRefusedWithTheList() {
    assertThatThrownBy(() -> STANDARD.get("velvet"))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("velvet")
        .hasMessageContaining("soft-plume");
    assertThatThrownBy(() -> STANDARD.get("thread").get(Property.BARBS_PER_MM))
        .hasMessageContaining("thread");
  }

  @Test
  void drawsStayPhysicalAndAnglesMoveTogether() {
    SplittableRandom random = new SplittableRandom(3);
    Material nominal = STANDARD.get("dry-hackle");
    double sum = 0;
    for (int i = 0; i < 400; i++) {
      Material drawn = STANDARD.drawn(random).get("dry-hackle");
      double moved =
          drawn.get(Property.ADVANCING_TREATED) - nominal.get(Property.ADVANCING_TREATED);
      assertThat(drawn.get(Property.RECEDING_TREATED) - nominal.get(Property.RECEDING_TREATED))
          .isCloseTo(moved, within(1e-9));
      assertThat(drawn.get(Property.FIBRE_RADIUS)).isBetween(0.0175, 0.0277);
      sum += drawn.get(Property.FIBRE_RADIUS);
    }
    assertThat(sum / 400).isCloseTo(0.0226, within(0.0005));
  }
}
