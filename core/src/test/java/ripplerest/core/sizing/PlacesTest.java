package ripplerest.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Place.Landmark;
import ripplerest.core.dressing.tie.Stretch;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Warning;
import ripplerest.core.sizing.SizedPattern.Span;

/** Where parts lie on the shank (common practice, no source), worked by hand on a standard hook. */
class PlacesTest {
  private static final Sizer SIZER = new Sizer(Materials.standard());

  private static Pattern fly(String style, int size) {
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    return Sizer.defaults(Style.named(style), hook, "test");
  }

  private static Part usual(String style, String kind) {
    return DefaultParts.of(Style.named(style), PartKind.named(kind));
  }

  private static Pattern with(Pattern fly, Part part) {
    List<Part> parts = new ArrayList<>(fly.parts());
    parts.add(part);
    return fly.withParts(parts);
  }

  private static Place at(Landmark mark) {
    return Place.at(mark);
  }

  @ParameterizedTest
  @CsvSource({
    "hair-wing-sedge, hair-wing, 0",
    "palmered-stone, hair-wing, 0",
    "tent-wing, tent-wing, 1",
    "flat-plume, flat-wing, 0"
  })
  void wingsEndAtTheBendOnEverySize(String style, String wing, double past) {
    for (int size = 1; size <= 32; size++) {
      SizedPattern sized = SIZER.size(fly(style, size));
      double end = sized.seatMm(wing) + sized.mm(wing, "length");
      assertThat(end - sized.hook().hookLengthMm())
          .as("size %d", size)
          .isCloseTo(past, within(1e-9));
    }
  }

  @Test
  void aWingBoundFurtherBackIsShorterAndStillEndsAtTheBend() {
    Pattern fly = fly("hair-wing-sedge", 12);
    Part wing = fly.part(Part.HairWing.class).orElseThrow();
    SizedPattern before = SIZER.size(fly);
    SizedPattern after = SIZER.size(fly.withPart(wing.tied(wing.tie().at(at(Landmark.MIDDLE)))));
    assertThat(after.seatMm("hair-wing")).isCloseTo(8.5 / 2, within(1e-9));
    double back = after.seatMm("hair-wing") - before.seatMm("hair-wing");
    assertThat(before.mm("hair-wing", "length") - after.mm("hair-wing", "length"))
        .isCloseTo(back, within(1e-9));
  }

  @Test
  void whatIsWoundLastLiesNearestTheEye() {
    Pattern fly = with(fly("hair-wing-sedge", 12), usual("hair-wing-sedge", "soft-collar"));
    SizedPattern sized = SIZER.size(fly);
    assertThat(sized.span("soft-collar").toMm())
        .isLessThanOrEqualTo(sized.span("collar-hackle").fromMm() + 1e-9);
  }

  @ParameterizedTest
  @ValueSource(ints = {10, 12, 14, 16, 18, 20})
  void aFlatWingGivesWayToAHackleInFront(int size) {
    Pattern fly = with(fly("flat-plume", size), usual("flat-plume", "collar-hackle"));
    assertThat(SIZER.size(fly).warnings()).extracting(Warning::code).doesNotContain("head-crowded");
  }

  @Test
  void halfTheBodyIsHalfOfWhatIsWound() {
    Pattern fly = fly("looped-wing", 12);
    SizedPattern sized = SIZER.size(fly);
    assertThat(sized.mm("looped-wing", "length"))
        .isCloseTo(sized.span("body").lengthMm() / 2, within(1e-9));
  }

  @Test
  void aBodyEndsWhereItIsSaidAndThreadShowsInFront() {
    Pattern fly = fly("flat-plume", 14);
    Part body = fly.part(Part.Body.class).orElseThrow();
    Stretch twoThirds =
        new Stretch(at(Landmark.HOOK_BARB), new Place("hook-barb", -0.66, Place.Unit.SHARE));
    SizedPattern sized = SIZER.size(fly.withPart(body.tied(body.tie().over(List.of(twoThirds)))));
    assertThat(sized.span("body").fromMm()).isCloseTo(0.34 * 7.4, within(1e-9));
    double covered = sized.pieces().stream().mapToDouble(SizedPattern.Piece::lengthMm).sum();
    assertThat(covered).isCloseTo(7.4, within(1e-9));
  }

