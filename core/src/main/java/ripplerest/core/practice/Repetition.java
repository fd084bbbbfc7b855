package ripplerest.core.practice;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

  /** From all looks at one skill, in order of time. */
  public static Repetition of(Skill skill, List<Trial> trials, ZoneId zone) {
    Map<LocalDate, List<Trial>> byDay = new LinkedHashMap<>();
    trials.forEach(
        t ->
            byDay
                .computeIfAbsent(t.at().atZone(zone).toLocalDate(), d -> new ArrayList<>())
                .add(t));
    List<Trial> sofar = new ArrayList<>();
    Optional<Threshold> before = Optional.empty();
    int box = -1;
    LocalDate last = null;
    for (Map.Entry<LocalDate, List<Trial>> day : byDay.entrySet()) {
      sofar.addAll(day.getValue());
      if (day.getValue().size() < LEAST) {
        continue;
      }
      Optional<Threshold> after = Eye.of(skill, sofar, zone).now();
      boolean worse = before.isPresent() && after.isPresent() && isWorse(skill, before, after);
      box = worse ? Math.max(0, box - 1) : Math.min(LAST, box + 1);
      before = after;
      last = day.getKey();
    }
    return last == null
        ? new Repetition(0, Optional.empty())
        : new Repetition(box, Optional.of(last.plusDays(1L << box)));
  }

  private static boolean isWorse(
      Skill skill, Optional<Threshold> before, Optional<Threshold> after) {
    double now = after.orElseThrow().value();
    return skill.unit() == Skill.Unit.COUNT
        ? now < before.orElseThrow().low()
        : now > before.orElseThrow().high();
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
