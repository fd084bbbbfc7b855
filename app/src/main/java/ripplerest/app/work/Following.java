package ripplerest.app.work;

import jakarta.annotation.PreDestroy;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.people.CurrentPerson;
import ripplerest.core.estimate.Work;
import ripplerest.core.question.Answer;
import ripplerest.exchange.view.AnswerLine;

/**
 * Tells somebody how far something is that is worked out by whichever copy of the application has
 * begun it, until it is over. Whoever waits holds no thread.
 */
@Component
public class Following {
  private static final long LOOK_MILLIS = 200;

  private final InteractivePriority way;
  private final ScheduledExecutorService looks =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "following");
            thread.setDaemon(true);
            return thread;
          });

  Following(InteractivePriority way) {
    this.way = way;
  }

  /**
   * @param look how far it is: tells that to what it is given, and answers once it is over
   * @param gone called where whoever asked went away before
   */
  public ResponseEntity<ResponseBodyEmitter> follow(
      Function<Work, Optional<Answer>> look, Runnable gone) {
    Lines lines = new Lines(AnswerLine::progress, AnswerLine::problem, way);
    CurrentPerson.Acting acting = CurrentPerson.acting();
    AtomicReference<ScheduledFuture<?>> again = new AtomicReference<>();
    again.set(
        looks.scheduleWithFixedDelay(
            () -> {
              if (acting.get(() -> isOver(lines, look, gone)) && again.get() != null) {
                again.get().cancel(false);
              }
            },
            LOOK_MILLIS,
            LOOK_MILLIS,
            TimeUnit.MILLISECONDS));
    return lines.response();
  }

  private static boolean isOver(Lines lines, Function<Work, Optional<Answer>> look, Runnable gone) {
    try {
      if (lines.isGone()) {
        gone.run();
        return true;
      }
      Optional<Answer> answer = look.apply(lines);
      answer.ifPresent(a -> lines.answer(() -> AnswerLine.of(a)));
      return answer.isPresent();
    } catch (RuntimeException e) {
      lines.answer(
          () -> {
            throw e;
          });
      return true;
    }
  }

  @PreDestroy
  void stop() {
    looks.shutdownNow();
  }
}
