package ripplerest.app.log;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
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
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.drawer.DrawerStore;
import ripplerest.app.http.Csv;
import ripplerest.app.http.Revisions;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.patterns.Variants;
import ripplerest.app.people.OwnFile;
import ripplerest.app.work.Answering;
import ripplerest.app.work.Lines;
import ripplerest.core.drawer.Kept;
import ripplerest.core.drawer.Need;
import ripplerest.core.drawer.Needs;
import ripplerest.core.drawer.Picking;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.question.Answer;
import ripplerest.core.tied.AsTied;
import ripplerest.core.tied.Made;
import ripplerest.core.tied.Planned;
import ripplerest.core.tied.Trend;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.view.AnswerLine;
import tools.jackson.databind.JsonNode;

/** The log of tied flies: what was really made, what it does, and what a tier's hands do. */
@RestController
class LogController implements OwnFile {
  private final LogStore log;
  private final LogExport export;
  private final Variants variants;
  private final Preparation preparation;
  private final FlyResources resources;
  private final Answering answering;
  private final DrawerStore drawer;
  private final MaterialStore materials;

  LogController(
      LogStore log,
      LogExport export,
      Variants variants,
      Preparation preparation,
      FlyResources resources,
      Answering answering,
      DrawerStore drawer,
      MaterialStore materials) {
    this.drawer = drawer;
    this.materials = materials;
    this.log = log;
    this.export = export;
    this.variants = variants;
    this.preparation = preparation;
    this.resources = resources;
    this.answering = answering;
  }

  /** A tied fly in the list; {@code unreadable} says why no more is known of it. */
  record FlyLine(
      UUID id,
      String name,
      int size,
      Instant tiedAt,
      double seconds,
      List<Sentence> differences,
      boolean pictured,
      String notes,
      String unreadable) {}

  /** What is changed of a tied fly; the picture's measures come with the picture. */
  record Change(double seconds, double massMg, String notes, List<LoggedFly.Measurement> made) {}

  /**
   * What a tier's hands do, in words, and whether it is a habit rather than chance.
   *
   * @param name of what, as practice calls it too
   */
  record TrendLine(
      String name,
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
    LogStore.Log all = log.all();
    List<FlyLine> lines = new ArrayList<>();
    all.unreadable().forEach(u -> lines.add(line(u)));
    all.entries().forEach(e -> lines.add(line(e)));
    return lines;
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
        f.notes(),
        "");
  }

  private static FlyLine line(LogStore.Unreadable u) {
    return new FlyLine(u.id(), u.name(), 0, Instant.EPOCH, 0, List.of(), false, "", u.why());
  }

  /** A fly tied to a stored pattern as it is now, of which nothing is measured yet. */
  @PostMapping("/api/log")
  ResponseEntity<FlyResources.Fly> add(
      @RequestParam UUID pattern,
      @RequestParam(defaultValue = "0") int size,
      @RequestParam(defaultValue = "") String colouring) {
    String document = variants.document(pattern, size, colouring);
    LoggedFly fly = LoggedFly.fresh(document, Instant.now(), 0);
    PreparedFly prepared = preparation.prepared(preparation.read(document));
    List<Need> needs = Needs.of(prepared.sized(), prepared.materials());
    return tagged(log.keep(fly, pattern, needs, colouring));
  }

  /** One tied fly. */
  @GetMapping("/api/log/{id}")
  ResponseEntity<FlyResources.Fly> fly(@PathVariable UUID id) {
    return tagged(log.get(id));
  }

  private ResponseEntity<FlyResources.Fly> tagged(LogStore.Entry e) {
    return ResponseEntity.ok().eTag(Revisions.tag(e.revision())).body(resources.of(e));
  }

  /** Keeps what was measured of a fly; what is left out is as planned. */
  @PutMapping(path = "/api/log/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<FlyResources.Fly> change(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestBody Change change) {
    return tagged(
        log.change(
            id,
            Revisions.required(ifMatch),
            before ->
                new LoggedFly(
                    id,
                    before.tiedAt(),
                    change.seconds(),
                    change.massMg(),
                    change.notes(),
                    before.document(),
                    LoggedFly.made(
                        Planned.of(preparation.sized(resources.plan(before))),
                        change.made() == null ? List.of() : change.made()),
                    before.photograph())));
  }

  /** How the fly as tied sits beside its plan, and what each difference does. */
  @GetMapping(path = "/api/log/{id}/as-tied", produces = Lines.TYPE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> asTied(@PathVariable UUID id) {
    LoggedFly fly = log.get(id).fly();
    PreparedFly plan = preparation.prepared(resources.plan(fly));
    List<Made> made = fly.made(Planned.of(plan.sized()));
    return answering.stream(work -> new Answer.Tied(AsTied.of(plan, made, work)));
  }

  /** What the fly took out of the drawer, and what was not there. */
  @GetMapping("/api/log/{id}/stock")
  List<TakenLine> stock(@PathVariable UUID id) {
    log.get(id);
    return drawer.uses(id).stream().map(this::line).toList();
  }

  /** What a fly took for a part; {@code lacking} is empty where all of it was there. */
  record TakenLine(String part, String label, String amount, String lacking) {}

  private TakenLine line(DrawerStore.Use use) {
    Kept.By by = Kept.of(use.material(), materials.materials()).by();
    return new TakenLine(
        use.part(),
        use.label(),
        Picking.words(use.amount(), use.pieces() ? Kept.By.PIECES : by),
        use.lacking() > 0 ? Picking.words(use.lacking(), by) : "");
  }

  @DeleteMapping("/api/log/{id}")
  ResponseEntity<Void> delete(@PathVariable UUID id) {
    log.delete(id);
    return ResponseEntity.noContent().build();
  }

  /** What a tier's hands do again and again, habits first. */
  @GetMapping("/api/log/trends")
  List<TrendLine> trends() {
    List<Made> all = log.all().flies().stream().flatMap(f -> f.measures().stream()).toList();
    return Trend.of(all).stream()
        .map(
            t ->
                new TrendLine(
                    t.name(),
                    t.kind(),
                    t.field(),
                    t.flies(),
                    t.share(),
                    t.error(),
                    t.isHabit(),
                    t.words()))
        .sorted(java.util.Comparator.comparing(TrendLine::habit).reversed())
        .toList();
  }

  /** The whole log in the open format. */
  @GetMapping(path = "/api/log.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> json() {
    String name = ContentDisposition.attachment().filename("log.json").build().toString();
    return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, name).body(export.json());
  }

  /** The same to count with, a line for each thing that was measured. */
  @GetMapping(path = "/api/log.csv", produces = Csv.TYPE)
  ResponseEntity<String> csv() throws IOException {
    return Csv.file("log.csv", export.csv());
  }

  /** Takes a log in, all of it or none; flies that are here already stay as they are. */
  @PostMapping(path = "/api/log/imports", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  Csv.Added take(HttpServletRequest request) throws IOException {
    return new Csv.Added(log.addAll(export.read(request.getInputStream())));
  }

  @Override
  public ResponseEntity<String> ownFile() {
    return json();
  }
}
