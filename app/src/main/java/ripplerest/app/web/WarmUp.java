package ripplerest.app.web;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.Schools;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.PatternFile;

/**
 * Runs each school once in the background, so that the first fly a person opens is not the slow
 * one.
 */
@Component
class WarmUp {
  private static final int ROUNDS = 4;

  private final EstimateController estimates;

  WarmUp(EstimateController estimates) {
    this.estimates = estimates;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    Thread thread = new Thread(this::run, "warm-up");
    thread.setDaemon(true);
    thread.setPriority(Thread.MIN_PRIORITY);
    thread.start();
  }

  private void run() {
    HookSpec hook = new HookSpec(16, HookSpec.Shape.STRAIGHT, 0, 0);
    for (int i = 0; i < ROUNDS; i++) {
      for (School school : Schools.standard().all()) {
        estimates.estimate(
            new PatternFile(Sizer.defaults(school, hook, "warm-up"), Conditions.DEFAULT));
      }
    }
  }
}
