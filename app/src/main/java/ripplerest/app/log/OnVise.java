package ripplerest.app.log;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.tying.Card;

/**
 * A fly on the vise, by what is done to it and not by the numbers of a card, which change with the
 * pattern and its order of work. An older place is the name of a part: all that is done to it.
 *
 * @param step key of the step that is open; empty before the first
 * @param seconds that were taken, by the key of a step
 * @param revision that a change has to name
 */
public record OnVise(String step, Map<String, Double> seconds, long revision) {
  /** The page before the first step, and the one after the last. */
  private static final String PREPARATION = "";

  private static final String DONE = "done";

  static final OnVise EMPTY = new OnVise(PREPARATION, Map.of(), 0);

  /**
   * The same on the pages of a card.
   *
   * @param step the page, 0 before the first step
   * @param seconds of each step, those of the preparation last
   */
  public record Pages(int step, List<Double> seconds, long revision) {}

  /** What a card's pages say. */
  static OnVise of(Card card, int page, List<Double> seconds) {
    List<Card.Step> steps = card.steps();
    Map<String, Double> byKey = new LinkedHashMap<>();
    for (int i = 0; i < seconds.size(); i++) {
      byKey.put(i < steps.size() ? steps.get(i).key() : PREPARATION, seconds.get(i));
    }
    String key = page == 0 ? PREPARATION : page <= steps.size() ? steps.get(page - 1).key() : DONE;
    return new OnVise(key, byKey, 0);
  }

  /** On the pages of a card; a step that it no longer has is passed over. */
  Pages on(Card card) {
    List<Card.Step> steps = card.steps();
    List<Double> taken = new ArrayList<>();
    double all = 0;
    for (Card.Step s : steps) {
      double part =
          steps.stream()
              .filter(o -> o.part().equals(s.part()))
              .mapToDouble(Card.Step::seconds)
              .sum();
      double older = seconds.getOrDefault(s.part(), 0.0) * s.seconds() / Math.max(part, 1e-9);
      double here = seconds.getOrDefault(s.key(), 0.0) + older;
      taken.add(here);
      all += here;
    }
    double before = seconds.getOrDefault(PREPARATION, 0.0);
    if (before > 0) {
      taken.add(before);
    }
    return new Pages(page(steps), all + before > 0 ? taken : List.of(), revision);
  }

  private int page(List<Card.Step> steps) {
    if (step.equals(PREPARATION)) {
      return 0;
    }
    for (int i = 0; i < steps.size(); i++) {
      if (steps.get(i).key().equals(step) || steps.get(i).part().equals(step)) {
        return i + 1;
      }
    }
    return step.equals(DONE) ? steps.size() + 1 : 0;
  }
}
