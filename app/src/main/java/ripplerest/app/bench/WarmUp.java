package ripplerest.app.bench;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ripplerest.app.library.Preparation;
import ripplerest.app.work.InteractivePriority;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternWriter;
import ripplerest.exchange.view.EstimateView;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs each style once in the background, so that the first fly a person opens is not the slow one.
 */
@Component
class WarmUp {
  private static final int[] SIZES = {14, 16, 12};

  /** Lengths about a style's own, so that a knob that is pulled meets laws that are made. */
  private static final double[] LENGTHS = {1, 0.9, 1.1};

  private final Preparation preparation;
  private final Poses poses;
  private final JsonMapper json;
  private final InteractivePriority way;
  private volatile boolean over;

  WarmUp(Preparation preparation, Poses poses, JsonMapper json, InteractivePriority way) {
    this.preparation = preparation;
    this.poses = poses;
    this.json = json;
    this.way = way;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    Thread thread = new Thread(this::run, "warm-up");
    thread.setDaemon(true);
    thread.setPriority(Thread.MIN_PRIORITY);
    thread.start();
  }

  @PreDestroy
  void stop() {
    over = true;
  }

  private void run() {
    for (double length : LENGTHS) {
      for (int size : SIZES) {
        HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
        for (Style style : Styles.standard().offered()) {
          way.whileBusy();
          if (over) {
            return;
          }
          Pattern fly = longer(Sizer.defaults(style, hook, "warm-up"), length);
          answer(PatternWriter.write(new PatternFile(fly, Conditions.DEFAULT)));
        }
      }
    }
  }

  /** All that a change on the bench asks for, down to what is sent. */
  private void answer(String document) {
    Estimate estimate = poses.whenever(preparation.read(document));
    json.writeValueAsBytes(EstimateView.withOutline(estimate));
  }

  private static Pattern longer(Pattern pattern, double factor) {
    List<Part> parts = new ArrayList<>();
    for (Part part : pattern.parts()) {
      Part changed = part;
      for (var value : PartKind.of(part).values(part).entrySet()) {
        if (value.getValue() instanceof Length.Rule rule) {
          Length length = new Length.Rule(rule.reference(), factor * rule.factor());
          changed = changed.with(value.getKey(), length);
        }
      }
      parts.add(changed);
    }
    return pattern.withParts(parts);
  }
}
