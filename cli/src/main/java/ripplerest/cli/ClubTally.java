package ripplerest.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What a club met with, counted by all of its people at once. */
final class ClubTally {
  private final Map<String, Integer> counts = new TreeMap<>();
  private final List<String> odd = new ArrayList<>();
  private final List<Double> millis = new ArrayList<>();

  synchronized void count(String what) {
    counts.merge(what, 1, Integer::sum);
  }

  /** Something that must not be. */
  synchronized void odd(String words) {
    odd.add(words);
  }

  synchronized void took(double ms) {
    millis.add(ms);
  }

  synchronized boolean isClean() {
    return odd.isEmpty();
  }

  synchronized String words() {
    StringBuilder words = new StringBuilder();
    counts.forEach((what, n) -> words.append("%8d %s%n".formatted(n, what)));
    double[] ms = millis.stream().mapToDouble(d -> d).sorted().toArray();
    if (ms.length > 0) {
      words.append(
          "%8d answers, 50 %% within %.0f ms, 95 %% within %.0f ms, 99 %% within %.0f ms%n"
              .formatted(
                  ms.length,
                  ms[ms.length / 2],
                  ms[(int) (0.95 * ms.length)],
                  ms[(int) (0.99 * ms.length)]));
    }
    words.append("%8d things that must not be%n".formatted(odd.size()));
    odd.stream().limit(8).forEach(o -> words.append("         ").append(o).append('\n'));
    return words.toString().stripTrailing();
  }
}
