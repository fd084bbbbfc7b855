package ripplerest.core.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Sentence;

/**
 * What is true of an exercise, and how an answer is judged by it.
 *
 * @param questions one for each thing that is answered
 * @param truth in words
 */
public record Key(List<Question> questions, Sentence truth) {
  public Key {
    questions = List.copyOf(questions);
  }

  /**
   * One thing that is answered.
   *
   * @param skill that the answer tells of
   * @param choices among how many; 0 where something is set
   * @param level how plain the right choice is; 0 where something is set
   * @param truth number of the right choice from 0 on, or what should have been set
   * @param low least that can be answered
   * @param high most that can be answered
   * @param scale what an error is a share of; 0: of the truth, as a logarithm
   * @param unit of what is set
   */
  public record Question(
      Skill skill,
      int choices,
      double level,
      double truth,
      double low,
      double high,
      double scale,
      String unit) {
    private double off(double said) {
      double off = scale > 0 ? (said - truth) / scale : Math.log(said / truth);
      return Math.max(-Trial.MOST_OFF, Math.min(Trial.MOST_OFF, off));
    }
  }

  /**
   * An answer, judged.
   *
   * @param right whether the right one was chosen; empty where something was set
   * @param words what is true, and how far off the answer was
   * @param trials what it tells of the eye
   */
  public record Judged(Optional<Boolean> right, Sentence words, List<Trial> trials) {}

  /** One of so many is right. */
  static Key chosen(Skill skill, double level, int choices, int right, Sentence truth) {
    return new Key(
        List.of(new Question(skill, choices, level, right, 0, choices - 1.0, 1, "")), truth);
  }

  /**
   * Judges an answer; refuses one that cannot be given.
   *
   * @param said numbers of choices from 0 on, or what was set, one for each question
   */
  public Judged judge(List<Double> said, Instant at) {
    if (said.size() != questions.size()) {
      throw new OutOfRangeException(
          "answer",
          said.size() + " numbers",
          questions.size() + " of them",
          "Answer each thing that was asked.");
    }
    Optional<Boolean> right = Optional.empty();
    List<Trial> trials = new ArrayList<>();
    List<Sentence> words = new ArrayList<>(List.of(truth));
    for (int i = 0; i < questions.size(); i++) {
      Question q = questions.get(i);
      double answer = Require.sent("answer", said.get(i));
      Require.inRange("answer", answer, q.low(), q.high(), q.unit());
      if (q.choices() > 0) {
        boolean hit = answer == q.truth();
        right = Optional.of(hit);
        trials.add(Trial.chosen(q.skill(), at, q.level(), q.choices(), hit));
      } else {
        trials.add(Trial.set(q.skill(), at, q.off(answer)));
        words.add(off(q, answer));
      }
    }
    return new Judged(right, Sentence.join(" ", words), List.copyOf(trials));
  }

  private static Sentence off(Question q, double said) {
    double off = q.off(said);
    double size = Math.abs(off);
    return switch (q.skill().unit()) {
      case SHARE -> {
        String way = off > 0 ? "more" : "less";
        double share = q.scale() > 0 ? size : Math.abs(Math.expm1(off));
        yield share < 0.005
            ? Sentence.of("You set just that.")
            : Sentence.of("You set %s, %.0f %% %s.", shown(q, said), 100 * share, way);
      }
      case EYE_LENGTHS -> Sentence.of("You said %s, %.1f off.", shown(q, said), size);
      case DEGREES -> Sentence.of("Your angle was off by %.0f°.", size);
      case MM -> Sentence.of("Your waterline was off by %s.", Quantity.mm(size, 1));
      case COUNT -> Sentence.EMPTY;
    };
  }

  private static Sentence shown(Question q, double value) {
    return q.unit().equals("mm")
        ? Sentence.of("%s", Quantity.mm(value, 1))
        : Sentence.of(String.format(Locale.ROOT, "%.1f %s", value, q.unit()));
  }
}
