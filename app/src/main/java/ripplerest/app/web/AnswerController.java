package ripplerest.app.web;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.store.OwnHook;
import ripplerest.app.store.OwnHookRepository;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.AnswerLine;
import ripplerest.exchange.Ask;
import ripplerest.exchange.PatternFile;
import ripplerest.exchange.PatternReader;
import ripplerest.exchange.Question;
import tools.jackson.databind.json.JsonMapper;

/** Questions that take a while, answered line by line as the work goes on. */
@RestController
class AnswerController {
  private static final String LINES = "application/x-ndjson";

  private final PatternReader reader;
  private final Sizer sizer;
  private final Materials materials;
  private final LongWork queue;
  private final OwnHookRepository ownHooks;

  AnswerController(
      PatternReader reader,
      Sizer sizer,
      Materials materials,
      LongWork queue,
      OwnHookRepository ownHooks) {
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
  @PostMapping(path = "/api/answers", consumes = MediaType.APPLICATION_JSON_VALUE, produces = LINES)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  @ApiResponse(
      responseCode = "200",
      content = @Content(mediaType = LINES, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> answer(
      @RequestParam Question ask,
      @RequestParam(defaultValue = "500") int casts,
      @RequestParam(defaultValue = "1") long seed,
      @RequestParam(defaultValue = "") String part,
      @RequestParam(defaultValue = "2") double reserve,
      @RequestParam(required = false) Double bodyMm,
      @RequestParam(defaultValue = "MAYFLY") Natural.Order order,
      @RequestParam(defaultValue = "ADULT") Natural.Stage stage,
      HttpServletRequest request)
      throws IOException {
    Optional<Natural> natural =
        Optional.ofNullable(bodyMm)
            .map(mm -> new Natural(order, stage, Natural.Sex.UNKNOWN, mm, 0));
    PatternFile file = reader.read(request.getInputStream());
    SizedPattern sized = sizer.size(file.pattern());
    List<HookSpec> own = ownHooks.findAllByOrderByName().stream().map(OwnHook::spec).toList();
    Ask with = new Ask(casts, seed, part, reserve, natural, own);
    ask.check(with, sized);
    Lines lines = new Lines();
    queue.submit(
        new LongWork.Job() {
          @Override
          public boolean waits(int before) {
            return lines.send(AnswerLine.waits(before));
          }

          @Override
          public void run() {
            lines.answer(() -> ask.answer(with, sized, materials, file.conditions(), lines));
          }
        });
    return ResponseEntity.ok().contentType(MediaType.parseMediaType(LINES)).body(lines.emitter);
  }

  /** Lines to one client; work for it goes on for as long as it listens. */
  private static final class Lines implements Work {
    private static final long TELL_NANOS = 100_000_000;

    final ResponseBodyEmitter emitter = new ResponseBodyEmitter(0L);
    private volatile boolean gone;
    private long told;

    Lines() {
      emitter.onError(e -> gone = true);
      emitter.onTimeout(() -> gone = true);
      emitter.onCompletion(() -> gone = true);
    }

    /** Sends a line; false once nobody listens. */
    synchronized boolean send(AnswerLine line) {
      try {
        if (!gone) {
          emitter.send(JsonMapper.shared().writeValueAsString(line) + "\n", MediaType.TEXT_PLAIN);
        }
      } catch (IOException | RuntimeException e) {
        gone = true; // however a connection ends, nobody listens any more
      }
      return !gone;
    }

    void answer(java.util.function.Supplier<AnswerLine> found) {
      try {
        send(found.get());
        emitter.complete();
      } catch (Cancelled e) {
        emitter.complete();
      } catch (RuntimeException e) {
        emitter.completeWithError(e);
      }
    }

    @Override
    public boolean cancelled() {
      return gone;
    }

    @Override
    public synchronized void done(int of, int all) {
      long now = System.nanoTime();
      if (now - told > TELL_NANOS || of == all) {
        told = now;
        send(AnswerLine.progress(of, all));
      }
    }
  }
}
