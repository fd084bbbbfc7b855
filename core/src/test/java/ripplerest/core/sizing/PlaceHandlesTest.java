package ripplerest.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Stretch;
import ripplerest.core.hook.Hook;
import ripplerest.core.rest.Flies;
import ripplerest.core.water.Floatant;

/** What a hand can move along the shank, and past its end. */
class PlaceHandlesTest {
  private static SizedPattern sized(String style, int size) {
    return new Sizer(Flies.MATERIALS).size(Flies.of(style, size));
  }

  private static Handle handle(SizedPattern fly, String part, String field) {
    return Handle.of(fly).stream()
        .filter(h -> h.part().equals(part) && h.field().equals(field))
        .findFirst()
        .orElseThrow();
  }

  /** Saying a place where it is already changes nothing. */
  @ParameterizedTest
  @ValueSource(strings = {"upright-collar", "palmered-stone", "spent-drake", "looped-wing"})
  void aPlaceOfTheStylesIsToldSoThatItStaysWhereItWas(String style) {
    SizedPattern fly = sized(style, 12);
    Place from = handle(fly, "body", "from-1").at().orElseThrow();
    Place to = handle(fly, "body", "to-1").at().orElseThrow();
    Part body = fly.pattern().part("body").orElseThrow();
    int i = fly.pattern().names().indexOf("body");
    SizedPattern told =
        new Sizer(Flies.MATERIALS)
            .size(
                fly.pattern()
                    .withPart(i, body.tied(body.tie().over(List.of(new Stretch(from, to))))));
    assertThat(told.span("body").fromMm()).isCloseTo(fly.span("body").fromMm(), within(0.01));
    assertThat(told.span("body").toMm()).isCloseTo(fly.span("body").toMm(), within(0.01));
    assertThat(handle(told, "body", "from-1").at()).contains(from);
  }

  /** There and back: the extension that makes a 12 a 6 says that it is as long as a 6. */
  @ParameterizedTest
  @ValueSource(ints = {11, 10, 8, 6})
  void anExtensionAsLongAsAnotherHookSaysSo(int size) {
    SizedPattern fly = sized("spent-drake", 12);
    Handle.Snap snap =
        handle(fly, "extended-body", "length").snaps().stream()
            .filter(s -> s.name().equals("as long as a size " + size))
            .findFirst()
            .orElseThrow();
    int i = fly.pattern().names().indexOf("extended-body");
    Part.ExtendedBody body = (Part.ExtendedBody) fly.pattern().parts().get(i);
    SizedPattern longer =
        new Sizer(Flies.MATERIALS)
            .size(fly.pattern().withPart(i, body.with("length", snap.length())));
    assertThat(longer.asLongAs().toString()).isEqualTo("As long as a body on a size " + size + ".");
    double along = snap.mm() * Math.cos(Math.toRadians(body.rise()));
    double shank = Hook.of(fly.pattern().hook().withSize(size)).shankMm();
    assertThat(fly.hook().shankMm() + along).isCloseTo(shank, within(1e-6));
    assertThat(sized("upright-collar", 12).asLongAs().saysNothing()).isTrue();
  }

  /** Common practice, no source: an extended body carries the tail at its end. */
  @Test
  void aTailStandsOnTheEndOfAnExtendedBody() {
    SizedPattern fly = sized("spent-drake", 12);
    FlyBody body = Assembler.assemble(fly, Flies.MATERIALS, Floatant.NONE, Mesh.WORKING);
    double root =
        body.fibres().stream()
            .filter(f -> f.part().equals("tail"))
            .mapToDouble(f -> f.root().getX())
            .min()
            .orElseThrow();
    double bend = fly.hook().onShank(fly.hook().shankMm()).getX();
    double along = fly.mm("extended-body", "length") * Math.cos(Math.toRadians(20));
    assertThat(root - bend).isCloseTo(along, within(0.05));
  }
}
