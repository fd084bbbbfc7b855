package ripplerest.app.work;

import java.io.IOException;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.http.Problems;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.exchange.format.ProblemDocument;
import tools.jackson.databind.json.JsonMapper;

/** Lines of JSON to one client; work for it goes on for as long as it listens. */
public final class Lines implements Work {
  public static final String TYPE = "application/x-ndjson";

  private static final Logger LOG = LoggerFactory.getLogger(Lines.class);
  private static final long TELL_NANOS = 100_000_000;

  private final ResponseBodyEmitter emitter = new ResponseBodyEmitter(0L);
  private final BiFunction<Integer, Integer, Object> progress;
  private final Function<ProblemDocument, Object> problem;
  private final InteractivePriority way;
  private volatile boolean gone;
  private long told;

  /**
   * @param progress makes a line of how much is done of all
   * @param problem makes a line of why there is no answer
   * @param way what this work holds still for
   */
  public Lines(
      BiFunction<Integer, Integer, Object> progress,
      Function<ProblemDocument, Object> problem,
      InteractivePriority way) {
    this.problem = problem;
    this.way = way;
    this.progress = progress;
    emitter.onError(e -> gone = true);
    emitter.onTimeout(() -> gone = true);
    emitter.onCompletion(() -> gone = true);
  }

  public ResponseEntity<ResponseBodyEmitter> response() {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(TYPE))
        .header("X-Accel-Buffering", "no") // whatever stands between hands each line on
        .body(emitter);
  }

  /** Sends a line; false once nobody listens. */
  public synchronized boolean send(Object line) {
    try {
      if (!gone) {
        emitter.send(JsonMapper.shared().writeValueAsString(line) + "\n", MediaType.TEXT_PLAIN);
      }
    } catch (IOException | RuntimeException e) {
      gone = true; // however a connection ends, nobody listens any more
    }
    return !gone;
  }

  /** Sends what was found and ends; nothing if it was given up. */
  public void answer(Supplier<?> found) {
    try {
      send(found.get());
      emitter.complete();
    } catch (Cancelled e) {
      emitter.complete();
    } catch (OutOfRangeException e) {
      send(problem.apply(Problems.document(e)));
      emitter.complete();
    } catch (RuntimeException | Error e) {
      LOG.warn("A long answer failed.", e);
      send(
          problem.apply(
              new ProblemDocument(
                  "urn:ripple-rest:problem:no-answer",
                  "There is no answer",
                  500,
                  "Something went wrong while this was worked out. What you have is safe; change the"
                      + " fly a little or ask again, and keep the application's log for whoever looks"
                      + " after it.",
                  List.of())));
      emitter.complete();
      if (e instanceof Error error) {
        throw error; // whoever watches over the process sees it too
      }
    }
  }

  /** Whether nobody listens any more. */
  boolean isGone() {
    return gone;
  }

  @Override
  public boolean cancelled() {
    if (!gone) {
      way.giveWay();
    }
    return gone;
  }

  @Override
  public synchronized void progress(int completed, int total) {
    long now = System.nanoTime();
    if (now - told > TELL_NANOS || completed == total) {
      told = now;
      send(progress.apply(completed, total));
    }
  }
}
