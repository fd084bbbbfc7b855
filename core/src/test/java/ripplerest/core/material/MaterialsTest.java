package ripplerest.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.SplittableRandom;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

class MaterialsTest {
  private static final Materials STANDARD = Materials.standard();

  /** The file read by itself, line by line: nothing of it is lost, doubled or scaled otherwise. */
  @Test
  void everyRowOfTheFileIsInTheTable() throws IOException {
    int rows = 0;
    try (Reader file =
            new InputStreamReader(
                Materials.class.getResourceAsStream("/ripplerest/core/material/materials.csv"),
                StandardCharsets.UTF_8);
        CSVParser lines =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(file)) {
      for (CSVRecord r : lines) {
        Property property = Property.named(r.get("property"));
        double factor =
            switch (r.get("unit")) {
              case "GPa" -> 1e9; // µN/mm²
              case "µm" -> 1e-3; // mm
              case "deg" -> Math.PI / 180;
              default -> 1;
            };
        double value = Double.parseDouble(r.get("value"));
        assertThat(STANDARD.get(r.get("material")).get(property))
            .as(r.toString())
            .isCloseTo(value * factor, within(1e-9 * Math.max(1, Math.abs(value * factor))));
        rows++;
      }
    }
    int known = 0;
    for (Material m : STANDARD.all()) {
      known += m.priors().size();
    }
    assertThat(known).isEqualTo(rows);
  }

  /** Common practice, no source: what no tier uses is neither offered nor thought of. */
  @Test
  void everyStyleIsTiedWithMaterialsThatServe() {
    for (Style style : Styles.standard().offered()) {
      for (Part part :
          Sizer.defaults(style, new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0), "x").parts()) {
        assertThat(PartKind.of(part).isMadeOf(STANDARD.get(part.material())))
            .as(style.id() + ": " + part)
            .isTrue();
      }
    }
    for (PartKind kind : PartKind.all()) {
      assertThat(Serves.of(kind.id())).as(kind.id()).isNotEmpty();
      for (String material : Serves.of(kind.id())) {
        assertThat(kind.form().fits(STANDARD.get(material))).as(kind.id() + material).isTrue();
      }
    }
    assertThat(Serves.as("thread", "foam")).isFalse();
    assertThat(Serves.as("thread", "quill")).isFalse();
    assertThat(Serves.as("thread", "my-own-thread")).as("not known, so not refused").isTrue();
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
  void drawsStayPhysicalAndPileUpNowhere() {
    SplittableRandom random = new SplittableRandom(3);
    double sum = 0;
    int atTheBound = 0;
    double common = 0;
    for (int i = 0; i < 400; i++) {
      Material drawn = STANDARD.sampled(random).get("dry-hackle");
      double radius = drawn.get(Property.FIBRE_RADIUS);
      assertThat(radius).isBetween(0.0226 - 2.5 * 0.0025, 0.0226 + 2.5 * 0.0025);
      sum += radius;
      double alone = drawn.get(Property.INDEPENDENT_FIBRES);
      assertThat(alone).isBetween(0.3, 1.0);
      atTheBound += alone > 0.98 ? 1 : 0;
      double advancing = drawn.get(Property.ADVANCING_TREATED) - Math.toRadians(120);
      double receding = drawn.get(Property.RECEDING_TREATED) - Math.toRadians(105);
      common += advancing * receding / Math.pow(Math.toRadians(8), 2) / 400;
      assertThat(drawn.get(Property.RECEDING_TREATED))
          .isLessThanOrEqualTo(drawn.get(Property.ADVANCING_TREATED));
    }
    assertThat(sum / 400).isCloseTo(0.0226, within(0.0005));
    assertThat(atTheBound).isLessThan(30);
    assertThat(common)
        .as("advancing and receding go together, but not wholly")
        .isBetween(0.35, 0.75);
  }

  @Test
  void whatHasOneCauseIsOffTogether() {
    SplittableRandom random = new SplittableRandom(5);
    double modulus = STANDARD.get("dry-hackle").get(Property.YOUNGS_MODULUS);
    for (int i = 0; i < 20; i++) {
      Materials drawn = STANDARD.sampled(random);
      double hackle = drawn.get("dry-hackle").get(Property.YOUNGS_MODULUS) / modulus - 1;
      double tail = drawn.get("tail-barb").get(Property.YOUNGS_MODULUS) / modulus - 1;
      assertThat(Math.signum(tail)).isEqualTo(Math.signum(hackle));
      assertThat(drawn.get("dry-hackle").get(Property.ADVANCING_TREATED))
          .isCloseTo(drawn.get("tail-barb").get(Property.ADVANCING_TREATED), within(1e-9));
    }
  }
}
