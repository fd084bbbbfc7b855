package ripplerest.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Length.Reference;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Flies;

/** What a hand can move and type. Snaps are common practice, no source. */
class HandleTest {
  private static final Hook HOOK = Hook.of(new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0));
  private static final Length NOW = new Length.Rule(Reference.HOOK_LENGTH, 1);

  private static SizedPattern fly(String style, int size) {
    return new Sizer(Flies.MATERIALS).size(Flies.of(style, size));
  }

  private static Handle handle(SizedPattern fly, String part, String field) {
    return Handle.of(fly).stream()
        .filter(h -> h.part().equals(part) && h.field().equals(field))
        .findFirst()
        .orElseThrow();
  }

  // International inch of 1959: exactly 25.4 mm, so 3/8 in is 9.525 mm.
  @ParameterizedTest
  @CsvSource({
    "9mm, 9",
    "9 mm, 9",
    "0.9 cm, 9",
    "3/8in, 9.525",
    "3/8 inch, 9.525",
    "1 1/8\", 28.575",
    "2 eyes, 1.886",
    "3 wires, 1.23"
  })
  void pinnedUnitsComeToTheirMillimetres(String text, double mm) {
    Length.Pinned read = (Length.Pinned) TypedLength.read(text, NOW, HOOK);
    assertThat(read.mm()).isCloseTo(mm, within(1e-3));
  }

  @ParameterizedTest
  @CsvSource({
    "1.5 gaps, GAP, 1.5",
    "1 gap, GAP, 1",
    "'1,5 gaps', GAP, 1.5",
    "2/3 shank, SHANK, 0.6667",
    "1 hook length, HOOK_LENGTH, 1",
    "1.2, HOOK_LENGTH, 1.2"
  })
  void measuresOfTheHookBecomeRules(String text, Reference reference, double factor) {
    Length.Rule read = (Length.Rule) TypedLength.read(text, NOW, HOOK);
    assertThat(read.reference()).isEqualTo(reference);
    assertThat(read.factor()).isCloseTo(factor, within(1e-4));
  }

  @Test
  void aBareNumberKeepsTheUnitThereWas() {
    assertThat(TypedLength.read("7", new Length.Pinned(5), HOOK)).isEqualTo(new Length.Pinned(7));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "mm", "nine mm", "9 parsecs", "3/0 in", "1 2 mm", "-4mm", "1e9 mm"})
  void whatCannotBeReadNamesFieldValueBoundAndRemedy(String text) {
    assertThatThrownBy(() -> TypedLength.read(text, NOW, HOOK))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("length")
        .hasMessageContaining("\"" + text + "\"");
  }

  @ParameterizedTest
  @ValueSource(strings = {"0.1mm", "80mm", "9 gaps"})
  void lengthsOutOfRangeAreRefusedByTheirOwnBounds(String text) {
    assertThatThrownBy(() -> TypedLength.read(text, NOW, HOOK))
        .isInstanceOf(OutOfRangeException.class);
  }

  @Test
  void snapsOfALengthAreWhereTheirRulesSay() {
    SizedPattern fly = fly("upright-collar", 14);
    Handle tail = handle(fly, "tail", "length");
    assertThat(tail.mm()).isCloseTo(fly.mm("tail", "length"), within(1e-9));
    for (Handle.Snap snap : tail.snaps()) {
      assertThat(fly.mm("tail", snap.length())).isCloseTo(snap.mm(), within(0.05));
    }
    assertThat(tail.snaps()).extracting(Handle.Snap::name).contains("1 shank", "1½ gaps");
    assertThat(tail.snaps()).extracting(Handle.Snap::mm).isSorted();
    assertThat(handle(fly, "upright-wing", "length").snaps())
        .extracting(Handle.Snap::name)
        .contains("to the bend", "to the tail's end");
  }

  @Test
  void theHookGoesThroughItsSizesByTheirOwnLength() {
    Handle hook = handle(fly("parachute", 14), "hook", "size");
    assertThat(hook.value()).isEqualTo(14);
    assertThat(hook.snaps()).hasSize(HookSpec.SMALLEST - HookSpec.LARGEST + 1);
    assertThat(hook.snaps()).extracting(Handle.Snap::mm).isSorted();
    assertThat(hook.snaps())
        .filteredOn(s -> s.name().equals("14"))
        .allSatisfy(s -> assertThat(s.mm()).isCloseTo(hook.mm(), within(1e-9)));
  }

  /** A border moves as far as the part's room grows when its number does. */
  @Test
  void aBorderOnTheShankMovesWithTheTurns() {
    SizedPattern fly = fly("upright-collar", 14);
    Handle turns = handle(fly, "collar-hackle", "turns");
    var more =
        new Sizer(Flies.MATERIALS)
            .size(
                fly.pattern()
                    .withPart(
                        turns.index(),
                        fly.pattern().parts().get(turns.index()).with("turns", turns.value() + 1)));
    List<SizedPattern.Span> before = fly.spansOf("collar-hackle");
    List<SizedPattern.Span> after = more.spansOf("collar-hackle");
    double grew = after.get(after.size() - 1).lengthMm() - before.get(before.size() - 1).lengthMm();
    assertThat(turns.mmPerUnit()).isCloseTo(grew, within(0.01));
    assertThat(turns.shankMm()).isCloseTo(before.get(before.size() - 1).toMm(), within(1e-9));
  }
}
