package ripplerest.evening;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * One evening, minute by minute: flies one after the other in a given order. What all of a kind
 * need is made ready once; while a fly dries the next is tied, and it is finished at the first
 * change of flies after it is dry. All times are in seconds from the beginning.
 *
 * @param entries what hands do, in order
 * @param seconds until the last is done
 * @param threadChanges how often another thread went onto the bobbin, the first included
 * @param hookChanges how often other hooks were laid out
 * @param layOuts how often another kind was begun
 * @param preparingSeconds in all
 * @param waitingSeconds in which nothing could be done but wait for a fly to dry
 */
public record Timeline(
    List<Entry> entries,
    long seconds,
    int threadChanges,
    int hookChanges,
    int layOuts,
    long preparingSeconds,
    long waitingSeconds) {
  /** What hands do. */
  public enum What {
    TIE,
    FINISH
  }

  /**
   * One piece of work.
   *
   * @param place of its fly in the order that was given
   * @param startsAt with what has to be changed and made ready for it
   * @param handsAt when the fly itself is begun
   * @param endsAt when it is out of the vise
   */
  public record Entry(What what, int place, long startsAt, long handsAt, long endsAt) {}

  private record Curing(int place, long ready, long seconds) {}

  /** Goes through an evening. */
  public static Timeline of(List<Job> flies) {
    return new Walk().through(flies);
  }

  /** The state of a bench while an evening goes on. */
  private static final class Walk {
    private final List<Entry> entries = new ArrayList<>();
    private final List<Curing> curing = new ArrayList<>();
    private final Set<String> ready = new HashSet<>();
    private long now;
    private Job bench;
    private int threads;
    private int hooks;
    private int layOuts;
    private long preparing;
    private long waiting;

    Timeline through(List<Job> flies) {
      for (int i = 0; i < flies.size(); i++) {
        finishWhatIsDry();
        tie(i, flies.get(i));
      }
      while (!curing.isEmpty()) {
        long wait = Math.max(0, earliest().ready() - now);
        waiting += wait;
        now += wait;
        finishWhatIsDry();
      }
      return new Timeline(List.copyOf(entries), now, threads, hooks, layOuts, preparing, waiting);
    }

    private void tie(int place, Job job) {
      long startsAt = now;
      if (bench == null || !bench.thread().equals(job.thread())) {
        threads++;
        now += Weights.THREAD_SECONDS;
      }
      if (bench == null || !bench.hook().equals(job.hook())) {
        hooks++;
        now += Weights.HOOK_SECONDS;
      }
      if (bench == null || !bench.id().equals(job.id())) {
        layOuts++;
        now += Weights.LAY_OUT_SECONDS;
      }
      bench = job;
      job.prepare()
          .forEach(
              (name, seconds) -> {
                if (ready.add(name)) {
                  preparing += seconds;
                  now += seconds;
                }
              });
      long handsAt = now;
      now += job.tieSeconds();
      entries.add(new Entry(What.TIE, place, startsAt, handsAt, now));
      if (job.finishSeconds() > 0) {
        curing.add(new Curing(place, now + job.cureSeconds(), job.finishSeconds()));
      }
    }

    /** The one that dried first is finished first. */
    private void finishWhatIsDry() {
      Curing dry = earliest();
      while (dry != null && dry.ready() <= now) {
        curing.remove(dry);
        long startsAt = now;
        now += dry.seconds();
        entries.add(new Entry(What.FINISH, dry.place(), startsAt, startsAt, now));
        dry = earliest();
      }
    }

    private Curing earliest() {
      Curing first = null;
      for (Curing c : curing) {
        if (first == null || c.ready() < first.ready()) {
          first = c;
        }
      }
      return first;
    }
  }
}
