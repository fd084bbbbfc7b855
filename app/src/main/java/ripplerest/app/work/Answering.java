package ripplerest.app.work;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.async.DeferredResult;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.core.estimate.Work;
import ripplerest.core.question.Answer;
import ripplerest.exchange.view.AnswerLine;

/**
 * Whatever takes longer than a pose: it waits in the one queue, holds still for whoever waits for a
 * pose, and is given up when whoever asked goes away.
 */
@Component
public class Answering {
  private final LongWork queue;
  private final InteractivePriority way;
  private final KeptAnswers kept;

  Answering(LongWork queue, InteractivePriority way, KeptAnswers kept) {
    this.queue = queue;
    this.way = way;
    this.kept = kept;
  }

  /**
   * An answer as lines of JSON: its place while it waits, how far it is, and last what was found;
   * 429 when too many wait.
   */
  public ResponseEntity<ResponseBodyEmitter> stream(Function<Work, Answer> question) {
    return stream(Optional.empty(), (work, early) -> question.apply(work));
  }

  /**
   * The same for a question that may have been answered before.
   *
   * @param key of all that the answer depends on
   */
  public ResponseEntity<ResponseBodyEmitter> stream(String key, Function<Work, Answer> question) {
    return stream(key, (work, early) -> question.apply(work));
  }

  /**
   * The same for a question that knows something early.
   *
   * @param question sends it, before its answer
   */
  public ResponseEntity<ResponseBodyEmitter> stream(
      String key, BiFunction<Work, Consumer<Answer>, Answer> question) {
    return stream(Optional.of(key), question);
  }

  private ResponseEntity<ResponseBodyEmitter> stream(
      Optional<String> key, BiFunction<Work, Consumer<Answer>, Answer> question) {
    Lines lines = new Lines(AnswerLine::progress, AnswerLine::problem, way);
    Optional<KeptAnswers.Line> before = key.flatMap(kept::find);
    if (before.isPresent()) {
      lines.answer(before::get);
      return lines.response();
    }
    queue.submit(
        new LongWork.Job() {
          @Override
          public boolean waits(int before) {
            return lines.send(AnswerLine.waits(before));
          }

          @Override
          public void run() {
            Consumer<Answer> early = found -> lines.send(AnswerLine.of(found));
            lines.answer(
                () -> {
                  AnswerLine found = AnswerLine.of(question.apply(lines, early));
                  return key.<Object>map(k -> kept.keep(k, found)).orElse(found);
                });
          }
        });
    return lines.response();
  }

  /** Something that is sent whole, such as a file; whoever waits holds no thread. */
  public <T> DeferredResult<T> whole(Function<Work, T> work) {
    DeferredResult<T> later = new DeferredResult<>(0L);
    AtomicBoolean gone = new AtomicBoolean();
    later.onError(e -> gone.set(true));
    later.onTimeout(() -> gone.set(true));
    Work watched =
        Work.until(
            () -> {
              way.giveWay();
              return gone.get();
            });
    queue.submit(
        new LongWork.Job() {
          @Override
          public boolean waits(int before) {
            return !gone.get();
          }

          @Override
          public void run() {
            try {
              watched.throwIfCancelled();
              later.setResult(work.apply(watched));
            } catch (RuntimeException e) {
              later.setErrorResult(e);
            }
          }
        });
    return later;
  }
}
