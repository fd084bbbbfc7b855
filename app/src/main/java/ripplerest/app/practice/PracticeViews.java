package ripplerest.app.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ripplerest.core.hook.Natural;
import ripplerest.core.practice.Drill;
import ripplerest.core.practice.Exercise;
import ripplerest.core.practice.Eye;
import ripplerest.core.practice.Skill;
import ripplerest.core.quantity.Sentence;
import ripplerest.exchange.view.OutlineView;
import tools.jackson.databind.JsonNode;

/** Practice as it is sent. */
public final class PracticeViews {
  private PracticeViews() {}

  /**
   * What is asked for.
   *
   * @param sitting made up by whoever asks, the same all through a sitting
   * @param only drills to choose from; null or none: all
   * @param without drills that are left out; null: none
   * @param person whose eye it is; null or empty: the tier whose bench it is
   * @param counts whether the answer is kept as a look, not where it is shown to others; null: yes
   * @param seed the same one brings the same exercises; null: any
   */
  public record NextExercise(
      UUID sitting,
      List<Drill> only,
      List<Drill> without,
      String person,
      Boolean counts,
      Long seed) {}

  /** A bar to set: where it begins and its direction, mm; or a place on that line. */
  public record SetBarView(double[] from, double[] along, boolean place) {}

  /** An insect, drawn as long as it is. */
  public record InsectView(Natural.Order order, double bodyMm) {}

  /** One to choose: a hook or a feather is drawn where there is one. */
  public record ChoiceView(Sentence words, OutlineView hook, Double barbMm) {}

  /**
   * An exercise.
   *
   * @param told what may be known
   * @param fly drawn; null where none is
   * @param parts of it that are tied already; none: all
   * @param glanceMs how long it is seen; null: as long as one likes
   * @param spoken what is drawn, for whoever cannot see it; none where seeing is the point
   * @param then what is drawn once it was answered; null: nothing more
   * @param document of the fly that is put on the water then; null: none
   */
  public record ExerciseView(
      UUID id,
      Drill drill,
      String of,
      Sentence question,
      List<Sentence> told,
      OutlineView fly,
      List<String> parts,
      boolean above,
      Integer glanceMs,
      List<Sentence> spoken,
      SetBarView bar,
      InsectView insect,
      List<ChoiceView> choices,
      List<Exercise.Dial> dials,
      OutlineView then,
      JsonNode document) {}

  /** What was answered: numbers of choices from 0 on, or what was set. */
  public record Said(List<Double> said) {}

  /**
   * An answer, judged.
   *
   * @param right whether the right one was chosen; null where something was set
   * @param truth what should have been answered, as it is answered
   * @param eyes what is known of the eye now
   */
  public record AnsweredView(
      Boolean right, Sentence words, List<Double> truth, List<Sentence> eyes) {}

  /** What an eye saw at the end of a day, with the middle 80 % of what is known of it. */
  public record DayView(LocalDate day, double value, double low, double high) {}

  /**
   * An eye at one skill.
   *
   * @param due when it should be practised again; null: it never was
   * @param hands what the hands do, beside it; null where one of them is not known
   */
  public record EyeView(
      String skill,
      Drill drill,
      String of,
      Skill.Unit unit,
      int looks,
      Sentence words,
      LocalDate due,
      boolean isDue,
      List<DayView> curve,
      Sentence hands) {
    static List<DayView> curve(Eye eye) {
      return eye.curve().stream()
          .map(
              d ->
                  new DayView(
                      d.day(), d.threshold().value(), d.threshold().low(), d.threshold().high()))
          .toList();
    }
  }

  /**
   * A drill.
   *
   * @param possible whether there is anything to ask about
   */
  public record DrillView(Drill drill, boolean visual, boolean glance, boolean possible) {}

  /**
   * All of it.
   *
   * @param people whoever practised here beside the tier
   * @param next skills in the order in which they would be practised now
   */
  public record PracticeView(
      List<DrillView> drills, List<EyeView> eyes, List<String> people, List<String> next) {}
}
