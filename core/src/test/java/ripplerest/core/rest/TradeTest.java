package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Floatant;

/**
 * What every tier knows. Common practice, no source. Each row was written down before it was run:
 *
 * <pre>
 *   output                          inequality                                     sizes
 *   mean height of eye and bend     dressed collar > undressed collar + e          12 14 16 18
 *   lower end of the shank          dressed collar ≥ -0.15 mm (clear or at film)   12 14 16 18
 *   mean height                     two turns more > as it was + e                 12 14 16 18
 *   mean height                     two steps heavier wire, same feather < - e     12 14 16 18
 *   mean height and |pitch|         clipped below < full - e, both                 12 14 16 18
 *   |pitch|                         parachute < 10°                                12 14 16 18
 *   body, bend of the hook          parachute in the film, below it                12 14 16 18
 *   pitch                           forward plume from 40° to 85°                  12 14 16 18
 *   posture, pitch                  flat plume flush, below 10°                    12 14 16 18
 *   keeps its posture to            flat plumes spread by 60° > by 20°             12 14 16 18
 *   length of the footprint         a third longer flat plume > + 0.5 mm           12 14 16 18
 *   start of the bend               looped wing, shuttle < -1.5 mm                 12 14 16 18
 *   eye, pitch                      both at the film (0.5 mm), tilted by over 10°  12 14 16 18
 *   eye height                      hanger: 2X heavy wire < - e, 1.5 mm bead lower 12 14 16 18
 *   rest                            hanger with a 2.5 mm bead sinks                12 14 16 18
 *   eye height                      game-bird collar over a flat plume > + 0.3 mm  12 14 16 18
 *   pop-back                        the same without its plume < - 5 mg            12 14 16 18
 *   pop-back                        foam hopper > 0                                12 14 16 18
 *   carry                           foam hopper > 3 × forward-plume hanger         12 14 16
 *   share of casts                  parachute upright > 0.6                        12 14 16
 * </pre>
 *
 * The same feather has the same barbs: on a thicker hub they go round less often. e = 0.05 mm, what
 * a mesh twice as fine may move ({@link RefinementTest}).
 */
class TradeTest {
  private static final double E = RefinementTest.DEPTH_MM;

