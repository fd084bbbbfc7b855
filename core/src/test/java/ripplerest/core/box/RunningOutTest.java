package ripplerest.core.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunningOutTest {
  private static final Wear SEASON = new Wear(9, 30, 4, 60);

  private static RunningOut.Day day(
      double hours, int people, double fish, Wear wear, double soakedMinutes, int soakedFish) {
    return new RunningOut.Day(
        hours,
        people,
        fish,
        wear,
        soakedMinutes > 0 ? OptionalDouble.of(soakedMinutes) : OptionalDouble.empty(),
        soakedFish);
  }

  /** Closed form: with a rate that is known, the number that is lost is a Poisson number. */
  @Test
  void aKnownRateGivesAPoissonNumber() {
    Wear known = new Wear(50_000, 100_000, 1, 100_000);
    RunningOut four = RunningOut.of(day(4, 1, 0, known, 0, 0));
    PoissonDistribution two = new PoissonDistribution(2);
    for (int flies = 1; flies < 8; flies++) {
      assertThat(four.chance(flies))
          .isCloseTo(1 - two.cumulativeProbability(flies - 1), within(0.005));
    }
    assertThat(four.expected()).isCloseTo(2, within(0.01));
  }

  /** Closed form: flies that nothing takes and that soak after an hour end once an hour. */
  @Test
  void aFlyThatOnlySoaksEndsEachTime() {
    Wear none = new Wear(0, 100_000, 0, 100_000);
    RunningOut day = RunningOut.of(day(3.5, 1, 0, none, 60, 20));
    assertThat(day.chance(3)).isCloseTo(1, within(0.01));
    assertThat(day.chance(4)).isCloseTo(0, within(0.01));
  }

  /**
   * Against a direct simulation: 40,000 days, each with a rate of losses and one of wear of its
   * own, minute by minute.
   */
  @Tag("slow")
  @ParameterizedTest
  @CsvSource({
    "4,   1, 3, 0,  0",
    "4,   3, 3, 0,  0",
    "6,   1, 0, 0,  0",
    "4,   1, 3, 45, 4",
    "3,   1, 6, 80, 2",
    "5,   2, 2, 65, 3",
    "0.5, 1, 4, 20, 3"
  })
  void chancesAreThoseOfAManyTimesRepeatedDay(
      double hours, int people, double fish, double soakedMinutes, int soakedFish) {
    for (Wear wear : new Wear[] {Wear.UNKNOWN, SEASON}) {
      RunningOut.Day day = day(hours, people, fish, wear, soakedMinutes, soakedFish);
      RunningOut reckoned = RunningOut.of(day);
      int days = 40_000;
      int[] ended = new int[RunningOut.MOST + 40];
      RandomDataGenerator gamma = new RandomDataGenerator(11);
      SplittableRandom random = new SplittableRandom(7);
      double sum = 0;
      for (int d = 0; d < days; d++) {
        double lost = draw(gamma, wear.lostAnHour());
        double chewed = draw(gamma, wear.chewedAFish());
        int all = 0;
        for (int p = 0; p < people; p++) {
          all += fished(day, lost, chewed, random);
        }
        ended[Math.min(all, ended.length - 1)]++;
        sum += all;
      }
      assertThat(reckoned.expected()).isCloseTo(sum / days, within(0.03 * sum / days + 0.02));
      double more = 1;
      for (int n = 0; n < 25; n++) {
        assertThat(reckoned.chance(n + people - 1))
            .as("%d flies, %s", n + people - 1, wear)
            .isCloseTo(n == 0 ? 1 : more, within(0.02));
        more -= ended[n] / (double) days;
      }
    }
  }

  private static double draw(RandomDataGenerator random, Wear.Rate rate) {
    return random.nextDeviate(new GammaDistribution(rate.shape(), 1 / rate.per()));
  }

  /** One person's day in steps of six seconds: each fly is fished until something ends it. */
  private static int fished(
      RunningOut.Day day, double lost, double chewed, SplittableRandom random) {
    double step = 0.1 / 60;
    int ended = 0;
    double onWater = 0;
    int fishOn = 0;
    for (double t = 0; t < day.hours() - 1e-9; t += step) {
      onWater += step;
      boolean ends = random.nextDouble() < lost * step;
      if (random.nextDouble() < day.fishPerHour() * step) {
        fishOn++;
        ends |= random.nextDouble() < chewed;
      }
      if (day.soakedMinutes().isPresent()) {
        ends |= onWater * 60 >= day.soakedMinutes().getAsDouble() - 1e-9;
        ends |= fishOn >= day.soakedFish();
      }
      if (ends) {
        ended++;
        onWater = 0;
        fishOn = 0;
      }
    }
    return ended;
  }

  @Test
  void aFlyThatSoaksAtOnceIsBeyondWhatAnybodyCarries() {
    RunningOut hopeless = RunningOut.of(day(4, 2, 2, Wear.UNKNOWN, 2, 1));
    assertThat(hopeless.isBeyond(0.1)).isTrue();
    assertThat(RunningOut.of(day(4, 2, 2, Wear.UNKNOWN, 0, 0)).isBeyond(0.1)).isFalse();
  }

  @Test
  void moreFliesRunOutLessOftenAndOwnLossesAreBelieved() {
    RunningOut usual = RunningOut.of(day(5, 1, 2, Wear.UNKNOWN, 0, 0));
    for (int flies = 0; flies < 30; flies++) {
      assertThat(usual.chance(flies + 1)).isLessThanOrEqualTo(usual.chance(flies));
    }
    assertThat(usual.chance(0)).isEqualTo(1);
    int careful = RunningOut.of(day(5, 1, 2, new Wear(1, 60, 0, 90), 0, 0)).flies(0.1);
    int wild = RunningOut.of(day(5, 1, 2, new Wear(80, 60, 30, 90), 0, 0)).flies(0.1);
    assertThat(careful).isLessThan(usual.flies(0.1));
    assertThat(wild).isGreaterThan(usual.flies(0.1));
    assertThat(usual.chance(usual.flies(0.1))).isLessThanOrEqualTo(0.1);
    assertThat(usual.chance(usual.flies(0.1) - 1)).isGreaterThan(0.1);
  }
}
