package ripplerest.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Trim;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Floatant;

class AssemblerTest {
  private static final Materials MATERIALS = BundlingTest.free(Materials.standard());

  private static Pattern fly(String style) {
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    return Sizer.defaults(Style.named(style), hook, "test");
  }

  private static FlyBody body(Pattern pattern, Floatant floatant, Mesh mesh) {
    SizedPattern sized = new Sizer(MATERIALS).size(pattern);
    return Assembler.assemble(sized, MATERIALS, floatant, mesh);
  }

  private static List<FlyBody.Fibre> hackle(double turns, boolean clipped) {
    Part part =
        new Part.CollarHackle(
            Tie.of("dry-hackle"),
            turns,
            new Length.Rule(Length.Reference.GAP, 1.75),
            clipped ? Trim.BELOW : Trim.FULL,
            new Length.Rule(Length.Reference.GAP, 0.45),
            0);
    return body(fly("upright-collar").withPart(part), Floatant.GEL, Mesh.WORKING).fibres().stream()
        .filter(f -> f.part().equals("collar-hackle"))
        .toList();
  }

  @ParameterizedTest
  @ValueSource(strings = {"upright-collar", "parachute", "forward-plume"})
  void aFlyIsItsOwnMirrorImage(String style) {
    FlyBody body = body(fly(style), Floatant.GEL, Mesh.WORKING);
    assertThat(body.centreOfMass().getY()).isCloseTo(0, within(1e-9));
    for (FlyBody.Fibre f : body.fibres()) {
      Vector3D mirrored =
          new Vector3D(f.direction().getX(), -f.direction().getY(), f.direction().getZ());
      assertThat(body.fibres()).anyMatch(g -> g.direction().distance(mirrored) < 1e-9);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"upright-collar", "parachute", "forward-plume"})
  void refiningTheMeshKeepsMassAndVolume(String style) {
    FlyBody working = body(fly(style), Floatant.GEL, Mesh.WORKING);
    FlyBody fine = body(fly(style), Floatant.GEL, Mesh.WORKING.refined());
    assertThat(fine.massMg()).isCloseTo(working.massMg(), within(0.01 * working.massMg()));
    assertThat(fine.drownedVolumeMm3())
        .isCloseTo(working.drownedVolumeMm3(), within(0.01 * working.drownedVolumeMm3()));
  }

  // Common practice, no source: barbs on a turn are barbs a millimetre × the turn's length.
  @Test
  void turnsOfHackleGiveBarbsInProportion() {
    double hub = 0.41 / 2 + 0.13;
    assertThat(hackle(5, false)).hasSize((int) (2 * Math.round(6 * 2 * Math.PI * hub * 5 / 2)));
    assertThat(hackle(10, false).size()).isCloseTo(2 * hackle(5, false).size(), within(2));
  }

  @Test
  void clippingBelowCutsLevelAndLeavesTheRest() {
    double clip = 0.45 * 4.0;
    for (FlyBody.Fibre f : hackle(5, true)) {
      assertThat(f.root().getZ() + f.lengthMm() * f.direction().getZ())
          .isGreaterThanOrEqualTo(-clip - 1e-9);
    }
    double longest = hackle(5, true).stream().mapToDouble(FlyBody.Fibre::lengthMm).max().orElse(0);
    assertThat(longest).isCloseTo(7, within(0.4));
  }

  @Test
  void floatantKeepsAirAndOnlyTheWingOfAHangerIsDressed() {
    double dressed = body(fly("parachute"), Floatant.GEL, Mesh.WORKING).drownedVolumeMm3();
    double bare = body(fly("parachute"), Floatant.NONE, Mesh.WORKING).drownedVolumeMm3();
    assertThat(dressed).isGreaterThan(bare);
    List<String> surfaces =
        body(fly("forward-plume"), Floatant.GEL, Mesh.WORKING).members().stream()
            .map(FlyBody.Member::surface)
            .toList();
    assertThat(surfaces).contains("soft-plume", "thread/undressed").doesNotContain("thread");
  }
}
