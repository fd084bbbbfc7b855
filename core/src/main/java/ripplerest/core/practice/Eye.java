package ripplerest.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;

/**
 * How good an eye is at one skill, now and day by day, each from the {@value #LATEST} looks before:
 * older ones tell of an eye that has learnt since.
 *
 * @param skill which
 * @param looks how many there were in all
 * @param now what it sees; empty after too few looks
 * @param bias of what is set, its mean: positive, too much; 0 of what is chosen
 * @param biasError half of the middle 80 % of what is known of that
 * @param curve by day, the first first; days on which too little was known are left out
 */
public record Eye(
    Skill skill,
    int looks,
    Optional<Threshold> now,
    double bias,
    double biasError,
    List<Day> curve) {
  /** Looks that count. */
  static final int LATEST = 40;

  /** Fewer say nothing (assumption). */
  static final int LEAST = 5;

  /** A past that is told lies so far back at least, and is sought about so far back, days. */
  private static final long LEAST_PAST = 14;

  private static final long PAST = 91;
  private static final int DAYS_A_WEEK = 7;
  private static final int DAYS_A_MONTH = 30;
  private static final int MONTHS_TOLD = 2;

  /** Days of practice that are followed; how it began is forgotten. */
  private static final int MOST_DAYS = 60;

  /** What was known at the end of a day on which there were so many looks. */
  public record Day(LocalDate day, int looks, Threshold threshold) {}

  /**
   * From all looks at one skill.
   *
   * @param trials in order of time
   * @param zone whose days are told
   */
  public static Eye of(Skill skill, List<Trial> trials, ZoneId zone) {
    List<Day> curve = new ArrayList<>();
    int end = trials.size();
    while (end >= LEAST && curve.size() < MOST_DAYS) {
      LocalDate day = day(trials.get(end - 1).at(), zone);
      int begin = end - 1;
      while (begin > 0 && day(trials.get(begin - 1).at(), zone).equals(day)) {
        begin--;
      }
      curve.add(new Day(day, end - begin, threshold(skill, latest(trials, end))));
      end = begin;
    }
    Collections.reverse(curve);
    Optional<Threshold> now =
        curve.isEmpty() ? Optional.empty() : Optional.of(curve.get(curve.size() - 1).threshold());
    if (skill.drill().isChosen() || now.isEmpty()) {
      return new Eye(skill, trials.size(), now, 0, 0, curve);
    }
    Spread spread = spread(skill, latest(trials, trials.size()));
    return new Eye(skill, trials.size(), now, spread.bias(), spread.biasError(), curve);
  }

  private static LocalDate day(Instant at, ZoneId zone) {
    return at.atZone(zone).toLocalDate();
  }

  private static List<Trial> latest(List<Trial> trials, int until) {
    return trials.subList(Math.max(0, until - LATEST), until);
  }

  private static Threshold threshold(Skill skill, List<Trial> latest) {
    if (!skill.drill().isChosen()) {
      return spread(skill, latest).within();
    }
    Threshold found = staircase(skill, latest).threshold();
    return skill.unit() == Skill.Unit.COUNT ? found.inverse() : found;
  }

  private static Spread spread(Skill skill, List<Trial> latest) {
    return Spread.of(latest.stream().map(Trial::off).toList(), skill.usual());
  }

  /** What the latest looks say of a skill that is chosen. */
  static Staircase staircase(Skill skill, List<Trial> trials) {
    Staircase staircase = Staircase.of(skill.usual());
    for (Trial t : latest(trials, trials.size())) {
      staircase = staircase.after(t.level(), t.choices(), t.right());
    }
    return staircase;
  }

  /** What it sees, in a tier's words, and what it saw some time ago. */
  public Sentence words() {
    if (now.isEmpty()) {
      return Sentence.of(
          looks == 0
              ? "Not practised yet."
              : "%s: %d %s so far; after %d something can be said."
                  .formatted(
                      Words.title(skill.of()), looks, Words.counted(looks == 1, "look"), LEAST));
    }
    Sentence told = told(now.get());
    if (!skill.drill().isChosen()) {
      told = told.then(lean());
    }
    return told.then(past().map(d -> then(d, now.get())).orElse(Sentence.of(".")));
  }

  private Sentence told(Threshold t) {
    String of = Words.of(skill.of());
    return switch (skill.drill()) {
      case PART_OFF -> Sentence.of("You see %s of %s", band(t), of);
      case SET_BY_EYE -> Sentence.of("You set %s to within %s two times in three", of, band(t));
      case COUNT -> Sentence.of("You count %s %s at a glance", band(t), of);
      case ROOM_LEFT -> Sentence.of("You see room for the head to within %s", band(t));
      case HOW_IT_SITS -> Sentence.of("You foresee the %s to within %s", of, band(t));
      case WHAT_HOLDS -> Sentence.of("You tell %s apart that differ by %s", of, band(t));
      case WHICH_HOOK -> Sentence.of("You tell hooks apart that differ by %s", band(t));
      case WHICH_FEATHER -> Sentence.of("You tell barbs apart that differ by %s", band(t));
    };
  }

  /** Whether it sets too much or too little, where chance alone would hardly do it. */
  private Sentence lean() {
    if (Math.abs(bias) <= biasError) {
      return Sentence.EMPTY;
    }
    Sentence by = Sentence.of("%s", number(Math.abs(bias), decimals(biasError)));
    String way =
        switch (skill.unit()) {
          case DEGREES -> bias > 0 ? "too far tail down" : "too far head down";
          case MM -> bias > 0 ? "too high" : "too low";
          default -> bias > 0 ? "too much" : "too little";
        };
    return Sentence.of(", %s %s on average", by, way);
  }

  private Optional<Day> past() {
    LocalDate today = curve.get(curve.size() - 1).day();
    return curve.stream()
        .filter(d -> daysTo(d, today) >= LEAST_PAST)
        .min(Comparator.comparingLong(d -> Math.abs(daysTo(d, today) - PAST)));
  }

  private static long daysTo(Day day, LocalDate today) {
    return Duration.between(day.day().atStartOfDay(), today.atStartOfDay()).toDays();
  }

  private Sentence then(Day before, Threshold t) {
    long days = daysTo(before, curve.get(curve.size() - 1).day());
    long months = Math.round((double) days / DAYS_A_MONTH);
    String ago =
        months >= MONTHS_TOLD
            ? months + " months"
            : Math.round((double) days / DAYS_A_WEEK) + " weeks";
    Threshold then = before.threshold();
    return Sentence.of("; %s before, %s.", ago, number(then.value(), decimals(t)));
  }

  private Sentence band(Threshold t) {
    int decimals = decimals(t);
    if (skill.unit() == Skill.Unit.MM) {
      return Sentence.of(
          "%s (%s to %s)",
          number(t.value(), decimals), number(t.low(), decimals), number(t.high(), decimals));
    }
    String end = skill.unit() == Skill.Unit.SHARE ? " %" : "";
    return Sentence.of(
        "%s (%s to %s%s)",
        number(t.value(), decimals), bare(t.low(), decimals), bare(t.high(), decimals), end);
  }

  /** No more digits than half of the band deserves. */
  private int decimals(Threshold t) {
    return decimals((t.high() - t.low()) / 2);
  }

  private int decimals(double half) {
    double shown = half * (skill.unit() == Skill.Unit.SHARE ? 100 : 1);
    return skill.unit() == Skill.Unit.COUNT || shown >= 1
        ? 0
        : Math.min(2, (int) Math.ceil(-Math.log10(shown)));
  }

  private Sentence number(double value, int decimals) {
    return switch (skill.unit()) {
      case SHARE -> Sentence.of(bare(value, decimals) + " %");
      case COUNT -> Sentence.of(bare(value, decimals));
      case EYE_LENGTHS -> Sentence.of(bare(value, decimals) + " eye lengths");
      case DEGREES -> Sentence.of(bare(value, decimals) + "°");
      case MM -> Sentence.of("%s", Quantity.mm(value, Math.max(1, decimals)));
    };
  }

  private String bare(double value, int decimals) {
    double scale = skill.unit() == Skill.Unit.SHARE ? 100 : 1;
    return String.format(Locale.ROOT, "%." + decimals + "f", value * scale);
  }
}
