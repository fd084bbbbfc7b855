package ripplerest.app.evening;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
import ripplerest.app.outings.Reckoning;
import ripplerest.app.work.Answering;
import ripplerest.app.work.Lines;
import ripplerest.core.question.Answer;
import ripplerest.evening.Job;
import ripplerest.evening.Timeline;
import ripplerest.exchange.format.Calendar;
import ripplerest.exchange.view.AnswerLine;

/** The evenings' plan. */
@RestController
@RequestMapping("/api/evenings")
class EveningController {
  private final EveningStore store;
  private final Planning planning;
  private final Reckoning reckoning;
  private final Answering answering;

  EveningController(
      EveningStore store, Planning planning, Reckoning reckoning, Answering answering) {
    this.store = store;
    this.planning = planning;
    this.reckoning = reckoning;
    this.answering = answering;
  }

  /** What a hand changes of the plan. */
  record NewPlan(
      List<EveningPlan.FreeEvening> evenings,
      List<EveningPlan.Want> wants,
      List<EveningPlan.Slot> slots,
      boolean byStock) {}

  /**
   * One piece of work in an evening.
   *
   * @param slot place of its fly among all of the plan
   * @param minutes from the beginning of the evening, with what has to be changed for it
   * @param handsMinutes when the fly itself is begun
   * @param tied whether it is in the log
   */
  record WorkView(
      int slot,
      String want,
      Timeline.What what,
      double minutes,
      double handsMinutes,
      double endsMinutes,
      boolean pinned,
      boolean tied) {}

  /**
   * One evening.
   *
   * @param spentMinutes until its last fly is done
   * @param threadChanges how often another thread goes onto the bobbin
   * @param overMinutes how far it goes beyond the evening
   * @param goesOn whether it has begun: what is not tied yet begins now
   * @param over whether it has ended
   */
  record EveningView(
      EveningPlan.FreeEvening evening,
      List<WorkView> work,
      double spentMinutes,
      int threadChanges,
      double preparingMinutes,
      double waitingMinutes,
      double overMinutes,
      boolean goesOn,
      boolean over) {}

  /** How a want is tied. */
  record JobView(
      String want, String thread, List<String> prepare, double minutes, double driesMinutes) {}

  /**
   * The plan.
   *
   * @param current whether it was planned for the evenings and wants as they are now
   * @param lacks what outings to come lack now
   */
  record PlanView(
      long revision,
      List<EveningView> evenings,
      List<EveningPlan.Want> wants,
      List<EveningPlan.Slot> slots,
      List<JobView> jobs,
      boolean byStock,
      List<ripplerest.evening.Schedule.LeftOut> left,
      List<String> why,
      boolean current,
      List<Reckoning.Lacks> lacks) {}

  /** The plan as it is. */
  @GetMapping
  ResponseEntity<PlanView> plan() {
    return tagged(store.get());
  }

  private ResponseEntity<PlanView> tagged(EveningStore.Kept kept) {
    EveningPlan plan = kept.plan();
    Planning.Bench bench = planning.bench(plan);
    LocalDateTime now = LocalDateTime.now();
    PlanView view =
        new PlanView(
            kept.revision(),
            plan.evenings().stream().map(e -> view(plan, e, bench.jobs(), now)).toList(),
            plan.wants(),
            plan.slots(),
            plan.wants().stream().map(w -> view(w, bench.jobs().get(w.id()))).toList(),
            plan.byStock(),
            plan.left(),
            plan.why(),
            plan.plannedOf().equals(plan.asked()),
            reckoning.lacks());
    return ResponseEntity.ok().eTag(Revisions.tag(kept.revision())).body(view);
  }

  private static JobView view(EveningPlan.Want w, Job job) {
    return new JobView(
        w.id(),
        job.thread(),
        job.prepare().keySet().stream().sorted().toList(),
        (job.tieSeconds() + job.finishSeconds()) / 60.0,
        job.cureSeconds() / 60.0);
  }

  private static EveningView view(
      EveningPlan plan, EveningPlan.FreeEvening evening, Map<String, Job> jobs, LocalDateTime now) {
    List<Integer> tied = new ArrayList<>();
    List<Integer> open = new ArrayList<>();
    for (int i = 0; i < plan.slots().size(); i++) {
      EveningPlan.Slot slot = plan.slots().get(i);
      if (slot.evening().equals(evening.id())) {
        (slot.fly() == null ? open : tied).add(i);
      }
    }
    Timeline done = timeline(plan, tied, jobs);
    Timeline rest = timeline(plan, open, jobs);
    boolean goesOn = now.isAfter(evening.begins()) && now.isBefore(evening.ends());
    double begins =
        goesOn ? Duration.between(evening.begins(), now).toSeconds() / 60.0 : done.seconds() / 60.0;
    List<WorkView> work = new ArrayList<>(work(plan, tied, done, 0));
    work.addAll(work(plan, open, rest, begins));
    double spent = begins + rest.seconds() / 60.0;
    return new EveningView(
        evening,
        work,
        spent,
        done.threadChanges() + rest.threadChanges(),
        (done.preparingSeconds() + rest.preparingSeconds()) / 60.0,
        rest.waitingSeconds() / 60.0,
        open.isEmpty() ? 0 : Math.max(0, spent - evening.minutes()),
        goesOn,
        evening.ends().isBefore(now));
  }

  private static Timeline timeline(EveningPlan plan, List<Integer> slots, Map<String, Job> jobs) {
    return Timeline.of(slots.stream().map(i -> jobs.get(plan.slots().get(i).want())).toList());
  }

  private static List<WorkView> work(
      EveningPlan plan, List<Integer> slots, Timeline timeline, double begins) {
    return timeline.entries().stream()
        .map(
            e -> {
              int slot = slots.get(e.place());
              EveningPlan.Slot of = plan.slots().get(slot);
              return new WorkView(
                  slot,
                  of.want(),
                  e.what(),
                  begins + e.startsAt() / 60.0,
                  begins + e.handsAt() / 60.0,
                  begins + e.endsAt() / 60.0,
                  of.pinned(),
                  of.fly() != null);
            })
        .toList();
  }

  /** Keeps what a hand changed; its clock is told anew at once, and nothing is planned anew. */
  @PutMapping
  ResponseEntity<PlanView> change(
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
  ResponseEntity<PlanView> lacking(
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
    return answering.stream(
        work -> {
          planning.plan(LocalDateTime.now(), work);
          return new Answer.Stored();
        });
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
