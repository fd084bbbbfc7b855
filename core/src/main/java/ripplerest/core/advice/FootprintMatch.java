package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Natural;
import ripplerest.core.hook.NaturalFootprint;
import ripplerest.core.rest.Footprint;
import ripplerest.core.sizing.SizeRules;

/**
 * What the fly presses into the film beside what the natural does, for both ways of choosing the
 * hook. Neither is preferred.
 *
 * @param natural what the insect presses into the film
 * @param now the fly on its own hook
 * @param ways the same fly on the hook that each way chooses
 */
public record FootprintMatch(NaturalFootprint natural, Compared now, List<WayMatch> ways) {
  /**
   * A fly's footprint against the natural's.
   *
   * @param size hook number
   * @param footprint empty: the fly sinks
   * @param longer the fly's length by the natural's, less 1; 0 if it sinks
   * @param wider the same of the width
   */
  public record Compared(int size, Optional<Footprint> footprint, double longer, double wider) {}

  /** One way of choosing the hook. */
  public record WayMatch(Natural.Way way, Compared fly) {}

  public FootprintMatch {
    ways = List.copyOf(ways);
  }

  /** Puts the fly on the water on its own hook and on both ways' hooks. */
  public static FootprintMatch of(PreparedFly fly, Natural insect, Work work) {
    NaturalFootprint natural = NaturalFootprint.of(insect);
    Options options = Options.withReserve(work);
    List<Natural.Match> matches = insect.hooks();
    Compared now = compared(Estimator.estimate(fly, options), natural);
    work.progress(1, matches.size() + 1);
    List<WayMatch> ways = new ArrayList<>();
    for (Natural.Match match : matches) {
      work.throwIfCancelled();
      Pattern other = SizeRules.onto(fly.pattern(), match.hook());
      Estimate e = Estimator.estimate(fly.with(other), options);
      ways.add(new WayMatch(match.way(), compared(e, natural)));
      work.progress(ways.size() + 1, matches.size() + 1);
    }
    return new FootprintMatch(natural, now, ways);
  }

  private static Compared compared(Estimate e, NaturalFootprint natural) {
    int size = e.sized().pattern().hook().size();
    return e.footprint()
        .map(
            f ->
                new Compared(
                    size,
                    Optional.of(f),
                    f.lengthMm() / natural.lengthMm() - 1,
                    f.widthMm() / natural.widthMm() - 1))
        .orElse(new Compared(size, Optional.empty(), 0, 0));
  }
}
