package ripplerest.core.tying;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.steps.OrderOfWork;

/**
 * A fly as steps to tie it by.
 *
 * @param name of the fly
 * @param hook in a tier's words
 * @param visitor for whom it is tied; may be empty
 * @param asked what they asked for; may be empty
 * @param notes of the tier to the pattern; may be empty
 * @param preparation before the thread is started
 * @param thread where it starts and how far it goes, where a half hitch is wise
 * @param wraps of thread by stretch of the shank, eye first
 * @param steps in the order of work
 * @param warnings what a tier should know before starting; what only departs from a style is left
 *     out
 * @param problems what the tier's own order breaks, and how it is mended
 * @param bars lengths to lay material on
 * @param cautions where the work can hurt, each once
 * @param massMg of hook and parts, by name
 * @param seconds that a practised tier takes (assumption)
 */
public record Card(
    String name,
    Sentence hook,
    String visitor,
    String asked,
    String notes,
    List<Sentence> preparation,
    Sentence thread,
    List<ThreadWalk.Stretch> wraps,
    List<Step> steps,
    List<Sentence> warnings,
    List<OrderOfWork.Problem> problems,
    List<Bar> bars,
    List<String> cautions,
    Map<String, Double> massMg,
    double seconds) {

  public Card {
    preparation = List.copyOf(preparation);
    wraps = List.copyOf(wraps);
    steps = List.copyOf(steps);
    warnings = List.copyOf(warnings);
    problems = List.copyOf(problems);
    bars = List.copyOf(bars);
    cautions = List.copyOf(cautions);
    massMg = Map.copyOf(massMg);
  }

  /**
   * Names of the parts that are on the hook once so many steps are done: what is wound is not there
   * before it is wound, though it is bound in.
   */
  public List<String> onTheHook(int done) {
    List<Step> before = steps.subList(0, done);
    List<Step> after = steps.subList(done, steps.size());
    return before.stream()
        .map(Step::part)
        .distinct()
        .filter(part -> after.stream().noneMatch(s -> s.part().equals(part) && s.isWinding()))
        .toList();
  }

  /** What hook and all that is on it weigh once so many steps are done, mg. */
  public double weighsMg(int done) {
    return massMg.getOrDefault("hook", 0.0)
        + onTheHook(done).stream().mapToDouble(part -> massMg.getOrDefault(part, 0.0)).sum();
  }

  /**
   * One step.
   *
   * @param key by which it is found again, such as {@code bind-in rib}
   * @param part name of the part; {@code own} for a step of the tier's own
   * @param title in a tier's words
   * @param material its colour and label
   * @param take how much of it to have ready, largest first
   * @param place where on the shank; empty where it takes no room of its own
   * @param fromMm nearer the eye, from its rear edge; NaN without a place
   * @param toMm nearer the bend
   * @param how what to do
   * @param check what to see before the next step
   * @param mistake what often goes wrong
   * @param remedy for it
   * @param caution where it can hurt; empty where it does not
   * @param ways what practitioners do either way, and which this card takes; empty where they agree
   * @param easier way for large fingers or weak eyes, may be empty
   * @param note the tier's own, may be empty
   * @param seconds a practised tier takes (assumption)
   * @param bar the length to measure, if one is
   */
  public record Step(
      String key,
      String part,
      String title,
      String material,
      List<Sentence> take,
      Sentence place,
      double fromMm,
      double toMm,
      Sentence how,
      Sentence check,
      Sentence mistake,
      Sentence remedy,
      String caution,
      Sentence ways,
      String easier,
      String note,
      double seconds,
      Optional<Bar> bar) {
    public Step {
      take = List.copyOf(take);
    }

    private boolean isWinding() {
      return key.startsWith("wind ");
    }
  }

  /** A length at 1:1, mm. */
  public record Bar(String name, double mm) {}
}
