package ripplerest.core.box;

import java.util.List;
import ripplerest.core.quantity.Require;

/**
 * What is known of how flies are used up on a kind of water: common practice to begin with, and the
 * more one's own the more was fished. Losses come at a constant rate that is not known well, so a
 * rate is a gamma distribution, which counts and hours sharpen by adding up (Gelman et al.,
 * Bayesian Data Analysis, 3rd ed. 2013, ch. 2.6).
 *
 * @param lost flies that were lost
 * @param hours in which
 * @param chewed flies that fish wore out
 * @param fish how many
 */
public record Wear(int lost, double hours, int chewed, int fish) {
  /** Nothing of one's own. */
  public static final Wear UNKNOWN = new Wear(0, 0, 0, 0);

  /**
   * One fly in two and a half hours, and not known better than that (common practice, no source).
   */
  private static final double USUAL_LOST = 1.5;

  private static final double USUAL_HOURS = 3.75;

  /** One fly in twelve fish (common practice, no source). */
  private static final double USUAL_CHEWED = 1.5;

  private static final double USUAL_FISH = 18;

  public Wear {
    Require.inRange("lost", lost, 0, 100_000);
    Require.inRange("hours", hours, 0, 100_000, "h");
    Require.inRange("chewed", chewed, 0, 100_000);
    Require.inRange("fish", fish, 0, 100_000);
  }

  /** What all of these say together. */
  public static Wear of(List<Wear> all) {
    return new Wear(
        all.stream().mapToInt(Wear::lost).sum(),
        all.stream().mapToDouble(Wear::hours).sum(),
        all.stream().mapToInt(Wear::chewed).sum(),
        all.stream().mapToInt(Wear::fish).sum());
  }

  /** Gamma distribution of a rate. */
  record Rate(double shape, double per) {
    double mean() {
      return shape / per;
    }

    double variance() {
      return shape / (per * per);
    }
  }

  /** Flies lost an hour. */
  Rate lostAnHour() {
    return new Rate(USUAL_LOST + lost, USUAL_HOURS + hours);
  }

  /** Flies worn out a fish. */
  Rate chewedAFish() {
    return new Rate(USUAL_CHEWED + chewed, USUAL_FISH + fish);
  }
}
