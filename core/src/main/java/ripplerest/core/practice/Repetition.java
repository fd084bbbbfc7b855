package ripplerest.core.practice;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * When a skill is due again: each day on which the eye was as good as before puts it a box further,
 * each on which it was worse a box back, and a box is opened half as often as the one before it
 * (Leitner, So lernt man lernen (1972), from memory).
 *
 * @param box 0 to {@value #LAST}; a skill that was never practised is due at once
 * @param due on which day; empty if it was never practised
 */
public record Repetition(int box, Optional<LocalDate> due) {
  private static final int LAST = 6;

  /** Days on which there were fewer looks count as none. */
  private static final int LEAST = 3;

  /** By how an eye went on at a skill. */
  public static Repetition of(Eye eye) {
    Optional<Eye.Day> before = Optional.empty();
    int box = -1;
    for (Eye.Day day : eye.curve()) {
      if (day.looks() >= LEAST) {
        boolean worse = before.filter(b -> isWorse(eye.skill(), b, day)).isPresent();
        box = worse ? Math.max(0, box - 1) : Math.min(LAST, box + 1);
        before = Optional.of(day);
      }
    }
    int rests = box;
    return new Repetition(Math.max(0, box), before.map(b -> b.day().plusDays(1L << rests)));
  }

  private static boolean isWorse(Skill skill, Eye.Day before, Eye.Day day) {
    double now = day.threshold().value();
    return skill.unit() == Skill.Unit.COUNT
        ? now < before.threshold().low()
        : now > before.threshold().high();
  }

  /** Whether it should be practised on this day. */
  public boolean isDue(LocalDate today) {
    return due.isEmpty() || !due.get().isAfter(today);
  }

  /** How long it is overdue, in the time that it was to rest; 0 until it is due. */
  double overdue(LocalDate today) {
    return due.isEmpty()
        ? 0
        : Math.max(0, due.get().until(today, ChronoUnit.DAYS)) / (double) (1L << box);
  }
}
