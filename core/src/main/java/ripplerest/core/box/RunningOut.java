package ripplerest.core.box;

import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import ripplerest.core.quantity.Require;

/**
 * How likely it is that flies of a kind run out on an outing.
 *
 * <p>A fly is lost or worn out at a rate that is not known well ({@link Wear}). Where nobody stops
 * to dress it again it is also put away for the day when it has soaked: after so many minutes, or
 * so many fish, which come at random. Its time on the water is the earlier of the two; how many
 * such times end within the hours is a renewal process (Feller, An Introduction to Probability
 * Theory and Its Applications, vol. 2, 2nd ed. 1971, ch. XI), summed on a grid of minutes for each
 * of some rates as likely as each other. The two rates are taken together as one gamma distribution
 * of the same mean and variance. Left out: a bad cast that loses two, swapping flies that are still
 * good, and a soaked fly that dries on the patch.
 */
public final class RunningOut {
  /** More than this nobody carries of one fly. */
  static final int MOST = 60;

  /** Rates, each as likely as the others, that stand for all. */
  private static final int RATES = 15;

  /** More times on the water than this are not told apart. */
  private static final int GRID = 400;

  private final double[] atLeast;
  private final int people;
  private final double expected;

  private RunningOut(double[] atLeast, int people, double expected) {
    this.atLeast = atLeast;
    this.people = people;
    this.expected = expected;
  }

  /**
   * What a fly meets.
   *
   * @param hours in which these flies are fished, by each
   * @param people who fish them, 1 or more
   * @param fishPerHour a person
   * @param wear what is known of losses
   * @param soakedMinutes after which it is put away; empty: it is dressed again and goes on
   * @param soakedFish after which it is put away; counts only where minutes do
   */
  public record Day(
      double hours,
      int people,
      double fishPerHour,
      Wear wear,
      OptionalDouble soakedMinutes,
      int soakedFish) {
    public Day {
      Require.inRange("hours", hours, 0, 24, "h");
      Require.inRange("people", people, 1, 20);
      Require.inRange("fish an hour", fishPerHour, 0, 30, "1/h");
      Require.present("wear", wear);
    }
  }

  /** Works out one day. */
  public static RunningOut of(Day day) {
    Wear.Rate lost = day.wear().lostAnHour();
    Wear.Rate chewed = day.wear().chewedAFish();
    double mean = lost.mean() + day.fishPerHour() * chewed.mean();
    double variance = lost.variance() + day.fishPerHour() * day.fishPerHour() * chewed.variance();
    GammaDistribution rate = new GammaDistribution(mean * mean / variance, variance / mean);
    double[] ended = new double[MOST + 1];
    for (int i = 0; i < RATES; i++) {
      double[] one = endedByOne(day, rate.inverseCumulativeProbability((i + 0.5) / RATES));
      double[] all = one;
      for (int p = 1; p < day.people(); p++) {
        all = together(all, one);
      }
      for (int n = 0; n <= MOST; n++) {
        ended[n] += all[n] / RATES;
      }
    }
    double expected = 0;
    double[] atLeast = new double[MOST + 1];
    double tail = 0;
    for (int n = MOST; n >= 0; n--) {
      tail += ended[n];
      atLeast[n] = Math.min(1, tail);
      expected += n * ended[n];
    }
    return new RunningOut(atLeast, day.people(), expected);
  }

  /**
   * Chance that somebody has no fly of this kind left before the end.
   *
   * @param flies that are taken along, 0 or more
   */
  public double chance(int flies) {
    int spare = flies - people + 1;
    return spare <= 0 ? 1 : spare > MOST ? 0 : atLeast[spare];
  }

  /** Fewest flies of which the chance of running out is not above this, at most {@value #MOST}. */
  public int flies(double chance) {
    int flies = people;
    while (flies < MOST && chance(flies) > chance) {
      flies++;
    }
    return flies;
  }

  /**
   * Whether not even {@value #MOST} flies bring the chance down to this: beyond what is reckoned.
   */
  public boolean isBeyond(double chance) {
    return chance(MOST) > chance;
  }

  /** How many are used up or put away, on average; at least so many if it {@link #isBeyond}. */
  public double expected() {
    return expected;
  }

  /** Chances of how many flies one person ends, by number; the last is that many or more. */
  private static double[] endedByOne(Day day, double ratePerHour) {
    double[] ended = new double[MOST + 1];
    double last = 1;
    if (day.soakedMinutes().isEmpty()) {
      PoissonDistribution number =
          new PoissonDistribution(Math.max(1e-9, ratePerHour * day.hours()));
      for (int n = 0; n < MOST; n++) {
        ended[n] = number.probability(n);
        last -= ended[n];
      }
      ended[MOST] = Math.max(0, last);
      return ended;
    }
    int steps = (int) Math.max(1, Math.min(GRID, Math.ceil(day.hours() * 60)));
    double[] life = life(day, ratePerHour, steps);
    double[] endsAt = life; // chance that the n-th ends at each point of the grid
    double before = 1;
    for (int n = 1; n <= MOST; n++) {
      double byTheEnd = -endsAt[steps] / 2; // what stands for a step about the end: half of it
      for (double p : endsAt) {
        byTheEnd += p;
      }
      ended[n - 1] = Math.max(0, before - byTheEnd);
      before = byTheEnd;
      endsAt = sum(endsAt, life);
    }
    ended[MOST] = before;
    return ended;
  }

  /** Chance that a fly's time on the water ends at each point of a grid over the hours. */
  private static double[] life(Day day, double ratePerHour, int steps) {
    double step = day.hours() / steps;
    double soaks = day.soakedMinutes().orElseThrow() / 60 / step;
    double[] life = new double[steps + 1];
    double alive = 1;
    for (int i = 0; i < steps && i < soaks; i++) {
      double next = alive(day, ratePerHour, Math.min(i + 1, soaks) * step);
      life[i] += (alive - next) / 2;
      life[i + 1] += (alive - next) / 2;
      alive = next;
    }
    int point = (int) soaks; // what is still up then is put away
    if (point < steps) {
      life[point] += alive * (point + 1 - soaks);
      life[point + 1] += alive * (soaks - point);
    }
    return life;
  }

  /** Chance that a fly is neither used up nor has met too many fish. */
  private static double alive(Day day, double ratePerHour, double hours) {
    double fish = day.fishPerHour() * (1 - day.wear().chewedAFish().mean()) * hours;
    double fewer =
        fish <= 0
            ? 1
            : new PoissonDistribution(fish)
                .cumulativeProbability(Math.max(1, day.soakedFish()) - 1);
    return Math.exp(-ratePerHour * hours) * fewer;
  }

  private static double[] sum(double[] first, double[] next) {
    double[] sum = new double[first.length];
    for (int i = 0; i < first.length; i++) {
      for (int j = 0; first[i] > 0 && i + j < first.length; j++) {
        sum[i + j] += first[i] * next[j];
      }
    }
    return sum;
  }

  private static double[] together(double[] a, double[] b) {
    double[] sum = new double[MOST + 1];
    for (int i = 0; i <= MOST; i++) {
      for (int j = 0; j <= MOST; j++) {
        sum[Math.min(MOST, i + j)] += a[i] * b[j];
      }
    }
    return sum;
  }
}
