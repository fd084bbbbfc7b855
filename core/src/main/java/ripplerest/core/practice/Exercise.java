package ripplerest.core.practice;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.Natural;
import ripplerest.core.outline.Outline;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;

/**
 * One look: what is shown, what is asked, and what is true.
 *
 * @param question what is asked
 * @param told what a tier may know: the plan, what is still to come
 * @param shown what is to be seen
 * @param choices of which one is chosen, or none
 * @param dials that are set, one for each answer; none where something is chosen
 * @param key what is true
 * @param then what is shown once it was answered; empty where nothing more is to be seen
 * @param water the fly that is put on the water then; empty where none is
 */
public record Exercise(
    Sentence question,
    List<Sentence> told,
    Shown shown,
    List<Choice> choices,
    List<Dial> dials,
    Key key,
    Optional<Outline> then,
    Optional<PreparedFly> water) {
  public Exercise {
    told = List.copyOf(told);
    choices = List.copyOf(choices);
    dials = List.copyOf(dials);
  }

  /** An exercise in which one thing is chosen. */
  static Exercise choose(
      String question, List<Sentence> told, Shown shown, List<Choice> choices, Key key) {
    return new Exercise(
        Sentence.of(question),
        told,
        shown,
        choices,
        List.of(),
        key,
        Optional.empty(),
        Optional.empty());
  }

  /** The same, and what is to be seen afterwards. */
  Exercise then(Outline other) {
    return new Exercise(question, told, shown, choices, dials, key, Optional.of(other), water);
  }

  /**
   * What is to be seen.
   *
   * @param fly in the vise; empty where none is
   * @param parts of it that are tied already; empty: all
   * @param above whether it is seen from above
   * @param glance whether it is seen for a moment only
   * @param bar that is set on it
   * @param natural an insect beside it
   * @param spoken what the picture shows, for whoever cannot see it; none where seeing is the point
   */
  public record Shown(
      Optional<Outline> fly,
      Set<String> parts,
      boolean above,
      boolean glance,
      Optional<Bar> bar,
      Optional<Natural> natural,
      List<Sentence> spoken) {
    static Shown fly(Outline fly) {
      return new Shown(
          Optional.of(fly), Set.of(), false, false, Optional.empty(), Optional.empty(), List.of());
    }

    /** The same, told in words too. */
    Shown spoken(List<Sentence> words) {
      return new Shown(fly, parts, above, glance, bar, natural, words);
    }

    static Shown only(Outline fly, Set<String> parts) {
      return new Shown(
          Optional.of(fly), parts, false, false, Optional.empty(), Optional.empty(), List.of());
    }
  }

  /**
   * A bar that is set.
   *
   * @param from where it begins, on the drawing, mm
   * @param along its direction
   * @param place whether a place on it is marked instead of its end
   */
  public record Bar(Vector3D from, Vector3D along, boolean place) {}

  /**
   * One of those that can be chosen.
   *
   * @param words what it is called
   * @param hook drawn; empty where none is
   * @param barbMm length of a feather's barbs; empty where there is none
   */
  public record Choice(Sentence words, Optional<Outline> hook, OptionalDouble barbMm) {
    static Choice of(Sentence words) {
      return new Choice(words, Optional.empty(), OptionalDouble.empty());
    }
  }

  /**
   * Something that is set.
   *
   * @param name what
   * @param unit of it; {@code mm} where whoever shows it may choose another
   * @param start where it stands at first
   */
  public record Dial(String name, double low, double high, double step, double start, String unit) {
    /** A start that tells nothing: anywhere in the middle half. */
    static Dial anywhere(
        String name, double low, double high, double step, String unit, double share) {
      double start = low + (0.25 + 0.5 * share) * (high - low);
      return new Dial(
          name, low, high, step, Words.rounded(step * Math.rint(start / step), 2), unit);
    }
  }
}
