package ripplerest.app.web;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.AnswerLine;
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

  AnswerController(PatternReader reader, Sizer sizer, Materials materials, LongWork queue) {
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
    this.queue = queue;
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
      HttpServletRequest request)
      throws IOException {
    Require.inRange("casts", casts, 1, Question.MOST_CASTS);
    PatternFile file = reader.read(request.getInputStream());
    SizedPattern sized = sizer.size(file.pattern());
    Lines lines = new Lines();
    queue.submit(
        new LongWork.Job() {
          @Override
          public boolean waits(int before) {
            return lines.send(AnswerLine.waits(before));
          }

          @Override
          public void run() {
            lines.answer(() -> ask.answer(sized, materials, file.conditions(), casts, seed, lines));
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
