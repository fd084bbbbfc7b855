package ripplerest.core.dressing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.material.Wear;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.Style;

class PartKindTest {
  private static final Length GAP = new Length.Rule(Length.Reference.GAP, 1.75);

  private static Part usual(PartKind kind) {
    return DefaultParts.of(Style.named("parachute"), kind);
  }

  /** Common practice, no source. */
  @Test
  void kindsStandInTheOrderInWhichMostAreTied() {
    assertThat(PartKind.all())
        .extracting(PartKind::id)
        .containsSubsequence(
            "thread", "bead", "tail", "rib", "body", "upright-wing", "collar-hackle", "head");
  }

  @Test
  void everyKindComesBackFromItsOwnValues() {
    assertThat(PartKind.all()).hasSize(33);
    for (PartKind kind : PartKind.all()) {
      Part part = usual(kind);
      assertThat(part.kind()).isEqualTo(kind.id());
      assertThat(kind.create(part.material(), kind.values(part))).isEqualTo(part);
      assertThat(PartKind.named(kind.id())).isSameAs(PartKind.of(part));
    }
  }

  @Test
  void fieldsTellTheirTypeBoundsUnitAndOptions() {
    PartKind kind = PartKind.named("collar-hackle");
    assertThat(kind.form()).isEqualTo(Form.HACKLE);
    assertThat(kind.fields())
        .extracting(PartKind.Field::name)
        .containsExactly("turns", "barb", "trim", "clip", "feather");
    PartKind.Field turns = kind.fields().get(0);
    assertThat(turns.type()).isEqualTo(PartKind.Type.NUMBER);
    assertThat(turns.high()).isEqualTo(12);
    assertThat(turns.unit()).isEqualTo("turns");
    assertThat(kind.fields().get(2).options())
        .containsExactly("full", "below", "above", "all-round");
  }

  @Test
  void aMissingOrWrongFieldIsNamed() {
    PartKind kind = PartKind.named("collar-hackle");
    Map<String, Object> values =
        new HashMap<>(Map.of("turns", 4.0, "barb", GAP, "clip", GAP, "feather", 0.0));
    assertThatThrownBy(() -> kind.create("dry-hackle", values))
        .hasMessageContaining("trim is missing");
    values.put("trim", "sideways");
    assertThatThrownBy(() -> kind.create("dry-hackle", values))
        .hasMessageContaining("sideways")
        .hasMessageContaining("all-round");
    values.put("trim", "below");
    values.put("turns", 40.0);
    assertThatThrownBy(() -> kind.create("dry-hackle", values))
        .hasMessageContaining("turns is 40")
        .hasMessageContaining("from 1 to 12");
    assertThatThrownBy(() -> PartKind.named("elbow")).hasMessageContaining("thorax-cover");
  }

  @Test
  void aPartIsChangedOneFieldAtATime() {
    Part tail = usual(PartKind.named("tail"));
    Part longer = tail.with("length", GAP);
    assertThat(longer.with("length", ((Part.Tail) tail).length())).isEqualTo(tail);
    assertThat(tail.withMaterial("deer-hair").material()).isEqualTo("deer-hair");
    assertThat(tail.with("count", 5)).extracting("count").isEqualTo(5);
  }

  @Test
  void everyUsualMaterialHasTheFormItsPartNeeds() {
    Materials materials = Materials.standard();
    for (PartKind kind : PartKind.all()) {
      Material material = materials.get(usual(kind).material());
      assertThat(kind.form().fits(material)).as(kind.id()).isTrue();
    }
    assertThat(Form.SOLID.fits(materials.get("brass"))).isTrue();
    assertThat(Form.SOLID.fits(materials.get("dry-dubbing"))).isFalse();
    assertThat(Form.HACKLE.fits(materials.get("tail-barb"))).isFalse();
  }

  // Common practice, no source: closed cells keep their air however often the fly is drowned.
  @Test
  void foamKeepsItsAirWhereDubbingLosesIt() {
    Materials soaked = Materials.standard().worn(Wear.SOAKED);
    assertThat(soaked.get("foam").get(Property.KEPT_AIR_TREATED)).isGreaterThan(0.9);
    assertThat(soaked.get("dry-dubbing").get(Property.KEPT_AIR_TREATED)).isZero();
    assertThat(soaked.get("kapok").get(Property.KEPT_AIR_TREATED)).isBetween(0.2, 0.4);
  }

  @Test
  void partsOfAKindAreNamedByTheirOrder() {
    Part hackle = usual(PartKind.named("collar-hackle"));
    Pattern two =
        new Pattern(
            "two",
            "upright-collar",
            new ripplerest.core.hook.HookSpec(
                14, ripplerest.core.hook.HookSpec.Shape.STRAIGHT, 0, 0),
            List.of(hackle, hackle, hackle),
            "");
    assertThat(two.names()).containsExactly("collar-hackle", "collar-hackle-2", "collar-hackle-3");
    assertThat(Pattern.kindOf("collar-hackle-3")).isEqualTo("collar-hackle");
  }
}
