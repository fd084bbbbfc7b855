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
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.OwnHook;
import ripplerest.app.work.Lines;
import ripplerest.app.work.LongWork;
import ripplerest.app.work.RightOfWay;
import ripplerest.core.advice.Goal;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.view.AnswerLine;
import ripplerest.exchange.view.Ask;
import ripplerest.exchange.view.Question;

/** Questions that take a while, answered line by line as the work goes on. */
@RestController
class AnswerController {
  private final PatternReader reader;
  private final Sizer sizer;
  private final MaterialStore materials;
  private final LongWork queue;
  private final HookStore ownHooks;

  private final RightOfWay way;

  AnswerController(
      PatternReader reader,
      Sizer sizer,
      MaterialStore materials,
      LongWork queue,
      HookStore ownHooks,
      RightOfWay way) {
    this.way = way;
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
    this.queue = queue;
    this.ownHooks = ownHooks;
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
      HttpServletRequest request)
      throws IOException {
    Optional<Natural> natural =
        Optional.ofNullable(bodyMm)
            .map(mm -> new Natural(order, stage, Natural.Sex.UNKNOWN, mm, 0));
    PatternFile file = reader.read(request.getInputStream());
    SizedPattern sized = sizer.size(file.pattern());
    List<HookSpec> own = ownHooks.all().stream().map(OwnHook::spec).toList();
    Ask with = new Ask(casts, seed, part, reserve, natural, goal(goal, amount), own);
    ask.check(with, sized);
    Materials table = materials.materials();
    Lines lines = new Lines(AnswerLine::progress, AnswerLine::problem, way);
    queue.submit(
        new LongWork.Job() {
          @Override
          public boolean waits(int before) {
            return lines.send(AnswerLine.waits(before));
          }

          @Override
          public void run() {
            lines.answer(() -> ask.answer(with, sized, table, file.conditions(), lines));
          }
        });
    return lines.response();
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
