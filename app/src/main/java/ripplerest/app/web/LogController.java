package ripplerest.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.store.LogStore;
import ripplerest.app.store.MaterialStore;
import ripplerest.app.store.PatternStore;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.tied.AsTied;
import ripplerest.core.tied.Made;
import ripplerest.core.tied.Planned;
import ripplerest.core.tied.Trend;
import ripplerest.exchange.AsTiedView;
import ripplerest.exchange.LogFile;
import ripplerest.exchange.LoggedFly;
import ripplerest.exchange.PatternFile;
import ripplerest.exchange.PatternReader;
import tools.jackson.databind.JsonNode;

/** The log of tied flies: what was really made, what it does, and what a tier's hands do. */
@RestController
class LogController {
  private final LogStore log;
  private final PatternStore patterns;
  private final PatternReader reader;
  private final Sizer sizer;
  private final MaterialStore materials;

  LogController(
      LogStore log,
      PatternStore patterns,
      PatternReader reader,
      Sizer sizer,
      MaterialStore materials) {
    this.log = log;
    this.patterns = patterns;
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
  }

  /** A tied fly in the list. */
  record FlyLine(
      UUID id,
      String name,
      int size,
      Instant tiedAt,
      double seconds,
      List<String> differences,
      boolean pictured,
      String notes) {}

  /** A tied fly with all that can be measured on it. */
  record Fly(LoggedFly fly, boolean pictured, List<Planned> planned, List<UUID> pattern) {}

  /** What is changed of a tied fly; the picture's measures come with the picture. */
  record Change(double seconds, double massMg, String notes, List<LoggedFly.Measurement> made) {}

  /** What a tier's hands do, in words, and whether it is a habit rather than chance. */
  record TrendLine(
      String kind,
      String field,
      int flies,
      double share,
      double error,
      boolean habit,
      String words) {}

  /** All tied flies, the latest first. */
  @GetMapping("/api/log")
  List<FlyLine> list() {
    return log.all().stream().map(LogController::line).toList();
  }

  private static FlyLine line(LogStore.Entry e) {
    LoggedFly f = e.fly();
    JsonNode pattern = f.document().path("pattern");
    return new FlyLine(
        f.id(),
        pattern.path("name").asString(""),
        pattern.path("hook").path("size").asInt(0),
        f.tiedAt(),
        f.seconds(),
        f.measures().stream().filter(Made::differs).map(Made::words).toList(),
        e.pictured(),
        f.notes());
  }

  /** A fly tied to a stored pattern as it is now, of which nothing is measured yet. */
  @PostMapping("/api/log")
  Fly add(@RequestParam UUID pattern) {
    LoggedFly fly = LoggedFly.fresh(patterns.get(pattern).document(), Instant.now(), 0);
    log.keep(fly, pattern);
    return fly(fly.id());
  }

  /** One tied fly. */
  @GetMapping("/api/log/{id}")
  Fly fly(@PathVariable UUID id) {
    LogStore.Entry e = log.get(id);
    return new Fly(
        e.fly(),
        e.pictured(),
        Planned.of(sizer.size(plan(e.fly()).pattern())),
        e.patternId().stream().toList());
  }

  /** Keeps what was measured of a fly; what is left out is as planned. */
  @PutMapping(path = "/api/log/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
  Fly change(@PathVariable UUID id, @RequestBody Change change) {
    log.change(
        id,
        before ->
            new LoggedFly(
                id,
                before.tiedAt(),
                change.seconds(),
                change.massMg(),
                change.notes(),
                before.document(),
                LoggedFly.made(
                    Planned.of(sizer.size(plan(before).pattern())),
                    change.made() == null ? List.of() : change.made()),
                before.photograph()));
    return fly(id);
  }

  /** How the fly as tied sits beside its plan, and what each difference does. */
  @GetMapping("/api/log/{id}/as-tied")
  AsTiedView asTied(@PathVariable UUID id) {
    LoggedFly fly = log.get(id).fly();
    PatternFile plan = plan(fly);
    SizedPattern sized = sizer.size(plan.pattern());
    Materials table = materials.materials();
    List<Made> made = fly.made(Planned.of(sized));
    AsTied tied = AsTied.of(sized, made, table, sizer, plan.conditions());
    Optional<Outline> drawn =
        Estimator.estimate(tied.sized(), table, plan.conditions(), Options.poseOnly())
            .rest()
            .map(rest -> Outliner.of(tied.sized(), table, plan.conditions(), rest));
    return AsTiedView.of(tied, drawn);
  }

  @DeleteMapping("/api/log/{id}")
  ResponseEntity<Void> delete(@PathVariable UUID id) {
    log.delete(id);
    return ResponseEntity.noContent().build();
  }

  /** What a tier's hands do again and again, habits first. */
  @GetMapping("/api/log/trends")
  List<TrendLine> trends() {
    List<Made> all =
        log.all().stream().map(LogStore.Entry::fly).flatMap(f -> f.measures().stream()).toList();
    return Trend.of(all).stream()
        .map(
            t ->
                new TrendLine(
                    t.kind(), t.field(), t.flies(), t.share(), t.error(), t.isHabit(), t.words()))
        .sorted(java.util.Comparator.comparing(TrendLine::habit).reversed())
        .toList();
  }

  /** The whole log in the open format. */
  @GetMapping(path = "/api/log.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> json() {
    String name = ContentDisposition.attachment().filename("log.json").build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name)
        .body(LogFile.write(flies()));
  }

  /** The same to count with, a line for each thing that was measured. */
  @GetMapping(path = "/api/log.csv", produces = Csv.TYPE)
  ResponseEntity<String> csv() throws IOException {
    return Csv.file("log.csv", LogFile.csv(flies()));
  }

  /** Takes a log in, all of it or none; flies that are here already stay as they are. */
  @PostMapping(path = "/api/log/imports", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  Csv.Added take(HttpServletRequest request) throws IOException {
    return new Csv.Added(log.addAll(LogFile.read(request.getInputStream(), reader, sizer)));
  }

  private List<LoggedFly> flies() {
    return log.all().stream().map(LogStore.Entry::fly).toList();
  }

  private PatternFile plan(LoggedFly fly) {
    return reader.read(fly.document().toString().getBytes(StandardCharsets.UTF_8));
  }
}
