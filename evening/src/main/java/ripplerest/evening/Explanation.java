package ripplerest.evening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Says why a plan is as it is: what its order saves, and what keeps out what is left out. */
final class Explanation {
  private static final long LEAST_SAVED = 60;

  private Explanation() {}

  static Schedule of(Request request, Plan plan, long moves) {
    List<Schedule.Session> sessions =
        plan.evenings().stream()
            .map(
                e ->
                    new Schedule.Session(
                        e.id(), e.flies().stream().map(f -> f.want().id()).toList(), e.timeline()))
            .toList();
    return new Schedule(sessions, left(request, plan), why(request, plan), moves);
  }

  /**
   * What the order saves against the same flies of the same evenings one by one, as they are
   * wanted: one of each kind in turn.
   */
  private static List<String> why(Request request, Plan plan) {
    int threads = 0;
    long threadSeconds = 0;
    long kinds = 0;
    long preparing = 0;
    long drying = 0;
    Map<String, Integer> onThread = new LinkedHashMap<>();
    for (Evening e : plan.evenings()) {
      List<Job> jobs = e.flies().stream().map(Fly::job).toList();
      Timeline here = Timeline.of(jobs);
      List<Job> turns = inTurn(jobs);
      Timeline turn = Timeline.of(turns);
      threads += turn.threadChanges() - here.threadChanges();
      kinds +=
          (turn.layOuts() - here.layOuts()) * Weights.LAY_OUT_SECONDS
              + (turn.hookChanges() - here.hookChanges()) * Weights.HOOK_SECONDS;
      preparing +=
          jobs.stream().mapToLong(j -> j.prepare().values().stream().mapToLong(s -> s).sum()).sum()
              - here.preparingSeconds();
      drying +=
          jobs.stream().filter(j -> j.finishSeconds() > 0).mapToLong(Job::cureSeconds).sum()
              - here.waitingSeconds();
      jobs.forEach(j -> onThread.merge(j.thread(), 1, Integer::sum));
    }
    threadSeconds = threads * Weights.THREAD_SECONDS;
    List<String> why = new ArrayList<>();
    if (threads > 0 && onThread.size() > 1) {
      String most =
          onThread.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
      why.add(
          "All on one thread one after the other, most of them on %s: saves %s, %s."
              .formatted(
                  most,
                  count(threads, "change of thread", "changes of thread"),
                  minutes(threadSeconds)));
    }
    if (kinds >= LEAST_SAVED) {
      why.add(
          "All of one kind together, so that hooks and materials are laid out once: saves %s."
              .formatted(minutes(kinds)));
    }
    if (preparing >= LEAST_SAVED) {
      why.add(
          "Feathers are sorted and hair is stacked once an evening for all that ask for it: saves %s."
              .formatted(minutes(preparing)));
    }
    if (drying >= LEAST_SAVED) {
      why.add("While one dries the next is tied: saves %s of waiting.".formatted(minutes(drying)));
    }
    long waiting = plan.evenings().stream().mapToLong(e -> e.timeline().waitingSeconds()).sum();
    if (waiting >= LEAST_SAVED) {
      why.add(
          "%s are left in which a fly dries and no other can be tied.".formatted(minutes(waiting)));
    }
    return why;
  }

  /** One of each kind after the other, again and again. */
  private static List<Job> inTurn(List<Job> jobs) {
    Map<String, List<Job>> kinds = new LinkedHashMap<>();
    jobs.forEach(j -> kinds.computeIfAbsent(j.id(), k -> new ArrayList<>()).add(j));
    List<Job> turn = new ArrayList<>();
    while (turn.size() < jobs.size()) {
      kinds.values().stream().filter(k -> !k.isEmpty()).forEach(k -> turn.add(k.remove(0)));
    }
    return turn;
  }

  private static List<Schedule.LeftOut> left(Request request, Plan plan) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    plan.flies().stream()
        .filter(Fly::isLeftOut)
        .forEach(f -> counts.merge(f.want().id(), 1, Integer::sum));
    List<Schedule.LeftOut> left = new ArrayList<>();
    for (Request.Want want : request.wants()) {
      Integer count = counts.get(want.id());
      if (count != null) {
        left.add(new Schedule.LeftOut(want.id(), count, why(request, plan, want)));
      }
    }
    return left;
  }

  private static String why(Request request, Plan plan, Request.Want want) {
    List<Evening> inTime =
        plan.evenings().stream()
            .filter(e -> e.day() >= want.from().toEpochDay() && e.day() <= want.due().toEpochDay())
            .toList();
    if (inTime.isEmpty()) {
      boolean late = plan.evenings().stream().allMatch(e -> e.day() > want.due().toEpochDay());
      return late
          ? "No evening is free before the day it is for."
          : "What it needs is not there before the day it is for.";
    }
    Map<String, Long> taken = new HashMap<>();
    plan.flies().stream()
        .filter(f -> !f.isLeftOut())
        .forEach(f -> f.job().takes().forEach((thing, a) -> taken.merge(thing, a, Long::sum)));
    for (Map.Entry<String, Long> take : want.job().takes().entrySet()) {
      Long there = request.stock().get(take.getKey());
      if (there != null && taken.getOrDefault(take.getKey(), 0L) + take.getValue() > there) {
        return "There is not enough of this left: " + take.getKey() + ".";
      }
    }
    long most = inTime.stream().mapToLong(Evening::secondsFree).max().orElse(0);
    long takes = want.job().tieSeconds() + want.job().finishSeconds();
    return "It takes %s, with what has to be changed and made ready for it more; the most that is free in an evening is %s."
        .formatted(minutes(takes), minutes(Math.max(0, most)));
  }

  private static String minutes(long seconds) {
    long minutes = Math.round(seconds / 60.0);
    return minutes == 0 && seconds > 0 ? "less than a minute" : count(minutes, "minute", "minutes");
  }

  private static String count(long count, String one, String many) {
    return count + " " + (count == 1 ? one : many);
  }
}
