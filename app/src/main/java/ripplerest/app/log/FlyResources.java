package ripplerest.app.log;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ripplerest.app.http.Shown;
import ripplerest.app.library.Preparation;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tied.Planned;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.view.EstimateView;

/** Logged flies as they are sent. */
@Component
class FlyResources implements Shown<LogStore.Entry> {
  private final Preparation preparation;

  FlyResources(Preparation preparation) {
    this.preparation = preparation;
  }

  /** A tied fly with all that can be measured on it, and the revision a change has to name. */
  record Fly(
      LoggedFly fly,
      long revision,
      boolean pictured,
      EstimateView.HookView measure,
      List<Planned> planned,
      List<UUID> pattern) {}

  @Override
  public Class<LogStore.Entry> type() {
    return LogStore.Entry.class;
  }

  /** As it is sent, with what its plan lets be measured. */
  @Override
  public Fly of(LogStore.Entry e) {
    SizedPattern sized = preparation.sized(plan(e.fly()));
    return new Fly(
        e.fly(),
        e.revision(),
        e.pictured(),
        EstimateView.hook(sized.hook()),
        Planned.of(sized),
        e.patternId().stream().toList());
  }

  /** The plan a fly was tied to. */
  PatternFile plan(LoggedFly fly) {
    return preparation.read(fly.document().toString());
  }
}
