package ripplerest.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.hipparchus.stat.descriptive.rank.Median;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Observers whose thresholds are known, simulated; nothing of the staircase is asked of them. */
class StaircaseTest {
  private static final int OBSERVERS = 1000;
  private static final int TRIALS = 40;
  private static final double USUAL = 0.15;

  /** An eye that sees as a Weibull function says, but lapses now and then. */
  private record Observer(double threshold, double slope, double lapses) {
    boolean sees(double level, int choices, SplittableRandom random) {
      double seen = 1 - Math.exp(-Math.pow(level / threshold, slope));
      boolean looks = random.nextDouble() >= lapses;
      return looks && random.nextDouble() < seen || random.nextInt(choices) == 0;
    }

    Staircase after(int trials, int choices, SplittableRandom random) {
      Staircase staircase = Staircase.of(USUAL);
      for (int i = 0; i < trials; i++) {
        double level = staircase.next(0.01, 1.5, choices);
        staircase = staircase.after(level, choices, sees(level, choices, random));
      }
      return staircase;
    }
  }

  private static Observer observer(SplittableRandom random) {
    double z = 0;
    for (int i = 0; i < 12; i++) {
      z += random.nextDouble() - 0.5; // near enough to normal
    }
    return new Observer(
        USUAL * Math.pow(10, 0.3 * z), 1.2 + 2.3 * random.nextDouble(), 0.05 * random.nextDouble());
  }

  /** Off by, and inside the band, over a thousand observers. */
  private record Found(double median, double covered) {
    static Found of(int choices) {
      SplittableRandom random = new SplittableRandom(choices);
      double[] off = new double[OBSERVERS];
      int covered = 0;
      for (int i = 0; i < OBSERVERS; i++) {
        Observer one = observer(random);
        Threshold found = one.after(TRIALS, choices, random).threshold();
        off[i] = Math.abs(found.value() / one.threshold() - 1);
        covered += found.low() <= one.threshold() && one.threshold() <= found.high() ? 1 : 0;
      }
      return new Found(new Median().evaluate(off), covered / (double) OBSERVERS);
    }
  }

  @Test
  void aThousandObserversAreKnownAfterFortyTrials() {
    Found four = Found.of(4);
    assertThat(four.median()).isLessThan(0.15);
    assertThat(four.covered()).isBetween(0.75, 0.88);
  }

  @Test
  @Tag("slow")
  void soAreTheyAmongSixChoices() {
    Found six = Found.of(6);
    assertThat(six.median()).isLessThan(0.15);
    assertThat(six.covered()).isBetween(0.75, 0.88);
  }

  @Test
  void whoSeesEverythingAndWhoGuessesEndAtEitherEnd() {
    SplittableRandom random = new SplittableRandom(1);
    Threshold sharp = new Observer(1e-4, 3, 0).after(TRIALS, 4, random).threshold();
    Threshold blind = new Observer(1e4, 3, 0).after(TRIALS, 4, random).threshold();
    assertThat(sharp.high()).isLessThan(0.05);
    assertThat(blind.low()).isGreaterThan(0.6);
  }

  @Test
  void aBandNarrowsAsTrialsCome() {
    Observer one = new Observer(0.1, 2, 0.02);
    List<Double> widths = new ArrayList<>();
    for (int trials : new int[] {5, 20, 80, 320}) {
      Threshold t = one.after(trials, 4, new SplittableRandom(3)).threshold();
      widths.add(Math.log(t.high() / t.low()));
    }
    assertThat(widths).isSortedAccordingTo((a, b) -> Double.compare(b, a));
    assertThat(widths.get(3)).isLessThan(widths.get(0) / 4);
  }

  @Test
  void aLevelIsAskedWithinBounds() {
    assertThat(Staircase.of(0.15).next(0.3, 0.4, 4)).isBetween(0.3, 0.4);
    assertThat(Staircase.of(0.15).next(0.31, 0.311, 4)).isBetween(0.31, 0.311);
  }

  /**
   * Worked by hand: one choice among two, right, seen for certain, teaches nothing of a threshold.
   */
  @Test
  void whatEverybodySeesTeachesNothing() {
    Threshold before = Staircase.of(0.15).threshold();
    Threshold after = Staircase.of(0.15).after(150, 4, true).threshold();
    assertThat(after.value()).isCloseTo(before.value(), within(1e-6));
    assertThat(before.value()).isCloseTo(0.15, within(1e-6));
    // a normal's tenth percentile lies 1.2816 standard deviations under its mean (tables)
    assertThat(Math.log10(before.low() / 0.15)).isCloseTo(-1.2816 * 0.35, within(0.01));
  }
}
