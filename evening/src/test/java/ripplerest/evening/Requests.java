package ripplerest.evening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/** Made-up evenings. */
final class Requests {
  static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);
  private static final List<String> THREADS = List.of("black", "olive", "tan");
  private static final List<String> HOOKS = List.of("14", "16");

  private Requests() {}

  /** So many flies over so many evenings, at random. */
  static Request random(SplittableRandom random, int flies, int evenings, long minutes) {
    List<Request.Want> wants = new ArrayList<>();
    int left = flies;
    while (left > 0) {
      int count = Math.min(left, 1 + random.nextInt(Math.max(1, flies / 3)));
      int from = random.nextInt(4) == 0 ? 1 : 0;
      wants.add(
          new Request.Want(
              "want" + wants.size(),
              job(random, "job" + random.nextInt(1 + flies / 2)),
              count,
              MONDAY.plusDays(from),
              MONDAY.plusDays(random.nextInt(3) == 0 ? from : evenings),
              1 + random.nextInt(9)));
      left -= count;
    }
    List<Request.Free> free =
        IntStream.range(0, evenings)
            .mapToObj(
                e -> new Request.Free("evening" + e, MONDAY.plusDays(e), minutes * 60, List.of()))
            .toList();
    return new Request(free, sameJobs(wants), Map.of("cape", 2000L + random.nextInt(flies * 800)));
  }

  private static Job job(SplittableRandom random, String id) {
    boolean cures = random.nextInt(3) == 0;
    Map<String, Long> prepare = new HashMap<>();
    if (random.nextBoolean()) {
      prepare.put(random.nextBoolean() ? "hackle" : "hair", 120L + random.nextInt(200));
    }
    return new Job(
        id,
        THREADS.get(random.nextInt(3)),
        HOOKS.get(random.nextInt(2)),
        prepare,
        240 + random.nextInt(600),
        cures ? 600 + random.nextInt(600) : 0,
        cures ? 30 + random.nextInt(60) : 0,
        random.nextBoolean() ? Map.of("cape", 1000L) : Map.of());
  }

  /** A kind is tied one way, whoever wants it. */
  private static List<Request.Want> sameJobs(List<Request.Want> wants) {
    Map<String, Job> jobs = new HashMap<>();
    return wants.stream()
        .map(
            w ->
                new Request.Want(
                    w.id(),
                    jobs.computeIfAbsent(w.job().id(), id -> w.job()),
                    w.count(),
                    w.from(),
                    w.due(),
                    w.worth()))
        .toList();
  }
}
