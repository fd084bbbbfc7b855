package ripplerest.app.evening;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ripplerest.app.drawer.DrawerItem;
import ripplerest.app.drawer.DrawerStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.log.LogStore;
import ripplerest.app.outings.Reckoning;
import ripplerest.app.patterns.Variants;
import ripplerest.core.box.Flies;
import ripplerest.core.drawer.Needs;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;
import ripplerest.core.tying.OwnTimes;
import ripplerest.evening.Job;
import ripplerest.evening.Jobs;
import ripplerest.evening.Planner;
import ripplerest.evening.Request;
import ripplerest.evening.Schedule;
import ripplerest.evening.Supplies;

/** Plans evenings: what is wanted, in the tier's own times, out of the drawer as it is. */
@Service
public class Planning {
  private static final int USUAL_WORTH = 10;

  private final EveningStore store;
  private final Reckoning reckoning;
  private final Variants variants;
  private final Preparation preparation;
  private final LogStore log;
  private final DrawerStore drawer;

  Planning(
      EveningStore store,
      Reckoning reckoning,
      Variants variants,
      Preparation preparation,
      LogStore log,
      DrawerStore drawer) {
    this.store = store;
    this.reckoning = reckoning;
    this.variants = variants;
    this.preparation = preparation;
    this.log = log;
    this.drawer = drawer;
  }

  /** How each want is tied, by its id; the stock that they share. */
  record Bench(Map<String, Job> jobs, Map<String, Long> stock) {}

  /** The plan without what cannot be tied any more: its pattern or its colours are gone since. */
  EveningPlan tieable(EveningPlan plan) {
    List<EveningPlan.Want> there =
        plan.wants().stream().filter(w -> variants.isThere(w.flies())).toList();
    return plan.changed(plan.evenings(), there, plan.slots(), plan.byStock());
  }

  /** Refuses a plan with flies of patterns, sizes or colours that there are not. */
  Bench bench(EveningPlan plan) {
    OwnTimes times = log.times();
    Optional<Supplies> supplies =
        plan.byStock()
            ? Optional.of(new Supplies(drawer.all().stream().map(DrawerItem::item).toList()))
            : Optional.empty();
    Map<Flies, Job> byFlies = new HashMap<>();
    Map<String, Job> jobs = new LinkedHashMap<>();
    for (EveningPlan.Want want : plan.wants()) {
      jobs.put(want.id(), byFlies.computeIfAbsent(want.flies(), f -> job(f, times, supplies)));
    }
    return new Bench(jobs, supplies.map(Supplies::stock).orElse(Map.of()));
  }

  private Job job(Flies flies, OwnTimes times, Optional<Supplies> supplies) {
    PreparedFly fly = preparation.prepared(variants.of(flies));
    Card card = CardWriter.of(fly.sized(), fly.materials());
    Map<String, Long> takes =
        supplies
            .map(s -> s.takenBy(Needs.of(fly.sized(), fly.materials()), fly.materials()))
            .orElse(Map.of());
    String id = flies.pattern() + " " + flies.size() + " " + flies.colouring();
    return Jobs.of(id, fly.sized(), card, times, fly.materials(), takes);
  }

  /** What outings to come lack, as wants; those that were there keep their id, days and worth. */
  List<EveningPlan.Want> lacking(EveningPlan plan) {
    List<EveningPlan.Want> wants = new ArrayList<>();
    Map<String, Long> tied = new HashMap<>();
    plan.slots().stream()
        .filter(s -> s.fly() != null)
        .forEach(s -> tied.merge(s.want(), 1L, Long::sum));
    for (Reckoning.Lacks l : reckoning.lacks()) {
      String outing = l.outing().toString();
      EveningPlan.Want before =
          plan.wants().stream()
              .filter(w -> w.outing().equals(outing) && w.flies().equals(l.flies()))
              .findFirst()
              .orElse(null);
      int count =
          l.lacking() + (before == null ? 0 : tied.getOrDefault(before.id(), 0L).intValue());
      if (count > 0) {
        int most = Math.min(99, count);
        wants.add(
            before == null
                ? new EveningPlan.Want(
                    UUID.randomUUID().toString(),
                    l.flies(),
                    most,
                    outing,
                    LocalDate.now(),
                    l.day(),
                    USUAL_WORTH)
                : new EveningPlan.Want(
                    before.id(), l.flies(), most, outing, before.from(), l.day(), before.worth()));
      }
    }
    plan.wants().stream().filter(w -> w.outing().isEmpty()).forEach(wants::add);
    return wants;
  }

