package ripplerest.exchange.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.Colour.Marking;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outliner;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;

/** A printed fly shows the colours and markings that are said of its parts. */
class FigureTest {
  private static final Materials MATERIALS = Materials.standard();

  /** Shapes of the hackle in ink and in the ink of its marking, a fibre. */
  @ParameterizedTest
  @CsvSource({
    "PLAIN, 1, 0",
    "BARRED, 1, 4",
    "TIPPED, 1, 1",
    "DARK_CENTRE, 1, 1",
    "MIXED, 0.5, 0.5"
  })
  void aMarkingIsPrintedOverEachFibre(Marking marking, double plain, double marked) {
    Pattern dun =
        Sizer.defaults(
            Style.named("upright-collar"), new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0), "Dun");
    int hackle = dun.names().indexOf("collar-hackle");
    Part part = dun.parts().get(hackle);
    Colour colour = new Colour("ginger", marking, marking == Marking.PLAIN ? "" : "black");
    Pattern coloured = dun.withPart(hackle, part.tied(part.tie().in(colour)));
    PreparedFly fly =
        PreparedFly.of(new Sizer(MATERIALS).size(coloured), MATERIALS, Conditions.DEFAULT);
    Inks.Look look = new Inks(coloured).of("collar-hackle");
    Color black = look.bars().or(look::stem).or(look::tip).or(look::mixed).orElse(Color.PINK);
    List<Color> inks =
        Figure.of(Outliner.inVise(fly), new Inks(coloured)).shapes().stream()
            .filter(s -> s.part().equals("collar-hackle"))
            .map(Figure.Shape::ink)
            .toList();
    long fibres =
        Outliner.inVise(fly).fibres().stream()
            .filter(f -> f.part().equals("collar-hackle"))
            .count();
    assertThat(look.ink()).isNotEqualTo(black);
    assertThat(count(inks, look.ink()) / fibres).isCloseTo(plain, NEARLY);
    assertThat(count(inks, black) / fibres).isCloseTo(marked, NEARLY);
  }

  /** Lines of a body over its area: turns across it, fibres beside it. */
  @ParameterizedTest
  @CsvSource({"foam, 0", "quill, 10", "herl, 60"})
  void aBodyIsPrintedAsItsMaterialIsWound(String material, int atLeast) {
    Pattern dun =
        Sizer.defaults(
            Style.named("upright-collar"), new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0), "Dun");
    int body = dun.names().indexOf("body");
    Pattern wound = dun.withPart(body, dun.parts().get(body).withMaterial(material));
    PreparedFly fly =
        PreparedFly.of(new Sizer(MATERIALS).size(wound), MATERIALS, Conditions.DEFAULT);
    List<Figure.Shape> shapes =
        Figure.of(Outliner.inVise(fly), new Inks(wound)).shapes().stream()
            .filter(s -> s.part().equals("body"))
            .toList();
    assertThat(shapes).filteredOn(Figure.Shape::isArea).hasSize(1);
    assertThat(shapes.size() - 1).isBetween(atLeast, atLeast == 0 ? 0 : 300);
  }

  private static final Offset<Double> NEARLY = Offset.offset(0.1);

  private static double count(List<Color> inks, Color ink) {
    return inks.stream().filter(ink::equals).count();
  }
}
