package ripplerest.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.film.FibreState;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.Girth;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;

/** Internal: what is drawn is what was computed. */
class OutlinerTest {
  private final Estimate estimate = Flies.pose(Flies.of("upright-collar", 14), Flies.GEL);
  private final Rest rest = estimate.rest().orElseThrow();
  private final Outline outline = Outliner.of(estimate);

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

  /** A pose moves nothing within the fly: rib and bands keep their distance from the wire. */
  @Test
  void ribAndBandsLieOnTheBodyWhereverItRests() {
    List<Part> parts = new ArrayList<>(Flies.of("upright-collar", 14).parts());
    Style style = Style.named("upright-collar");
    parts.add(0, DefaultParts.of(style, PartKind.named("rib")));
    parts.add(DefaultParts.of(style, PartKind.named("bands")));
    Pattern pattern = Flies.of("upright-collar", 14).withParts(parts);
    Estimate ribbed = Flies.pose(pattern, Flies.GEL);
    Outline drawn = Outliner.of(ribbed);
    assertThat(drawn.strands()).filteredOn(w -> w.part().equals("rib")).hasSize(1);
    assertThat(drawn.strands()).filteredOn(w -> w.part().equals("bands")).hasSize(5);
    Girth girth = new Girth(ribbed.sized());
    for (Outline.Wound strand : drawn.strands()) {
      for (Vector3D p : strand.axis()) {
        double off = drawn.wire().stream().mapToDouble(w -> w.distance(p)).min().orElseThrow();
        assertThat(off).isBetween(0.6 * girth.front(), 1.4 * girth.front() + strand.thickMm());
      }
    }
  }

  @Test
  void aSunkFlyIsDrawnWithItsRibUnderTheFilm() {
    List<Part> parts = new ArrayList<>(Flies.of("upright-collar", 14).parts());
    parts.add(0, DefaultParts.of(Style.named("upright-collar"), PartKind.named("rib")));
    Pattern pattern = Flies.of("upright-collar", 14).withParts(parts);
    Outline sunk =
        Outliner.sunk(
            PreparedFly.of(new Sizer(Flies.MATERIALS).size(pattern), Flies.MATERIALS, Flies.GEL));
    assertThat(sunk.strands()).hasSize(1);
    assertThat(sunk.strands().get(0).axis()).allMatch(p -> p.getZ() < -4);
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
    Outline sunk = Outliner.sunk(PreparedFly.of(estimate.sized(), Flies.MATERIALS, Flies.GEL));
    assertThat(sunk.film()).allMatch(p -> Math.abs(p.getZ()) < 1e-9);
    assertThat(sunk.fibres()).noneMatch(Outline.Thin::bears);
    assertThat(sunk.wire()).allMatch(p -> p.getZ() < -2);
  }

  @Test
  void aBarbStandsOffTheWireTowardTheShankOrThereIsNone() {
    Pattern barbless = Flies.of("upright-collar", 14);
    HookSpec hook = barbless.hook();
    HookSpec other =
        new HookSpec(
            hook.size(),
            hook.shape(),
            hook.lengthSteps(),
            hook.wireSteps(),
            !hook.barbed(),
            hook.measured());
    Outline one = Outliner.of(Flies.pose(barbless, Flies.GEL));
    Outline two = Outliner.of(Flies.pose(barbless.withHook(other), Flies.GEL));
    Outline barbed = hook.barbed() ? one : two;
    assertThat((hook.barbed() ? two : one).barb()).isEmpty();
    Vector3D tip = barbed.barb().get(1);
    double off = barbed.wire().stream().mapToDouble(p -> p.distance(tip)).min().orElseThrow();
    assertThat(off).isBetween(barbed.wireMm(), 2.5 * barbed.wireMm());
    Vector3D point = barbed.wire().get(barbed.wire().size() - 1);
    assertThat(tip.distance(point)).isGreaterThan(barbed.barb().get(0).distance(point));
  }
}
