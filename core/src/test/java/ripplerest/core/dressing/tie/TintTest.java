package ripplerest.core.dressing.tie;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import ripplerest.core.dressing.tie.Colour.Marking;

class TintTest {
  private static final int OLIVE = 0x6d6b34;
  private static final int GRIZZLED = 0x6f6c66;

  private static Tie tie(Colour colour) {
    return Tie.of("dry-hackle").in(colour);
  }

  @Test
  void nothingSaidShowsNothing() {
    assertThat(Tint.of(tie(Colour.NONE))).isEmpty();
    assertThat(Tint.of(tie(Colour.of("as they come")))).isEmpty();
  }

  @Test
  void aMarkingShowsWithoutAColourThatIsKnown() {
    Tint tint = Tint.of(tie(new Colour("quill", Marking.BARRED, ""))).orElseThrow();
    assertThat(tint).isEqualTo(new Tint(OptionalInt.empty(), Marking.BARRED, OptionalInt.empty()));
  }

  @Test
  void twoColoursWithoutAMarkingAreMixedAndSoAreTwoFeathers() {
    Tint mixed = new Tint(OptionalInt.of(OLIVE), Marking.MIXED, OptionalInt.of(GRIZZLED));
    assertThat(Tint.of(tie(new Colour("olive", Marking.PLAIN, "grizzled")))).contains(mixed);
    FurtherFeather further =
        new FurtherFeather("dry-hackle", Colour.of("grizzled"), 3, Optional.empty());
    Tie two = tie(Colour.of("olive")).with(List.of(further), Winding.IN_TURN);
    assertThat(Tint.of(two)).contains(mixed);
  }
}
