package ripplerest.app.evening;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import ripplerest.app.http.Shown;
import ripplerest.app.outings.Reckoning;
import ripplerest.evening.Job;
import ripplerest.evening.Schedule;
import ripplerest.evening.Timeline;

/** The plan as it is sent, with its clock. */
@Component
class EveningViews implements Shown<EveningStore.Kept> {
  private final Planning planning;
  private final Reckoning reckoning;

  EveningViews(Planning planning, Reckoning reckoning) {
    this.planning = planning;
    this.reckoning = reckoning;
  }

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
      List<Schedule.LeftOut> left,
      List<String> why,
      boolean current,
      List<Reckoning.Lacks> lacks) {}

  @Override
  public Class<EveningStore.Kept> type() {
    return EveningStore.Kept.class;
  }

  @Override
  public PlanView of(EveningStore.Kept kept) {
    EveningPlan plan = planning.tieable(kept.plan());
    Planning.Bench bench = planning.bench(plan);
    LocalDateTime now = LocalDateTime.now();
    return new PlanView(
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
}