  @Test
  void hackleOverABodyStandsOnItAndHidesNothing() {
    Pattern fly = fly("upright-collar", 12);
    Part hackle = fly.part(Part.CollarHackle.class).orElseThrow();
    Stretch middle =
        new Stretch(
            new Place("body.rear", -1, Place.Unit.MM), new Place("body.rear", -3, Place.Unit.MM));
    SizedPattern sized = SIZER.size(fly.withPart(hackle.tied(hackle.tie().over(List.of(middle)))));
    Span over = sized.span("collar-hackle");
    assertThat(over.lengthMm()).isCloseTo(2, within(1e-9));
    assertThat(sized.pieces())
        .filteredOn(p -> p.layers().contains(over))
        .allSatisfy(p -> assertThat(p.outermost().part()).isEqualTo("body"));
    assertThat(new Girth(sized).outer(over.middleMm())).isGreaterThan(new Girth(sized).seat());
  }

  @Test
  void aPlaceThatLeansOnItselfOrOnNothingIsToldAndTiedAsTheStyleHasIt() {
    Pattern fly = fly("upright-collar", 14);
    Part body = fly.part(Part.Body.class).orElseThrow();
    for (String lost : List.of("body.front", "egg-sac.front")) {
      Stretch nowhere = new Stretch(new Place(lost, 0, Place.Unit.MM), at(Landmark.HEAD));
      SizedPattern sized = SIZER.size(fly.withPart(body.tied(body.tie().over(List.of(nowhere)))));
      assertThat(sized.warnings()).extracting(Warning::code).contains("place-unknown");
      assertThat(sized.span("body")).isEqualTo(SIZER.size(fly).span("body"));
    }
  }

  @Test
  void whatIsWoundIsNotPlacedByASeatNorWhatIsBoundByStretches() {
    for (String style : List.of("upright-collar", "parachute", "palmered-stone", "looped-wing")) {
      Pattern fly = fly(style, 14);
      SizedPattern usual = SIZER.size(fly);
      List<Part> parts = new ArrayList<>();
      for (Part part : fly.parts()) {
        boolean wound =
            part instanceof ripplerest.core.dressing.Wound
                || part instanceof ripplerest.core.dressing.Turned;
        Stretch stretch = new Stretch(at(Landmark.HEAD), at(Landmark.MIDDLE));
        parts.add(
            part.tied(
                wound ? part.tie().at(at(Landmark.MIDDLE)) : part.tie().over(List.of(stretch))));
      }
      SizedPattern odd = SIZER.size(fly.withParts(parts));
      assertThat(odd.pieces()).isEqualTo(usual.pieces());
      assertThat(odd.seats()).isEqualTo(usual.seats());
    }
  }

  @Test
  void aLengthOutOfTheUsualIsToldHoweverItIsSaid() {
    Pattern fly = fly("hair-wing-sedge", 12);
    Part wing = fly.part(Part.HairWing.class).orElseThrow();
    Place past = new Place("bend", 4, Place.Unit.MM);
    for (Length length :
        List.of(
            new Length.Reach(past),
            new Length.Pinned(20),
            new Length.Rule(Length.Reference.SHANK, 2))) {
      assertThat(SIZER.size(fly.withPart(wing.with("length", length))).warnings())
          .as(length.words())
          .extracting(Warning::code)
          .contains("outside-style");
    }
    Length good = new Length.Pinned(SIZER.size(fly).mm("hair-wing", "length"));
    assertThat(SIZER.size(fly.withPart(wing.with("length", good))).warnings()).isEmpty();
  }
}
