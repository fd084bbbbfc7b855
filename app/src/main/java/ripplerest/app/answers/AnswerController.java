package ripplerest.app.answers;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.library.HookStore;
import ripplerest.app.library.OwnHook;
import ripplerest.app.library.Preparation;
import ripplerest.app.work.Answering;
import ripplerest.app.work.Lines;
import ripplerest.core.advice.Goal;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;
import ripplerest.core.question.Details;
import ripplerest.core.question.Question;
import ripplerest.exchange.view.AnswerLine;

/** Questions that take a while, answered line by line as the work goes on. */
@RestController
class AnswerController {
  private final Preparation preparation;
  private final HookStore ownHooks;
  private final Answering answering;
  private final AnswerKey keys;

  AnswerController(
      Preparation preparation, HookStore ownHooks, Answering answering, AnswerKey keys) {
    this.preparation = preparation;
    this.ownHooks = ownHooks;
    this.answering = answering;
    this.keys = keys;
  }

  /**
   * One answer, as lines of JSON: its place while it waits, how far it is, and last what was found.
   * It is given up when whoever asked goes away; 429 when too many wait.
   */
  @PostMapping(
      path = "/api/answers",
      consumes = MediaType.APPLICATION_JSON_VALUE,
      produces = Lines.TYPE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> answer(
      @RequestParam Question ask,
      @RequestParam(defaultValue = "500") int casts,
      @RequestParam(defaultValue = "1") long seed,
      @RequestParam(defaultValue = "") String part,
      @RequestParam(defaultValue = "2") double reserve,
      @RequestParam(required = false) Double bodyMm,
      @RequestParam(defaultValue = "MAYFLY") Natural.Order order,
      @RequestParam(defaultValue = "ADULT") Natural.Stage stage,
      @RequestParam(required = false) Goal.Wanted goal,
      @RequestParam(required = false) Double amount,
      @RequestParam(defaultValue = "0") int rest,
      HttpServletRequest request)
      throws IOException {
    Optional<Natural> natural =
        Optional.ofNullable(bodyMm)
            .map(mm -> new Natural(order, stage, Natural.Sex.UNKNOWN, mm, 0));
    PreparedFly fly = preparation.prepared(preparation.read(request.getInputStream()));
    List<HookSpec> own = ownHooks.all().stream().map(OwnHook::spec).toList();
    Details with = new Details(casts, seed, part, reserve, natural, goal(goal, amount), rest, own);
    ask.check(with, fly.sized()); // what cannot be asked is refused before anything is sent
    String key = keys.of(ask + "\n" + with, List.of(fly));
    return answering.stream(key, (work, early) -> ask.answer(with, fly, work, early));
  }

  /** How much of an outcome can be asked for. */
  record OutcomeBounds(Goal.Wanted goal, String unit, double low, double high, double usual) {}

  /** Every outcome that can be asked for. */
  @GetMapping("/api/outcomes")
  List<OutcomeBounds> outcomes() {
    return Stream.of(Goal.Wanted.values())
        .map(w -> new OutcomeBounds(w, w.unit(), w.low(), w.high(), w.usual()))
        .toList();
  }

  private static Optional<Goal> goal(Goal.Wanted wanted, Double amount) {
    return Optional.ofNullable(wanted).map(w -> new Goal(w, amount == null ? w.usual() : amount));
  }
}
