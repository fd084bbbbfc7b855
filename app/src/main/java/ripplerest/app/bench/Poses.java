package ripplerest.app.bench;

import org.springframework.stereotype.Component;
import ripplerest.app.library.Preparation;
import ripplerest.app.work.InteractivePriority;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.exchange.format.PatternFile;

/** Puts flies on the water at once, before all that takes longer. */
@Component
public class Poses {
  private final Preparation preparation;
  private final InteractivePriority way;

  Poses(Preparation preparation, InteractivePriority way) {
    this.preparation = preparation;
    this.way = way;
  }

  /** Where the fly rests, in turn; refused when too many poses are asked for. */
  public Estimate first(PatternFile file) {
    return way.first(() -> whenever(file));
  }

  /** The same without a place in the queue, for work in the background. */
  Estimate whenever(PatternFile file) {
    return Estimator.estimate(preparation.prepared(file), Options.poseOnly());
  }
}
