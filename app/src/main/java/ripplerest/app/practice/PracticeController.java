package ripplerest.app.practice;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.async.DeferredResult;
import ripplerest.app.http.Csv;
import ripplerest.app.people.OwnFile;
import ripplerest.app.work.Answering;
import ripplerest.core.quantity.Require;
import ripplerest.exchange.table.PracticeTable;

/** Practice for the eye. */
@RestController
@RequestMapping("/api/practice")
class PracticeController implements OwnFile {
  private final Practising practising;
  private final PracticeStore store;
  private final Answering answering;

  PracticeController(Practising practising, PracticeStore store, Answering answering) {
    this.practising = practising;
    this.store = store;
    this.answering = answering;
  }

  /** What an eye sees, skill by skill, and what is due. */
  @GetMapping
  PracticeViews.PracticeView all(@RequestParam(defaultValue = "") String person) {
    return practising.of(person);
  }

  /** The next exercise of a sitting; some take a second or two to make, and wait in the queue. */
  @PostMapping("/exercises")
  DeferredResult<PracticeViews.ExerciseView> next(@RequestBody PracticeViews.NextExercise wanted) {
    Require.sent("sitting", wanted.sitting());
    PracticeStore.checked(wanted.person());
    return answering.whole(work -> practising.next(wanted, work));
  }

  /** Judges an answer; answered twice, the first counts. */
  @PostMapping("/exercises/{id}/answer")
  PracticeViews.AnsweredView answer(@PathVariable UUID id, @RequestBody PracticeViews.Said answer) {
    return practising.answer(id, answer.said());
  }

  /** Every look as a table. */
  @GetMapping(path = "/looks.csv", produces = Csv.TYPE)
  ResponseEntity<String> table() throws IOException {
    return Csv.file("practice.csv", PracticeTable.write(store.lines()));
  }

  /** Takes looks in, all of them or none; those that are here already stay as they are. */
  @PostMapping(path = "/looks/table", consumes = Csv.TYPE)
  Csv.Added take(HttpServletRequest request) throws IOException {
    return new Csv.Added(store.take(PracticeTable.read(Csv.reader(request))));
  }

  @Override
  public ResponseEntity<String> ownFile() throws IOException {
    return table();
  }
}