  /** A plan of these evenings for all that outings to come lack, and some more. */
  public void fill(
      List<EveningPlan.FreeEvening> evenings, List<EveningPlan.Want> wishes, Work work) {
    store.change(
        store.get().revision(),
        p -> {
          List<EveningPlan.Want> wants = new ArrayList<>(lacking(p));
          wants.addAll(wishes);
          return p.changed(evenings, wants, p.slots(), p.byStock());
        });
    plan(LocalDateTime.now(), work);
  }

  /**
   * Plans anew all that is not tied yet, from now on, round what a hand pinned; kept when it is
   * found, unless the plan was changed meanwhile.
   */
  void plan(LocalDateTime now, Work work) {
    EveningStore.Kept kept = store.get();
    EveningPlan plan = tieable(kept.plan());
    Bench bench = bench(plan);
    Schedule found = Planner.plan(request(plan, bench, now), work);
    List<EveningPlan.Slot> slots =
        new ArrayList<>(plan.slots().stream().filter(s -> s.fly() != null).toList());
    for (Schedule.Session session : found.evenings()) {
      Map<String, Integer> pins = new HashMap<>();
      plan.slots().stream()
          .filter(s -> s.pinned() && s.fly() == null && s.evening().equals(session.id()))
          .forEach(s -> pins.merge(s.want(), 1, Integer::sum));
      for (String want : session.flies()) {
        boolean pinned = pins.merge(want, -1, Integer::sum) >= 0;
        slots.add(new EveningPlan.Slot(session.id(), want, pinned, null));
      }
    }
    work.throwIfCancelled();
    store.change(
        kept.revision(),
        before ->
            before
                .changed(before.evenings(), before.wants(), slots, before.byStock())
                .planned(slotsOf(before, slots), found.left(), found.why(), before.asked()));
  }

  private static List<EveningPlan.Slot> slotsOf(EveningPlan of, List<EveningPlan.Slot> slots) {
    return of.changed(of.evenings(), of.wants(), slots, of.byStock()).slots();
  }

  private static Request request(EveningPlan plan, Bench bench, LocalDateTime now) {
    Map<String, Integer> tied = new HashMap<>();
    plan.slots().stream()
        .filter(s -> s.fly() != null)
        .forEach(s -> tied.merge(s.want(), 1, Integer::sum));
    List<Request.Want> wants = new ArrayList<>();
    for (EveningPlan.Want w : plan.wants()) {
      int count = w.count() - tied.getOrDefault(w.id(), 0);
      if (count > 0) {
        wants.add(
            new Request.Want(
                w.id(), bench.jobs().get(w.id()), count, w.from(), w.due(), w.worth()));
      }
    }
    List<Request.Free> free = new ArrayList<>();
    for (EveningPlan.FreeEvening e : plan.evenings()) {
      if (e.ends().isAfter(now)) {
        List<Request.Held> held =
            plan.slots().stream()
                .filter(s -> s.pinned() && s.fly() == null && s.evening().equals(e.id()))
                .map(s -> new Request.Held(s.want(), false))
                .toList();
        free.add(new Request.Free(e.id(), e.day(), left(plan, e, bench, now), held));
      }
    }
    if (free.isEmpty()) {
      throw new OutOfRangeException(
          "evenings", "none that is still to come", "at least one", "Add an evening that is free.");
    }
    return new Request(free, wants, bench.stock());
  }

  /** Of an evening that has begun what is left of it, else all of it less what was tied ahead. */
  private static long left(
      EveningPlan plan, EveningPlan.FreeEvening e, Bench bench, LocalDateTime now) {
    if (now.isAfter(e.begins())) {
      return Math.max(0, Duration.between(now, e.ends()).toSeconds());
    }
    long tied =
        plan.slots().stream()
            .filter(s -> s.fly() != null && s.evening().equals(e.id()))
            .mapToLong(s -> bench.jobs().get(s.want()).tieSeconds())
            .sum();
    return Math.max(0, 60L * e.minutes() - tied);
  }
}
