package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.quantity.Require;

/**
 * How long this tier takes for a kind of step: the assumed time to begin with, and the more their
 * own the oftener it was timed. The assumption counts as {@value #ASSUMED} timings of a Gaussian
 * with known spread (Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, ch. 2.5), of ratios on
 * the logarithm, so that one interrupted step does not spoil it.
 */
public final class OwnTimes {
  /** As many own timings weigh as much as the assumption. */
  static final int ASSUMED = 2;

  /** A step left standing longer than this was interrupted, s. */
  public static final double LONGEST = 3600;

  private final Map<String, List<Double>> ratios;

  /**
   * @param ratios by kind of part, what was taken over what was assumed for that very step
   */
  public OwnTimes(Map<String, List<Double>> ratios) {
    this.ratios = Map.copyOf(ratios);
  }

  /** Nobody timed yet. */
  public static OwnTimes none() {
    return new OwnTimes(Map.of());
  }

  /** How often a kind of step was timed. */
  public int timed(String kind) {
    return ratios.getOrDefault(kind, List.of()).size();
  }

  /**
   * Seconds that this tier takes for a step.
   *
   * @param assumed seconds that a practised tier takes
   */
  public double seconds(String kind, double assumed) {
    List<Double> own = ratios.getOrDefault(kind, List.of());
    double sum = own.stream().mapToDouble(Math::log).sum();
    return assumed * Math.exp(sum / (ASSUMED + own.size()));
  }

  /** Seconds that this tier takes for a step of a card. */
  public double seconds(Card.Step step) {
    return seconds(Pattern.kindOf(step.part()), step.seconds());
  }

  /** Seconds that this tier takes for a whole card; what is in no step as assumed. */
  public double seconds(Card card) {
    double steps = card.steps().stream().mapToDouble(this::seconds).sum();
    double assumed = card.steps().stream().mapToDouble(Card.Step::seconds).sum();
    return card.seconds() - assumed + steps;
  }

  /** A step that was leafed past tells nothing of a hand, s. */
  private static final double LEAST = 2;

  /**
   * What the timings of one fly say, by kind of part.
   *
   * @param seconds of the card's steps in order, as far as they were taken
   */
  public static Map<String, List<Double>> ratios(Card card, List<Double> seconds) {
    Map<String, List<Double>> ratios = new HashMap<>();
    for (int i = 0; i < Math.min(seconds.size(), card.steps().size()); i++) {
      double took = seconds.get(i);
      Card.Step step = card.steps().get(i);
      if (took >= LEAST && took <= LONGEST) {
        ratios
            .computeIfAbsent(Pattern.kindOf(step.part()), k -> new ArrayList<>())
            .add(ratio(took, step.seconds()));
      }
    }
    return ratios;
  }

  /** What one timing says; refuses what no step takes. */
  public static double ratio(double seconds, double assumed) {
    Require.inRange("seconds of a step", seconds, 0.5, LONGEST, "s");
    return seconds / assumed;
  }
}
