package ripplerest.app.log;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.http.Revisions;
import ripplerest.app.library.Preparation;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.patterns.Variants;
import ripplerest.core.drawer.Needs;
import ripplerest.core.dressing.Making;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.quantity.Require;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;
import ripplerest.exchange.format.LoggedFly;

/** A fly on the vise: at which step it is, and how long each has taken. */
@RestController
class TyingController {
  /** More steps than any fly has. */
  private static final int MOST_STEPS = 2 * Making.MOST_STEPS;

  private final LogStore log;
  private final PatternStore patterns;
  private final Variants variants;
  private final Preparation preparation;

  TyingController(LogStore log, PatternStore patterns, Variants variants, Preparation preparation) {
    this.variants = variants;
    this.log = log;
    this.patterns = patterns;
    this.preparation = preparation;
  }

  /** Where the tier is, and how long each step has taken. */
  record At(int step, List<Double> seconds) {}

  /** Where the tier is; the first step if nobody ties it. */
  @GetMapping("/api/patterns/{id}/tying")
  ResponseEntity<OnVise.Pages> tying(@PathVariable UUID id) {
    return tagged(log.onVise(id).on(card(id)));
  }

  /** Keeps where the tier is: what this has answered survives a power cut. */
  @PutMapping(path = "/api/patterns/{id}/tying", consumes = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<OnVise.Pages> keep(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestBody At at) {
    Card card = card(id);
    long revision = Revisions.required(ifMatch);
    Require.inRange("step", at.step(), 0, MOST_STEPS);
    List<Double> seconds = at.seconds() == null ? List.of() : at.seconds();
    Require.inRange("steps that were timed", seconds.size(), 0, MOST_STEPS);
    seconds.forEach(s -> Require.inRange("seconds", s == null ? Double.NaN : s, 0, 24 * 3600, "s"));
    OnVise next = OnVise.of(card, at.step(), seconds);
    return tagged(log.keep(id, revision, next, there -> there.on(card)).on(card));
  }

  private Card card(UUID id) {
    PreparedFly fly = preparation.prepared(preparation.read(patterns.get(id).document()));
    return CardWriter.of(fly.sized(), fly.materials());
  }

  private static ResponseEntity<OnVise.Pages> tagged(OnVise.Pages at) {
    return ResponseEntity.ok().eTag(Revisions.tag(at.revision())).body(at);
  }

  /** Takes the fly off the vise. */
  @DeleteMapping("/api/patterns/{id}/tying")
  ResponseEntity<Void> abandon(@PathVariable UUID id) {
    log.abandon(id);
    return ResponseEntity.noContent().build();
  }

  /** The fly is finished: it goes into the log once, and its times teach the clock. */
  @PostMapping("/api/patterns/{id}/tying/finish")
  LoggedFly finish(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestParam(defaultValue = "0") int size,
      @RequestParam(defaultValue = "") String colouring) {
    long revision = Revisions.required(ifMatch);
    String document = variants.document(id, size, colouring);
    PreparedFly fly = preparation.prepared(preparation.read(document));
    Card card = CardWriter.of(fly.sized(), fly.materials());
    return log.finish(
        id,
        revision,
        card,
        Needs.of(fly.sized(), fly.materials()),
        colouring,
        seconds -> {
          double whole = Math.min(24 * 3600, seconds.stream().mapToDouble(s -> s).sum());
          return LoggedFly.fresh(document, Instant.now(), whole);
        });
  }
}
