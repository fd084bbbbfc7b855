package ripplerest.core.tying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Wound;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.Girth;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Strand;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

class AmountsTest {
  private static final Materials MATERIALS = Materials.standard();

  private static SizedPattern sized(Pattern pattern) {
    return new Sizer(MATERIALS).size(pattern);
  }

  private static double value(List<Amount> amounts, String part, String what) {
    return amounts.stream()
        .filter(a -> a.part().equals(part) && a.what().equals(what))
        .findFirst()
        .orElseThrow(() -> new AssertionError(part + " " + what + " in " + amounts))
        .value();
  }

  private static Part usual(String kind) {
    return DefaultParts.of(Style.named("upright-collar"), PartKind.named(kind));
  }

  private static SizedPattern with(Part... parts) {
    Pattern fly = Flies.of("upright-collar", 14);
    return sized(fly.withParts(List.of(parts)));
  }

  // ISO 1144:2016, Textiles, universal system for designating linear density (tex): 1 tex = 1 g/km;
  // the denier of its annex is the mass in grams of 9,000 m, so 9 denier are 1 tex.
  @ParameterizedTest
  @CsvSource({"9, 1", "70, 7.7778", "140, 15.5556"})
  void denierIsGramsInNineThousandMetres(double denier, double tex) {
    double gramsInAKilometre = ThreadWraps.mgPerMm(denier) * 1e6 / 1e3;
    assertThat(gramsInAKilometre).isCloseTo(tex, within(1e-3));
  }

  // Geometry: the thread's own section is its linear mass over its density.
  @Test
  void aThreadIsAsThickAsItsFilamentsAndTheirGaps() {
    double thick = ThreadWraps.thickMm(70, MATERIALS.get("thread"));
    double solid = Math.PI / 4 * thick * thick * 0.7;
    assertThat(solid * 1.38).isCloseTo(70.0 / 9000, within(1e-9));
    assertThat(thick).isBetween(0.05, 0.15); // common practice, no source: about a tenth of a mm
  }

  // Geometry: a helix unrolled is the hypotenuse of n rounds and its length.
  @Test
  void aHelixIsAsLongAsItsPolylineInTheLimit() {
    Strand strand = new Strand("rib", 1, 6, 0.6, 0.6, 5, 0.1);
    double byHand = Math.hypot(5 * 2 * Math.PI * 0.6, 5);
    assertThat(strand.lengthMm()).isCloseTo(byHand, within(1e-12));
    assertThat(strand.spacingMm()).isCloseTo(1, within(1e-12));
    var points = strand.points(sized(Flies.of("upright-collar", 14)).hook());
    double polyline = 0;
    for (int i = 1; i < points.size(); i++) {
      polyline += points.get(i).distance(points.get(i - 1));
    }
    assertThat(polyline).isCloseTo(byHand, within(0.01 * byHand));
    assertThat(strand.volumeMm3()).isCloseTo(Math.PI * 0.01 / 4 * byHand, within(1e-9));
  }

  // Geometry: a ball holds π/6·d³; the outline leaves its poles a little blunt.
  @Test
  void aBallIsASphere() {
    double volume = 0;
    for (int i = 0; i < 1000; i++) {
      double r = Wound.ball((i + 0.5) / 1000, 2);
      volume += Math.PI * r * r * 2 / 1000;
    }
    assertThat(volume).isCloseTo(Math.PI / 6 * 8, within(0.01 * Math.PI / 6 * 8));
  }

  // Geometry: what is wound on the wire is the cylinder shell between wire and dressing.
  @Test
  void dubbingWeighsItsShellTimesItsSolidShare() {
    SizedPattern fly = with(usual("thread"), usual("body"), usual("head"));
    Span body = fly.span("body");
    Girth girth = new Girth(fly);
    double wire = fly.hook().wireMm() / 2;
    int n = 2000;
    double shell = 0;
    for (int i = 0; i < n; i++) {
      double r =
          Math.max(1.01 * wire, girth.of(body, body.fromMm() + (i + 0.5) / n * body.lengthMm()));
      shell += Math.PI * (r * r - wire * wire) * body.lengthMm() / n;
    }
    List<Amount> amounts = Amounts.of(fly, MATERIALS);
    assertThat(value(amounts, "body", "weight"))
        .isCloseTo(shell * 0.14 * 1.2, within(0.01 * shell * 0.14 * 1.2));
    // a noodle as thick as the layer, wound edge to edge, fills π/4 of it
    double thick = value(amounts, "body", "noodle thick");
    double noodle = value(amounts, "body", "noodle long") * Math.PI / 4 * thick * thick;
    assertThat(noodle).isCloseTo(Math.PI / 4 * shell, within(0.1 * shell));
  }

  // Closest packing of circles, π/√12: by hand 25 hairs of 0.07 mm radius.
  @Test
  void aStackedBunchIsPackedRound() {
    assertThat(Amounts.stackedMm(25, 0.07))
        .isCloseTo(2 * 0.07 * Math.sqrt(25 / 0.9069), within(1e-4));
  }

  // Common practice, no source: biot 5 to 9 turns on a 14, floss in two layers or more, herl as
  // many turns as it is wide; four to six turns of rib about a millimetre apart.
  @Test
  void stripsGoOnEdgeToEdge() {
    SizedPattern biot = with(usual("thread"), usual("body").withMaterial("biot"), usual("head"));
    assertThat(value(Amounts.of(biot, MATERIALS), "body", "turns, edge to edge"))
        .isBetween(5.0, 9.0);
    assertThat(value(Amounts.of(biot, MATERIALS), "body", "to take")).isBetween(1.0, 2.0);
    SizedPattern herl = with(usual("thread"), usual("body").withMaterial("herl"), usual("head"));
    assertThat(value(Amounts.of(herl, MATERIALS), "body", "to take")).isBetween(1.0, 5.0);
    SizedPattern floss = with(usual("thread"), usual("body").withMaterial("floss"), usual("head"));
    assertThat(value(Amounts.of(floss, MATERIALS), "body", "layers")).isGreaterThanOrEqualTo(2);
    SizedPattern rib = with(usual("thread"), usual("rib"), usual("body"), usual("head"));
    assertThat(value(Amounts.of(rib, MATERIALS), "rib", "turns apart")).isBetween(0.7, 1.6);
  }

  // Common practice, no source: a dry fly takes a hand's breadth to half a metre of thread.
  @Test
  void aFlyTakesSomeDecimetresOfThread() {
    List<Amount> amounts = Amounts.of(sized(Flies.of("upright-collar", 14)), MATERIALS);
    assertThat(value(amounts, "thread", "length on the fly")).isBetween(80.0, 500.0);
  }

  @Test
  void amountsOfEveryStyleFlyAddUpToItsWeight() {
    for (Style style : Styles.standard().offered()) {
      SizedPattern fly = sized(Flies.of(style.id(), 14));
      List<Amount> amounts = Amounts.of(fly, MATERIALS);
      double estimated =
          Estimator.estimate(PreparedFly.of(fly, MATERIALS, Flies.GEL), Options.poseOnly())
              .massMg();
      assertThat(value(amounts, "fly", "weight")).as(style.id()).isCloseTo(estimated, within(1e-9));
      assertThat(amounts).allMatch(a -> Double.isFinite(a.value()) && a.value() > 0);
      assertThat(fly.pattern().names())
          .as(style.id())
          .allMatch(name -> amounts.stream().anyMatch(a -> a.part().equals(name)));
    }
  }
}
