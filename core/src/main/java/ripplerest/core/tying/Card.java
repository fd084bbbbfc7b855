package ripplerest.core.tying;

import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.Sentence;

/**
 * A fly as steps to tie it by.
 *
 * @param name of the fly
 * @param hook in a tier's words
 * @param preparation before the thread is started
 * @param steps in tying order
 * @param bars lengths to lay material on
 * @param cautions where the work can hurt, each once
 * @param seconds that a practised tier takes (assumption)
 */
public record Card(
    String name,
    Sentence hook,
    List<Sentence> preparation,
    List<Step> steps,
    List<Bar> bars,
    List<String> cautions,
    double seconds) {

  public Card {
    preparation = List.copyOf(preparation);
    steps = List.copyOf(steps);
    bars = List.copyOf(bars);
    cautions = List.copyOf(cautions);
  }

  /**
   * One step.
   *
   * @param part name of the part
   * @param title in a tier's words
   * @param material its label
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
   * @param seconds a practised tier takes (assumption)
   * @param bar the length to measure, if one is
   */
  public record Step(
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
      double seconds,
      Optional<Bar> bar) {
    public Step {
      take = List.copyOf(take);
    }
  }

  /** A length at 1:1, mm. */
  public record Bar(String name, double mm) {}
}
