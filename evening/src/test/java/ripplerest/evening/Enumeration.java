package ripplerest.evening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * All plans there are, and a score of each by a reckoning of its own: slow, and read beside the
 * solver's.
 */
final class Enumeration {
  private final Request request;
  private final List<Request.Want> flies = new ArrayList<>();
  private long[] best;
  long plans;

  private Enumeration(Request request) {
    this.request = request;
    request.wants().forEach(w -> flies.addAll(java.util.Collections.nCopies(w.count(), w)));
  }

  /** The best there is: {hard, medium, soft}, each nought or less. */
  static long[] best(Request request) {
    Enumeration all = new Enumeration(request);
    List<List<Request.Want>> empty = new ArrayList<>();
    request.evenings().forEach(e -> empty.add(new ArrayList<>()));
    all.place(empty, 0, new boolean[all.flies.size()]);
    return all.best;
  }

  /** Fills the evenings one by one with every sequence of what is left. */
  private void place(List<List<Request.Want>> plan, int evening, boolean[] used) {
    if (evening == plan.size()) {
      plans++;
      long[] score = score(request, plan);
      if (best == null || java.util.Arrays.compare(score, best) > 0) {
        best = score;
      }
      return;
    }
    place(plan, evening + 1, used);
    Set<String> tried = new HashSet<>();
    for (int i = 0; i < flies.size(); i++) {
      if (!used[i] && tried.add(flies.get(i).id())) {
        used[i] = true;
        plan.get(evening).add(flies.get(i));
        place(plan, evening, used);
        plan.get(evening).remove(plan.get(evening).size() - 1);
        used[i] = false;
      }
    }
  }

  /** What a plan is worth, worked out from what the rules say and not from the rules' code. */
  static long[] score(Request request, List<List<Request.Want>> plan) {
    long hard = 0;
    long soft = 0;
    Map<String, Long> taken = new HashMap<>();
    List<Request.Want> left = new ArrayList<>();
    request.wants().forEach(w -> left.addAll(java.util.Collections.nCopies(w.count(), w)));
    for (int e = 0; e < plan.size(); e++) {
      Request.Free free = request.evenings().get(e);
      long spent = 0;
      Set<String> prepared = new HashSet<>();
      List<long[]> drying = new ArrayList<>();
      Job before = null;
      for (Request.Want want : plan.get(e)) {
        left.remove(want);
        Job job = want.job();
        long[] dry = first(drying);
        while (dry != null && dry[0] <= spent) {
          spent += dry[1];
          drying.remove(dry);
          dry = first(drying);
        }
        long extra = 0;
        extra += before == null || !before.thread().equals(job.thread()) ? 40 : 0;
        extra += before == null || !before.hook().equals(job.hook()) ? 20 : 0;
        extra += before == null || !before.id().equals(job.id()) ? 60 : 0;
        for (Map.Entry<String, Long> p : job.prepare().entrySet()) {
          extra += prepared.add(p.getKey()) ? p.getValue() : 0;
        }
        soft -= extra + 15L * e;
        spent += extra + job.tieSeconds();
        if (job.finishSeconds() > 0) {
          drying.add(new long[] {spent + job.cureSeconds(), job.finishSeconds()});
        }
        before = job;
        hard -= free.day().isBefore(want.from()) || free.day().isAfter(want.due()) ? 1 : 0;
        job.takes().forEach((thing, a) -> taken.merge(thing, a, Long::sum));
      }
      while (!drying.isEmpty()) {
        long[] dry = first(drying);
        soft -= Math.max(0, dry[0] - spent);
        spent = Math.max(spent, dry[0]) + dry[1];
        drying.remove(dry);
      }
      hard -= Math.max(0, spent - free.seconds());
    }
    for (Map.Entry<String, Long> t : taken.entrySet()) {
      hard -= Math.max(0, t.getValue() - request.stock().getOrDefault(t.getKey(), Long.MAX_VALUE));
    }
    long medium = -left.stream().mapToLong(Request.Want::worth).sum();
    return new long[] {hard, medium, soft};
  }

  private static long[] first(List<long[]> drying) {
    return drying.stream().min((a, b) -> Long.compare(a[0], b[0])).orElse(null);
  }
}
