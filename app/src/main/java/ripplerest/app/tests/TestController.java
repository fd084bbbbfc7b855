package ripplerest.app.tests;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
import ripplerest.app.http.Csv;
import ripplerest.app.http.Revisions;
import ripplerest.app.log.LogStore;
import ripplerest.app.people.OwnFile;
import ripplerest.app.work.Answering;
import ripplerest.app.work.Lines;
import ripplerest.core.calibration.Prediction;
import ripplerest.core.question.Answer;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Floatant;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.LoggedTest;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.TestFile;
import ripplerest.exchange.table.TestTable;
import ripplerest.exchange.view.AnswerLine;

/** Tied flies in a glass of water: what was foretold, and what was seen. */
@RestController
class TestController implements OwnFile {
  /** Everybody's draws are the same, so that a test can be foretold again. */
  private static final long SEED = 1;

  private final TestStore tests;
  private final TestResources resources;
  private final LogStore log;
  private final Answering answering;
  private final PatternReader reader;
  private final Sizer sizer;

  TestController(
      TestStore tests,
      TestResources resources,
      LogStore log,
      Answering answering,
      PatternReader reader,
      Sizer sizer) {
    this.tests = tests;
    this.resources = resources;
    this.log = log;
    this.answering = answering;
    this.reader = reader;
    this.sizer = sizer;
  }

  /** What is changed of a test. */
  record TestChange(LoggedTest.Noted seen, boolean leftOut, String notes) {}

  /** Every test, the latest first. */
  @GetMapping("/api/tests")
  List<TestResources.TestView> all() {
    return tests.all().stream().map(resources::of).toList();
  }

  /** A test that is about to be made of a tied fly: nothing is foretold of it yet. */
  @PostMapping("/api/tests")
  ResponseEntity<TestResources.TestView> add(
      @RequestParam UUID fly,
      @RequestParam(defaultValue = "15") double temperatureC,
      @RequestParam(defaultValue = "GEL") Floatant floatant,
      @RequestParam(defaultValue = "1") double laid) {
    return tagged(tests.add(LoggedTest.fresh(fly, Instant.now(), temperatureC, floatant, laid)));
  }

  /** One test. */
  @GetMapping("/api/tests/{id}")
  ResponseEntity<TestResources.TestView> one(@PathVariable UUID id) {
    return tagged(tests.get(id));
  }

  private ResponseEntity<TestResources.TestView> tagged(TestStore.Entry e) {
    return ResponseEntity.ok().eTag(Revisions.tag(e.revision())).body(resources.of(e));
  }

  /** Foretells what a test will show, and keeps that; what was foretold before stays as it is. */
  @GetMapping(path = "/api/tests/{id}/foretold", produces = Lines.TYPE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> foretell(@PathVariable UUID id) {
    LoggedTest test = tests.get(id).test();
    if (test.foretold() != null) {
      return answering.stream(work -> new Answer.Foretold(test.foretold().read()));
    }
    return answering.stream(
        work -> {
          Prediction foretold = Prediction.of(resources.known(test), SEED, work);
          tests.change(id, t -> t.foretold(LoggedTest.Foretold.of(foretold)));
          return new Answer.Foretold(foretold);
        });
  }

  /** Keeps what was seen; 422 before anything was foretold. */
  @PutMapping(path = "/api/tests/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<TestResources.TestView> change(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestBody TestChange change) {
    return tagged(
        tests.change(
            id,
            Revisions.required(ifMatch),
            t -> t.with(change.seen(), change.leftOut(), change.notes())));
  }

  @DeleteMapping("/api/tests/{id}")
  ResponseEntity<Void> delete(@PathVariable UUID id) {
    tests.delete(id);
    return ResponseEntity.noContent().build();
  }

  /** All tests with their flies in the open format. */
  @GetMapping(path = "/api/tests.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> json() {
    Map<UUID, LoggedFly> flies = new LinkedHashMap<>();
    List<LoggedTest> all = logged();
    all.forEach(t -> flies.computeIfAbsent(t.fly(), id -> log.get(id).fly()));
    String name = ContentDisposition.attachment().filename("tests.json").build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name)
        .body(TestFile.write(all, List.copyOf(flies.values())));
  }

  /** The same as a table, a line for each thing that was foretold or seen. */
  @GetMapping(path = "/api/tests.csv", produces = Csv.TYPE)
  ResponseEntity<String> csv() throws IOException {
    Map<UUID, String> names = new LinkedHashMap<>();
    List<LoggedTest> all = logged();
    all.forEach(t -> names.put(t.fly(), TestResources.name(log.get(t.fly()).fly())));
    return Csv.file("tests.csv", TestTable.write(all, names));
  }

  /** Takes a table of tests in, all of them or none; their flies have to be in the log. */
  @PostMapping(path = "/api/tests/table", consumes = Csv.TYPE)
  Csv.Added takeTable(HttpServletRequest request) throws IOException {
    List<LoggedTest> all = TestTable.read(Csv.reader(request));
    return new Csv.Added(tests.addAll(new TestFile.Taken(List.of(), all)));
  }

  private List<LoggedTest> logged() {
    return tests.all().stream().map(TestStore.Entry::test).toList();
  }

  /** Takes tests in, all of them or none; what is here already stays as it is. */
  @PostMapping(path = "/api/tests/imports", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  Csv.Added take(HttpServletRequest request) throws IOException {
    return new Csv.Added(tests.addAll(TestFile.read(request.getInputStream(), reader, sizer)));
  }

  @Override
  public ResponseEntity<String> ownFile() {
    return json();
  }
}
