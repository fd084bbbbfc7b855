package ripplerest.app.web;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ripplerest.app.store.LogStore;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.tied.Planned;
import ripplerest.exchange.EstimateView;
import ripplerest.exchange.LoggedFly;
import ripplerest.exchange.PatternFile;
import ripplerest.exchange.PatternReader;

/** Logged flies as they are sent. */
@Component
class FlyResources {
  private final PatternReader reader;
  private final Sizer sizer;

  FlyResources(PatternReader reader, Sizer sizer) {
    this.reader = reader;
    this.sizer = sizer;
  }

  /** A tied fly with all that can be measured on it, and the revision a change has to name. */
  record Fly(
      LoggedFly fly,
      long revision,
      boolean pictured,
      EstimateView.HookView measure,
      List<Planned> planned,
      List<UUID> pattern) {}

  /** As it is sent, with what its plan lets be measured. */
  Fly of(LogStore.Entry e) {
    SizedPattern sized = sizer.size(plan(e.fly()).pattern());
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
    return reader.read(fly.document().toString().getBytes(StandardCharsets.UTF_8));
  }
}
