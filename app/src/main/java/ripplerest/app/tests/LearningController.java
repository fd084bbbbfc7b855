package ripplerest.app.tests;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.library.LearntStore;
import ripplerest.app.work.Answering;
import ripplerest.app.work.Lines;
import ripplerest.core.calibration.NextTest;
import ripplerest.core.question.Answer;
import ripplerest.exchange.view.AnswerLine;
import ripplerest.exchange.view.ByTestsView;
import ripplerest.exchange.view.LearningView;
import tools.jackson.databind.json.JsonMapper;

/** What tests teach, and whether estimates go by it. */
@RestController
class LearningController {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final Learning learning;
  private final Answering answering;

  LearningController(Learning learning, Answering answering) {
    this.learning = learning;
    this.answering = answering;
  }

  /** What was learnt, when and from how many tests; current: from the tests as they are now. */
  record LearntLine(
      int tests,
      Instant at,
      boolean inUse,
      boolean current,
      boolean teaches,
      LearningView found,
      List<ByTestsView.LessonView> lessons) {}

  /** Tests that something can be learnt from, and what was; none before anything was learnt. */
  record LearningState(int tests, List<LearntLine> learnt) {}

  /** Whether estimates go by what was learnt. */
  record InUse(boolean inUse) {}

  /** How things stand. */
  @GetMapping("/api/tests/learning")
  LearningState state() {
    Learning.State state = learning.state();
    return new LearningState(
        state.tests(), state.learnt().map(k -> line(state, k)).stream().toList());
  }

  private static LearntLine line(Learning.State state, LearntStore.Kept k) {
    return new LearntLine(
        k.tests(),
        k.at(),
        k.inUse(),
        state.current(),
        k.learnt().isPresent(),
        MAPPER.readValue(k.told(), LearningView.class),
        state.lessons().stream().map(ByTestsView.LessonView::of).toList());
  }

  /**
   * Learns anew from all tests; given up when whoever asked goes away, and then nothing changes.
   */
  @PostMapping(path = "/api/tests/learning", produces = Lines.TYPE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> learn() {
    return answering.stream(work -> new Answer.Learning(learning.learn(work)));
  }

  /** Goes by what was learnt, or by the table of materials alone. */
  @PutMapping(path = "/api/tests/learning", consumes = MediaType.APPLICATION_JSON_VALUE)
  LearningState use(@RequestBody InUse wanted) {
    learning.use(wanted.inUse());
    return state();
  }

  /** Which tests would teach most about a pattern. */
  @GetMapping(path = "/api/tests/next", produces = Lines.TYPE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> next(
      @RequestParam UUID pattern, @RequestParam(defaultValue = "ANGLE") NextTest.Goal goal) {
    return answering.stream(work -> new Answer.Tests(learning.next(pattern, goal, work)));
  }

  /** What tests change of the patterns of the book. */
  @GetMapping(path = "/api/tests/changed", produces = Lines.TYPE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> changed() {
    return answering.stream(work -> new Answer.Changed(learning.changed(work)));
  }
}
