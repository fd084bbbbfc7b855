package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.FlyBody.Lump;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.water.Water;

class LandingSharesTest {
  private static final Water WATER = Flies.GEL.water();

  /** Two light floats side by side, the same above as below: it does not matter which is up. */
  private static RestFinder raft() {
    List<Slice> left = new ArrayList<>();
    List<Slice> right = new ArrayList<>();
    List<Lump> lumps = new ArrayList<>();
    for (double x = 0.1; x < 8; x += 0.2) {
      left.add(new Slice(new Vector3D(x, -2, 0), 0.2, 0.4, 1));
      right.add(new Slice(new Vector3D(x, 2, 0), 0.2, 0.4, 1));
      lumps.add(new Lump("body", new Vector3D(x, -2, 0), 0.03));
      lumps.add(new Lump("body", new Vector3D(x, 2, 0), 0.03));
    }
    FlyBody body =
        new FlyBody(
            lumps,
            List.of(
                new Member("body", "left", "stuff", left),
                new Member("body", "right", "stuff", right)),
            List.of());
    Wetting wetting = Wetting.uniform("stuff", new Wetting.Angles(1.7, 1.5));
    Hook hook = Hook.of(new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0));
    return new RestFinder(
        new FilmSolver(body, wetting, WATER, Mesh.WORKING, Optional.empty()), hook);
  }

  // Source: symmetry. Rolled evenly all round, it comes down on either face half of the time.
  @Test
  void aBodyAlikeOnBothFacesLandsOnEachHalfOfTheTime() {
    Casts casts = new Casts(20, 180, 2, 0.35);
    LandingShares shares =
        LandingShares.draw(
            LandingSharesTest::raft, casts, 400, 7, List.of(), done -> {}, () -> false);
    assertThat(shares.throwsMade()).isEqualTo(400);
    assertThat(shares.sunk() + shares.unsettled()).isZero();
    double down = shares.of(Posture.UPSIDE_DOWN).share();
    assertThat(down).isCloseTo(0.5, within(0.064)); // two and a half standard errors
  }

  // By hand: Wilson's interval of an even share of 500 is 0.057 wide, that of 100 of 100 is 0.016.
  @Test
  void aPlainShareEndsEarlyAndAsWellKnown() {
    LandingShares shares =
        LandingShares.draw(
            LandingSharesTest::raft,
            new Casts(5, 5, 2, 0.1),
            500,
            7,
            List.of(),
            n -> {},
            () -> false);
    assertThat(shares.throwsMade()).isBetween(50, 100);
    assertThat(shares.falls()).hasSize(shares.throwsMade());
    LandingShares.Ratio plain = shares.of(shares.shares().get(0).rest().posture());
    assertThat(plain.share()).isEqualTo(1);
    assertThat(plain.high() - plain.low()).isLessThan(0.057);
  }

  @Test
  void sameSeedSameSharesAndProgressIsTold() {
    List<Integer> told = java.util.Collections.synchronizedList(new ArrayList<>());
    Casts casts = Casts.usual(2);
    LandingShares once =
        LandingShares.draw(
            LandingSharesTest::raft, casts, 30, 5, List.of(), told::add, () -> false);
    LandingShares again =
        LandingShares.draw(LandingSharesTest::raft, casts, 30, 5, List.of(), n -> {}, () -> false);
    assertThat(again.shares().stream().map(LandingShares.Share::count))
        .containsExactlyElementsOf(once.shares().stream().map(LandingShares.Share::count).toList());
    assertThat(told).hasSize(30).contains(30);
  }

  @Test
  void givenUpItStops() {
    LandingShares none =
        LandingShares.draw(
            LandingSharesTest::raft, Casts.usual(2), 30, 5, List.of(), n -> {}, () -> true);
    assertThat(none.throwsMade()).isZero();
  }

  // Source: E. B. Wilson, J. Am. Stat. Assoc. 22 (1927) 209; a value worked out by hand: 90 of 100
  // with z = 1.2816 lies between 0.855 and 0.932.
  @Test
  void theErrorOfAShareIsWilsons() {
    LandingShares.Ratio ratio = LandingShares.ratio(90, 100);
    assertThat(ratio.share()).isEqualTo(0.9);
    assertThat(ratio.low()).isCloseTo(0.855, within(0.001));
    assertThat(ratio.high()).isCloseTo(0.932, within(0.001));
  }
}
