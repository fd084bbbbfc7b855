package ripplerest.app.web;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Floats;
import ripplerest.core.drift.Rates;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.AnswerLine;
import ripplerest.exchange.PatternFile;
import ripplerest.exchange.PatternReader;
import tools.jackson.databind.json.JsonMapper;

/** Questions that take a while, answered line by line as the work goes on. */
@RestController
class AnswerController {
  private static final String LINES = "application/x-ndjson";
  private static final int MOST_CASTS = 5000;

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

  /** What can be asked. */
  enum Ask {
    LANDING,
    CARRY,
    OVER_TIME
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
      @RequestParam Ask ask,
      @RequestParam(defaultValue = "500") int casts,
      @RequestParam(defaultValue = "1") long seed,
      HttpServletRequest request)
      throws IOException {
    Require.inRange("casts", casts, 1, MOST_CASTS);
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
            lines.answer(() -> answer(ask, sized, file.conditions(), casts, seed, lines));
          }
        });
    return ResponseEntity.ok().contentType(MediaType.parseMediaType(LINES)).body(lines.emitter);
  }

  private AnswerLine answer(
      Ask ask, SizedPattern sized, Conditions conditions, int casts, long seed, Work work) {
    work.goOn();
    return switch (ask) {
      case LANDING ->
          AnswerLine.of(Answers.landing(sized, materials, conditions, casts, seed, work));
      case CARRY -> AnswerLine.of(Answers.carry(sized, materials, conditions, work));
      case OVER_TIME -> AnswerLine.of(overTime(sized, conditions, seed, work));
    };
  }

  private Map<Stretch, FloatOverTime> overTime(
      SizedPattern sized, Conditions conditions, long seed, Work work) {
    Floats floats = FloatOverTime.floats(sized, materials, conditions, work);
    Map<Stretch, FloatOverTime> byWater = new EnumMap<>(Stretch.class);
    for (Stretch stretch : Stretch.values()) {
      work.goOn();
      Rates rates = Rates.usual(stretch, conditions.floatant());
      byWater.put(stretch, FloatOverTime.of(floats, rates, seed));
    }
    return byWater;
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
      } catch (IOException | IllegalStateException e) {
        gone = true;
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
