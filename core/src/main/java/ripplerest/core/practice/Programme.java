package ripplerest.core.practice;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.tied.Trend;

/**
 * What is practised next: what the tier's own hands do wrong first, then what was never practised,
 * then what is longest overdue. A few skills take turns, because skills that are mixed are kept
 * better than skills that are practised one after the other (Rohrer and Taylor, Instructional
 * Science 35 (2007) 481, from memory).
 *
 * @param skills that can be practised with what there is
 * @param trials every look so far, in order of time
 * @param habits what the tier's hands do
 * @param today the day
 * @param zone whose days count
 */
public record Programme(
    List<Skill> skills, List<Trial> trials, List<Trend> habits, LocalDate today, ZoneId zone) {
  /** So many skills take turns. */
  private static final int AT_ONCE = 4;

  /** After so many looks at each of them the next ones come in. */
  private static final int ENOUGH = 6;

  private static final double HABIT = 4;
  private static final double NEVER = 3;
  private static final double DUE = 1;

  public Programme {
    skills = List.copyOf(skills);
    trials = List.copyOf(trials);
    habits = List.copyOf(habits);
  }

  /** Looks at one skill. */
  public List<Trial> of(Skill skill) {
    return trials.stream().filter(t -> t.skill().equals(skill)).toList();
  }

  /** How much a skill wants to be practised, by what was known this morning. */
  private double need(Skill skill) {
    Instant morning = today.atStartOfDay(zone).toInstant();
    List<Trial> of = of(skill).stream().filter(t -> t.at().isBefore(morning)).toList();
    Repetition repetition = Repetition.of(Eye.of(skill, of, zone));
    if (!repetition.isDue(today)) {
      return 0;
    }
    double need = of.isEmpty() ? NEVER : DUE + Math.min(1, repetition.overdue(today));
    Optional<Trend> habit = EyeAndHands.trend(skill, habits).filter(Trend::isHabit);
    return need + habit.map(t -> HABIT + Math.min(1, Math.abs(t.share()))).orElse(0.0);
  }

  /**
   * The skills of one sitting, those that want it most first; at first one of each drill, so that
   * no drill fills the sitting.
   */
  public List<Skill> order() {
    Map<Skill, Double> needs = new LinkedHashMap<>();
    skills.forEach(s -> needs.put(s, need(s)));
    List<Skill> byNeed = new ArrayList<>(skills);
    byNeed.sort(Comparator.comparingDouble((Skill s) -> needs.get(s)).reversed());
    List<Skill> mixed = new ArrayList<>();
    while (!byNeed.isEmpty()) {
      List<Drill> had = new ArrayList<>();
      for (Skill s : List.copyOf(byNeed)) {
        if (!had.contains(s.drill())) {
          had.add(s.drill());
          mixed.add(s);
          byNeed.remove(s);
        }
      }
    }
    return mixed;
  }

  /**
   * The skill to look at next.
   *
   * @param sitting what was looked at in this sitting, in order
   * @return empty if nothing can be practised
   */
  public Optional<Skill> next(List<Skill> sitting) {
    List<Skill> order = order();
    if (order.isEmpty()) {
      return Optional.empty();
    }
    int rounds = 0;
    while (rounds * AT_ONCE < order.size() && isEnough(sitting, turn(order, rounds))) {
      rounds++;
    }
    List<Skill> turn = turn(order, rounds * AT_ONCE < order.size() ? rounds : 0);
    Optional<Skill> last =
        sitting.isEmpty() ? Optional.empty() : Optional.of(sitting.get(sitting.size() - 1));
    return turn.stream()
        .filter(
            s ->
                !sitting.isEmpty()
                    || !s.drill().isSlow()
                    || turn.stream().allMatch(o -> o.drill().isSlow()))
        .min(
            Comparator.comparing((Skill s) -> last.filter(s::equals).isPresent())
                .thenComparingInt(s -> count(sitting, s)));
  }

  private static List<Skill> turn(List<Skill> order, int round) {
    int from = round * AT_ONCE;
    return order.subList(from, Math.min(order.size(), from + AT_ONCE));
  }

  private static boolean isEnough(List<Skill> sitting, List<Skill> turn) {
    return turn.stream().allMatch(s -> count(sitting, s) >= ENOUGH);
  }

  private static int count(List<Skill> sitting, Skill skill) {
    return (int) sitting.stream().filter(skill::equals).count();
  }

  /**
   * How hard the next look should be.
   *
   * @param least level that can be shown
   * @param most level that can be shown
   * @param choices among how many
   */
  double level(Skill skill, double least, double most, int choices) {
    return Eye.staircase(skill, of(skill)).next(least, most, choices);
  }
}