  private static double height(Rest rest) {
    return (rest.eyeMm() + rest.bendMm()) / 2;
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void dressedCollarRidesHigherThanUndressed(int size) {
    Pattern collar = Flies.of("upright-collar", size);
    Rest dressed = Flies.rest(collar, Flies.GEL);
    Rest undressed = Flies.rest(collar, Flies.UNDRESSED);
    assertThat(height(dressed)).isGreaterThan(height(undressed) + E);
    assertThat(Math.min(dressed.eyeMm(), dressed.bendMm())).isGreaterThan(-0.15);
    assertThat(dressed.eyeMm()).isGreaterThan(0.5);
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void twoMoreTurnsRideHigher(int size) {
    Rest five = Flies.rest(Flies.collar(size, 5, false), Flies.GEL);
    Rest seven = Flies.rest(Flies.collar(size, 7, false), Flies.GEL);
    assertThat(height(seven)).isGreaterThan(height(five) + E);
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void heavierWireRidesLower(int size) {
    Pattern collar = Flies.of("upright-collar", size);
    HookSpec heavy = collar.hook().withWire(2);
    Rest regular = Flies.rest(collar, Flies.GEL);
    double turns = 5.0 * barbs(collar) / barbs(collar.withHook(heavy));
    Rest heavier = Flies.rest(Flies.collar(size, turns, false).withHook(heavy), Flies.GEL);
    assertThat(height(heavier)).isLessThan(height(regular) - E);
  }

  private static long barbs(Pattern pattern) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(pattern);
    return Assembler.assemble(sized, Flies.MATERIALS, Floatant.GEL, Mesh.WORKING).fibres().stream()
        .filter(f -> f.part().contains("hackle"))
        .count();
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void clippingBelowLowersAndLevels(int size) {
    Rest full = Flies.rest(Flies.collar(size, 5, false), Flies.GEL);
    Rest clipped = Flies.rest(Flies.collar(size, 5, true), Flies.GEL);
    assertThat(height(clipped)).isLessThan(height(full) - E);
    assertThat(Math.abs(clipped.pose().pitchRad())).isLessThan(Math.abs(full.pose().pitchRad()));
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void parachuteLiesLevelBodyInTheFilmHookBelow(int size) {
    for (var conditions : new ripplerest.core.water.Conditions[] {Flies.GEL, Flies.UNDRESSED}) {
      Rest rest = Flies.rest(Flies.of("parachute", size), conditions);
      assertThat(Math.abs(Math.toDegrees(rest.pose().pitchRad()))).isLessThan(10);
      assertThat(rest.posture()).isEqualTo(Posture.FLUSH);
      assertThat(rest.pointMm()).isLessThan(-2);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void forwardPlumeHangs(int size) {
    Rest rest = Flies.rest(Flies.of("forward-plume", size), Flies.GEL);
    assertThat(Math.toDegrees(rest.pose().pitchRad())).isBetween(40.0, 85.0);
    assertThat(rest.posture()).isEqualTo(Posture.HANGING);
  }

  private static Estimate estimate(Pattern pattern) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(pattern);
    return Estimator.estimate(
        PreparedFly.of(sized, Flies.MATERIALS, Flies.GEL), Options.withReserve());
  }

  private static Part usual(String kind) {
    return DefaultParts.of(Style.named("flat-plume"), PartKind.named(kind));
  }

  private static Pattern with(Pattern pattern, int at, Part part) {
    List<Part> parts = new ArrayList<>(pattern.parts());
    parts.add(at, part);
    return pattern.withParts(parts);
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void flatPlumesLieAlongTheFilm(int size) {
    Pattern flat = Flies.of("flat-plume", size);
    Part wing = flat.part(Part.FlatWing.class).orElseThrow();
    Estimate usual = estimate(flat);
    Rest rest = usual.rest().orElseThrow();
    assertThat(rest.posture()).isEqualTo(Posture.FLUSH);
    assertThat(Math.abs(Math.toDegrees(rest.pose().pitchRad()))).isLessThan(10);
    Estimate wide = estimate(flat.withPart(wing.with("spread", 60.0)));
    assertThat(wide.reserve().orElseThrow().keepsPostureTo())
        .isGreaterThanOrEqualTo(usual.reserve().orElseThrow().keepsPostureTo());
    Length third = new Length.Rule(Length.Reference.HOOK_LENGTH, 1.2);
    Estimate longer = estimate(flat.withPart(wing.with("length", third)));
    assertThat(longer.footprint().orElseThrow().lengthMm())
        .isGreaterThanOrEqualTo(usual.footprint().orElseThrow().lengthMm() + 0.5);
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void loopAndShuttleHangFromTheFilm(int size) {
    for (String style : List.of("looped-wing", "folded-shuttle")) {
      Rest rest = Flies.rest(Flies.of(style, size), Flies.GEL);
      assertThat(rest.bendMm()).isLessThan(-1.5);
      assertThat(Math.abs(rest.eyeMm())).isLessThan(0.5);
      assertThat(Math.toDegrees(rest.pose().pitchRad())).isGreaterThan(10);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {10, 12, 14})
  void aFlatWingAndAPlumeAreWhatTheirFliesFloatBy(int size) {
    for (String style : List.of("flat-plume", "forward-plume")) {
      WhatIfs asked =
          WhatIfs.of(Flies.prepared(Flies.of(style, size), Flies.GEL), Work.unwatched());
      assertThat(asked.floatsBy()).isPresent();
      assertThat(asked.floatsBy().orElseThrow().parts())
          .containsAnyOf("flat-wing", "forward-plume");
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 9, 10})
  void hollowHairIsWhatASedgeFloatsBy(int size) {
    Pattern sedge = Flies.of("hair-wing-sedge", size);
    WhatIfs asked = WhatIfs.of(Flies.prepared(sedge, Flies.GEL), Work.unwatched());
    assertThat(asked.without().get(0).parts()).containsAnyOf("hair-wing", "collar-hackle");
    assertThat(asked.without())
        .filteredOn(w -> w.parts().equals(List.of("hair-wing")))
        .allMatch(w -> w.then().sinksAt() < 0.8 * asked.now().sinksAt());
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16})
  void aLongerPlumeFloatsMore(int size) {
    Pattern hanger = Flies.of("forward-plume", size);
    Part plume = hanger.part(Part.ForwardPlume.class).orElseThrow();
    double before = 0;
    double lift = -100;
    for (double factor : new double[] {0.7, 1, 1.3}) {
      Length length = new Length.Rule(Length.Reference.HOOK_LENGTH, factor);
      Estimate e = estimate(hanger.withPart(plume.with("length", length)));
      assertThat(e.reserve().orElseThrow().sinksAt()).isGreaterThan(before);
      assertThat(e.popBackMg()).isGreaterThan(lift + 1);
      before = e.reserve().orElseThrow().sinksAt();
      lift = e.popBackMg();
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 10, 12, 14})
  void aHopperRidesFlatOnItsFoam(int size) {
    Rest rest = Flies.rest(Flies.of("high-floating-hopper", size), Flies.GEL);
    assertThat(Math.abs(Math.toDegrees(rest.pose().pitchRad()))).isLessThan(20);
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void weightHangsTheHangerDeeperThenSinksIt(int size) {
    Pattern hanger = Flies.of("forward-plume", size);
    double eye = Flies.rest(hanger, Flies.GEL).eyeMm();
    Pattern heavy = hanger.withHook(hanger.hook().withWire(2));
    assertThat(Flies.rest(heavy, Flies.GEL).eyeMm()).isLessThan(eye - E);
    Part bead = usual("bead");
    Pattern small = with(hanger, 0, bead.with("diameter", 1.5));
    assertThat(Flies.rest(small, Flies.GEL).eyeMm()).isLessThan(eye - E);
    Pattern large = with(hanger, 0, bead.with("diameter", 2.5));
    assertThat(Flies.pose(large, Flies.GEL).rest()).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void aGameBirdCollarStandsOnWhatThePlumeFloats(int size) {
    Pattern plume = Flies.of("flat-plume", size);
    Pattern both = with(plume, plume.parts().size(), usual("soft-collar"));
    assertThat(Flies.rest(both, Flies.GEL).eyeMm())
        .isGreaterThan(Flies.rest(plume, Flies.GEL).eyeMm() + 0.3);
    List<Part> bare = new ArrayList<>(both.parts());
    bare.removeIf(Part.FlatWing.class::isInstance);
    Estimate whole = Flies.pose(both, Flies.GEL);
    assertThat(Flies.pose(both.withParts(bare), Flies.GEL).popBackMg())
        .isLessThan(whole.popBackMg() - 0.15 * whole.massMg());
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16, 18})
  void aFoamBodyComesBackByItself(int size) {
    assertThat(Flies.pose(Flies.of("high-floating-hopper", size), Flies.GEL).popBackMg())
        .isPositive();
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16})
  void aBuoyantBodyCarriesMoreThanAFilmHeldHanger(int size) {
    assertThat(carry("high-floating-hopper", size)).isGreaterThan(3 * carry("forward-plume", size));
  }

  private static double carry(String style, int size) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(Flies.of(style, size));
    return Answers.carry(PreparedFly.of(sized, Flies.MATERIALS, Flies.GEL), Work.unwatched())
        .carry()
        .mg();
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16})
  void aParachuteLandsUprightMostOfTheTime(int size) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(Flies.of("parachute", size));
    LandingShares shares =
        Answers.landing(PreparedFly.of(sized, Flies.MATERIALS, Flies.GEL), 60, 3, Work.unwatched());
    assertThat(shares.of(Posture.FLUSH).share()).isGreaterThan(0.6);
  }
}
