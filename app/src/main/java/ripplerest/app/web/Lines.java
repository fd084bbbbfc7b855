package ripplerest.app.web;

import java.io.IOException;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;
import tools.jackson.databind.json.JsonMapper;

/** Lines of JSON to one client; work for it goes on for as long as it listens. */
final class Lines implements Work {
  static final String TYPE = "application/x-ndjson";

  private static final long TELL_NANOS = 100_000_000;

  private final ResponseBodyEmitter emitter = new ResponseBodyEmitter(0L);
  private final BiFunction<Integer, Integer, Object> progress;
  private final RightOfWay way;
  private volatile boolean gone;
  private long told;

  /**
   * @param progress makes a line of how much is done of all
   * @param way what this work holds still for
   */
  Lines(BiFunction<Integer, Integer, Object> progress, RightOfWay way) {
    this.way = way;
    this.progress = progress;
    emitter.onError(e -> gone = true);
    emitter.onTimeout(() -> gone = true);
    emitter.onCompletion(() -> gone = true);
  }

  ResponseEntity<ResponseBodyEmitter> response() {
    return ResponseEntity.ok().contentType(MediaType.parseMediaType(TYPE)).body(emitter);
  }

  /** Sends a line; false once nobody listens. */
  synchronized boolean send(Object line) {
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
  void answer(Supplier<?> found) {
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
    if (!gone) {
      way.giveWay();
    }
    return gone;
  }

  @Override
  public synchronized void done(int of, int all) {
    long now = System.nanoTime();
    if (now - told > TELL_NANOS || of == all) {
      told = now;
      send(progress.apply(of, all));
    }
  }
}
