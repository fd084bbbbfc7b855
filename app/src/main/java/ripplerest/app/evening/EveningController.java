package ripplerest.app.evening;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.http.Revisions;
import ripplerest.app.people.CurrentPerson;
import ripplerest.app.work.Background;
import ripplerest.app.work.Following;
import ripplerest.app.work.Lines;
import ripplerest.core.estimate.Work;
import ripplerest.core.question.Answer;
import ripplerest.exchange.format.Calendar;
import ripplerest.exchange.view.AnswerLine;

/** The evenings' plan. */
@RestController
@RequestMapping("/api/evenings")
class EveningController {
  private final EveningStore store;
  private final Planning planning;
  private final EveningViews views;
  private final PlanJob job;
  private final Background background;
  private final Following following;

  EveningController(
      EveningStore store,
      Planning planning,
      EveningViews views,
      PlanJob job,
      Background background,
      Following following) {
    this.store = store;
    this.planning = planning;
    this.views = views;
    this.job = job;
    this.background = background;
    this.following = following;
  }

  /** What a hand changes of the plan. */
  record NewPlan(
      List<EveningPlan.FreeEvening> evenings,
      List<EveningPlan.Want> wants,
      List<EveningPlan.Slot> slots,
      boolean byStock) {}

  /** The plan as it is. */
  @GetMapping
  ResponseEntity<EveningViews.PlanView> plan() {
    return tagged(store.get());
  }

  private ResponseEntity<EveningViews.PlanView> tagged(EveningStore.Kept kept) {
    return ResponseEntity.ok().eTag(Revisions.tag(kept.revision())).body(views.of(kept));
  }

  /** Keeps what a hand changed; its clock is told anew at once, and nothing is planned anew. */
  @PutMapping
  ResponseEntity<EveningViews.PlanView> change(
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestBody NewPlan plan) {
    EveningPlan checked =
        EveningPlan.EMPTY.changed(
            orNone(plan.evenings()), orNone(plan.wants()), orNone(plan.slots()), plan.byStock());
    planning.bench(checked); // refuses patterns, sizes and colourings that there are not
    return tagged(
        store.change(
            Revisions.required(ifMatch),
            before ->
                before.changed(
                    checked.evenings(), checked.wants(), checked.slots(), plan.byStock())));
  }

  private static <T> List<T> orNone(List<T> sent) {
    return sent == null ? List.of() : sent;
  }

  /** Takes over what outings to come lack. */
  @PostMapping("/lacking")
  ResponseEntity<EveningViews.PlanView> lacking(
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
    return tagged(
        store.change(
            Revisions.required(ifMatch),
            p -> p.changed(p.evenings(), planning.lacking(p), p.slots(), p.byStock())));
  }

  /** Plans all that is not tied yet; given up when whoever asked goes away. */
  @PostMapping(path = "/plan", produces = Lines.TYPE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> replan() {
    job.asked();
    background.soon(PlanJob.TASK, CurrentPerson.now().toString());
    return following.follow(this::planned, job::giveUp);
  }

  private Optional<Answer> planned(Work told) {
    PlanJob.State state = job.now().orElseThrow();
    if (!state.over()) {
      told.progress(state.done(), Math.max(1, state.all()));
      return Optional.empty();
    }
    state
        .problem()
        .ifPresent(
            p -> {
              throw p;
            });
    return Optional.of(new Answer.Stored());
  }

  /** The evenings for a calendar. */
  @GetMapping(path = "/calendar.ics", produces = Calendar.TYPE)
  ResponseEntity<String> calendar() {
    EveningPlan plan = store.get().plan();
    List<Calendar.Event> events =
        plan.evenings().stream()
            .map(
                e ->
                    new Calendar.Event(
                        e.id(),
                        "At the vise",
                        e.begins(),
                        Duration.between(e.begins(), e.ends()).toMinutes(),
                        String.join("\n", flies(plan, e))))
            .toList();
    String name = ContentDisposition.attachment().filename("evenings.ics").build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name)
        .body(Calendar.write(events));
  }

  private static List<String> flies(EveningPlan plan, EveningPlan.FreeEvening evening) {
    List<String> lines = new ArrayList<>();
    for (EveningPlan.Want w : plan.wants()) {
      long count =
          plan.slots().stream()
              .filter(s -> s.evening().equals(evening.id()) && s.want().equals(w.id()))
              .count();
      if (count > 0) {
        lines.add(
            "%d × %s %d %s"
                .formatted(count, w.flies().name(), w.flies().size(), w.flies().colouring())
                .strip());
      }
    }
    return lines;
  }
}
