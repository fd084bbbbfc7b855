package ripplerest.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.film.FibreState;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.Rest;

/** Internal: what is drawn is what was computed. */
class OutlinerTest {
  private final Estimate estimate = Flies.pose(Flies.of("upright-collar", 14), Flies.GEL);
  private final Rest rest = estimate.rest().orElseThrow();
  private final Outline outline = Outliner.of(estimate.sized(), Flies.MATERIALS, Flies.GEL, rest);

  @Test
  void theHookIsDrawnWhereItRests() {
    assertThat(outline.wire().get(0).getZ()).isCloseTo(rest.eyeMm(), within(1e-9));
    Vector3D point = outline.wire().get(outline.wire().size() - 1);
    assertThat(point.getZ()).isCloseTo(rest.pointMm(), within(1e-9));
    double length = 0;
    for (int i = 1; i < outline.wire().size(); i++) {
      length += outline.wire().get(i).distance(outline.wire().get(i - 1));
    }
    double eye = Math.PI * (estimate.sized().hook().eyeMm() - outline.wireMm());
    assertThat(length + eye).isCloseTo(estimate.sized().hook().wireLengthMm(), within(0.05));
  }

  @Test
  void barbsKeepTheirLengthHoweverTheyBend() {
    double longest = 0;
    for (Outline.Thin fibre : outline.fibres()) {
      double length = 0;
      for (int i = 1; i < fibre.line().size(); i++) {
        length += fibre.line().get(i).distance(fibre.line().get(i - 1));
      }
      assertThat(length).isBetween(0.2, 10.0);
      longest = fibre.part().equals("collar-hackle") ? Math.max(longest, length) : longest;
    }
    assertThat(longest).isCloseTo(7.35, within(0.2));
  }

  @Test
  void whatLiesOnTheFilmIsDrawnOnIt() {
    assertThat(outline.fibres())
        .filteredOn(f -> f.state() == FibreState.LYING && f.bears())
        .hasSize(rest.fibres().lying())
        .allSatisfy(
            f -> {
              double lowest = f.line().stream().mapToDouble(Vector3D::getZ).min().orElseThrow();
              assertThat(lowest).isBetween(-0.6, 0.1);
            });
  }

  @Test
  void theFilmIsLevelFarAwayAndDimpledUnderTheFly() {
    assertThat(outline.film().get(0).getZ()).isCloseTo(0, within(0.01));
    double deepest = outline.film().stream().mapToDouble(Vector3D::getZ).min().orElseThrow();
    assertThat(deepest).isBetween(-0.8, -0.02);
  }

  @Test
  void aSunkFlyIsDrawnUnderAFlatFilm() {
    Outline sunk = Outliner.dry(estimate.sized(), Flies.MATERIALS, Flies.GEL);
    assertThat(sunk.film()).allMatch(p -> Math.abs(p.getZ()) < 1e-9);
    assertThat(sunk.fibres()).noneMatch(Outline.Thin::bears);
    assertThat(sunk.wire()).allMatch(p -> p.getZ() < -2);
  }
}
