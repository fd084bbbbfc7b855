package ripplerest.app.patterns;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.http.Revisions;
import ripplerest.app.library.CarriedStore;
import ripplerest.app.library.StyleStore;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.format.BookFile;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.PatternWriter;

/** Patterns: list, open, keep, copy, delete with undo, in and out. */
@RestController
@RequestMapping("/api/patterns")
class PatternController {
  /** The box along the top shows so many; the book has them all. */
  private static final int MOST_LISTED = 200;

  static final String DOCUMENT = "A pattern document; see docs/format/pattern.schema.json";

  private final PatternStore store;
  private final PatternReader reader;
  private final StyleStore styles;
  private final CarriedStore carried;
  private final PatternResources resources;

  PatternController(
      PatternStore store,
      PatternReader reader,
      StyleStore styles,
      CarriedStore carried,
      PatternResources resources) {
    this.store = store;
    this.reader = reader;
    this.styles = styles;
    this.carried = carried;
    this.resources = resources;
  }

  /** What a list shows of a pattern. */
  record PatternSummary(UUID id, String name, String style, int hookSize, boolean favourite) {}

  /** A new pattern at a style's defaults, on the hook of {@code likePattern} if given. */
  record NewPattern(String style, UUID likePattern) {}

  @GetMapping
  List<PatternSummary> list() {
    return store.latest(MOST_LISTED).stream()
        .map(p -> new PatternSummary(p.id(), p.name(), p.style(), p.hookSize(), p.isFavourite()))
        .toList();
  }

  @PostMapping
  ResponseEntity<PatternResources.PatternResource> create(@RequestBody NewPattern wanted) {
    Style style = styles.styles().named(wanted.style());
    Optional<PatternFile> like = Optional.ofNullable(wanted.likePattern()).map(this::file);
    HookSpec hook =
        like.map(f -> f.pattern().hook()).orElse(new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0));
    Conditions conditions = like.map(PatternFile::conditions).orElse(Conditions.DEFAULT);
    Pattern pattern = Sizer.defaults(style, hook, "New " + style.label().toLowerCase(Locale.ROOT));
    return created(store.add(new PatternFile(pattern, conditions)));
  }

  @PostMapping(path = "/imports", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = DOCUMENT,
      content = @Content(schema = @Schema(type = "object")))
  ResponseEntity<PatternResources.PatternResource> bringIn(HttpServletRequest request)
      throws IOException {
    return created(store.add(reader.read(request.getInputStream())));
  }

  @PostMapping("/{id}/copies")
  ResponseEntity<PatternResources.PatternResource> copy(@PathVariable UUID id) {
    PatternFile file = file(id);
    Pattern copy = file.pattern().named(shortened(file.pattern().name(), 70) + ", copy");
    return created(store.add(new PatternFile(copy, file.conditions())));
  }

  @GetMapping("/{id}")
  ResponseEntity<PatternResources.PatternResource> get(@PathVariable UUID id) {
    return tagged(HttpStatus.OK, store.get(id));
  }

  @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = DOCUMENT,
      content = @Content(schema = @Schema(type = "object")))
  ResponseEntity<PatternResources.PatternResource> replace(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      HttpServletRequest request)
      throws IOException {
    long revision = Revisions.required(ifMatch);
    PatternFile file = reader.read(request.getInputStream());
    return tagged(HttpStatus.OK, store.replace(id, revision, file));
  }

  /** Takes the last change back; refused where there is none. */
  @PostMapping("/{id}/undo")
  ResponseEntity<PatternResources.PatternResource> undo(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
    return tagged(HttpStatus.OK, store.step(id, Revisions.required(ifMatch), -1));
  }

  /** Does again what was taken back; refused where there is nothing. */
  @PostMapping("/{id}/redo")
  ResponseEntity<PatternResources.PatternResource> redo(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
    return tagged(HttpStatus.OK, store.step(id, Revisions.required(ifMatch), 1));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    store.delete(id);
  }

  @PostMapping("/{id}/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(@PathVariable UUID id) {
    store.archive(id, true);
  }

  @DeleteMapping("/{id}/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeOut(@PathVariable UUID id) {
    store.archive(id, false);
  }

  /** Marks it to stand first in lists. */
  @PutMapping("/{id}/favourite")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void favour(@PathVariable UUID id) {
    store.favour(id, true);
  }

  @DeleteMapping("/{id}/favourite")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void favourNoLonger(@PathVariable UUID id) {
    store.favour(id, false);
  }

  @PostMapping("/{id}/restoration")
  ResponseEntity<PatternResources.PatternResource> restore(@PathVariable UUID id) {
    return tagged(HttpStatus.OK, store.restore(id));
  }

  @GetMapping(path = "/{id}/export", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> export(@PathVariable UUID id) {
    PatternEntity stored = store.get(id);
    ContentDisposition attachment =
        ContentDisposition.attachment()
            .filename(BookFile.fileName(stored.name()) + ".json")
            .build();
    String canonical = PatternWriter.write(carried.packed(file(stored)));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment.toString())
        .body(canonical);
  }

  private PatternFile file(UUID id) {
    return file(store.get(id));
  }

  private PatternFile file(PatternEntity stored) {
    return reader.read(stored.document().getBytes(StandardCharsets.UTF_8));
  }

  private ResponseEntity<PatternResources.PatternResource> created(PatternEntity p) {
    return ResponseEntity.created(URI.create("/api/patterns/" + p.id()))
        .eTag(Revisions.tag(p.revision()))
        .body(resources.of(p));
  }

  private ResponseEntity<PatternResources.PatternResource> tagged(
      HttpStatus status, PatternEntity p) {
    return ResponseEntity.status(status).eTag(Revisions.tag(p.revision())).body(resources.of(p));
  }

  private static String shortened(String text, int most) {
    return text.length() <= most ? text : text.substring(0, most);
  }
}
