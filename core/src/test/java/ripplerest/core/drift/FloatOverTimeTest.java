package ripplerest.core.drift;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;

class FloatOverTimeTest {
  private static final Rates RIFFLE = Rates.usual(Stretch.RIFFLE, Conditions.DEFAULT);

  private static Floats floats(Pattern pattern, Conditions conditions) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(pattern);
    return FloatOverTime.floats(
        PreparedFly.of(sized, Flies.MATERIALS, conditions), Work.unwatched());
  }

  private static double meanUp(FloatOverTime f) {
    return f.up().stream().mapToDouble(u -> u).average().orElseThrow();
  }

  /** Bears so many weights when dry and none when soaked. */
  private static Floats linear(double weights, double popBackMg) {
    return Floats.of(
        wear -> {
          double bears = weights * wear.dryness() * wear.air();
          return new Floats.Lift(bears, bears, popBackMg);
        });
  }

  @Test
  void withAllRatesZeroItFloatsForEver() {
    FloatOverTime f = FloatOverTime.of(linear(1.5, -10), Rates.none(), 1);
    assertThat(f.up()).allMatch(u -> u > 1 - 1e-9);
    assertThat(f.medianMinutes()).isEmpty();
    assertThat(f.fish()).isEqualTo(FloatOverTime.MOST_FISH);
  }

  @Test
  void withCertainDrowningItIsDownAtOnce() {
    Rates drowning = new Rates(60, 20, 1e9, 1, 1, 0, 0, 1);
    FloatOverTime f = FloatOverTime.of(linear(1.5, -10), drowning, 1);
    assertThat(f.up().get(0)).isCloseTo(1, within(1e-9));
    assertThat(f.up().get(1)).isZero();
    assertThat(f.medianMinutes()).hasValue(2);
    assertThat(f.fish()).isZero();
  }

  // Source: Washburn, Physical Review 17 (1921) 273: depth goes as the root of time. A fly that
  // bears
  // 3·(1 - w)·(1 - w)² weights bears less than one from w = 1 - 3^(-1/3) on, after T·w².
  @Test
  void wettingAloneTakesTheTimeItTakes() {
    Rates wetting = new Rates(0, 1, 400, 0, 0, 0, 0, 0);
    Floats floats = linear(3, -10);
    double alone = 400 * Math.pow(1 - Math.cbrt(1.0 / 3), 2);
    double median = FloatOverTime.of(floats, wetting, 3).medianMinutes().orElseThrow();
    assertThat(median).isCloseTo(alone, within(12.0)); // rates are drawn about the usual ones
    Wetting once = Wetting.DRY.after(0.04);
    assertThat(once.depth()).isCloseTo(0.2, within(1e-12));
    assertThat(once.after(0.12).depth()).isCloseTo(0.4, within(1e-12));
    assertThat(once.wear().air()).isCloseTo(0.64, within(1e-12));
  }

  /** Dressed again after so many fish, a fly costs so much of an evening. */
  @Test
  void dressingAgainCostsFishingTime() {
    FloatOverTime often = FloatOverTime.of(linear(1.4, -5), RIFFLE, 1);
    FloatOverTime seldom = FloatOverTime.of(linear(9, 5), RIFFLE, 1);
    assertThat(often.lostMinutes()).isGreaterThan(seldom.lostMinutes());
    FloatOverTime never = FloatOverTime.of(linear(9, 5), Rates.none(), 1);
    assertThat(never.lostMinutes()).isZero();
  }

  // Common practice, no source: no collar is fished for twenty fish on one dressing.
  @Tag("slow")
  @ParameterizedTest
  @ValueSource(ints = {12, 14, 16})
  void aCollarIsDressedAgainBeforeTwentyFish(int size) {
    Floats floats = floats(Flies.of("upright-collar", size), Flies.GEL);
    for (Stretch s : Stretch.values()) {
      FloatOverTime f = FloatOverTime.of(floats, Rates.usual(s, Flies.GEL), 1);
      assertThat(f.fish()).isLessThan(FloatOverTime.MOST_FISH);
    }
  }

  // Common practice, no source: a body that pops back up goes on fishing.
  @Test
  void aBuoyantBodyReturns() {
    FloatOverTime sinks = FloatOverTime.of(linear(3, -5), RIFFLE, 1);
    FloatOverTime returns = FloatOverTime.of(linear(3, 5), RIFFLE, 1);
    assertThat(meanUp(returns)).isGreaterThan(1.5 * meanUp(sinks));
  }

  // Common practice, no source: a soft-plume wing goes greasy after a few fish, yarn does not.
  @Tag("slow")
  @ParameterizedTest
  @ValueSource(ints = {12, 16})
  void plumeFoulsBeforeYarn(int size) {
    int plume = fish("forward-plume", size);
    int yarn = fish("parachute", size);
    assertThat(plume).isLessThan(6);
    assertThat(yarn).isGreaterThan(2 * plume);
  }

  private static int fish(String style, int size) {
    return FloatOverTime.of(floats(Flies.of(style, size), Flies.GEL), RIFFLE, 1).fish();
  }

  // Common practice, no source: bushy on a big hook keeps up in rough water where sparse drowns.
  @Tag("slow")
  @Test
  void bushyOutlastsSparseInRoughWater() {
    int size = 12;
    FloatOverTime bushy =
        FloatOverTime.of(floats(Flies.collar(size, 7, false), Flies.GEL), RIFFLE, 1);
    FloatOverTime sparse =
        FloatOverTime.of(floats(Flies.collar(size, 2, false), Flies.GEL), RIFFLE, 1);
    assertThat(meanUp(bushy)).isGreaterThan(meanUp(sparse) + 0.03);
  }

  @Test
  void rougherWaterIsHarder() {
    Floats floats = linear(4, -5);
    double before = 2;
    for (Stretch s : Stretch.values()) {
      double up = meanUp(FloatOverTime.of(floats, Rates.usual(s, Conditions.DEFAULT), 1));
      assertThat(up).isLessThan(before);
      before = up;
    }
  }
}
