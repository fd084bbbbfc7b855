package ripplerest.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.Making.Preparation;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Floatant;

/** What is kept free of floatant, or soaked, meets the water so. */
class PreparationTest {
  private static Member body(Map<String, Preparation> preparation, Floatant floatant) {
    Pattern fly =
        Flies.of("upright-collar", 14).with(new Making(List.of(), preparation, List.of(), "", ""));
    FlyBody body =
        Assembler.assemble(
            new Sizer(Flies.MATERIALS).size(fly), Flies.MATERIALS, floatant, Mesh.WORKING);
    return body.members().stream().filter(m -> m.part().equals("body")).findFirst().orElseThrow();
  }

  private static double buoyant(Member member) {
    return member.slices().get(member.slices().size() / 2).buoyantShare();
  }

  @Test
  void aPartIsPreparedAsThePatternSays() {
    Member dressed = body(Map.of(), Floatant.GEL);
    Member bare = body(Map.of("body", Preparation.BARE), Floatant.GEL);
    Member wetted = body(Map.of("body", Preparation.WETTED), Floatant.GEL);
    assertThat(dressed.surface()).isEqualTo("dry-dubbing");
    assertThat(bare.surface()).isEqualTo(FlyBody.undressed("dry-dubbing"));
    assertThat(wetted.surface()).isEqualTo(FlyBody.wetted("dry-dubbing"));
    assertThat(buoyant(wetted)).isLessThan(buoyant(bare));
    assertThat(buoyant(bare)).isLessThan(buoyant(dressed));
  }

  @Test
  void whatIsSaidToBeDressedIsNotWithoutFloatant() {
    Member none = body(Map.of("body", Preparation.DRESSED), Floatant.NONE);
    assertThat(none.surface()).isEqualTo(FlyBody.undressed("dry-dubbing"));
  }
}
