package ripplerest.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Carry;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;

class AnswersTest {
  private static final Materials MATERIALS = Flies.MATERIALS;

  private static SizedPattern sized(String style, int size) {
    return new Sizer(MATERIALS).size(Flies.of(style, size));
  }

  @Test
  void givenUpItEndsWithoutAnAnswer() {
    assertThatThrownBy(
            () ->
                Answers.landing(
                    PreparedFly.of(sized("parachute", 18), MATERIALS, Flies.GEL),
                    60,
                    3,
                    Work.until(() -> true)))
        .isInstanceOf(Cancelled.class);
  }

  // By hand: a 2.8 mm ball with a hole of 1.12 mm holds π/6·(7.84 - 1.2544)^1.5 = 8.85 mm³; brass
  // of 8.5 weighs 7.5 mg a mm³ in water.
  @Test
  void aBeadWeighsItsRing() {
    assertThat(CarryLimit.Bead.of(CarryLimit.Metal.BRASS, 2.8).inWaterMg())
        .isCloseTo(66.4, within(0.2));
  }

  @Test
  void carryIsToldInBeadsThatAreNoHeavier() {
    CarryLimit hung =
        Answers.carry(
            PreparedFly.of(sized("parachute", 14), MATERIALS, Flies.GEL), Work.unwatched());
    assertThat(hung.beads()).hasSize(2);
    assertThat(hung.beads()).allMatch(b -> b.inWaterMg() <= hung.carry().mg());
    assertThat(hung.nymphs()).allMatch(n -> n.inWaterMg() <= hung.carry().mg());
    assertThat(hung.carry().under()).isPresent();
    assertThat(CarryLimit.of(Carry.NOTHING).beads()).isEmpty();
  }

  // Internal: four in five of fresh draws lie inside a band from other draws.
  @Tag("slow")
  @Test
  void aBandCoversFourFifthsOfFreshDraws() {
    LandedFly fly =
        LandedFly.of(PreparedFly.of(sized("forward-plume", 14), MATERIALS, Conditions.DEFAULT));
    List<Boolean> inside = new ArrayList<>();
    for (int seed = 1; seed <= 4; seed++) {
      Estimate.Interval band = Bands.of(fly, 64, seed, Work.unwatched()).eyeMm().orElseThrow();
      for (int i = 0; i < 40; i++) {
        Bands.of(fly, 1, 10_000 * seed + i, Work.unwatched())
            .eyeMm()
            .ifPresent(v -> inside.add(v.low() >= band.low() && v.low() <= band.high()));
      }
    }
    // four bands' own ends and the count scatter by four in a hundred together: this is three of it
    double share = inside.stream().filter(in -> in).count() / (double) inside.size();
    assertThat(share).isCloseTo(0.8, within(0.12));
  }

  @Test
  void aBandSaysHowManyDigitsItDeserves() {
    assertThat(new Estimate.Interval(2.1, 2.9).decimals()).isEqualTo(1);
    assertThat(new Estimate.Interval(2.10, 2.14).decimals()).isEqualTo(2);
    assertThat(new Estimate.Interval(10, 50).decimals()).isEqualTo(-1);
    assertThat(new Estimate.Interval(1, 1).decimals()).isEqualTo(3);
  }
}
