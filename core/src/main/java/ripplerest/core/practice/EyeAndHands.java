package ripplerest.core.practice;

import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.tied.Trend;

/** What a tier's hands do beside what the tier's eye sees of it. */
public final class EyeAndHands {
  private EyeAndHands() {}

  /** The habit that belongs to a skill, if hands were measured at it. */
  static Optional<Trend> trend(Skill skill, List<Trend> trends) {
    return trends.stream().filter(t -> t.name().equals(skill.of())).findFirst();
  }

  /** Both in a sentence; empty where one of them is not known. */
  public static Optional<Sentence> words(Eye eye, List<Trend> trends) {
    boolean compares =
        eye.skill().drill() == Drill.PART_OFF || eye.skill().drill() == Drill.SET_BY_EYE;
    if (!compares || eye.now().isEmpty()) {
      return Optional.empty();
    }
    return trend(eye.skill(), trends).map(t -> words(eye, t));
  }

  private static Sentence words(Eye eye, Trend hands) {
    Threshold sees = eye.now().orElseThrow();
    String habit = hands.words();
    double off = Math.abs(hands.share());
    if (!hands.isHabit()) {
      return Sentence.of(habit);
    }
    if (off >= sees.high()) {
      return Sentence.of("%s Your eye sees that: look again before the thread goes on.", habit);
    }
    if (off <= sees.low()) {
      return Sentence.of("%s That is less than your eye sees: measure it until it does.", habit);
    }
    return Sentence.of("%s Your eye just about sees that.", habit);
  }
}
